import { useState } from "react";
import { asked } from "../api/asked";
import { type AimMark, api, type BeamView, type FoundAim, type Rig } from "../api/client";
import { type FieldErrors, noErrors, withPaths } from "../api/problems";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { asTape, length, tape } from "../ui/figures/figures";
import { linkLook } from "../ui/linkLook";
import { NumberField } from "../ui/NumberField";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { aimWords } from "./figures";
import type { Beam } from "./useBeam";

/** Marks on the wall: where each lamp has to point, and what a mark as found says. */
export function WallPane({ rig, job, view, beam }: { rig: Rig; job: string; view: BeamView; beam: Beam }) {
  const units = useUnits();
  return (
    <div className="grid gap-2">
      <p className="text-sm">{t("beam.wallHow", { distance: length(rig.beams?.wallMetres ?? 10, units) })}</p>
      <CheckField
        label={t("beam.vehicleLevel")}
        checked={beam.look.vehicleLevel}
        onChange={(vehicleLevel) => beam.put({ vehicleLevel })}
      />
      <a
        className={`${linkLook} justify-self-start`}
        href={`/api/jobs/${job}/aim-sheet.html${beam.look.vehicleLevel ? "?level=true" : ""}`}
        target="_blank"
        rel="noreferrer"
      >
        {t("beam.printSheet")}
      </a>
      {view.marks.length === 0 && <p className="text-dust">{t("beam.noMarks")}</p>}
      {view.marks.map((mark, i) => (
        <Mark
          // biome-ignore lint/suspicious/noArrayIndexKey: lamps of a planned line have the same name
          key={`${mark.lamp} ${mark.name} ${i}`}
          mark={mark}
          rig={rig}
          level={beam.look.vehicleLevel}
        />
      ))}
    </div>
  );
}

function Mark({ mark, rig, level }: { mark: AimMark; rig: Rig; level: boolean }) {
  const units = useUnits();
  const [up, setUp] = useState<number>();
  const [right, setRight] = useState<number | undefined>(0);
  const [found, setFound] = useState<FoundAim>();
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [why, setWhy] = useState("");
  const read = async () => {
    const came = await asked(() =>
      api.POST("/api/preview/beam-marks", {
        body: {
          rig,
          vehicleLevel: level,
          marks: [
            {
              lamp: mark.lamp,
              upMetres: (up ?? Number.NaN) / 1000,
              rightMetres: (right ?? Number.NaN) / 1000,
            },
          ],
        },
      }),
    );
    setFound(came.ok ? came.data[0] : undefined);
    setErrors(!came.ok && came.refusal.kind === "fields" ? came.refusal.errors : noErrors);
    setWhy(came.ok || came.refusal.kind === "fields" ? "" : withPaths(came.refusal));
  };
  return (
    <section
      aria-label={mark.name}
      data-mark={mark.lamp}
      className="grid gap-1 border border-seam bg-slab p-2 text-sm"
    >
      <h3 className="flex justify-between gap-2 font-semibold">
        {mark.name}
        <span className="font-figure whitespace-nowrap">
          {mark.upMetres < 0
            ? t("beam.groundFirst")
            : t("beam.markAt", {
                height: tape(mark.upMetres * 1000, units),
                side: tape(Math.abs(mark.rightMetres) * 1000, units),
                which:
                  Math.abs(mark.rightMetres) < 0.0005
                    ? ""
                    : mark.rightMetres < 0
                      ? t("beam.left")
                      : t("beam.right"),
              })}
        </span>
      </h3>
      {mark.eachMillimetre !== null && (
        <p className="text-dust">
          {t("beam.eachMoves", {
            each: tape(mark.eachMillimetre, units),
            turn: tape(mark.eachTurn ?? 0, units),
          })}{" "}
          {mark.footGuessed && t("beam.footGuessed")}
        </p>
      )}
      {mark.aboveHighBeam !== null && (
        <p className="text-dust">
          {t(mark.aboveHighBeam < 0 ? "beam.belowHighBeam" : "beam.aboveHighBeam", {
            by: tape(Math.abs(mark.aboveHighBeam), units),
          })}
        </p>
      )}
      {mark.lamp !== "" && (
        <>
          <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
            <NumberField
              label={t("beam.foundHeight")}
              value={up}
              scale={asTape(units)}
              onChange={setUp}
              messages={errors["marks[0].upMetres"]}
            />
            <NumberField
              label={t("beam.foundRight")}
              value={right}
              scale={asTape(units)}
              onChange={setRight}
              messages={errors["marks[0].rightMetres"]}
            />
            <Button onClick={() => void read()}>{t("beam.read")}</Button>
          </div>
          {why && <p role="alert">{why}</p>}
          {found && (
            <p role="status" data-found>
              {t("beam.foundSays", {
                aim: aimWords(found),
                lift: tape(Math.abs(found.liftMillimetres), units),
                way: found.liftMillimetres < 0 ? t("beam.down") : t("beam.up"),
                turns: Math.abs(Math.round(found.turns * 10) / 10),
              })}
            </p>
          )}
        </>
      )}
    </section>
  );
}
