import { useState } from "react";
import type { GaugeSystem, LinePlan, QuickSizeRequest, UnitSystem, Zone } from "../api/client";
import { api } from "../api/client";
import { noErrors } from "../api/problems";
import { Frame } from "../frame/Frame";
import { Answer } from "../lines/Answer";
import { LampRows } from "../lines/LampRows";
import { RouteFields } from "../lines/RouteFields";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { asPercent } from "../ui/figures/figures";
import { Notice } from "../ui/Notice";
import { NumberField } from "../ui/NumberField";
import { useAnswer } from "../ui/useAnswer";
import { choices, gaugeWords, zoneWords } from "../ui/words";
import { t } from "../words";
import { MakeLineDialog } from "./MakeLineDialog";

type Asked = QuickSizeRequest & { units: UnitSystem };

const start: Asked = {
  systemVolts: 12,
  lamps: [{ kind: "regulatedLed", count: 2, watts: 40 }],
  oneWayMetres: 4,
  return: "wire",
  zone: "engineBay",
  gauges: "awg",
  insulationCelsius: 105,
  margin: 0.25,
  units: "metric",
};

/** One line with no job: watts and metres in, wire and fuse out. */
export function QuickSizePage() {
  const [request, setRequest] = useState(start);
  const [making, setMaking] = useState(false);
  const units = request.units;
  const change = (edit: Partial<Asked>) => setRequest((current) => ({ ...current, ...edit }));

  const { answer, failed, errors } = useAnswer(
    ["quick-size", request],
    (signal) => api.POST("/api/quick-size", { body: request, signal }),
    { keep: "quick-size" },
  );
  const unreachable = failed && errors === noErrors;

  const refused = Object.keys(errors).length > 0;
  const routeChange = ({ insulationCelsius, ...rest }: Partial<LinePlan>) =>
    change({ ...rest, ...(insulationCelsius ? { insulationCelsius } : {}) } as Partial<Asked>);

  return (
    <Frame ticket={<h1 className="text-lg font-semibold">{t("quickSize.quickSize")}</h1>}>
      <div className="grid items-start gap-5 p-4 md:grid-cols-[20rem_1fr]">
        <section aria-label={t("quickSize.whatIsAsked")} className="grid content-start gap-4">
          <div className="grid grid-cols-2 gap-3">
            <ChoiceField
              label={t("quickSize.system")}
              value={request.systemVolts}
              options={[
                { value: 12, label: "12 V" },
                { value: 24, label: "24 V" },
              ]}
              onChange={(systemVolts) => change({ systemVolts })}
            />
            <ChoiceField
              label={t("quickSize.units")}
              value={units}
              options={[
                { value: "metric", label: t("quickSize.metres") },
                { value: "imperial", label: t("quickSize.feet") },
              ]}
              onChange={(next: UnitSystem) => change({ units: next })}
            />
          </div>
          <LampRows
            lamps={request.lamps}
            systemVolts={request.systemVolts}
            errors={errors}
            onChange={(lamps) => change({ lamps })}
          />
          <RouteFields
            line={{ ...request, insulationCelsius: request.insulationCelsius ?? 105 }}
            units={units}
            errors={errors}
            onChange={routeChange}
          />
          <div className="grid grid-cols-2 gap-3">
            <ChoiceField
              label={t("quickSize.hottestZone")}
              value={request.zone}
              options={choices(zoneWords)}
              onChange={(zone: Zone) => change({ zone })}
            />
            <ChoiceField
              label={t("quickSize.wireSoldAs")}
              value={request.gauges}
              options={choices(gaugeWords)}
              onChange={(gauges: GaugeSystem) => change({ gauges })}
            />
            <NumberField
              label={t("quickSize.wireMargin")}
              unit="%"
              scale={asPercent}
              value={request.margin}
              messages={errors.margin}
              onChange={(margin) => change({ margin: margin ?? Number.NaN })}
            />
            <NumberField
              label={t("quickSize.dropLimit")}
              unit="%"
              optional
              scale={asPercent}
              placeholder={t("quickSize.byLamp")}
              value={request.dropLimit}
              messages={errors.dropLimit}
              onChange={(dropLimit) => change({ dropLimit })}
            />
          </div>
          <Button look="main" disabled={refused || !answer} onClick={() => setMaking(true)}>
            {t("quickSize.makeItALine")}
          </Button>
        </section>
        <div className="grid content-start gap-4">
          {unreachable && (
            <Notice alert title={t("quickSize.theServerDoesNotAnswer")}>
              {t("quickSize.whatYouTypedStaysHere")}
            </Notice>
          )}
          {refused && answer && (
            <p role="status" className="font-semibold text-ochre">
              {t("quickSize.oldFiguresCorrectTheMarked")}
            </p>
          )}
          {answer ? (
            <Answer answer={answer} outdated={refused || unreachable} />
          ) : (
            !unreachable && <Notice title={t("quickSize.workingItOut")} />
          )}
        </div>
      </div>
      {making && <MakeLineDialog request={request} onClose={() => setMaking(false)} />}
    </Frame>
  );
}
