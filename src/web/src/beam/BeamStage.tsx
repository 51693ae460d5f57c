import { Tabs } from "radix-ui";
import { type ReactNode, useMemo, useRef, useState, useSyncExternalStore } from "react";
import { Link } from "react-router";
import type { Facing } from "../api/client";
import { ofVehicle } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { CheckField } from "../ui/CheckField";
import { choiceLook } from "../ui/Field";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { AimPane } from "./AimPane";
import { facingWords, LampTable, ReachTable, SeatView } from "./Below";
import { GlarePane } from "./GlarePane";
import { PlanView } from "./PlanView";
import { SetupsPane } from "./SetupsPane";
import { SideView } from "./SideView";
import { allLines, noLines, type OwnLamp, ownLamps, useBeam } from "./useBeam";
import { WallPane } from "./WallPane";

const ownWords: Record<OwnLamp, string> = {
  low: t("beam.ownLow"),
  high: t("beam.ownHigh"),
  fog: t("beam.ownFog"),
  reverse: t("beam.ownReverse"),
};

type Pane = "aim" | "glare" | "wall" | "setups";

/** The Beam stage: level, aim, glare, and the light that really falls on the ground. */
export default function BeamStage({ editor }: { editor: RigEditor }) {
  const { rig, job, errors } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const walk = useOfRig(editor, rig, ofVehicle);
  const beam = useBeam(editor, rig);
  const { view, look, put } = beam;
  const [pane, setPane] = useState<Pane>("aim");
  const [below, setBelow] = useState<"seen" | "lamps">("seen");
  const [camera, setCamera] = useState(false);
  const [to, setTo] = useState<Facing>("ahead");
  const [picked, setPicked] = useState("");
  const list = useRef<HTMLDivElement>(null);
  const chosen = view?.aims.find(({ lamp }) => lamp === picked) ?? view?.aims[0];
  const [together, setTogether] = useState(true);
  const shown = chosen && { ...chosen, aim: beam.aimOf(chosen) };
  const row = chosen
    ? (view?.aims.filter(({ lines }) => lines.some((line) => chosen.lines.includes(line))) ?? [])
    : [];
  const turned = chosen ? (together && row.length > 1 ? row : [chosen]) : [];
  const views = walk.answer?.picture?.views;
  const length = rig.body?.size.lengthMetres ?? 5;

  const choose = (lamp: string) => {
    beam.settle();
    setPicked(lamp);
  };
  const shortcuts = useMemo(
    () => [
      {
        keys: "a",
        does: t("beam.toTheAim"),
        run: () => {
          setPane("aim");
          setTimeout(() => list.current?.querySelector<HTMLElement>("[data-turn]")?.focus());
        },
      },
      { keys: "g", does: t("beam.toTheGlare"), run: () => setPane("glare") },
      { keys: "w", does: t("beam.toTheWall"), run: () => setPane("wall") },
      { keys: "s", does: t("beam.toTheSetups"), run: () => setPane("setups") },
    ],
    [],
  );
  const panes: readonly { key: Pane; name: string; content: ReactNode }[] = view
    ? [
        {
          key: "aim",
          name: t("beam.aim"),
          content: (
            <AimPane
              editor={editor}
              rig={rig}
              view={view}
              beam={beam}
              chosen={shown}
              onChoose={choose}
              row={row}
              turned={turned}
              together={together}
              onTogether={setTogether}
            />
          ),
        },
        { key: "glare", name: t("beam.glare"), content: <GlarePane view={view} /> },
        {
          key: "wall",
          name: t("beam.wall"),
          content: <WallPane rig={rig} job={job.id} view={view} beam={beam} />,
        },
        {
          key: "setups",
          name: t("beam.more"),
          content: <SetupsPane editor={editor} rig={rig} beam={beam} errors={errors} />,
        },
      ]
    : [];
  return (
    <JobFrame
      editor={editor}
      stage="beam"
      shortcuts={shortcuts}
      whole
      found={view?.aims.map(({ lamp, name }) => ({
        kind: t("beam.lamp"),
        name,
        go: () => {
          setPane("aim");
          choose(lamp);
        },
      }))}
    >
      {!rig.body && (
        <Notice title={t("beam.noBody")}>
          <Link className={linkLook} to={`/jobs/${job.id}/walkaround`}>
            {t("beam.chooseBody")}
          </Link>
        </Notice>
      )}
      {beam.failed && (
        <Notice alert title={t("beam.notWorkedOut")}>
          {beam.why}
        </Notice>
      )}
      {rig.body && !view && !beam.failed && <Notice title={t("beam.workingOut")} />}
      {rig.body && view && (
        <div className="grid gap-2 p-2 lg:h-full lg:grid-cols-[minmax(0,1fr)_21rem]">
          <div className="relative flex min-h-0 min-w-0 flex-col gap-1.5 lg:overflow-y-auto">
            <section
              aria-label={t("beam.looked")}
              className="flex flex-wrap items-center gap-x-4 border border-seam bg-slab px-2"
            >
              <label className="inline-flex min-h-11 items-center gap-2 text-sm">
                {t("beam.lit")}
                <select
                  className={choiceLook}
                  value={look.lines}
                  onChange={(event) => put({ lines: event.target.value })}
                >
                  <option value={allLines}>{t("beam.everyLine")}</option>
                  <option value={noLines}>{t("beam.noLine")}</option>
                  {rig.lines.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              </label>
              <fieldset className="flex flex-wrap items-center gap-x-3">
                <legend className="sr-only">{t("beam.own")}</legend>
                <span className="text-sm text-dust" aria-hidden>
                  {t("beam.own")}
                </span>
                {ownLamps.map((own) => (
                  <CheckField
                    key={own}
                    label={ownWords[own]}
                    checked={look.own.includes(own)}
                    onChange={(on) =>
                      put({ own: on ? [...look.own, own] : look.own.filter((one) => one !== own) })
                    }
                  />
                ))}
              </fieldset>
              <CheckField
                label={t("beam.engineOff")}
                checked={look.engineOff}
                onChange={(engineOff) => put({ engineOff })}
              />
              {beam.slow && <span className="text-sm">{t("beam.workingOut")}</span>}
            </section>
            <SideView
              view={view}
              side={views?.find(({ side }) => side === "left")}
              length={length}
              chosen={shown}
              onTilt={(pitch) => shown && beam.turn(turned, pitch - (shown.aim.pitchDegrees ?? 0), 0)}
              onTilted={beam.settle}
            />
            <PlanView
              view={view}
              above={views?.find(({ side }) => side === "above")}
              length={length}
              chosen={shown}
              onTurn={(yaw) => shown && beam.turn(turned, 0, yaw - (shown.aim.yawDegrees ?? 0))}
              onTurned={beam.settle}
            />
            <Tabs.Root value={below} onValueChange={(next) => setBelow(next as typeof below)}>
              <div className="flex flex-wrap items-center justify-between gap-x-3 border-b border-seam">
                <Tabs.List aria-label={t("beam.figures")} className="flex">
                  {(["seen", "lamps"] as const).map((key) => (
                    <Tabs.Trigger
                      key={key}
                      value={key}
                      className="min-h-11 border-b-4 border-transparent px-3 text-sm font-semibold text-dust data-[state=active]:border-lichen data-[state=active]:text-ink"
                    >
                      {key === "seen" ? t("beam.seenAndReach") : t("beam.allLamps")}
                    </Tabs.Trigger>
                  ))}
                </Tabs.List>
                {below === "seen" && (
                  <div className="flex flex-wrap gap-2 text-sm">
                    <label className="inline-flex items-center gap-1.5">
                      {t("beam.seenFrom")}
                      <select
                        className={choiceLook}
                        value={camera ? "camera" : "seat"}
                        onChange={(event) => setCamera(event.target.value === "camera")}
                      >
                        <option value="seat">{t("beam.theSeat")}</option>
                        <option value="camera">{t("beam.theCamera")}</option>
                      </select>
                    </label>
                    <label className="inline-flex items-center gap-1.5">
                      {t("beam.lightTo")}
                      <select
                        className={choiceLook}
                        value={to}
                        onChange={(event) => setTo(event.target.value as Facing)}
                      >
                        {view.sides.map((one) => (
                          <option key={one.to} value={one.to}>
                            {facingWords[one.to]}
                          </option>
                        ))}
                      </select>
                    </label>
                  </div>
                )}
              </div>
              <Tabs.Content value="seen" className="grid gap-2 pt-1 sm:grid-cols-2">
                <SeatView view={view} camera={camera} />
                <ReachTable view={view} to={to} />
              </Tabs.Content>
              <Tabs.Content value="lamps" className="pt-1">
                <LampTable view={view} />
              </Tabs.Content>
            </Tabs.Root>
          </div>
          <aside className="flex min-h-0 min-w-0 flex-col gap-2">
            <Tabs.Root
              value={pane}
              onValueChange={(next) => setPane(next as Pane)}
              className="flex min-h-0 flex-1 flex-col"
            >
              <Tabs.List aria-label={t("beam.panes")} className="flex shrink-0 border-b border-seam">
                {panes.map(({ key, name }) => (
                  <Tabs.Trigger
                    key={key}
                    value={key}
                    className="min-h-11 flex-1 border-b-4 border-transparent px-1 text-sm font-semibold text-dust data-[state=active]:border-lichen data-[state=active]:text-ink"
                  >
                    {name}
                  </Tabs.Trigger>
                ))}
              </Tabs.List>
              {panes.map(({ key, content }) => (
                <Tabs.Content
                  key={key}
                  value={key}
                  ref={key === "aim" ? list : undefined}
                  className="relative min-h-0 flex-1 pt-2 lg:overflow-y-auto lg:pr-1"
                >
                  {content}
                </Tabs.Content>
              ))}
            </Tabs.Root>
            <ul
              aria-label={t("beam.notes")}
              className="relative max-h-28 shrink-0 overflow-y-auto border border-seam bg-slab text-sm"
            >
              {view.notes.map((note) => (
                <li
                  key={note.words}
                  data-note={note.verdict}
                  className="flex gap-2 border-b border-seam p-1.5 last:border-0"
                >
                  {note.verdict !== "holds" && <VerdictMark verdict={note.verdict} />}
                  {note.words}
                </li>
              ))}
              <li className="p-1.5 text-dust">{t("beam.law")}</li>
            </ul>
          </aside>
        </div>
      )}
    </JobFrame>
  );
}
