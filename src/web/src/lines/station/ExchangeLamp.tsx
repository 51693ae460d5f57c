import { api } from "../../api/client";
import { ChoiceField } from "../../ui/ChoiceField";
import { useAnswer } from "../../ui/useAnswer";
import { t } from "../../words";
import type { StationEdit } from "./stationEdit";

/** Another lamp of the catalogue in the place of one that is fitted. */
export function ExchangeLamp({ lamp, run }: { lamp: string; run: StationEdit["run"] }) {
  const { answer, failed, why } = useAnswer(["catalogue"], (signal) => api.GET("/api/catalogue", { signal }));
  if (failed) return <p className="text-sm text-dust">{why}</p>;
  return (
    <ChoiceField
      label={t("lines.exchangeItFor")}
      value=""
      options={[
        { value: "", label: answer ? t("lines.keepThisLamp") : t("lines.lookingUpTheCatalogue") },
        ...(answer ?? []).map(({ lamp: { fixture } }) => ({ value: fixture.id, label: fixture.name })),
      ]}
      onChange={(chosen) => chosen && run({ kind: "swapLamp", fixture: lamp, lamp: chosen })}
    />
  );
}
