import { ChoiceField } from "../../../ui/ChoiceField";
import { choices, sideWords } from "../../../ui/words";
import { t } from "../../../words";
import { TableSheet } from "../PartSheet";
import type { StationEdit } from "../stationEdit";

/** A battery; its side takes its station and the lanes there along. */
export default function BatteryFields(sheet: StationEdit) {
  const { rig, station, run } = sheet;
  const battery = rig.vehicle.batteries?.find(({ id }) => id === station.part);
  if (!battery) return null;
  return (
    <>
      <TableSheet {...sheet} />
      <div data-field="side">
        <ChoiceField
          label={t("lines.side")}
          value={battery.side ?? ""}
          options={[{ value: "", label: t("lines.notSpecified2") }, ...choices(sideWords)]}
          onChange={(side) => side && run({ kind: "moveBattery", battery: battery.id, side })}
        />
      </div>
    </>
  );
}
