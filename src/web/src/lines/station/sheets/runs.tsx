import { Link } from "react-router";
import { under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { run as table, unlaidRun } from "../../../fields/partTables";
import { withFreeRun, withRun } from "../../../job/rigEdits";
import { Button } from "../../../ui/Button";
import { length } from "../../../ui/figures/figures";
import { useNames } from "../../../ui/names";
import { useUnits } from "../../../ui/units";
import { ZoneBoxes } from "../../ZoneBoxes";
import type { StationEdit } from "../stationEdit";

/** A wire: how long, where it runs, what colour, what it is made of. */
export default function RunFields({ rig, station, errors, edit, jobId }: StationEdit) {
  const units = useUnits();
  const nameOf = useNames();
  const at = rig.runs?.findIndex((run) => run.id === station.id) ?? -1;
  const run = rig.runs?.[at];
  if (!run) return null;
  const said = under(errors, `runs[${at}]`);
  const set = (change: Partial<typeof run>) => edit((now) => withRun(now, run.id, change));
  return (
    <>
      <p className="text-sm text-dust">{nameOf(run.id)}</p>
      {run.lay ? (
        <p>
          {station.lengthMetres !== undefined && `${length(station.lengthMetres, units)}, as it lies. `}
          <Link className="underline" to={`/jobs/${jobId}/walkaround?way=${encodeURIComponent(run.id)}`}>
            Show route
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
      {run.fixed && (
        <Button onClick={() => edit((now) => withFreeRun(now, run.id))}>
          Gauge by hand: let sizing decide again
        </Button>
      )}
    </>
  );
}
