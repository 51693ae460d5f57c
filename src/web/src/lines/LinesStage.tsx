import { Blocks, Copy, Palette, Ruler, Shuffle, Trash2, Waypoints } from "lucide-react";
import { startTransition, useCallback, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { useSearchParams } from "react-router";
import type { Fuse, LinePlan } from "../api/client";
import { under } from "../api/problems";
import { CheckList } from "../job/CheckList";
import { objects } from "../job/cure";
import { HouseRulesPanel } from "../job/HouseRulesPanel";
import { JobFrame } from "../job/JobFrame";
import { ProposalDialog } from "../job/ProposalDialog";
import type { ProposalKind, RigEditor } from "../job/rigEditor";
import { newLine, rulesOf, withLine, withNewLine, withPlan, withRules } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { Notice } from "../ui/Notice";
import { Told } from "../ui/Told";
import { useLater } from "../ui/useLater";
import { useStable } from "../ui/useStable";
import { t } from "../words";
import { Answer } from "./Answer";
import { assessedLines, sifted } from "./assessedLines";
import { DiagramPanel } from "./DiagramPanel";
import { LineBody } from "./LineBody";
import { LineForm } from "./LineForm";
import { LineList, noSifting } from "./LineList";
import { LineMoves } from "./LineMoves";
import { LineName } from "./LineName";
import { LineUseFields } from "./LineUseFields";
import { fuseStep, gaugeStep } from "./steps";
import type { AddedLine } from "./template/TemplateDialog";
import { TemplateDialog } from "./template/TemplateDialog";

// Made once: they are not drawn anew with every edit.
const colourSign = <Palette size={18} aria-hidden />;
const sizeSign = <Ruler size={18} aria-hidden />;
const assignSign = <Shuffle size={18} aria-hidden />;
const partsSign = <Blocks size={18} aria-hidden />;
const diagramSign = <Waypoints size={18} aria-hidden />;
const copySign = <Copy size={16} aria-hidden />;
const removeSign = <Trash2 size={16} aria-hidden />;

/** The Lines stage: the list, the chosen line from source to earth, and what follows from it. */
export default function LinesStage({ editor }: { editor: RigEditor }) {
  const { job, rig, assessment, errors, save } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [place, setPlace] = useSearchParams();
  const wanted = place.get("line");
  const open = place.get("station") ?? undefined;
  const lines = useMemo(() => assessedLines(rig.lines, assessment), [rig.lines, assessment]);
  const at = Math.max(
    0,
    lines.findIndex(({ line }) => line.id === wanted),
  );
  const chosen = lines[at];
  const rules = rulesOf(rig);
  const [sifting, setSifting] = useState(noSifting);
  const [asked, setAsked] = useState<{ kind: ProposalKind; lineId?: string }>();
  const [starting, setStarting] = useState(false);
  const [drawn, setDrawn] = useState(false);
  const [added, setAdded] = useState<AddedLine>();
  const [told, setTold] = useState<{ title: string; sentences: readonly string[] }>();
  const later = useLater(true);
  const said = under(errors, `lines[${at}]`);

  const choose = useCallback((id: string) => setPlace({ line: id }, { replace: true }), [setPlace]);
  const openStation = useCallback(
    (station: string | undefined) =>
      chosen &&
      setPlace(station ? { line: chosen.line.id, station } : { line: chosen.line.id }, { replace: true }),
    [chosen, setPlace],
  );

  const shortcuts = useMemo(() => {
    const answer = chosen?.found?.assessment;
    const change = (edit: Partial<LinePlan>) =>
      chosen && editor.edit((current) => withPlan(current, chosen.line.id, edit));
    const wire = (by: 1 | -1) => {
      const name = answer && gaugeStep(answer.ladder, by);
      if (name) change({ chosenWire: name });
    };
    const fuse = (by: 1 | -1) => {
      const next = answer && fuseStep(answer.fuseWindow, by);
      if (next) change({ chosenFuse: next });
    };
    const beside = (by: 1 | -1) => {
      const order = sifted(lines, sifting);
      const next = order[order.findIndex(({ line }) => line.id === chosen?.line.id) + by];
      if (next) choose(next.line.id);
    };
    return [
      { keys: "j", does: t("lines.nextLine"), run: () => beside(1) },
      { keys: "k", does: t("lines.lineBefore"), run: () => beside(-1) },
      { keys: "[", does: t("lines.oneGaugeThinner"), run: () => wire(-1) },
      { keys: "]", does: t("lines.oneGaugeThicker"), run: () => wire(1) },
      { keys: "-", does: t("lines.oneFuseLower"), run: () => fuse(-1) },
      { keys: "=", does: t("lines.oneFuseHigher"), run: () => fuse(1) },
      { keys: "d", does: t("lines.wiringDiagram"), run: () => setDrawn((now) => !now) },
    ];
  }, [editor, lines, sifting, chosen, choose]);

  const chosenId = chosen?.line.id;
  useEffect(() => editor.lookAt(chosenId), [editor, chosenId]);
  useEffect(() => () => editor.lookAt(undefined), [editor]);

  const start = useStable(() => setStarting(true));
  const remove = async (lineId: string) => {
    const ran = await editor.do({ kind: "removeLine", lineId });
    setTold(ran.done ? { title: t("lines.whatWasTakenOut"), sentences: ran.notes } : undefined);
  };
  const copy = async (lineId: string) => {
    const ran = await editor.do({ kind: "copyLine", lineId });
    if (!ran.done) return;
    setTold({ title: t("lines.whatWasCopied"), sentences: ran.notes });
    if (ran.lineId) choose(ran.lineId);
  };
  const add = useStable(() => {
    const line = newLine(t("lines.line", { linesCount: rig.lines.length + 1 }));
    editor.edit((current) => withNewLine(current, line));
    choose(line.id);
  });
  const own = chosen?.found?.checks;
  const shared = assessment.checks;
  const [objections, holding] = useMemo(() => {
    const about = shared.filter(({ lines }) => chosenId !== undefined && lines.includes(chosenId));
    const checks = [...(own ?? []), ...about];
    return [checks.filter(objects), checks.filter((check) => !objects(check))];
  }, [own, shared, chosenId]);

  const [inspector, setInspector] = useState<HTMLElement | null>(null);
  const bar = chosen && (
    <>
      <LineName
        value={chosen.line.name}
        messages={said.name}
        onChange={(name) => editor.edit((current) => withLine(current, chosen.line.id, { name }))}
      />
      {chosen.line.plan ? (
        <Button onClick={() => void editor.do({ kind: "wireByParts", lineId: chosen.line.id })}>
          {partsSign} {t("lines.expandToFullWiring")}
        </Button>
      ) : (
        <Button onClick={() => setAsked({ kind: "auto-size", lineId: chosen.line.id })}>
          {sizeSign} {t("lines.sizeThisLine")}
        </Button>
      )}
      <Button aria-pressed={drawn} onClick={() => setDrawn(!drawn)}>
        {diagramSign} {t("lines.diagram")}
      </Button>
      <Button look="quiet" onClick={() => void copy(chosen.line.id)}>
        {copySign} {t("lines.copyThisLine")}
      </Button>
      <Button look="quiet" onClick={() => void remove(chosen.line.id)}>
        {removeSign} {t("lines.removeThisLine")}
      </Button>
    </>
  );

  return (
    <JobFrame editor={editor} stage="lines" shortcuts={shortcuts} bar={bar} whole>
      <div className="grid items-start gap-3 p-3 md:grid-cols-[14rem_minmax(0,1fr)] lg:h-full lg:grid-cols-[14rem_minmax(0,1fr)_20.5rem] lg:items-stretch lg:py-2">
        <div className="relative flex flex-col gap-1.5 lg:min-h-0">
          <h2 className="sr-only">{t("lines.lines")}</h2>
          <LineList
            lines={lines}
            sifting={sifting}
            chosen={chosen?.line.id}
            onSift={setSifting}
            onChoose={choose}
            onAdd={add}
            onStart={start}
          />
          <Details summary={t("lines.allLinesAtOnce")}>
            <div className="grid gap-1.5">
              {(rig.runs?.length ?? 0) > 0 && (
                <>
                  <Button onClick={() => setAsked({ kind: "auto-size" })}>
                    {sizeSign} {t("lines.resizeAllWiring")}
                  </Button>
                  <Button onClick={() => void editor.do({ kind: "giveColours" })}>
                    {colourSign} {t("lines.colourAllWiresByUse")}
                  </Button>
                </>
              )}
              {((rig.powerBoxes?.length ?? 0) > 0 || (rig.vehicle.auxOutputs?.length ?? 0) > 0) && (
                <Button onClick={() => setAsked({ kind: "assign-slots" })}>
                  {assignSign} {t("lines.assignOutputs")}
                </Button>
              )}
              <HouseRulesPanel
                rig={rig}
                onTake={(taken) => editor.edit((current) => withRules(current, taken))}
              />
            </div>
          </Details>
        </div>
        <section
          aria-label={t("lines.theChosenLine")}
          className="relative grid min-w-0 content-start gap-2 lg:min-h-0 lg:overflow-y-auto"
        >
          {told && told.sentences.length > 0 && (
            <Told
              title={told.title}
              sentences={told.sentences}
              onClose={() => setTold(undefined)}
              more={
                <Button
                  onClick={async () => {
                    await editor.undo();
                    setTold(undefined);
                  }}
                >
                  {t("lines.undo")}
                </Button>
              }
            />
          )}
          {chosen ? (
            <div className="grid min-w-0 content-start gap-3" key={chosen.line.id}>
              {added?.lineId === chosen.line.id && (
                <Told
                  title={t("lines.whatWasAddedAndWhy")}
                  sentences={added.notes}
                  onClose={() => setAdded(undefined)}
                />
              )}
              <LineBody
                editor={editor}
                rig={rig}
                line={chosen.line}
                asks={!starting}
                errors={errors}
                jobId={job.id}
                open={open}
                onOpen={openStation}
                inspector={inspector}
                diagram={
                  drawn && (
                    <DiagramPanel
                      rig={rig}
                      lineId={chosen.line.id}
                      jobId={job.id}
                      open={open}
                      onOpen={openStation}
                    />
                  )
                }
              />
              {objections.length > 0 && (
                <section aria-label={t("lines.checksOfTheLine")}>
                  <CheckList checks={objections} editor={editor} />
                </section>
              )}
              {later && chosen.found?.assessment && (
                <Answer
                  answer={chosen.found.assessment}
                  checks={holding}
                  editor={editor}
                  outdated={save.kind === "refused"}
                  takes={{
                    wire: (name: string | null) =>
                      editor.edit((current) => withPlan(current, chosen.line.id, { chosenWire: name })),
                    fuse: (fuse: Fuse | null) =>
                      editor.edit((current) => withPlan(current, chosen.line.id, { chosenFuse: fuse })),
                  }}
                />
              )}
              {!chosen.found?.assessment && chosen.found && (
                <Details summary={t("lines.checksThatHoldCount", { holding: holding.length })}>
                  <CheckList checks={holding} editor={editor} />
                </Details>
              )}
            </div>
          ) : (
            <Notice title={t("lines.noLinesYet")}>
              <p>{t("lines.startOneFromALamp")}</p>
              <p className="mt-3">
                <Button look="main" onClick={() => setStarting(true)}>
                  {t("lines.chooseALamp")}
                </Button>
              </p>
            </Notice>
          )}
        </section>
        {later && chosen && (
          <aside
            data-tour="inspector"
            aria-label={t("lines.inspector")}
            className="grid content-start gap-3 lg:relative max-lg:sticky max-lg:bottom-0 max-lg:max-h-[34vh] max-lg:overflow-y-auto max-lg:border-t-4 max-lg:border-lichen max-lg:bg-granite max-lg:p-3 md:max-lg:col-span-2 lg:min-h-0 lg:overflow-y-auto"
          >
            <div ref={setInspector} className={chosen.line.plan ? "order-last" : ""} />
            <section aria-label={t("lines.theLine")}>
              <Details
                key={chosen.line.id}
                summary={chosen.line.plan ? t("lines.lampsLengthReturnPath") : t("lines.whatItIsFor")}
                wrong={Object.keys(said).length > 0}
                open={chosen.line.plan != null}
              >
                <div className="grid gap-3">
                  <LineUseFields
                    line={chosen.line}
                    units={rules.units}
                    messages={said.metresFromFront}
                    noteMessages={said.note}
                    cautions={chosen.found?.cautions ?? []}
                    onChange={(change) => editor.edit((current) => withLine(current, chosen.line.id, change))}
                  />
                  {!chosen.line.plan && <LineMoves editor={editor} rig={rig} line={chosen.line} />}
                  {chosen.line.plan && (
                    <LineForm
                      plan={chosen.line.plan}
                      way={assessment.routes.find(({ id, isLine }) => isLine && id === chosen.line.id)}
                      routePage={`/jobs/${job.id}/walkaround?way=${encodeURIComponent(chosen.line.id)}`}
                      systemVolts={rig.vehicle.systemVolts}
                      units={rules.units}
                      errors={under(said, "plan")}
                      onChange={(change) =>
                        editor.edit((current) => withPlan(current, chosen.line.id, change))
                      }
                    />
                  )}
                </div>
              </Details>
            </section>
          </aside>
        )}
      </div>
      {starting && (
        <TemplateDialog
          editor={editor}
          rig={rig}
          onClose={() => setStarting(false)}
          // Together, as the address changes: else the line before would be asked about once more.
          onAdded={(line) =>
            startTransition(() => {
              setAdded(line);
              setStarting(false);
              choose(line.lineId);
            })
          }
        />
      )}
      {asked && <ProposalDialog editor={editor} {...asked} onClose={() => setAsked(undefined)} />}
    </JobFrame>
  );
}
