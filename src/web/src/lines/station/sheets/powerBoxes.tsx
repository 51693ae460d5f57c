import { Link } from "react-router";
import { under } from "../../../api/problems";
import { withOutput } from "../../../job/rigEdits";
import { ChoiceField } from "../../../ui/ChoiceField";
import { NumberField } from "../../../ui/NumberField";
import { choices, feedWords } from "../../../ui/words";
import type { StationEdit } from "../stationEdit";

/** An output of a box: its rating, and what becomes of it with the key off. */
export default function OutputFields({ rig, station, errors, edit, jobId }: StationEdit) {
  const at = rig.powerBoxes?.findIndex((part) => part.id === station.part) ?? -1;
  const box = rig.powerBoxes?.[at];
  const place = box?.outputs.findIndex((output) => station.id.startsWith(`${box.id}.${output.id}-`)) ?? -1;
  const output = box?.outputs[place];
  if (!box || !output) return <p className="text-sm text-dust">Inside the box.</p>;
  const said = under(errors, `powerBoxes[${at}].outputs[${place}]`);
  const set = (change: Partial<typeof output>) => edit((now) => withOutput(now, box.id, output.id, change));
  return (
    <>
      <NumberField
        label="Rating"
        unit="A"
        value={output.ratingAmps}
        messages={said.ratingAmps}
        onChange={(ratingAmps = Number.NaN) => set({ ratingAmps })}
      />
      <ChoiceField
        label="Follows"
        value={output.follows ?? "battery"}
        options={choices(feedWords)}
        onChange={(follows) => set({ follows })}
      />
      <Link className="underline" to={`/jobs/${jobId}/panel`}>
        Slot, legend and mode on the Panel
      </Link>
    </>
  );
}
