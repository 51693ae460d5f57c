import { under } from "../../api/problems";
import { withPart } from "../../job/rigEdits";
import { ChoiceField } from "../../ui/ChoiceField";
import { NumberField } from "../../ui/NumberField";
import { choices, jointKindWords, zoneWords } from "../../ui/words";
import type { StationEdit } from "./StationPanel";

/** A joint: how it is made, and where it lies. */
export function JointFields({ rig, station, errors, edit }: StationEdit) {
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

/** A stud or a post: what lies between its ring and the battery's minus. */
export function EarthFields({ rig, station, errors, edit }: StationEdit) {
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

/** A switch: what it is good for. */
export function SwitchFields({ rig, station, errors, edit }: StationEdit) {
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
