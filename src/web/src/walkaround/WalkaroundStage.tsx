import { useCallback, useMemo, useState, useSyncExternalStore } from "react";
import { useSearchParams } from "react-router";
import { ofVehicle } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import { ProposalDialog } from "../job/ProposalDialog";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { useLater } from "../ui/useLater";
import { t } from "../words";
import { BodyPanel } from "./BodyPanel";
import { Drawing } from "./drawing/Drawing";
import { ElectricsPanel } from "./ElectricsPanel";
import { MountPanel } from "./MountPanel";
import { PartsPanel } from "./PartsPanel";
import { RoutePanel } from "./RoutePanel";

const panels = [
  { key: "mount", name: t("walkaround.mounts") },
  { key: "part", name: t("walkaround.parts") },
  { key: "way", name: t("walkaround.routes") },
  { key: "electrics", name: t("walkaround.electrics") },
  { key: "body", name: t("walkaround.vehicle") },
] as const;

type PanelKey = (typeof panels)[number]["key"];

/** Where it goes, whether it fits, how far the wire runs. */
export default function WalkaroundStage({ editor }: { editor: RigEditor }) {
  const { job, rig, assessment, errors, save } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [place, setPlace] = useSearchParams();
  const walk = useOfRig(editor, rig, ofVehicle);
  const [asked, setAsked] = useState(false);
  const later = useLater(!rig.body || walk.answer !== undefined || walk.failed);

  const panel: PanelKey = panels.find(({ key }) => place.has(key))?.key ?? (rig.body ? "mount" : "body");
  const mounts = rig.body?.mounts ?? [];
  const mount = mounts.find(({ id }) => id === place.get("mount")) ?? mounts[0];
  const routes = walk.answer?.routes ?? [];
  const way = routes.find(({ id }) => id === place.get("way")) ?? routes[0];
  const choose = useCallback(
    (key: PanelKey, id: string) => setPlace({ [key]: id }, { replace: true }),
    [setPlace],
  );

  const opens: Record<PanelKey, string | undefined> = {
    mount: mount?.id,
    part: "all",
    way: way?.id,
    electrics: "all",
    body: "size",
  };

  const shortcuts = useMemo(() => {
    const list = panel === "way" ? routes : mounts;
    const at = list.findIndex(({ id }) => id === (panel === "way" ? way?.id : mount?.id));
    const beside = (by: 1 | -1) => {
      const next = list[at + by];
      if (next) choose(panel === "way" ? "way" : "mount", next.id);
    };
    return [
      { keys: "j", does: t("walkaround.nextMountOrRoute"), run: () => beside(1) },
      { keys: "k", does: t("walkaround.mountOrRouteBefore"), run: () => beside(-1) },
      { keys: "m", does: t("walkaround.mounts"), run: () => choose("mount", mount?.id ?? "") },
      { keys: "p", does: t("walkaround.parts"), run: () => choose("part", "all") },
      { keys: "e", does: t("walkaround.electrics"), run: () => choose("electrics", "all") },
      { keys: "w", does: t("walkaround.routes"), run: () => choose("way", way?.id ?? "") },
      { keys: "b", does: t("walkaround.vehicle"), run: () => choose("body", "size") },
    ];
  }, [panel, routes, mounts, way, mount, choose]);

  return (
    <JobFrame editor={editor} stage="walkaround" shortcuts={shortcuts} whole>
      <div className="grid gap-3 p-3 lg:h-full lg:grid-cols-[minmax(0,1fr)_24rem]">
        <section
          data-tour="vehicle"
          aria-label={t("walkaround.theVehicle")}
          className="flex min-h-0 min-w-0 flex-col gap-3"
        >
          {walk.slow && walk.answer && (
            <p role="status" className="font-semibold">
              {t("walkaround.workingItOut")}
            </p>
          )}
          {walk.failed && walk.answer && (
            <p role="status" className="font-semibold text-ochre">
              {t("walkaround.drawnAsItLastWas")}
            </p>
          )}
          {walk.answer?.picture && rig.body ? (
            <Drawing
              body={rig.body}
              rig={rig}
              walk={walk.answer}
              views={walk.answer.picture.views}
              runs={assessment.runs}
              mount={panel === "mount" ? mount?.id : undefined}
              way={panel === "way" ? way?.id : undefined}
              onMount={(id) => choose("mount", id)}
              onMove={(part, at) => void editor.do({ kind: "placePart", part, at })}
            />
          ) : (
            <Notice
              title={
                walk.failed
                  ? t("walkaround.theVehicleCannotBeDrawn")
                  : rig.body
                    ? t("walkaround.drawingTheVehicle")
                    : t("walkaround.noVehicleYet")
              }
            >
              {walk.failed
                ? t("walkaround.correctTheFieldThatIs")
                : rig.body
                  ? ""
                  : t("walkaround.chooseABodyLengthsHarnesses")}
            </Notice>
          )}
        </section>
        <div className="flex min-h-0 flex-col gap-3">
          <div
            role="tablist"
            aria-label={t("walkaround.whatToLookAt")}
            className="flex shrink-0 border-b border-seam"
          >
            {panels.map(({ key, name }) => (
              <button
                key={key}
                type="button"
                role="tab"
                id={`tab-${key}`}
                aria-selected={panel === key}
                aria-controls="panel"
                className={`min-h-11 border-b-4 px-3 font-semibold ${panel === key ? "border-lichen" : "border-transparent text-dust hover:bg-lichen-shade"}`}
                onClick={() => choose(key, opens[key] ?? "")}
              >
                {name}
              </button>
            ))}
          </div>
          <div
            role="tabpanel"
            id="panel"
            aria-labelledby={`tab-${panel}`}
            className="relative grid auto-rows-max content-start gap-3 lg:min-h-0 lg:overflow-y-auto"
          >
            {later && (
              <>
                {panel === "mount" &&
                  (mount ? (
                    <MountPanel
                      editor={editor}
                      rig={rig}
                      walk={walk.answer}
                      mount={mount}
                      errors={errors}
                      onChoose={(id) => choose("mount", id)}
                    />
                  ) : (
                    <Notice title={t("walkaround.noMountsYet")}>
                      <p>{t("walkaround.mountsComeWithTheBody")}</p>
                      <Button className="mt-3" onClick={() => choose("body", "size")}>
                        {t("walkaround.chooseABody")}
                      </Button>
                    </Notice>
                  ))}
                {panel === "part" && (
                  <PartsPanel
                    editor={editor}
                    jobId={job.id}
                    rig={rig}
                    walk={walk.answer}
                    part={place.get("part") ?? ""}
                    errors={errors}
                    onChoose={(id) => choose("part", id)}
                  />
                )}
                {panel === "electrics" && (
                  <ElectricsPanel
                    editor={editor}
                    jobId={job.id}
                    rig={rig}
                    errors={errors}
                    asked={
                      place.get("electrics")?.startsWith("vehicle.")
                        ? (place.get("electrics") ?? undefined)
                        : undefined
                    }
                  />
                )}
                {panel === "way" && (
                  <RoutePanel
                    editor={editor}
                    rig={rig}
                    walk={walk.answer}
                    way={way}
                    errors={errors}
                    outdated={save.kind === "refused"}
                    onChoose={(id) => choose("way", id)}
                    onReroute={() => setAsked(true)}
                  />
                )}
                {panel === "body" && (
                  <BodyPanel
                    editor={editor}
                    jobId={job.id}
                    rig={rig}
                    errors={errors}
                    onTaken={() => choose("body", "size")}
                  />
                )}
              </>
            )}
          </div>
        </div>
      </div>
      {asked && <ProposalDialog editor={editor} kind="reroute" onClose={() => setAsked(false)} />}
    </JobFrame>
  );
}
