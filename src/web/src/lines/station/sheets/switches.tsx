import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { NumberField } from "../../../ui/NumberField";
import type { StationEdit } from "../stationEdit";

/** A switch: what it is good for. */
export default function SwitchFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.switches?.findIndex((part) => part.id === station.part) ?? -1;
  const part = rig.switches?.[at];
  if (!part) return null;
  const said = under(errors, `switches[${at}]`);
  return (
    <>
      <NumberField
        label="Good for"
        unit="A"
        value={part.ratingAmps}
        messages={said.ratingAmps}
        onChange={(ratingAmps = Number.NaN) =>
          edit((now) => withPart(now, "switches", part.id, { ratingAmps }))
        }
      />
      <p className="text-sm text-dust">
        {part.positions
          .map(
            (position) =>
              `${position.name}: ${position.joins.map((pair) => `${pair.a}–${pair.b}`).join(", ") || "open"}`,
          )
          .join("; ")}
        {part.lamps?.length ? "; with a lamp of its own" : ""}
      </p>
    </>
  );
}
