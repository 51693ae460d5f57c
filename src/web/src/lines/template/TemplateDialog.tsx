import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type OfferedLamp, type Rig } from "../../api/client";
import { type FieldErrors, noErrors } from "../../api/problems";
import type { RigEditor } from "../../job/rigEditor";
import { whyNot } from "../../job/rigEditor";
import { rigId } from "../../job/rigId";
import { Button } from "../../ui/Button";
import { Dialog } from "../../ui/Dialog";
import { useAnswer } from "../../ui/useAnswer";
import { t } from "../../words";
import { LampChooser } from "./LampChooser";
import { TemplateChooser } from "./TemplateChooser";
import { type Asked, WhereFields } from "./WhereFields";

/** A line that was started, and what was put in and why. */
export type AddedLine = { lineId: string; notes: readonly string[] };

/** From a lamp to a line: which lamp, where it sits, how it is controlled; all else is proposed. */
export function TemplateDialog({
  editor,
  rig,
  onAdded,
  onClose,
}: {
  editor: RigEditor;
  rig: Rig;
  onAdded: (started: AddedLine) => void;
  onClose: () => void;
}) {
  const cache = useQueryClient();
  const catalogue = useAnswer(["catalogue"], (signal) => api.GET("/api/catalogue", { signal }));
  const [lamp, setLamp] = useState<OfferedLamp>();
  const [template, setTemplate] = useState("own-harness");
  const [asked, setAsked] = useState<Asked>({
    name: "",
    count: 1,
    metres: 3,
    at: "",
    return: "",
    output: "",
    beam: "",
  });
  /** Whether the number of lamps was typed: then it stays as it is. */
  const [counted, setCounted] = useState(false);
  const [errors, setErrors] = useState<FieldErrors>({});
  const [trouble, setTrouble] = useState<string>();
  /** Nothing more is asked about the rig that the line is put into. */
  const [beginning, setBeginning] = useState(false);
  const lampId = lamp?.lamp.fixture.id ?? "";
  const templates = useAnswer(
    ["templates", rigId(rig), lampId, asked.count],
    (signal) =>
      api.POST("/api/preview/templates", { body: { rig, lamp: lampId, count: asked.count }, signal }),
    { enabled: lampId !== "" && asked.count >= 1 && !beginning, keep: lampId },
  );
  const chosen = templates.answer?.find((offered) => offered.template.id === template);

  const choose = (offered: OfferedLamp) => {
    setLamp(offered);
    setAsked((now) => ({
      ...now,
      name: now.name === "" || now.name === lamp?.lamp.fixture.name ? offered.lamp.fixture.name : now.name,
    }));
  };

  const begin = async () => {
    setTrouble(undefined);
    setBeginning(true);
    const ran = await editor.run({
      kind: "addTemplateLine",
      template,
      name: asked.name,
      lamp: lampId,
      count: asked.count,
      metres: asked.metres,
      at: asked.at || null,
      return: asked.return || null,
      output: chosen?.outputs.includes(asked.output) ? asked.output : null,
      beamSwitched: chosen?.template.questions.includes("beamSwitched") ? asked.beam || null : null,
    });
    setBeginning(ran.done);
    setErrors(ran.done ? noErrors : ran.errors);
    setTrouble(whyNot(ran));
    if (ran.done && ran.lineId !== undefined) onAdded({ lineId: ran.lineId, notes: ran.notes });
  };

  return (
    <Dialog open onClose={onClose} title={t("lines.startALineFromA")} wide>
      <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,1.3fr)]">
        <section aria-label={t("lines.theLamp")}>
          <h3 className="mb-2 font-semibold">{t("lines.of1TheLamp")}</h3>
          {!catalogue.answer && !catalogue.failed && <p role="status">{t("lines.openingTheCatalogue")}</p>}
          {catalogue.failed && (
            <p role="alert" className="text-oxide">
              {catalogue.why}
            </p>
          )}
          {catalogue.answer && (
            <LampChooser
              lamps={catalogue.answer}
              chosen={lampId}
              systemVolts={rig.vehicle.systemVolts}
              onChoose={choose}
              onChanged={(lamps) => cache.setQueryData(["catalogue"], lamps)}
              onRemoved={(id) => id === lampId && setLamp(undefined)}
            />
          )}
        </section>
        <section aria-label={t("lines.whereItSits")}>
          <h3 className="mb-2 font-semibold">{t("lines.of2HowManyAndWhere")}</h3>
          <WhereFields
            rig={rig}
            asked={asked}
            errors={errors}
            questions={chosen?.template.questions ?? []}
            outputs={chosen?.outputs ?? []}
            onChange={(change) => {
              if (change.count !== undefined) setCounted(true);
              setAsked((now) => ({ ...now, ...change }));
            }}
          />
        </section>
        <section aria-label={t("lines.howItIsControlled")}>
          <h3 className="mb-2 font-semibold">{t("lines.of3HowItIsFed")}</h3>
          {!lamp && <p className="text-dust">{t("lines.chooseALampFirstWhat")}</p>}
          {templates.answer && (
            <TemplateChooser
              templates={templates.answer}
              chosen={template}
              onChoose={(offered) => {
                setTemplate(offered.template.id);
                if (!counted) setAsked((now) => ({ ...now, count: offered.template.usualCount }));
              }}
            />
          )}
        </section>
      </div>
      {trouble && (
        <p role="alert" className="mt-3 font-semibold text-oxide">
          {trouble}
        </p>
      )}
      <p className="mt-3 text-sm text-dust">{t("lines.sourceOrOutputRelayJoints")}</p>
      <div className="mt-3 flex justify-end gap-3">
        <Button onClick={onClose}>{t("lines.cancel")}</Button>
        <Button look="main" disabled={!lamp || !chosen || chosen.whyNot !== ""} onClick={() => void begin()}>
          {t("lines.startTheLine")}
        </Button>
      </div>
    </Dialog>
  );
}
