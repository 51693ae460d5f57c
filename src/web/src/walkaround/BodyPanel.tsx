import { Download, FlipHorizontal2, Upload } from "lucide-react";
import { useState } from "react";
import { asked } from "../api/asked";
import { api, type Body, type BodyKind, type Rig } from "../api/client";
import { type Answer, type FieldErrors, under, withPaths } from "../api/problems";
import { readVehicleFile } from "../api/vehicleFile";
import type { RigEditor } from "../job/rigEditor";
import { whyNot } from "../job/rigEditor";
import { rulesOf, withBody } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { FileButton } from "../ui/FileButton";
import { asLength } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { bodyWords, choices, sideWords } from "../ui/words";
import { t } from "../words";
import { BodyLists } from "./BodyLists";

const sizes = [
  { key: "lengthMetres", label: t("walkaround.length") },
  { key: "widthMetres", label: t("walkaround.width") },
  { key: "heightMetres", label: t("walkaround.height") },
  { key: "wheelbaseMetres", label: t("walkaround.wheelbase") },
  { key: "bonnetMetres", label: t("walkaround.frontToBulkhead") },
  { key: "cabMetres", label: t("walkaround.bulkheadToBackOfCab") },
] as const;

/** What vehicle it is: a usual body to start from, its size, and files for the next of its kind. */
export function BodyPanel({
  editor,
  jobId,
  rig,
  errors,
  onTaken,
}: {
  editor: RigEditor;
  jobId: string;
  rig: Rig;
  errors: FieldErrors;
  onTaken: () => void;
}) {
  const { units } = rulesOf(rig);
  const [kind, setKind] = useState<BodyKind>(rig.body?.kind ?? "longWagon");
  const [trouble, setTrouble] = useState<string>();
  const said = under(errors, "body.size");
  const take = async (ask: () => Promise<Answer<Body>>) => {
    const came = await asked(ask);
    if (!came.ok) {
      setTrouble(withPaths(came.refusal));
      return;
    }
    const ran = await editor.run({ kind: "changeBody", body: came.data });
    setTrouble(whyNot(ran));
    if (ran.done) onTaken();
  };
  const start = (resize: boolean) =>
    take(() => api.POST("/api/preview/body", { body: { kind, size: resize ? rig.body?.size : null } }));
  return (
    <>
      <ChoiceField
        label={t("walkaround.kindOfBody")}
        value={kind}
        options={choices(bodyWords)}
        onChange={setKind}
      />
      <Button look={rig.body ? "plain" : "main"} onClick={() => start(false)}>
        {rig.body ? t("walkaround.startAgainFromThisKind") : t("walkaround.startFromThisKind")}
      </Button>
      {rig.body && (
        <>
          <div className="grid grid-cols-2 gap-3">
            {sizes.map(({ key, label }) => (
              <NumberField
                key={key}
                label={label}
                scale={asLength(units)}
                value={rig.body?.size[key]}
                messages={said[key]}
                onChange={(value) =>
                  editor.edit((now) =>
                    now.body
                      ? withBody(now, { size: { ...now.body.size, [key]: value ?? Number.NaN } })
                      : now,
                  )
                }
              />
            ))}
          </div>
          <ChoiceField
            label={t("walkaround.driverSits")}
            value={rig.body.driverSide ?? ""}
            options={[{ value: "", label: t("walkaround.notSpecified") }, ...choices(sideWords)]}
            onChange={(side) => editor.edit((now) => withBody(now, { driverSide: side || null }))}
          />
          <Button onClick={() => void editor.do({ kind: "mirrorBody" })}>
            <FlipHorizontal2 size={18} aria-hidden /> {t("walkaround.mirrorLeftAndRight")}
          </Button>
          <Button onClick={() => start(true)}>{t("walkaround.resetStationsAndMountsTo")}</Button>
          <a
            className="inline-flex min-h-11 items-center justify-center gap-2 rounded-sm border border-edge bg-slab px-3 font-medium hover:bg-lichen-shade"
            href={`/api/jobs/${jobId}/vehicle-file`}
            download
          >
            <Download size={18} aria-hidden /> {t("walkaround.saveTheVehicleAsA")}
          </a>
        </>
      )}
      <FileButton
        label={t("walkaround.vehicleFile")}
        accept="application/json,.json"
        onFile={(file) => void take(() => readVehicleFile(file))}
      >
        <Upload size={18} aria-hidden /> {t("walkaround.openAVehicleFile")}
      </FileButton>
      {trouble && (
        <p role="alert" className="text-oxide">
          {trouble}
        </p>
      )}
      {rig.body && <BodyLists editor={editor} rig={rig} errors={errors} />}
      <p className="text-sm text-dust">{t("walkaround.bodiesAreOfNoVehicle")}</p>
    </>
  );
}
