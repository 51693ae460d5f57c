import { type ReactNode, useMemo, useRef, useState, useSyncExternalStore } from "react";
import { Link } from "react-router";
import { ofVehicle } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { Panes } from "../ui/Panes";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { AimPane } from "./AimPane";
import { Below } from "./Below";
import { GlarePane } from "./GlarePane";
import { LitBar } from "./LitBar";
import { PlanView } from "./PlanView";
import { SetupsPane } from "./SetupsPane";
import { SideView } from "./SideView";
import { useBeam } from "./useBeam";
import { WallPane } from "./WallPane";

type Pane = "aim" | "glare" | "wall" | "setups";

/** The Beam stage: level, aim, glare, and the light that really falls on the ground. */
export default function BeamStage({ editor }: { editor: RigEditor }) {
  const { rig, job, errors } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const walk = useOfRig(editor, rig, ofVehicle);
  const beam = useBeam(editor, rig);
  const { view } = beam;
  const [pane, setPane] = useState<Pane>("aim");
  const [picked, setPicked] = useState("");
  const arrows = useRef<HTMLButtonElement>(null);
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
          setTimeout(() => arrows.current?.focus());
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
              arrows={arrows}
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
            <LitBar rig={rig} beam={beam} />
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
            <Below view={view} />
          </div>
          <aside className="flex min-h-0 min-w-0 flex-col gap-2">
            <Panes at={pane} onGo={setPane} name={t("beam.panes")} panes={panes} />
            <section
              aria-label={t("beam.notes")}
              // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
              tabIndex={0}
              className="relative mt-auto max-h-28 shrink-0 overflow-y-auto border border-seam bg-slab text-sm"
            >
              <ul>
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
            </section>
          </aside>
        </div>
      )}
    </JobFrame>
  );
}
