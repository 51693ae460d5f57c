import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { ChoiceField } from "../../../ui/ChoiceField";
import { NumberField } from "../../../ui/NumberField";
import { choices, zoneWords } from "../../../ui/words";
import type { StationEdit } from "../stationEdit";

/** A breaker in the wire: its rating, where it sits, and how it comes back. */
export default function InlineBreakerFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.inlineBreakers?.findIndex((part) => part.id === station.part) ?? -1;
  const breaker = rig.inlineBreakers?.[at];
  if (!breaker) return null;
  const said = under(errors, `inlineBreakers[${at}]`);
  const set = (change: Partial<typeof breaker>) =>
    edit((now) => withPart(now, "inlineBreakers", breaker.id, change));
  return (
    <>
      <NumberField
        label="Rating"
        unit="A"
        value={breaker.ratingAmps}
        messages={said.ratingAmps}
        onChange={(ratingAmps = Number.NaN) => set({ ratingAmps })}
      />
      <ChoiceField
        label="Reset"
        value={breaker.reset ?? "manual"}
        options={[
          { value: "manual", label: "By hand" },
          { value: "automatic", label: "By itself" },
        ]}
        onChange={(reset) => set({ reset })}
      />
      <ChoiceField
        label="Where it sits"
        value={breaker.place ?? "engineBay"}
        options={choices(zoneWords)}
        onChange={(place) => set({ place })}
      />
      <NumberField
        label="Rated voltage"
        unit="V"
        value={breaker.ratedVolts}
        messages={said.ratedVolts}
        onChange={(ratedVolts = Number.NaN) => set({ ratedVolts })}
      />
    </>
  );
}
