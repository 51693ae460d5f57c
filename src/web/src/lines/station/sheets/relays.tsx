import { Plus } from "lucide-react";
import { under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { PinField } from "../../../fields/PinField";
import { relay as table } from "../../../fields/partTables";
import { withPart } from "../../../job/rigEdits";
import { Button } from "../../../ui/Button";
import { t } from "../../../words";
import type { StationEdit } from "../stationEdit";

const pins = [
  { key: "coilPlus", label: t("lines.coilMeantForPlus") },
  { key: "coilMinus", label: t("lines.coilOtherEnd") },
  { key: "common", label: t("lines.contactCommon") },
  { key: "open", label: t("lines.contactClosedWhenPulledIn") },
  { key: "rest", label: t("lines.contactClosedAtRest") },
] as const;

/** A relay: its contact, its coil, and the pins as they are printed on it. */
export default function RelayFields({ rig, station, errors, edit, run }: StationEdit) {
  const at = rig.relays?.findIndex((part) => part.id === station.part) ?? -1;
  const relay = rig.relays?.[at];
  if (!relay) return null;
  const said = under(errors, `relays[${at}]`);
  const set = (change: Partial<typeof relay>) => edit((now) => withPart(now, "relays", relay.id, change));
  const print = relay.pinout ?? { coilPlus: "86", coilMinus: "85", common: "30", open: "87" };

  return (
    <>
      <Fields
        table={table}
        value={relay}
        errors={said}
        onChange={(change) => set("contactAmps" in change ? { ...change, fixed: true } : change)}
      />
      <fieldset className="grid grid-cols-2 gap-2">
        <legend className="mb-1 text-sm text-dust">{t("lines.pinsAsPrintedOnIt")}</legend>
        {pins
          .filter(({ key }) => print[key])
          .map(({ key, label }) => (
            <PinField
              key={key}
              label={label}
              printed={print[key] ?? ""}
              messages={said.pinout}
              onName={(name) => run({ kind: "renamePin", part: relay.id, pin: print[key] ?? "", name })}
            />
          ))}
        {!print.rest && (
          <Button onClick={() => set({ pinout: { ...print, rest: "87a" } })}>
            <Plus size={18} aria-hidden /> {t("lines.contactClosedAtRest2")}
          </Button>
        )}
      </fieldset>
    </>
  );
}
