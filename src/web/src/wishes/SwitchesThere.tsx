import type { BodyChoice, SwitchThere } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { ChoiceField } from "../ui/ChoiceField";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { RowsThere } from "./RowsThere";

/** Switches that were fitted before. */
export function SwitchesThere({
  switches,
  spaces,
  errors,
  onChange,
}: {
  switches: readonly SwitchThere[];
  spaces: BodyChoice["spaces"];
  errors: FieldErrors;
  onChange: (switches: SwitchThere[]) => void;
}) {
  return (
    <RowsThere
      title={t("wishes.switches")}
      another={t("wishes.addASwitch")}
      rows={switches}
      blank={{ name: t("wishes.switchOf", { at: switches.length + 1 }), at: spaces[0]?.id ?? "" }}
      onChange={onChange}
    >
      {(one, at, change) => (
        <>
          <TextField
            label={t("wishes.switchName")}
            value={one.name}
            messages={errors[`found.switches[${at}].name`]}
            onChange={(name) => change({ name })}
          />
          <ChoiceField
            label={t("wishes.location")}
            value={one.at}
            options={spaces.map(({ id, name }) => ({ value: id, label: name }))}
            messages={errors[`found.switches[${at}].at`]}
            onChange={(place) => change({ at: place })}
          />
        </>
      )}
    </RowsThere>
  );
}
