import { Link } from "react-router";
import { under } from "../../../api/problems";
import { withFreeRun, withRun } from "../../../job/rigEdits";
import { Button } from "../../../ui/Button";
import { CheckField } from "../../../ui/CheckField";
import { asLength, length } from "../../../ui/figures/figures";
import { NumberField } from "../../../ui/NumberField";
import { useNames } from "../../../ui/names";
import { TextField } from "../../../ui/TextField";
import { useUnits } from "../../../ui/units";
import { ZoneBoxes } from "../../ZoneBoxes";
import type { StationEdit } from "../stationEdit";

/** A wire: how long, where it runs, what colour. */
export default function RunFields({ rig, station, errors, edit, jobId }: StationEdit) {
  const units = useUnits();
  const nameOf = useNames();
  const at = rig.runs?.findIndex((run) => run.id === station.id) ?? -1;
  const run = rig.runs?.[at];
  if (!run) return null;
  const said = under(errors, `runs[${at}]`);
  return (
    <>
      <p className="text-sm text-dust">{nameOf(run.id)}</p>
      {run.lay ? (
        <p>
          {length(station.lengthMetres, units)}, as it lies.{" "}
          <Link className="underline" to={`/jobs/${jobId}/walkaround?way=${encodeURIComponent(run.id)}`}>
            Its way
          </Link>
        </p>
      ) : (
        <>
          <NumberField
            label="Length"
            value={run.lengthMetres}
            scale={asLength(units)}
            messages={said.lengthMetres}
            onChange={(lengthMetres = Number.NaN) => edit((now) => withRun(now, run.id, { lengthMetres }))}
          />
          <ZoneBoxes
            zones={run.zones}
            messages={said.zones}
            onChange={(zones) => edit((now) => withRun(now, run.id, { zones }))}
          />
        </>
      )}
      <TextField
        label="Colour"
        value={run.colour ?? ""}
        messages={said.colour}
        onChange={(colour) => edit((now) => withRun(now, run.id, { colour }))}
      />
      <CheckField
        label="Came with the lamp: judged, never resized"
        checked={run.given ?? false}
        onChange={(given) => edit((now) => withRun(now, run.id, { given }))}
      />
      <CheckField
        label="In a sheath of its own, end to end"
        checked={run.sheathed ?? false}
        onChange={(sheathed) => edit((now) => withRun(now, run.id, { sheathed }))}
      />
      {run.fixed && (
        <Button onClick={() => edit((now) => withFreeRun(now, run.id))}>
          Gauge by hand: let sizing decide again
        </Button>
      )}
    </>
  );
}
