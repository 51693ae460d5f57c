import type { BodyChoice, VehicleAsFound } from "../api/client";
import { type FieldErrors, wrongIn } from "../api/problems";
import { CheckField } from "../ui/CheckField";
import { Details } from "../ui/Details";
import { NumberField } from "../ui/NumberField";
import { t } from "../words";
import { LampsThere } from "./LampsThere";
import { LeadsThere } from "./LeadsThere";
import { NumbersField } from "./NumbersField";
import { SwitchesThere } from "./SwitchesThere";
import { TapsThere } from "./TapsThere";

export type Found = Omit<VehicleAsFound, "kind" | "body" | "driverSide">;

/** How much of it somebody entered. */
const entered = (found: Found) =>
  [found.batteryAmpHours, found.alternatorAmps, found.reversingPin].filter(Boolean).length +
  [found.outputs, found.leads, found.taps, found.lamps, found.switches].reduce(
    (sum, list) => sum + (list?.length ?? 0),
    0,
  );

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
        <LampsThere
          lamps={found.lamps ?? []}
          mounts={mounts}
          errors={errors}
          onChange={(lamps) => change({ lamps })}
        />
        <SwitchesThere
          switches={found.switches ?? []}
          spaces={spaces}
          errors={errors}
          onChange={(switches) => change({ switches })}
        />
        <LeadsThere leads={found.leads ?? []} errors={errors} onChange={(leads) => change({ leads })} />
        <TapsThere taps={found.taps ?? []} errors={errors} onChange={(taps) => change({ taps })} />
      </div>
    </Details>
  );
}
