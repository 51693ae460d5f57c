import { Plus, Trash2 } from "lucide-react";
import { useEffect, useRef } from "react";
import type { Rig } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { Fields } from "../fields/Fields";
import { alternator, ignition, signal, signalWords, supply } from "../fields/vehicleTables";
import type { RigEditor } from "../job/rigEditor";
import { withVehicle } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { choices } from "../ui/words";
import { t } from "../words";
import { VehicleList } from "./VehicleList";

type Vehicle = Rig["vehicle"];

const signals = choices(signalWords);
/** Signals that every vehicle has; the others are there once somebody describes them. */
const always: readonly string[] = ["highBeam", "reverse", "sideLight"];

const links = [
  { value: "parallel", label: t("walkaround.parallel") },
  { value: "series", label: t("walkaround.series") },
  { value: "separate", label: t("walkaround.separate") },
] as const;

const lists = [
  {
    list: "vehicle.fuseSlots",
    title: t("walkaround.fuseSlots"),
    another: t("walkaround.addAFuseSlot"),
    empty: t("walkaround.noSlotThatCanBe"),
  },
  {
    list: "vehicle.trailerPins",
    title: t("walkaround.trailerSocket"),
    another: t("walkaround.addAPin"),
    empty: t("walkaround.noPinsAreWrittenDown"),
  },
  {
    list: "vehicle.auxOutputs",
    title: t("walkaround.theVehicleSOwnOutputs"),
    another: t("walkaround.addAnOutput"),
    empty: t("walkaround.itHasNoSwitchedOutputs"),
  },
  {
    list: "vehicle.passThroughs",
    title: t("walkaround.spareLeads"),
    another: t("walkaround.addASpareLead"),
    empty: t("walkaround.noSpareLeadsAreWritten"),
  },
] as const;

/** What the vehicle's electrical side is: what feeds it, what it signals, what can be tapped. */
export function ElectricsPanel({
  editor,
  jobId,
  rig,
  errors,
  asked,
}: {
  editor: RigEditor;
  jobId: string;
  rig: Rig;
  errors: FieldErrors;
  /** Path in the document of the field that somebody came for: "vehicle.alternator.idleAmps". */
  asked: string | undefined;
}) {
  const { vehicle } = rig;
  const panel = useAskedField(asked);
  const said = under(errors, "vehicle");
  const set = (change: Partial<Vehicle>) => editor.edit((now) => withVehicle(now, change));
  const wrongIn = (...keys: readonly string[]) =>
    Object.keys(said).some((path) => keys.some((key) => path.startsWith(key)));
  return (
    <div ref={panel} className="grid gap-3">
      <Details
        summary={t("walkaround.supply")}
        open
        wrong={wrongIn("batter", "alternator", "houseLoadAmps", "keyOffDrainAmps")}
      >
        <div className="grid gap-3">
          <div className="grid grid-cols-2 gap-3">
            <ChoiceField
              label={t("walkaround.system")}
              value={vehicle.systemVolts}
              options={[
                { value: 12, label: "12 V" },
                { value: 24, label: "24 V" },
              ]}
              onChange={(volts) => void editor.do({ kind: "changeSystem", volts })}
            />
            <ChoiceField
              label={t("walkaround.batteriesLinked")}
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
            another={t("walkaround.addABattery")}
            empty=""
            errors={errors}
          />
          <CheckField
            label={t("walkaround.itHasAnAlternator")}
            checked={Boolean(vehicle.alternator)}
            onChange={(has) =>
              set({
                alternator: has ? {} : null,
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
      <Details
        summary={t("walkaround.signals")}
        open={signals.some(({ value }) => asked?.startsWith(`vehicle.${value}.`))}
        wrong={wrongIn(...signals.map(({ value }) => `${value}.`), "ignitionWires")}
      >
        <div className="grid gap-2">
          {signals
            .filter(({ value }) => always.includes(value) || vehicle[value])
            .map(({ value: key, label }) => (
              <Details
                plain
                key={key}
                summary={label}
                wrong={wrongIn(`${key}.`)}
                open={asked?.startsWith(`vehicle.${key}.`) ?? key === "highBeam"}
              >
                <div className="grid gap-2" data-signal={key}>
                  <Fields
                    table={signal}
                    value={vehicle[key] ?? {}}
                    errors={under(said, key)}
                    onChange={(change) => set({ [key]: { ...vehicle[key], ...change } })}
                  />
                  {!always.includes(key) && (
                    <Button look="quiet" className="justify-self-start" onClick={() => set({ [key]: null })}>
                      <Trash2 size={16} aria-hidden />{" "}
                      {t("walkaround.remove2", { what: label.toLowerCase() })}
                    </Button>
                  )}
                </div>
              </Details>
            ))}
          <div className="flex flex-wrap gap-2">
            {signals
              .filter(({ value }) => !always.includes(value) && !vehicle[value])
              .map(({ value, label }) => (
                <Button key={value} onClick={() => set({ [value]: {} })}>
                  <Plus size={18} aria-hidden /> {label}
                </Button>
              ))}
          </div>
          <Fields table={ignition} value={vehicle} errors={said} onChange={set} />
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
    </div>
  );
}

/** Goes to the field that somebody came for, once it is there. */
function useAskedField(asked: string | undefined) {
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const key = asked?.split(".").at(-1);
    const record = asked?.split(".")[1] ?? "";
    const within = panel.current?.querySelector(`[data-signal='${record}']`) ?? panel.current;
    const field = key && within?.querySelector<HTMLElement>(`[data-field='${key}'] :is(input, select)`);
    if (field) {
      field.scrollIntoView({ block: "center" });
      field.focus();
    }
  }, [asked]);
  return panel;
}
