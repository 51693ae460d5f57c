import type { Rig } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { Fields } from "../fields/Fields";
import { alternator, signal, supply } from "../fields/vehicleTables";
import type { RigEditor } from "../job/rigEditor";
import { withVehicle } from "../job/rigEdits";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { VehicleList } from "./VehicleList";

type Vehicle = Rig["vehicle"];

const signals = [
  { key: "highBeam", name: "High beam" },
  { key: "reverse", name: "Reversing lamps" },
  { key: "sideLight", name: "Side lights" },
] as const;

const links = [
  { value: "parallel", label: "Parallel" },
  { value: "series", label: "Series" },
  { value: "separate", label: "Separate" },
] as const;

const lists = [
  {
    list: "vehicle.fuseSlots",
    title: "Fuse slots",
    another: "Add a fuse slot",
    empty: "No slot that can be tapped is written down.",
  },
  {
    list: "vehicle.trailerPins",
    title: "Trailer socket",
    another: "Add a pin",
    empty: "No pins are written down.",
  },
  {
    list: "vehicle.auxOutputs",
    title: "The vehicle's own outputs",
    another: "Add an output",
    empty: "It has no switched outputs of its own.",
  },
  {
    list: "vehicle.passThroughs",
    title: "Spare leads",
    another: "Add a spare lead",
    empty: "No spare leads are written down.",
  },
] as const;

/** What the vehicle's electrical side is: what feeds it, what it signals, what can be tapped. */
export function ElectricsPanel({
  editor,
  jobId,
  rig,
  errors,
}: {
  editor: RigEditor;
  jobId: string;
  rig: Rig;
  errors: FieldErrors;
}) {
  const { vehicle } = rig;
  const said = under(errors, "vehicle");
  const set = (change: Partial<Vehicle>) => editor.edit((now) => withVehicle(now, change));
  const wrongIn = (...keys: readonly string[]) =>
    Object.keys(said).some((path) => keys.some((key) => path.startsWith(key)));
  return (
    <>
      <Details
        summary="Supply"
        open
        wrong={wrongIn("batter", "alternator", "houseLoadAmps", "keyOffDrainAmps")}
      >
        <div className="grid gap-3">
          <div className="grid grid-cols-2 gap-3">
            <ChoiceField
              label="System"
              value={vehicle.systemVolts}
              options={[
                { value: 12, label: "12 V" },
                { value: 24, label: "24 V" },
              ]}
              onChange={(volts) => void editor.do({ kind: "changeSystem", volts })}
            />
            <ChoiceField
              label="Batteries linked"
              value={vehicle.batteryLink ?? "parallel"}
              options={links}
              messages={said.batteryLink}
              onChange={(batteryLink) => set({ batteryLink })}
            />
          </div>
          <VehicleList
            editor={editor}
            jobId={jobId}
            rig={rig}
            list="vehicle.batteries"
            another="Add a battery"
            empty=""
            errors={errors}
          />
          <CheckField
            label="It has an alternator"
            checked={Boolean(vehicle.alternator)}
            onChange={(has) =>
              set({
                alternator: has
                  ? {
                      regulatedVolts: vehicle.systemVolts === 24 ? 28.4 : 14.2,
                      idleAmps: 60,
                      cruiseAmps: 120,
                    }
                  : null,
              })
            }
          />
          {vehicle.alternator && (
            <Fields
              table={alternator}
              value={vehicle.alternator}
              errors={under(said, "alternator")}
              onChange={(change) =>
                vehicle.alternator && set({ alternator: { ...vehicle.alternator, ...change } })
              }
            />
          )}
          <Fields table={supply} value={vehicle} errors={said} onChange={set} />
        </div>
      </Details>
      <Details summary="Signals" wrong={wrongIn(...signals.map(({ key }) => `${key}.`))}>
        <div className="grid gap-4">
          {signals.map(({ key, name }) => (
            <fieldset key={key} data-signal={key}>
              <legend className="mb-1 font-medium">{name}</legend>
              <Fields
                table={signal}
                value={vehicle[key] ?? {}}
                errors={under(said, key)}
                onChange={(change) => set({ [key]: { ...vehicle[key], ...change } })}
              />
            </fieldset>
          ))}
        </div>
      </Details>
      {lists.map(({ list, title, another, empty }) => (
        <Details key={list} summary={title} wrong={wrongIn(`${list.slice("vehicle.".length)}[`)}>
          <VehicleList
            editor={editor}
            jobId={jobId}
            rig={rig}
            list={list}
            another={another}
            empty={empty}
            errors={errors}
          />
        </Details>
      ))}
    </>
  );
}
