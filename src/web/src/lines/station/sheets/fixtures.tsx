import { under } from "../../../api/problems";
import { withPart } from "../../../job/rigEdits";
import { ChoiceField } from "../../../ui/ChoiceField";
import { NumberField } from "../../../ui/NumberField";
import { TextField } from "../../../ui/TextField";
import { choices, kindWords } from "../../../ui/words";
import type { StationEdit } from "../stationEdit";

/** A lamp: what it draws. */
export default function LampFields({ rig, station, errors, edit }: StationEdit) {
  const at = rig.fixtures?.findIndex((part) => part.id === station.part) ?? -1;
  const lamp = rig.fixtures?.[at];
  const place = lamp?.functions.findIndex((one) => `${lamp.id}.${one.id}` === station.id) ?? -1;
  const light = lamp?.functions[place];
  if (!lamp || !light) return <p className="text-sm text-dust">A load of its own kind.</p>;
  const said = under(errors, `fixtures[${at}]`);
  const here = under(said, `functions[${place}]`);
  const set = (change: Partial<typeof light>) =>
    edit((now) =>
      withPart(now, "fixtures", lamp.id, {
        functions: lamp.functions.map((other) => (other.id === light.id ? { ...other, ...change } : other)),
      }),
    );
  return (
    <>
      <TextField
        label="Name"
        value={lamp.name}
        messages={said.name}
        onChange={(name) => edit((now) => withPart(now, "fixtures", lamp.id, { name }))}
      />
      <ChoiceField
        label="Kind"
        value={light.kind}
        options={choices(kindWords)}
        onChange={(kind) => set({ kind })}
      />
      <NumberField
        label="Power"
        unit={`W at ${light.ratedVolts ?? 12} V`}
        value={light.watts}
        messages={here.watts}
        onChange={(watts = Number.NaN) => set({ watts })}
      />
      {light.kind === "regulatedLed" && (
        <NumberField
          label="Keeps its power down to"
          unit="V"
          optional
          placeholder="three quarters of its volts"
          value={light.dropOutVolts}
          messages={here.dropOutVolts}
          onChange={(dropOutVolts) => set({ dropOutVolts: dropOutVolts ?? null })}
        />
      )}
      <TextField
        label="Wire in its maker's harness"
        value={lamp.harnessWire ?? ""}
        messages={said.harnessWire}
        onChange={(wire) => edit((now) => withPart(now, "fixtures", lamp.id, { harnessWire: wire || null }))}
      />
      <NumberField
        label="Fuse in its maker's harness"
        unit="A"
        optional
        placeholder="not specified"
        value={lamp.harnessFuseAmps}
        messages={said.harnessFuseAmps}
        onChange={(amps) =>
          edit((now) => withPart(now, "fixtures", lamp.id, { harnessFuseAmps: amps ?? null }))
        }
      />
      {light.dimPin && <p className="text-sm text-dust">Its lead {light.dimPin} dims it when earthed.</p>}
    </>
  );
}
