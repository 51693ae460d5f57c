import { useState } from "react";
import { asked } from "../api/asked";
import { api, type BeamPlan, type BeamRequest, type Rig } from "../api/client";
import { type FieldErrors, under, withPaths } from "../api/problems";
import { scene } from "../fields/beamTables";
import { Fields } from "../fields/Fields";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { saveAs } from "../ui/saveAs";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { Beam } from "./useBeam";

/** Aims kept under a name, how the vehicle stands and what lies on it, and the light as files. */
export function SetupsPane({
  editor,
  rig,
  beam,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  beam: Beam;
  errors: FieldErrors;
}) {
  const [name, setName] = useState("");
  const [why, setWhy] = useState("");
  const plan: BeamPlan = rig.beams ?? {};
  const setups = plan.setups ?? [];
  const save = async (
    path: "/api/preview/beam-plan" | "/api/preview/beam-grid",
    file: string,
    type: string,
  ) => {
    const came = await asked(() =>
      api.POST(path, { body: { rig, ...beam.asking, coarse: false } as BeamRequest, parseAs: "text" }),
    );
    if (came.ok) saveAs(file, came.data as unknown as string, type);
    setWhy(came.ok ? "" : withPaths(came.refusal));
  };
  return (
    <div className="grid gap-3">
      <section aria-label={t("beam.setups")} className="grid gap-2">
        <h3 className="font-semibold">{t("beam.setups")}</h3>
        {setups.length === 0 && <p className="text-sm text-dust">{t("beam.noSetups")}</p>}
        {setups.map((setup) => (
          <div
            key={setup.id}
            data-setup={setup.id}
            className="flex flex-wrap items-center gap-2 border-b border-seam"
          >
            <span className="flex-1">{setup.name}</span>
            <Button
              look="quiet"
              aria-pressed={beam.look.against === setup.id}
              onClick={() => beam.put({ against: beam.look.against === setup.id ? "" : setup.id })}
            >
              {beam.look.against === setup.id ? t("beam.compareNoMore") : t("beam.compare")}
            </Button>
            <Button
              look="quiet"
              onClick={() => void editor.do({ kind: "takeSetup", setup: setup.id } as never)}
            >
              {t("beam.take")}
            </Button>
            <Button
              look="quiet"
              aria-label={t("beam.forgetSetup", { name: setup.name })}
              onClick={() => void editor.do({ kind: "dropSetup", setup: setup.id } as never)}
            >
              {t("beam.forget")}
            </Button>
          </div>
        ))}
        <div className="grid grid-cols-[1fr_auto] items-end gap-2">
          <TextField label={t("beam.keepAs")} value={name} onChange={setName} />
          <Button
            disabled={!name.trim()}
            onClick={() => {
              void editor.do({ kind: "keepSetup", name } as never);
              setName("");
            }}
          >
            {t("beam.keep")}
          </Button>
        </div>
      </section>
      <section aria-label={t("beam.scene")} className="grid gap-2">
        <h3 className="font-semibold">{t("beam.scene")}</h3>
        <Fields<BeamPlan>
          table={scene}
          value={plan}
          errors={under(errors, "beams")}
          onChange={(change) => editor.edit((now) => ({ ...now, beams: { ...now.beams, ...change } }))}
        />
      </section>
      <section aria-label={t("beam.files")} className="grid gap-2">
        <h3 className="font-semibold">{t("beam.files")}</h3>
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => void save("/api/preview/beam-plan", "light-plan.svg", "image/svg+xml")}>
            {t("beam.planAsSvg")}
          </Button>
          <Button onClick={() => void save("/api/preview/beam-grid", "light-grid.csv", "text/csv")}>
            {t("beam.gridAsCsv")}
          </Button>
        </div>
        {why && <p role="alert">{why}</p>}
      </section>
    </div>
  );
}
