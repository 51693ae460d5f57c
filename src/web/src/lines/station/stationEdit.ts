import type { EditCommand, Rig, StripStation } from "../../api/client";
import type { FieldErrors } from "../../api/problems";

/** What a sheet of fields for one part needs. */
export type StationEdit = {
  rig: Rig;
  station: StripStation;
  errors: FieldErrors;
  edit: (change: (rig: Rig) => Rig) => void;
  /** Does more than a field's value. */
  run: (command: EditCommand) => void;
  jobId: string;
};
