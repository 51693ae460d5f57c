import { Plus, Trash2 } from "lucide-react";
import type { Rig } from "../../../api/client";
import { type FieldErrors, under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { switchLamp, switchPart as table } from "../../../fields/partTables";
import { withPart } from "../../../job/rigEdits";
import { Button } from "../../../ui/Button";
import { Details } from "../../../ui/Details";
import { TextField } from "../../../ui/TextField";
import { t } from "../../../words";
import type { StationEdit } from "../stationEdit";

type Switch = NonNullable<Rig["switches"]>[number];
type Position = Switch["positions"][number];

const said = (position: Position) =>
  `${position.name}: ${position.joins.map((pair) => `${pair.a}–${pair.b}`).join(", ") || t("lines.openPosition")}`;

/** A switch: its rating, what each position joins, its lamps. */
export default function SwitchFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.switches?.findIndex((part) => part.id === station.part) ?? -1;
  const part = rig.switches?.[at];
  if (!part) return null;
  const here = under(errors, `switches[${at}]`);
  const set = (change: Partial<Switch>) => edit((now) => withPart(now, "switches", part.id, change));
  const setPosition = (place: number, change: Partial<Position>) =>
    set({ positions: part.positions.map((other, i) => (i === place ? { ...other, ...change } : other)) });
  const lamps = part.lamps ?? [];
  return (
    <>
      <Fields table={table} value={part} errors={here} onChange={set} />
      <p className="text-sm text-dust">
        {part.positions.map(said).join("; ")}
        {lamps.length ? t("lines.withALampOfIts") : ""}
      </p>
      <Details
        plain
        summary={t("lines.positionsAndPins")}
        wrong={Object.keys(here).some((key) => key.startsWith("positions"))}
      >
        <p className="text-sm text-dust">{t("lines.theFirstPositionIsThe")}</p>
        {part.positions.map((position, place) => (
          <PositionFields
            // biome-ignore lint/suspicious/noArrayIndexKey: a position has nothing else that stays while it is renamed
            key={place}
            position={position}
            errors={under(here, `positions[${place}]`)}
            onChange={(change) => setPosition(place, change)}
            onRemove={
              part.positions.length > 1
                ? () => set({ positions: part.positions.filter((_, i) => i !== place) })
                : undefined
            }
          />
        ))}
        <Button
          onClick={() =>
            set({ positions: [...part.positions, { name: fresh(part), joins: [{ a: "in", b: "out" }] }] })
          }
        >
          <Plus size={18} aria-hidden /> {t("lines.addAPosition")}
        </Button>
      </Details>
      <Details
        plain
        summary={t("lines.lampsInIt")}
        wrong={Object.keys(here).some((key) => key.startsWith("lamps"))}
      >
        {lamps.map((lamp, place) => (
          <fieldset key={lamp.id} className="grid gap-2" data-switch-lamp={lamp.id}>
            <Fields
              table={switchLamp}
              value={lamp}
              errors={under(here, `lamps[${place}]`)}
              onChange={(change) =>
                set({ lamps: lamps.map((other) => (other === lamp ? { ...other, ...change } : other)) })
              }
            />
            <Button onClick={() => set({ lamps: lamps.filter((other) => other !== lamp) })}>
              <Trash2 size={18} aria-hidden /> {t("lines.removeThisLamp")}
            </Button>
          </fieldset>
        ))}
        <Button
          onClick={() =>
            set({ lamps: [...lamps, { id: `lamp-${lamps.length + 1}`, plus: "out", minus: "lamp" }] })
          }
        >
          <Plus size={18} aria-hidden /> {t("lines.addALamp")}
        </Button>
      </Details>
    </>
  );
}

const fresh = ({ positions }: Switch) =>
  ["off", "on", "auto"].find((name) => positions.every((other) => other.name !== name)) ??
  t("lines.position", { positionsCount: positions.length + 1 });

function PositionFields({
  position,
  errors,
  onChange,
  onRemove,
}: {
  position: Position;
  errors: FieldErrors;
  onChange: (change: Partial<Position>) => void;
  onRemove: (() => void) | undefined;
}) {
  const setJoin = (place: number, change: Partial<Position["joins"][number]>) =>
    onChange({ joins: position.joins.map((pair, i) => (i === place ? { ...pair, ...change } : pair)) });
  return (
    <fieldset className="mb-2 grid gap-2 border-b border-seam pb-2" data-position={position.name}>
      <TextField
        label={t("lines.position2")}
        value={position.name}
        messages={errors.name}
        onChange={(name) => onChange({ name })}
      />
      {position.joins.map((pair, place) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a pair of pins has nothing else that stays while they are renamed
        <div key={place} className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
          <TextField
            label={t("lines.joinsPin")}
            value={pair.a}
            messages={errors[`joins[${place}].a`]}
            onChange={(a) => setJoin(place, { a })}
          />
          <TextField
            label={t("lines.toPin")}
            value={pair.b}
            messages={errors[`joins[${place}].b`]}
            onChange={(b) => setJoin(place, { b })}
          />
          <Button
            aria-label={t("lines.removeTheJoinOfAnd", { a: pair.a, b: pair.b })}
            onClick={() => onChange({ joins: position.joins.filter((_, i) => i !== place) })}
          >
            <Trash2 size={18} aria-hidden />
          </Button>
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => onChange({ joins: [...position.joins, { a: "in", b: "out" }] })}>
          <Plus size={18} aria-hidden /> {t("lines.joinTwoPins")}
        </Button>
        {onRemove && (
          <Button onClick={onRemove}>
            <Trash2 size={18} aria-hidden /> {t("lines.remove", { position: position.name })}
          </Button>
        )}
      </div>
    </fieldset>
  );
}
