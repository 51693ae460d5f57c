import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
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
export default function RelayFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.relays?.findIndex((part) => part.id === station.part) ?? -1;
  const relay = rig.relays?.[at];
  if (!relay) return null;
  const said = under(errors, `relays[${at}]`);
  const set = (change: Partial<typeof relay>) => edit((now) => withPart(now, "relays", relay.id, change));
  const print = relay.pinout ?? { coilPlus: "86", coilMinus: "85", common: "30", open: "87" };

  /** The wires stay on the same terminal of the relay, whatever is printed beside it. */
  const rename = (key: (typeof pins)[number]["key"], name: string) =>
    edit((now) => {
      const end = (terminal: string) =>
        terminal === `${relay.id}.${print[key]}` ? `${relay.id}.${name}` : terminal;
      const renamed = withPart(now, "relays", relay.id, { pinout: { ...print, [key]: name } });
      return {
        ...renamed,
        runs: renamed.runs?.map((run) => ({ ...run, from: end(run.from), to: end(run.to) })),
      };
    });

  const free = (name: string) => name !== "" && !Object.values(print).includes(name);

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
          <TextField
            key={key}
            label={label}
            value={print[key] ?? ""}
            messages={said.pinout}
            onChange={(name) => free(name.trim()) && rename(key, name.trim())}
          />
        ))}
      </fieldset>
      <label className="inline-flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-spruce"
          checked={relay.coilDiode === true}
          onChange={(event) => set({ coilDiode: event.target.checked })}
        />
        A diode across its coil
      </label>
    </>
  );
}
