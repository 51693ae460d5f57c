import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { NumberField } from "../../../ui/NumberField";
import type { StationEdit } from "../stationEdit";

/** A stud or a post: what lies between its ring and the battery's minus. */
export default function EarthFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.earths?.findIndex((part) => part.id === station.part) ?? -1;
  const earth = rig.earths?.[at];
  if (!earth) return null;
  const said = under(errors, `earths[${at}]`);
  const set = (change: Partial<typeof earth>) => edit((now) => withPart(now, "earths", earth.id, change));
  return (
    <>
      <p className="text-sm text-dust">
        {earth.kind === "stud"
          ? "On bare metal, paint off, an existing bolt; measure it once it is made."
          : "On the battery's minus post, or where its maker wants it."}
      </p>
      <NumberField
        label="Ring on the stud"
        unit="mΩ"
        value={earth.studMilliohms}
        messages={said.studMilliohms}
        onChange={(studMilliohms = Number.NaN) => set({ studMilliohms })}
      />
      {earth.kind === "stud" && (
        <NumberField
          label="Body, to the battery"
          unit="mΩ"
          value={earth.bodyMilliohms}
          messages={said.bodyMilliohms}
          onChange={(bodyMilliohms = Number.NaN) => set({ bodyMilliohms })}
        />
      )}
    </>
  );
}
