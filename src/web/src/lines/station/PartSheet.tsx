import type { ComponentType } from "react";
import { under } from "../../api/problems";
import { Fields } from "../../fields/Fields";
import { tableOfList } from "../../fields/tables";
import { partsOf, withFields } from "../../job/rigEdits";
import { useNames } from "../../ui/names";
import { TextField } from "../../ui/TextField";
import { t } from "../../words";
import type { StationEdit } from "./stationEdit";

/** Sheets of parts that ask for more than a table of fields, by the list of the document: a file a list. */
const sheets = import.meta.glob<ComponentType<StationEdit>>("./sheets/*.tsx", {
  eager: true,
  import: "default",
});

const sheetOf = (list: string) => sheets[`./sheets/${list}.tsx`];

/** Whether parts of that list can be opened. */
export const hasSheet = (list: string) => sheetOf(list) !== undefined || tableOfList[list] !== undefined;

/** Everything that can be entered of one part; of a lamp or a box, of the element that was opened too. */
export function PartSheet(edit: StationEdit) {
  const Sheet = sheetOf(edit.station.list) ?? TableSheet;
  return (
    <>
      {edit.station.list !== "runs" && <NameField {...edit} />}
      <Sheet {...edit} />
    </>
  );
}

/** What the shop calls a part. */
function NameField({ rig, station, errors, edit }: StationEdit) {
  const nameOf = useNames();
  const at = partsOf(rig, station.list).findIndex((part) => part.id === station.part);
  const part = partsOf(rig, station.list)[at];
  return (
    part && (
      <TextField
        label={t("lines.name")}
        value={part.name ?? ""}
        placeholder={nameOf(station.part)}
        messages={under(errors, `${station.list}[${at}]`).name}
        onChange={(name) => edit((now) => withFields(now, station.list, station.part, { name }))}
      />
    )
  );
}

/** A part whose fields are a table. */
export function TableSheet({ rig, station, errors, edit }: StationEdit) {
  const table = tableOfList[station.list];
  const at = partsOf(rig, station.list).findIndex((part) => part.id === station.part);
  const part = partsOf(rig, station.list)[at];
  return (
    table &&
    part && (
      <Fields
        table={table}
        value={part}
        errors={under(errors, `${station.list}[${at}]`)}
        onChange={(change) => edit((now) => withFields(now, station.list, station.part, change))}
      />
    )
  );
}
