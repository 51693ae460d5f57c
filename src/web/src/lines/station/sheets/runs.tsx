import { Link } from "react-router";
import { under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { run as table, unlaidRun } from "../../../fields/partTables";
import { withFreeRun, withRun } from "../../../job/rigEdits";
import { Button } from "../../../ui/Button";
import { ChoiceField } from "../../../ui/ChoiceField";
import { length } from "../../../ui/figures/figures";
import { useNames } from "../../../ui/names";
import { useUnits } from "../../../ui/units";
import { t } from "../../../words";
import { ZoneBoxes } from "../../ZoneBoxes";
import type { StationEdit } from "../stationEdit";

/** A wire: how long, where it runs, what colour, what it is made of. */
export default function RunFields({ rig, station, errors, edit, run: command, jobId }: StationEdit) {
  const units = useUnits();
  const nameOf = useNames();
  const at = rig.runs?.findIndex((run) => run.id === station.id) ?? -1;
  const run = rig.runs?.[at];
  if (!run) return null;
  const said = under(errors, `runs[${at}]`);
  const used = new Set(rig.runs?.flatMap(({ from, to }) => [from.split(".")[0], to.split(".")[0]]));
  const leads = (rig.vehicle.passThroughs ?? []).filter(({ id }) => !used.has(id));
  const laid = run.lay ? (rig.runs ?? []).filter(({ id, lay }) => lay && id !== run.id) : [];
  const set = (change: Partial<typeof run>) => edit((now) => withRun(now, run.id, change));
  return (
    <>
      <p className="text-sm text-dust">{nameOf(run.id)}</p>
      {run.lay ? (
        <p>
          {station.lengthMetres !== undefined &&
            `${t("lines.asItLies", { lengthMetres: length(station.lengthMetres, units) })} `}
          <Link className="underline" to={`/jobs/${jobId}/walkaround?way=${encodeURIComponent(run.id)}`}>
            {t("lines.showRoute")}
          </Link>
        </p>
      ) : (
        <>
          <Fields table={unlaidRun} value={run} errors={said} onChange={set} />
          <ZoneBoxes zones={run.zones} messages={said.zones} onChange={(zones) => set({ zones })} />
        </>
      )}
      <Fields
        table={table}
        value={run}
        errors={said}
        onChange={(change) => set("wire" in change ? { ...change, fixed: true } : change)}
      />
      {leads.length > 0 && (
        <ChoiceField
          label={t("lines.leadItThroughASpare")}
          value=""
          options={[
            { value: "", label: t("lines.asItIs") },
            ...leads.map(({ id }) => ({ value: id, label: nameOf(id) })),
          ]}
          onChange={(lead) => lead && command({ kind: "useSpareLead", wire: run.id, lead })}
        />
      )}
      {laid.length > 0 && (
        <ChoiceField
          label={t("lines.layItWith")}
          value=""
          options={[
            { value: "", label: t("lines.byItself") },
            ...laid.map(({ id }) => ({ value: id, label: nameOf(id) })),
          ]}
          onChange={(other) => other && command({ kind: "layTogether", wire: run.id, with: other })}
        />
      )}
      {run.fixed && (
        <Button onClick={() => edit((now) => withFreeRun(now, run.id))}>
          {t("lines.gaugeByHandLetSizing")}
        </Button>
      )}
    </>
  );
}
