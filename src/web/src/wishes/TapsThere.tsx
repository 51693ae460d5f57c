import type { TappedSlot } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { RowsThere } from "./RowsThere";

/** Fuse slots with a tap in them. */
export function TapsThere({
  taps,
  errors,
  onChange,
}: {
  taps: readonly TappedSlot[];
  errors: FieldErrors;
  onChange: (taps: TappedSlot[]) => void;
}) {
  return (
    <RowsThere
      title={t("wishes.taps")}
      another={t("wishes.addATap")}
      rows={taps}
      blank={{ ratingAmps: 10, tappedAmps: 2, serves: "" }}
      onChange={onChange}
    >
      {(tap, at, change) => (
        <>
          <NumberField
            label={t("wishes.slotRating")}
            unit="A"
            value={tap.ratingAmps}
            messages={errors[`found.taps[${at}].ratingAmps`]}
            onChange={(ratingAmps) => change({ ratingAmps: ratingAmps ?? Number.NaN })}
          />
          <NumberField
            label={t("wishes.tapped")}
            unit="A"
            value={tap.tappedAmps}
            messages={errors[`found.taps[${at}].tappedAmps`]}
            onChange={(tappedAmps) => change({ tappedAmps: tappedAmps ?? Number.NaN })}
          />
          <TextField
            label={t("wishes.serves")}
            value={tap.serves}
            messages={errors[`found.taps[${at}].serves`]}
            onChange={(serves) => change({ serves })}
          />
        </>
      )}
    </RowsThere>
  );
}
