import { Plus, Trash2 } from "lucide-react";
import type { Hazard, Lane, Rig, Station } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { rulesOf, withBody } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asLength, asTape } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { choices, hazardWords, stationWords, zoneWords } from "../ui/words";
import { leaningOn, newLane, newStation } from "./bodyEdits";

/** Stations as measured on the vehicle: moved, added, taken out. */
export function StationsEditor({
  editor,
  rig,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  errors: FieldErrors;
}) {
  const { units } = rulesOf(rig);
  const stations = rig.body?.stations ?? [];
  const change = (id: string, edit: Partial<Station>) =>
    editor.edit((now) =>
      withBody(now, {
        stations: now.body?.stations?.map((station) =>
          station.id === id ? { ...station, ...edit } : station,
        ),
      }),
    );
  const metres = { scale: asLength(units) };
  return (
    <Details
      summary={<>Stations ({stations.length})</>}
      wrong={Object.keys(under(errors, "body.stations")).length > 0}
    >
      <div className="grid gap-3">
        {stations.map((station, i) => {
          const said = under(errors, `body.stations[${i}]`);
          const leaning = leaningOn(rig, station.id);
          return (
            <fieldset key={station.id} className="grid grid-cols-3 gap-2 border-b border-seam pb-3">
              <legend className="sr-only">{station.name}</legend>
              <div className="col-span-2">
                <TextField
                  label="Station"
                  value={station.name}
                  messages={said.name}
                  onChange={(name) => change(station.id, { name })}
                />
              </div>
              <ChoiceField
                label="What it is"
                value={station.kind ?? "plain"}
                options={choices(stationWords)}
                onChange={(kind) => change(station.id, { kind })}
              />
              {(["back", "right", "up"] as const).map((axis) => (
                <NumberField
                  key={axis}
                  label={axisWords[axis]}
                  {...metres}
                  value={station.at[axis]}
                  messages={said[`at.${axis}`]}
                  onChange={(value) =>
                    change(station.id, { at: { ...station.at, [axis]: value ?? Number.NaN } })
                  }
                />
              ))}
              {station.kind === "grommet" && (
                <NumberField
                  label="Free opening"
                  scale={asTape(units)}
                  optional
                  value={station.holeMillimetres}
                  messages={said.holeMillimetres}
                  onChange={(hole) => change(station.id, { holeMillimetres: hole ?? null })}
                />
              )}
              {leaning.length > 0 ? (
                <p className="col-span-2 self-center text-sm text-dust">
                  Wires of {leaning.map(({ name }) => name).join(", ")} leave here: it stays.
                </p>
              ) : (
                <Button
                  look="quiet"
                  onClick={() => void editor.do({ kind: "removeStation", station: station.id })}
                >
                  <Trash2 size={16} aria-hidden /> Take out<span className="sr-only"> {station.name}</span>
                </Button>
              )}
            </fieldset>
          );
        })}
        <Button
          onClick={() =>
            editor.edit((now) =>
              withBody(now, { stations: [...(now.body?.stations ?? []), newStation(now)] }),
            )
          }
        >
          <Plus size={18} aria-hidden /> Add a station
        </Button>
      </div>
    </Details>
  );
}

/** Lanes as found on the vehicle: measured by hand, hot or not, what to mind, what comes off. */
export function LanesEditor({ editor, rig, errors }: { editor: RigEditor; rig: Rig; errors: FieldErrors }) {
  const { units } = rulesOf(rig);
  const stations = (rig.body?.stations ?? []).map(({ id, name }) => ({ value: id, label: name }));
  const lanes = rig.body?.lanes ?? [];
  const nameOf = (id: string) => stations.find(({ value }) => value === id)?.label ?? id;
  const change = (id: string, edit: Partial<Lane>) =>
    editor.edit((now) =>
      withBody(now, {
        lanes: now.body?.lanes?.map((lane) => (lane.id === id ? { ...lane, ...edit } : lane)),
      }),
    );
  return (
    <Details
      summary={<>Lanes ({lanes.length})</>}
      wrong={Object.keys(under(errors, "body.lanes")).length > 0}
    >
      <div className="grid gap-3">
        {lanes.map((lane, i) => {
          const said = under(errors, `body.lanes[${i}]`);
          const name = `${nameOf(lane.from)} to ${nameOf(lane.to)}`;
          return (
            <fieldset key={lane.id} className="grid grid-cols-2 gap-2 border-b border-seam pb-3">
              <legend className="col-span-2 font-medium">{name}</legend>
              <ChoiceField
                label="From"
                value={lane.from}
                options={stations}
                messages={said.from}
                onChange={(from) => change(lane.id, { from })}
              />
              <ChoiceField
                label="To"
                value={lane.to}
                options={stations}
                messages={said.to}
                onChange={(to) => change(lane.id, { to })}
              />
              <ChoiceField
                label="Zone"
                value={lane.zone}
                options={choices(zoneWords)}
                onChange={(zone) => change(lane.id, { zone })}
              />
              <NumberField
                label="Measured"
                scale={asLength(units)}
                optional
                value={lane.measuredMetres}
                messages={said.measuredMetres}
                onChange={(metres) => change(lane.id, { measuredMetres: metres ?? null })}
              />
              <NumberField
                label="Heat"
                unit="°C"
                optional
                value={lane.ambientCelsius}
                messages={said.ambientCelsius}
                onChange={(celsius) => change(lane.id, { ambientCelsius: celsius ?? null })}
              />
              <NumberField
                label="Thickest loom"
                scale={asTape(units)}
                optional
                value={lane.capacityMillimetres}
                messages={said.capacityMillimetres}
                onChange={(most) => change(lane.id, { capacityMillimetres: most ?? null })}
              />
              <div className="col-span-2 flex flex-wrap gap-x-4">
                {choices(hazardWords).map(({ value, label }) => (
                  <CheckField
                    key={value}
                    label={label}
                    checked={(lane.hazards ?? []).includes(value)}
                    onChange={(on) => change(lane.id, { hazards: toggled(lane.hazards ?? [], value, on) })}
                  />
                ))}
              </div>
              <CheckField
                wide
                label="The vehicle's own harness runs along it"
                checked={lane.factoryHarness ?? false}
                onChange={(factoryHarness) => change(lane.id, { factoryHarness })}
              />
              <TextField
                label="Comes off (commas between)"
                value={(lane.covers ?? []).join(", ")}
                onChange={(text) =>
                  change(lane.id, {
                    covers: text
                      .split(",")
                      .map((cover) => cover.trimStart())
                      .filter((cover, at, all) => cover !== "" || at === all.length - 1),
                  })
                }
              />
              <Button look="quiet" onClick={() => void editor.do({ kind: "removeLane", lane: lane.id })}>
                <Trash2 size={16} aria-hidden /> Take out<span className="sr-only"> {name}</span>
              </Button>
            </fieldset>
          );
        })}
        <Button
          disabled={stations.length < 2}
          onClick={() =>
            editor.edit((now) => withBody(now, { lanes: [...(now.body?.lanes ?? []), newLane(now)] }))
          }
        >
          <Plus size={18} aria-hidden /> Add a lane
        </Button>
      </div>
    </Details>
  );
}

const axisWords = { back: "Behind the front", right: "Right of middle", up: "Above ground" } as const;

const toggled = (hazards: readonly Hazard[], hazard: Hazard, on: boolean) =>
  on ? [...hazards, hazard] : hazards.filter((other) => other !== hazard);
