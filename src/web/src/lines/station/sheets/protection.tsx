import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { ChoiceField } from "../../../ui/ChoiceField";
import { NumberField } from "../../../ui/NumberField";
import { choices, zoneWords } from "../../../ui/words";
import type { StationEdit } from "../stationEdit";

/** A fuse or breaker in its holder; its rating is chosen in the window beside it. */
export default function ProtectionFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.protection?.findIndex((part) => part.id === station.part) ?? -1;
  const device = rig.protection?.[at];
  if (!device) return null;
  const said = under(errors, `protection[${at}]`);
  const set = (change: Partial<typeof device>) =>
    edit((now) => withPart(now, "protection", device.id, change));
  return (
    <>
      <ChoiceField
        label="Kind"
        value={device.breaker ? "breaker" : "fuse"}
        options={[
          { value: "fuse", label: "Fuse" },
          { value: "breaker", label: "Breaker" },
        ]}
        onChange={(kind) => set({ breaker: kind === "breaker" })}
      />
      <ChoiceField
        label="Where it sits"
        value={device.place ?? "engineBay"}
        options={choices(zoneWords)}
        onChange={(place) => set({ place })}
      />
      <NumberField
        label="Made to break"
        unit="V"
        value={device.ratedVolts}
        messages={said.ratedVolts}
        onChange={(ratedVolts = Number.NaN) => set({ ratedVolts })}
      />
      {device.fixed && <p className="text-sm text-dust">Taken by hand: sizing leaves it as it is.</p>}
    </>
  );
}
