import type { SpareLead } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { RowsThere } from "./RowsThere";

const fields = [
  ["colour", t("wishes.colour")],
  ["from", t("wishes.from")],
  ["to", t("wishes.to")],
] as const;

/** Spare factory leads. */
export function LeadsThere({
  leads,
  errors,
  onChange,
}: {
  leads: readonly SpareLead[];
  errors: FieldErrors;
  onChange: (leads: SpareLead[]) => void;
}) {
  return (
    <RowsThere
      title={t("wishes.leads")}
      another={t("wishes.addALead")}
      rows={leads}
      blank={{ wire: "2.5 mm²", lengthMetres: 4, colour: "", from: "", to: "" }}
      onChange={onChange}
    >
      {(lead, at, change) => (
        <>
          <TextField
            label={t("wishes.wire")}
            value={lead.wire}
            messages={errors[`found.leads[${at}].wire`]}
            onChange={(wire) => change({ wire })}
          />
          <NumberField
            label={t("wishes.leadLength")}
            unit="m"
            value={lead.lengthMetres}
            messages={errors[`found.leads[${at}].lengthMetres`]}
            onChange={(lengthMetres) => change({ lengthMetres: lengthMetres ?? Number.NaN })}
          />
          {fields.map(([field, label]) => (
            <TextField
              key={field}
              label={label}
              value={lead[field]}
              onChange={(text) => change({ [field]: text })}
            />
          ))}
        </>
      )}
    </RowsThere>
  );
}
