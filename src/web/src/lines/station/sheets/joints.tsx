import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { ChoiceField } from "../../../ui/ChoiceField";
import { NumberField } from "../../../ui/NumberField";
import { choices, jointKindWords, zoneWords } from "../../../ui/words";
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
      <NumberField
        label="Rated current"
        unit="A"
        optional
        placeholder="not specified"
        value={joint.ratedAmps}
        messages={said.ratedAmps}
        onChange={(ratedAmps) => set({ ratedAmps: ratedAmps ?? null })}
      />
      <NumberField
        label="Conductor temperature up to"
        unit="°C"
        optional
        placeholder="as usual for its kind"
        value={joint.maxCelsius}
        messages={said.maxCelsius}
        onChange={(maxCelsius) => set({ maxCelsius: maxCelsius ?? null })}
      />
      <NumberField
        label="Takes wire from"
        unit="mm²"
        optional
        placeholder="not specified"
        value={joint.takes?.fromSquareMillimetres}
        messages={under(said, "takes").fromSquareMillimetres}
        onChange={(from) => set({ takes: range(from, joint.takes?.toSquareMillimetres) })}
      />
      <NumberField
        label="up to"
        unit="mm²"
        optional
        placeholder="not specified"
        value={joint.takes?.toSquareMillimetres}
        messages={under(said, "takes").toSquareMillimetres}
        onChange={(to) => set({ takes: range(joint.takes?.fromSquareMillimetres, to) })}
      />
    </>
  );
}
