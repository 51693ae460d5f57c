import type { Rig, SheetStepCard } from "../api/client";
import type { FieldErrors } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { withLay, withRun } from "../job/rigEdits";
import { Details } from "../ui/Details";
import { asLength } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useNames } from "../ui/names";
import { TextField } from "../ui/TextField";
import { useUnits } from "../ui/units";
import { PlaceFields } from "../walkaround/PlaceFields";
import { t } from "../words";

const mostShown = 12;

/** What turned out otherwise on the vehicle: it becomes an edit of the plan, judged at once. */
export function ChangedHere({
  editor,
  rig,
  card,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  card: SheetStepCard;
  errors: FieldErrors;
}) {
  const units = useUnits();
  const names = useNames();
  const about = new Set(card.step.about);
  const wires = (rig.runs ?? []).map((run, at) => ({ run, at })).filter(({ run }) => about.has(run.id));
  const lamps = new Set((rig.fixtures ?? []).map(({ id }) => id));
  const placed = rig.body
    ? [
        ...(rig.fixtures ?? []),
        ...(rig.relays ?? []),
        ...(rig.protection ?? []),
        ...(rig.powerBoxes ?? []),
        ...(rig.earths ?? []),
      ].filter(({ id }) => about.has(id))
    : [];
  if (wires.length === 0 && placed.length === 0) return null;
  return (
    <Details summary={t("runSheet.changedHere")}>
      <div className="grid gap-2">
        <p className="text-sm text-dust">{t("runSheet.changedHereHow")}</p>
        {placed.slice(0, mostShown).map(({ id }) => (
          <PlaceFields key={id} editor={editor} rig={rig} id={id} name={names(id)} lamp={lamps.has(id)} />
        ))}
        {wires.slice(0, mostShown).map(({ run, at }) => (
          <fieldset key={run.id} className="grid grid-cols-2 gap-2">
            <legend className="text-sm font-semibold">{names(run.id)}</legend>
            {run.lay ? (
              <NumberField
                label={t("bench.measuredLength")}
                scale={asLength(units)}
                optional
                value={run.lay.measuredMetres}
                messages={errors[`runs[${at}].lay.measuredMetres`]}
                onChange={(value) =>
                  editor.edit((now) => withLay(now, run.id, { measuredMetres: value ?? null }))
                }
              />
            ) : (
              <NumberField
                label={t("runSheet.length")}
                scale={asLength(units)}
                value={run.lengthMetres}
                messages={errors[`runs[${at}].lengthMetres`]}
                onChange={(value = Number.NaN) =>
                  editor.edit((now) => withRun(now, run.id, { lengthMetres: value }))
                }
              />
            )}
            <TextField
              label={t("runSheet.colour")}
              value={run.colour ?? ""}
              messages={errors[`runs[${at}].colour`]}
              onChange={(colour) => editor.edit((now) => withRun(now, run.id, { colour }))}
            />
          </fieldset>
        ))}
      </div>
    </Details>
  );
}
