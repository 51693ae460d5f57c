import { Plus, Trash2 } from "lucide-react";
import { Link } from "react-router";
import type { PowerBox } from "../../../api/client";
import { under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { output as outputTable, panel as panelTable, powerBox as table } from "../../../fields/partTables";
import { withOutput, withPart } from "../../../job/rigEdits";
import { Button } from "../../../ui/Button";
import { t } from "../../../words";
import type { StationEdit } from "../stationEdit";

/** A box, or the output of it that was opened: ratings, and what becomes of it with the key off. */
export default function BoxFields({ rig, station, errors, edit, jobId }: StationEdit) {
  const at = rig.powerBoxes?.findIndex((part) => part.id === station.part) ?? -1;
  const box = rig.powerBoxes?.[at];
  if (!box) return null;
  const said = under(errors, `powerBoxes[${at}]`);
  const set = (change: Partial<PowerBox>) => edit((now) => withPart(now, "powerBoxes", box.id, change));
  const opened = box.outputs.find((output) => station.id.startsWith(`${box.id}.${output.id}-`));
  const taken = new Set(rig.runs?.flatMap(({ from, to }) => [from, to]));
  return (
    <>
      {!opened && <Fields table={table} value={box} errors={said} onChange={set} />}
      {!opened && (
        <Fields
          table={panelTable}
          value={box.panel ?? {}}
          errors={under(said, "panel")}
          onChange={(change) => set({ panel: { ...box.panel, ...change } })}
        />
      )}
      {(opened ? [opened] : box.outputs).map((output) => (
        <fieldset key={output.id} className="grid gap-2" data-output={output.id}>
          {!opened && (
            <legend className="font-medium">
              {output.legend || t("lines.output", { output: box.outputs.indexOf(output) + 1 })}
            </legend>
          )}
          <Fields
            table={outputTable}
            value={output}
            errors={under(said, `outputs[${box.outputs.indexOf(output)}]`)}
            // What an input works has no slot on the panel.
            onChange={(change) =>
              edit((now) =>
                withOutput(
                  now,
                  box.id,
                  output.id,
                  "workedBy" in change && change.workedBy === "input" ? { ...change, slot: null } : change,
                ),
              )
            }
          />
          {!opened && !taken.has(`${box.id}.${output.id}`) && !taken.has(`${box.id}.in-${output.id}`) && (
            <Button onClick={() => set({ outputs: box.outputs.filter((other) => other !== output) })}>
              <Trash2 size={18} aria-hidden /> {t("lines.removeThisOutput")}
            </Button>
          )}
        </fieldset>
      ))}
      {!opened && (
        <Button onClick={() => set({ outputs: [...box.outputs, another(box)] })}>
          <Plus size={18} aria-hidden /> {t("lines.addAnOutput")}
        </Button>
      )}
      <Link className="underline" to={`/jobs/${jobId}/panel`}>
        {t("lines.slotLegendAndModeOn")}
      </Link>
    </>
  );
}

/** An output like the last, on no slot yet. */
function another(box: PowerBox): PowerBox["outputs"][number] {
  const taken = new Set(box.outputs.map(({ id }) => id));
  let number = box.outputs.length + 1;
  while (taken.has(`o${number}`)) number++;
  return {
    ...box.outputs.at(-1),
    id: `o${number}`,
    ratingAmps: box.outputs.at(-1)?.ratingAmps ?? 15,
    slot: null,
    legend: "",
  };
}
