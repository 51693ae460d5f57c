import type { BodyChoice, VehicleAsFound } from "../api/client";
import { type FieldErrors, wrongIn } from "../api/problems";
import { lampThere, spareLead, switchThere, tappedSlot } from "../fields/foundTables";
import { CheckField } from "../ui/CheckField";
import { Details } from "../ui/Details";
import { NumberField } from "../ui/NumberField";
import { t } from "../words";
import { NumbersField } from "./NumbersField";
import { RowsThere } from "./RowsThere";

export type Found = Omit<VehicleAsFound, "kind" | "body" | "driverSide">;

/** How much of it somebody entered. */
const entered = (found: Found) =>
  [found.batteryAmpHours, found.alternatorAmps, found.reversingPin].filter(Boolean).length +
  [found.outputs, found.leads, found.taps, found.lamps, found.switches].reduce(
    (sum, list) => sum + (list?.length ?? 0),
    0,
  );

const choicesOf = (places: BodyChoice["mounts"]) =>
  places.map(({ id, name }) => ({ value: id, label: name }));

/** What supplies the vehicle, and what is on it already; all of it may be left out. */
export function FoundFields({
  found,
  mounts,
  spaces,
  errors,
  onChange,
}: {
  found: Found;
  mounts: BodyChoice["mounts"];
  spaces: BodyChoice["spaces"];
  errors: FieldErrors;
  onChange: (found: Found) => void;
}) {
  const change = (part: Partial<Found>) => onChange({ ...found, ...part });
  const { lamps = [], switches = [] } = found;
  return (
    <Details summary={t("wishes.supplyCount", { entered: entered(found) })} wrong={wrongIn(errors, "found")}>
      <div className="grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label={t("wishes.battery")}
            unit={t("fields.ah")}
            value={found.batteryAmpHours}
            placeholder={t("wishes.notSpecified")}
            optional
            messages={errors["found.batteryAmpHours"]}
            onChange={(batteryAmpHours) => change({ batteryAmpHours: batteryAmpHours ?? null })}
          />
          <NumberField
            label={t("wishes.alternator")}
            unit="A"
            value={found.alternatorAmps}
            placeholder={t("wishes.notSpecified")}
            optional
            messages={errors["found.alternatorAmps"]}
            onChange={(alternatorAmps) => change({ alternatorAmps: alternatorAmps ?? null })}
          />
        </div>
        <NumbersField
          label={t("wishes.outputs")}
          placeholder={t("wishes.outputsHint")}
          values={found.outputs ?? []}
          messages={found.outputs?.flatMap((_, at) => errors[`found.outputs[${at}]`] ?? [])}
          onChange={(outputs) => change({ outputs })}
        />
        <CheckField
          label={t("wishes.reversingPin")}
          checked={found.reversingPin ?? false}
          onChange={(reversingPin) => change({ reversingPin })}
        />
        <RowsThere
          title={t("wishes.lamps")}
          another={t("wishes.addALamp")}
          rows={lamps}
          blank={{
            name: t("wishes.lampOf", { at: lamps.length + 1 }),
            mount: mounts[0]?.id ?? "",
            watts: 20,
            count: 1,
          }}
          table={lampThere}
          options={{ mount: choicesOf(mounts) }}
          errors={errors}
          path="found.lamps"
          onChange={(next) => change({ lamps: next })}
        />
        <RowsThere
          title={t("wishes.switches")}
          another={t("wishes.addASwitch")}
          rows={switches}
          blank={{ name: t("wishes.switchOf", { at: switches.length + 1 }), at: spaces[0]?.id ?? "" }}
          table={switchThere}
          options={{ at: choicesOf(spaces) }}
          errors={errors}
          path="found.switches"
          onChange={(next) => change({ switches: next })}
        />
        <RowsThere
          title={t("wishes.leads")}
          another={t("wishes.addALead")}
          rows={found.leads ?? []}
          blank={{ wire: "2.5 mm²", lengthMetres: 4, colour: "", from: "", to: "" }}
          table={spareLead}
          errors={errors}
          path="found.leads"
          onChange={(leads) => change({ leads })}
        />
        <RowsThere
          title={t("wishes.taps")}
          another={t("wishes.addATap")}
          rows={found.taps ?? []}
          blank={{ ratingAmps: 10, tappedAmps: 2, serves: "" }}
          table={tappedSlot}
          errors={errors}
          path="found.taps"
          onChange={(taps) => change({ taps })}
        />
      </div>
    </Details>
  );
}
