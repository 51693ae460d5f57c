import { under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { pickUp, plug, joint as table } from "../../../fields/partTables";
import { withPart } from "../../../job/rigEdits";
import { NumberField } from "../../../ui/NumberField";
import { t } from "../../../words";
import type { StationEdit } from "../stationEdit";

/** What its terminals take; neither end said is not specified. */
const range = (from: number | undefined, to: number | undefined) =>
  from === undefined && to === undefined
    ? null
    : { fromSquareMillimetres: from ?? 0, toSquareMillimetres: to ?? from ?? 0 };

/** A joint: how it is made, where it lies, what it takes and carries. */
export default function JointFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.joints?.findIndex((part) => part.id === station.part) ?? -1;
  const joint = rig.joints?.[at];
  if (!joint) return null;
  const said = under(errors, `joints[${at}]`);
  const set = (change: Partial<typeof joint>) => edit((now) => withPart(now, "joints", joint.id, change));
  return (
    <>
      <Fields
        table={table}
        value={joint}
        errors={said}
        // What was measured was measured of the joint as it was made.
        onChange={(change) => set("kind" in change ? { ...change, milliohms: null } : change)}
      />
      {joint.kind === "plug" && <Fields table={plug} value={joint} errors={said} onChange={set} />}
      <Fields table={pickUp} value={joint} errors={said} onChange={set} />
      <div className="grid grid-cols-2 items-end gap-3" data-field="takes">
        <NumberField
          label={t("lines.takesWireFrom")}
          unit="mm²"
          optional
          placeholder={t("lines.notSpecified")}
          value={joint.takes?.fromSquareMillimetres}
          messages={under(said, "takes").fromSquareMillimetres}
          onChange={(from) => set({ takes: range(from, joint.takes?.toSquareMillimetres) })}
        />
        <NumberField
          label={t("lines.upTo")}
          unit="mm²"
          optional
          placeholder={t("lines.notSpecified")}
          value={joint.takes?.toSquareMillimetres}
          messages={under(said, "takes").toSquareMillimetres}
          onChange={(to) => set({ takes: range(joint.takes?.fromSquareMillimetres, to) })}
        />
      </div>
    </>
  );
}
