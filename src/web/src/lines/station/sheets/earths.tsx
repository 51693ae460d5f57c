import { partsOf, withFields } from "../../../job/rigEdits";
import { ChoiceField } from "../../../ui/ChoiceField";
import { useNames } from "../../../ui/names";
import { t } from "../../../words";
import { TableSheet } from "../PartSheet";
import type { StationEdit } from "../stationEdit";

/** A stud or a post: what lies between its ring and the battery's minus, and of which battery. */
export default function EarthFields(sheet: StationEdit) {
  const { rig, station, edit, run } = sheet;
  const nameOf = useNames();
  const earth = rig.earths?.find((part) => part.id === station.part);
  if (!earth) return null;
  const batteries = partsOf(rig, "vehicle.batteries");
  return (
    <>
      <p className="text-sm text-dust">
        {earth.kind === "stud" ? t("lines.onBareMetalPaintOff") : t("lines.onTheBatterySMinus")}
      </p>
      <TableSheet {...sheet} />
      {(rig.earths?.length ?? 0) > 1 && (
        <ChoiceField
          label={t("lines.putItsWiresOnAnother")}
          value=""
          options={[
            { value: "", label: t("lines.asTheyAre") },
            ...(rig.earths ?? [])
              .filter(({ id }) => id !== earth.id)
              .map(({ id }) => ({ value: id, label: nameOf(id) })),
          ]}
          onChange={(into) => into && run({ kind: "joinEarths", earth: earth.id, into })}
        />
      )}
      {earth.kind === "post" && batteries.length > 1 && (
        <ChoiceField
          label={t("lines.postOf")}
          value={earth.on ?? batteries[0]?.id ?? ""}
          options={batteries.map(({ id }) => ({ value: id, label: nameOf(id) }))}
          onChange={(on) => edit((now) => withFields(now, "earths", earth.id, { on }))}
        />
      )}
    </>
  );
}
