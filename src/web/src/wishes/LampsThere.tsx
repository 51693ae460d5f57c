import type { BodyChoice, LampThere } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { RowsThere } from "./RowsThere";

/** Lamps that are on the vehicle already. */
export function LampsThere({
  lamps,
  mounts,
  errors,
  onChange,
}: {
  lamps: readonly LampThere[];
  mounts: BodyChoice["mounts"];
  errors: FieldErrors;
  onChange: (lamps: LampThere[]) => void;
}) {
  return (
    <RowsThere
      title={t("wishes.lamps")}
      another={t("wishes.addALamp")}
      rows={lamps}
      blank={{ name: t("wishes.lampOf", { at: lamps.length + 1 }), mount: mounts[0]?.id ?? "", watts: 20 }}
      onChange={onChange}
    >
      {(lamp, at, change) => (
        <>
          <TextField
            label={t("wishes.lampName")}
            value={lamp.name}
            messages={errors[`found.lamps[${at}].name`]}
            onChange={(name) => change({ name })}
          />
          <ChoiceField
            label={t("wishes.mount")}
            value={lamp.mount}
            options={mounts.map(({ id, name }) => ({ value: id, label: name }))}
            messages={errors[`found.lamps[${at}].mount`]}
            onChange={(mount) => change({ mount })}
          />
          <NumberField
            label={t("wishes.watts")}
            unit="W"
            value={lamp.watts}
            messages={errors[`found.lamps[${at}].watts`]}
            onChange={(watts) => change({ watts: watts ?? Number.NaN })}
          />
          <NumberField
            label={t("wishes.count")}
            value={lamp.count ?? 1}
            messages={errors[`found.lamps[${at}].count`]}
            onChange={(count) => change({ count: count ?? Number.NaN })}
          />
          <CheckField
            label={t("wishes.mayMove")}
            checked={lamp.mayMove ?? false}
            onChange={(mayMove) => change({ mayMove })}
          />
        </>
      )}
    </RowsThere>
  );
}
