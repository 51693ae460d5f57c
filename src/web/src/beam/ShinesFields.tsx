import { useState } from "react";
import { asked } from "../api/asked";
import { type AimedLamp, api, type Rig } from "../api/client";
import { withPaths } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { linkLook } from "../ui/linkLook";
import { NumberField } from "../ui/NumberField";
import { saveAs } from "../ui/saveAs";
import { t } from "../words";

/** How a lamp shines: by a photometric file, or by its lumens and the two angles of its beam. */
export function ShinesFields({
  editor,
  rig,
  chosen,
  lamps,
}: {
  editor: RigEditor;
  rig: Rig;
  chosen: AimedLamp;
  /** Lamps that get it too. */
  lamps: readonly string[];
}) {
  const [why, setWhy] = useState("");
  const fixture = rig.fixtures?.find(({ id }) => id === chosen.lamp);
  const files = rig.beams?.files ?? [];
  const light = fixture?.functions[0];
  if (!fixture || !light) return <p className="text-sm text-dust">{t("beam.chooseLampFirst")}</p>;
  const put = (change: object) =>
    editor.edit((now) => ({
      ...now,
      fixtures: (now.fixtures ?? []).map((one) =>
        lamps.includes(one.id)
          ? {
              ...one,
              functions: one.functions.map((each, i) =>
                i === 0 ? { ...each, output: { ...each.output, ...change } } : each,
              ),
            }
          : one,
      ),
    }));
  const take = async (file: File) => {
    const ran = await editor.run({
      kind: "takeBeamFile",
      name: file.name,
      text: await file.text(),
      lights: lamps.flatMap((lamp) => {
        const first = rig.fixtures?.find(({ id }) => id === lamp)?.functions[0];
        return first ? [`${lamp}.${first.id}`] : [];
      }),
    } as never);
    setWhy(ran.done ? "" : ran.why);
  };
  const write = async () => {
    const came = await asked(() =>
      api.POST("/api/preview/beam-file", {
        body: { rig, light: `${fixture.id}.${light.id}` },
        parseAs: "text",
      }),
    );
    if (came.ok) saveAs(`${fixture.name ?? fixture.id}.ies`, came.data as unknown as string);
    else setWhy(withPaths(came.refusal));
  };
  return (
    <Details plain summary={t("beam.howItShines")} wrong={why !== ""}>
      <div className="grid gap-2">
        <ChoiceField
          label={t("beam.photometricFile")}
          value={light.output?.file ?? ""}
          options={[
            { value: "", label: t("beam.noFile") },
            ...files.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(file) => put({ file: file || null })}
        />
        <label className={`${linkLook} min-h-11 cursor-pointer`}>
          {t("beam.takeFile")}
          <input
            type="file"
            accept=".ies,.txt,text/plain"
            className="sr-only"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) void take(file);
              event.target.value = "";
            }}
          />
        </label>
        {why && (
          <p role="alert" className="text-sm font-semibold text-oxide">
            {why}
          </p>
        )}
        {!light.output?.file && (
          <div className="grid grid-cols-3 items-end gap-2">
            <NumberField
              label={t("beam.lumensOut")}
              unit="lm"
              value={light.output?.lumens}
              optional
              placeholder={t("beam.guessed")}
              onChange={(lumens) => put({ lumens: lumens ?? null })}
            />
            <NumberField
              label={t("beam.spread")}
              unit="°"
              value={light.output?.spreadDegrees}
              optional
              placeholder={t("beam.guessed")}
              onChange={(spreadDegrees) => put({ spreadDegrees: spreadDegrees ?? null })}
            />
            <NumberField
              label={t("beam.throw")}
              unit="°"
              value={light.output?.throwDegrees}
              optional
              placeholder={t("beam.guessed")}
              onChange={(throwDegrees) => put({ throwDegrees: throwDegrees ?? null })}
            />
          </div>
        )}
        <div className="flex flex-wrap gap-2">
          <Button look="quiet" onClick={() => void write()}>
            {t("beam.asFile")}
          </Button>
          {light.output?.file && (
            <Button
              look="quiet"
              onClick={() =>
                void editor.do({ kind: "dropBeamFile", file: light.output?.file ?? "" } as never)
              }
            >
              {t("beam.dropFile")}
            </Button>
          )}
        </div>
      </div>
    </Details>
  );
}
