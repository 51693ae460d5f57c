import type { LampDimensions } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { t } from "../words";
import { Fields } from "./Fields";
import { HoldsField } from "./HoldsField";
import { lampBody } from "./lampTables";

/** The size of a lamp, as sold or as measured, and how it can be held. */
export function LampBodyFields({
  body,
  errors,
  onChange,
}: {
  body: LampDimensions;
  errors: FieldErrors;
  onChange: (body: LampDimensions) => void;
}) {
  return (
    <div className="grid gap-2">
      <Fields
        table={lampBody}
        value={body}
        errors={errors}
        onChange={(change) => onChange({ ...body, ...change })}
      />
      <h4 className="font-medium">{t("fields.howItCanBeHeld")}</h4>
      <HoldsField
        holds={body.holds ?? []}
        errors={errors}
        onChange={(holds) => onChange({ ...body, holds })}
      />
    </div>
  );
}
