import type { EditCommand, Rig, StripStation } from "../../api/client";
import type { FieldErrors } from "../../api/problems";

/** What a sheet of fields for one part, or for what an element of it is, needs. */
export type StationEdit = {
  rig: Rig;
  station: Pick<StripStation, "id" | "part" | "list"> & {
    /** As it lies, where that is known. */
    lengthMetres?: number;
  };
  errors: FieldErrors;
  edit: (change: (rig: Rig) => Rig) => void;
  /** Does more than a field's value. */
  run: (command: EditCommand) => void;
  jobId: string;
};
