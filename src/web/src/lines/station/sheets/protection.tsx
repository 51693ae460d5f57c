import { under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { fuse as fuseTable } from "../../../fields/partTables";
import { withPart } from "../../../job/rigEdits";
import { TableSheet } from "../PartSheet";
import type { StationEdit } from "../stationEdit";

/** A fuse or breaker in its holder; one whose rating is entered here is left alone by resizing. */
export default function ProtectionFields(sheet: StationEdit) {
  const { rig, station, errors, edit } = sheet;
  const at = rig.protection?.findIndex((part) => part.id === station.part) ?? -1;
  const device = rig.protection?.[at];
  if (!device) return null;
  return (
    <>
      <div data-field="fuse">
        <Fields
          table={fuseTable}
          value={device.fuse}
          errors={under(errors, `protection[${at}].fuse`)}
          onChange={(change) =>
            edit((now) =>
              withPart(now, "protection", device.id, { fuse: { ...device.fuse, ...change }, fixed: true }),
            )
          }
        />
      </div>
      <TableSheet {...sheet} />
    </>
  );
}
