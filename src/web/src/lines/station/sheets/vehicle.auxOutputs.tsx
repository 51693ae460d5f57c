import { Link } from "react-router";
import type { StationEdit } from "../stationEdit";

/** An output of the vehicle's own: what is known of it stands on the panel. */
export default function VehicleOutputFields({ jobId }: StationEdit) {
  return (
    <p className="text-sm text-dust">
      An output of the vehicle's own; see the{" "}
      <Link className="underline" to={`/jobs/${jobId}/panel`}>
        Panel
      </Link>
      .
    </p>
  );
}
