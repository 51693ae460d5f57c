import { useState } from "react";
import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { CheckField } from "../../../ui/CheckField";
import { NumberField } from "../../../ui/NumberField";
import { TextField } from "../../../ui/TextField";
import type { StationEdit } from "../stationEdit";

const pins = [
  { key: "coilPlus", label: "Coil, meant for plus" },
  { key: "coilMinus", label: "Coil, other end" },
  { key: "common", label: "Contact, common" },
  { key: "open", label: "Contact, closed when pulled in" },
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
      <NumberField
        label="Contact"
        unit="A at 12 V"
        value={relay.contactAmps}
        messages={said.contactAmps}
        onChange={(contactAmps = Number.NaN) => set({ contactAmps, fixed: true })}
      />
      <fieldset className="grid grid-cols-2 gap-2">
        <legend className="mb-1 text-sm text-dust">Pins as printed on it</legend>
        {pins.map(({ key, label }) => (
          <PinField
            key={key}
            label={label}
            printed={print[key] ?? ""}
            messages={said.pinout}
            onName={(name) => run({ kind: "renamePin", relay: relay.id, pin: key, name })}
          />
        ))}
      </fieldset>
      <CheckField
        label="A diode across its coil"
        checked={relay.coilDiode === true}
        onChange={(coilDiode) => set({ coilDiode })}
      />
    </>
  );
}

/** A pin as it is printed, taken when the field is left; the wires stay on it, whatever it is called. */
function PinField({
  label,
  printed,
  messages,
  onName,
}: {
  label: string;
  printed: string;
  messages: readonly string[] | undefined;
  onName: (name: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const take = () => {
    const name = typed?.trim() ?? "";
    if (name !== "" && name !== printed) onName(name);
    setTyped(undefined);
  };
  return (
    <TextField label={label} value={typed ?? printed} messages={messages} onChange={setTyped} onDone={take} />
  );
}
