import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { ChoiceField } from "../../../ui/ChoiceField";
import { NumberField } from "../../../ui/NumberField";
import { choices, jointKindWords, zoneWords } from "../../../ui/words";
import type { StationEdit } from "../stationEdit";

/** A joint: how it is made, and where it lies. */
export default function JointFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.joints?.findIndex((part) => part.id === station.part) ?? -1;
  const joint = rig.joints?.[at];
  if (!joint) return null;
  const said = under(errors, `joints[${at}]`);
  const set = (change: Partial<typeof joint>) => edit((now) => withPart(now, "joints", joint.id, change));
  return (
    <>
      <ChoiceField
        label="How it is made"
        value={joint.kind}
        options={choices(jointKindWords)}
        onChange={(kind) => set({ kind, milliohms: null })}
      />
      <ChoiceField
        label="Where it lies"
        value={joint.place ?? "engineBay"}
        options={choices(zoneWords)}
        onChange={(place) => set({ place })}
      />
      <NumberField
        label="Measured"
        unit="mΩ"
        optional
        placeholder="as usual for its kind"
        value={joint.milliohms}
        messages={said.milliohms}
        onChange={(milliohms) => set({ milliohms: milliohms ?? null })}
      />
    </>
  );
}
