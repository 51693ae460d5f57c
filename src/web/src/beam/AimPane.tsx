import { type KeyboardEvent, type RefObject, useState } from "react";
import type { AimedLamp, BeamView, LampAim, Rig } from "../api/client";
import { type FieldErrors, noErrors, under } from "../api/problems";
import { aim as aimTable, foot as footTable } from "../fields/beamTables";
import { Fields } from "../fields/Fields";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asLength, length } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { coarseDegrees, fineDegrees } from "./aims";
import { aimWords, degrees } from "./figures";
import { ShinesFields } from "./ShinesFields";
import type { Beam } from "./useBeam";

type How = "degrees" | "level" | "outward" | "distance" | "point";

/** Every lamp with its aim; the chosen one is turned by fields, by keys and by the usual acts. */
export function AimPane({
  editor,
  rig,
  view,
  beam,
  chosen,
  onChoose,
  row,
  turned,
  together,
  onTogether,
  arrows,
}: {
  editor: RigEditor;
  rig: Rig;
  view: BeamView;
  beam: Beam;
  /** As it is aimed on screen. */
  chosen: AimedLamp | undefined;
  onChoose: (lamp: string) => void;
  /** All lamps of its lines. */
  row: readonly AimedLamp[];
  /** Those that are turned with it. */
  turned: readonly AimedLamp[];
  together: boolean;
  onTogether: (together: boolean) => void;
  /** What takes the arrow keys. */
  arrows: RefObject<HTMLButtonElement | null>;
}) {
  const units = useUnits();
  const [outward, setOutward] = useState<number | undefined>(15);
  const [metres, setMetres] = useState<number | undefined>(40);
  const [right, setRight] = useState<number | undefined>(0);
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [why, setWhy] = useState("");
  const shown = chosen?.aim;
  const lamps = turned.map(({ lamp }) => lamp);

  const act = async (how: How, more: object) => {
    beam.settle();
    const ran = await editor.run({ kind: "aimLamps", lamps, how, ...more } as never);
    setErrors(ran.done ? noErrors : ran.errors);
    setWhy(ran.done ? "" : ran.why);
  };
  const turn = (event: KeyboardEvent) => {
    const by = event.shiftKey ? coarseDegrees : fineDegrees;
    const step = { ArrowUp: [by, 0], ArrowDown: [-by, 0], ArrowLeft: [0, -by], ArrowRight: [0, by] }[
      event.key
    ];
    if (!step) return;
    event.preventDefault();
    beam.turn(turned, step[0] ?? 0, step[1] ?? 0);
  };
  const standing = (change: Partial<LampAim>) =>
    editor.edit((now) => {
      const aims = now.beams?.aims ?? [];
      const own = aims.find(({ lamp }) => lamp === chosen?.lamp) ?? { lamp: chosen?.lamp ?? "" };
      return {
        ...now,
        beams: { ...now.beams, aims: [...aims.filter((one) => one !== own), { ...own, ...change }] },
      };
    });
  return (
    <div className="grid gap-2">
      <ChoiceField
        label={t("beam.lamp")}
        value={chosen?.lamp ?? ""}
        options={view.aims.map((one) => ({
          value: one.lamp,
          label: t("beam.lampAimed", { name: one.name, aim: aimWords(beam.aimOf(one)) }),
        }))}
        onChange={onChoose}
      />
      {chosen && shown && (
        <section aria-label={chosen.name} className="grid gap-2 border border-seam bg-slab p-2">
          <p className="text-sm text-dust">
            {t("beam.standsAt", { height: length(chosen.upMetres, units) })}{" "}
            {chosen.room === null ? t("beam.tiltFree") : t("beam.tiltRoom", { room: degrees(chosen.room) })}
          </p>
          <button
            type="button"
            ref={arrows}
            data-turn
            onKeyDown={turn}
            onBlur={beam.settle}
            className="min-h-11 border border-edge bg-granite px-2 text-left text-sm"
          >
            {t("beam.turnByArrows")}
          </button>
          {row.length > 1 && (
            <CheckField
              label={t("beam.together", { count: row.length })}
              checked={together}
              onChange={onTogether}
            />
          )}
          <Fields<LampAim>
            table={aimTable}
            value={shown}
            errors={under(errors, "")}
            onChange={(change) => void act("degrees", change)}
          />
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => void act("level", {})}>{t("beam.level")}</Button>
          </div>
          <div className="grid grid-cols-[1fr_auto] items-end gap-2">
            <NumberField
              label={t("beam.outwardBy")}
              unit="°"
              value={outward}
              onChange={setOutward}
              messages={errors.yawDegrees}
            />
            <Button onClick={() => void act("outward", { yawDegrees: outward ?? null })}>
              {t("beam.outward")}
            </Button>
            <NumberField
              label={t("beam.meetsGroundAt")}
              value={metres}
              scale={asLength(units)}
              onChange={setMetres}
              messages={errors.metres}
            />
            <Button onClick={() => void act("distance", { metres: metres ?? null })}>
              {t("beam.tiltSo")}
            </Button>
            <NumberField
              label={t("beam.andRightBy")}
              value={right}
              scale={asLength(units)}
              onChange={setRight}
              messages={errors.rightMetres}
            />
            <Button onClick={() => void act("point", { metres: metres ?? null, rightMetres: right ?? null })}>
              {t("beam.atPoint")}
            </Button>
          </div>
          {why && (
            <p role="alert" className="text-sm font-semibold text-oxide">
              {why}
            </p>
          )}
          <Details plain summary={t("beam.foot")}>
            <Fields<LampAim> table={footTable} value={shown} errors={noErrors} onChange={standing} />
          </Details>
          <ShinesFields editor={editor} rig={rig} chosen={chosen} lamps={lamps} />
        </section>
      )}
    </div>
  );
}
