import { Pause, Play, RotateCcw } from "lucide-react";
import { useMemo, useRef, useState, useSyncExternalStore } from "react";
import { useSearchParams } from "react-router";
import { asked } from "../api/asked";
import { api, type ReadingCard, type ReadingGroupCard, type RigState } from "../api/client";
import { ofDashboard, ofVehicle } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { Button } from "../ui/Button";
import { choiceLook } from "../ui/Field";
import { Notice } from "../ui/Notice";
import { Panes } from "../ui/Panes";
import { t } from "../words";
import { Curves } from "./Curves";
import { clock } from "./clock";
import { DashPanel } from "./DashPanel";
import { FaultPanel } from "./FaultPanel";
import { FindWireDialog } from "./FindWireDialog";
import { FindBoard } from "./find/FindBoard";
import { FindFaultPane } from "./find/FindFaultPane";
import { useFaultSearch } from "./find/useFaultSearch";
import { LiveLog } from "./LiveLog";
import { MarkList } from "./MarkList";
import { MarkTable } from "./MarkTable";
import { ReadingsPane } from "./ReadingsPane";
import { TesterPanel } from "./TesterPanel";
import { atRest, nextTerminal, type Tester } from "./TesterPlaces";
import { TurnOverPane } from "./TurnOverPane";
import { useCommissioning } from "./useCommissioning";
import { type Speed, speeds, useLive } from "./useLive";
import { VehicleLive } from "./VehicleLive";

type Pane = "tester" | "readings" | "turnOver" | "find" | "faults";

/** The Power up stage: the rig live, a meter in hand, and what the real one should read. */
export default function PowerUpStage({ editor }: { editor: RigEditor }) {
  const { rig } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const { answer: board, failed, why } = useOfRig(editor, rig, ofDashboard);
  const walk = useOfRig(editor, rig, ofVehicle);
  const live = useLive(rig);
  const desk = useCommissioning(editor, rig);
  const { answer } = live;
  const [asks, setAsks] = useSearchParams();
  const [pane, setPane] = useState<Pane>("tester");
  const [held, setHeld] = useState<Omit<Tester, "red">>(atRest);
  const [finding, setFinding] = useState(false);
  const search = useFaultSearch(rig, editor.snapshot().job.id, desk, answer?.faults ?? [], pane === "find");
  // What is out for a reading goes back in with the next.
  const out = useRef<readonly string[]>([]);
  const probe = useRef<HTMLSelectElement>(null);
  const red = asks.get("red") ?? atRest.red;
  const setRed = (terminal: string) => setAsks({ red: terminal }, { replace: true });
  const { playing, setPlaying, speed, setSpeed } = live;

  const touch = (part: string) => {
    const next = board && nextTerminal(board, part, red);
    if (!next) return;
    setPane("tester");
    setRed(next);
  };

  const faultsWith = (more: readonly string[]) => [
    ...(answer?.faults ?? []).filter((key) => !out.current.includes(key)),
    ...more,
  ];
  const stand = ({ state, out: more }: { state: RigState; out: readonly string[] }) => {
    live.act({ kind: "turns", dash: state });
    if (more.length > 0 || out.current.length > 0) live.act({ kind: "breaks", faults: faultsWith(more) });
    out.current = more;
  };
  const tryReading = async (group: ReadingGroupCard, { expected: { probing } }: ReadingCard) => {
    const faults = faultsWith(group.out);
    stand(group);
    if (probing.setting !== "clamp") {
      setRed(probing.red);
      setHeld((now) => ({ ...now, black: probing.black ?? atRest.black }));
    }
    const came = await asked(() =>
      api.POST("/api/preview/probe", {
        body: {
          rig,
          events: [
            { kind: "breaks", seconds: 0, faults },
            { kind: "turns", seconds: 0.001, dash: group.state },
          ],
          at: 0.1,
          probing,
        } as never,
      }),
    );
    return came.ok ? (came.data.value ?? undefined) : undefined;
  };

  const shortcuts = useMemo(() => {
    const by = (step: 1 | -1) => {
      const next = speeds[speeds.indexOf(speed) + step];
      if (next) setSpeed(next);
    };
    return [
      { keys: "p", does: t("powerUp.pauseOrGoOn"), run: () => setPlaying(!playing) },
      { keys: "+", does: t("powerUp.faster"), run: () => by(1) },
      { keys: "-", does: t("powerUp.slower"), run: () => by(-1) },
      {
        keys: "m",
        does: t("powerUp.toTheProbe"),
        run: () => {
          setPane("tester");
          setTimeout(() => probe.current?.focus());
        },
      },
      { keys: "r", does: t("powerUp.toTheReadings"), run: () => setPane("readings") },
      { keys: "o", does: t("powerUp.toTheTurnOver"), run: () => setPane("turnOver") },
      { keys: "d", does: t("powerUp.toTheSearch"), run: () => setPane("find") },
      { keys: "f", does: t("powerUp.toTheFaults"), run: () => setPane("faults") },
    ];
  }, [playing, setPlaying, speed, setSpeed]);
  const bar = (
    <>
      <span className="font-figure text-sm" data-clock>
        {answer && clock(answer.moment.seconds)}
      </span>
      <label className="inline-flex items-center gap-1.5 text-sm">
        {t("powerUp.speed")}
        <select
          className={choiceLook}
          value={speed}
          onChange={(event) => setSpeed(Number(event.target.value) as Speed)}
        >
          {speeds.map((times) => (
            <option key={times} value={times}>
              {times === 1 ? t("powerUp.asInLife") : t("powerUp.times", { count: times })}
            </option>
          ))}
        </select>
      </label>
      <Button onClick={() => setPlaying(!playing)}>
        {playing ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
        {playing ? t("powerUp.pause") : t("powerUp.goOn")}
      </Button>
      <Button onClick={live.restart}>
        <RotateCcw size={18} aria-hidden /> {t("powerUp.restart")}
      </Button>
    </>
  );
  return (
    <JobFrame
      editor={editor}
      stage="power-up"
      shortcuts={shortcuts}
      bar={bar}
      whole
      found={board?.probes.map(({ terminal, name }) => ({
        kind: t("powerUp.probe"),
        name,
        go: () => {
          setPane("tester");
          setRed(terminal);
        },
      }))}
    >
      {(failed || live.why || desk.failed) && (
        <Notice alert title={t("powerUp.notWorkedOut")}>
          {why || live.why || desk.failed}
        </Notice>
      )}
      {board && board.lines.length === 0 && <Notice title={t("powerUp.nothingToWork")} />}
      {board && board.lines.length > 0 && !answer && !live.why && <Notice title={t("powerUp.workingOut")} />}
      {board && board.lines.length > 0 && answer && (
        <div className="grid gap-3 p-3 lg:h-full lg:grid-cols-[15.5rem_minmax(0,1fr)_21rem] lg:py-2">
          <section
            aria-label={t("powerUp.dash")}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
            tabIndex={0}
            className="relative grid min-h-0 content-start gap-3 max-lg:order-2 lg:overflow-y-auto lg:pr-1"
          >
            <DashPanel board={board} dash={live.dash} onTurn={(dash) => live.act({ kind: "turns", dash })} />
          </section>
          <div className="flex min-h-0 min-w-0 flex-col gap-2 max-lg:order-1">
            {walk.answer?.picture && (
              <VehicleLive
                views={walk.answer.picture.views}
                board={board}
                moment={answer.moment}
                red={(pane === "find" && search.view?.next[0]?.probing?.red) || red}
                onTouch={touch}
              />
            )}
            {pane === "find" && search.view ? (
              <FindBoard view={search.view} search={search} onStand={stand} />
            ) : (
              <>
                {answer.moment.flashing && <p className="text-sm text-dust">{t("powerUp.meanOfFlashing")}</p>}
                <Curves
                  samples={live.samples}
                  moment={answer.moment}
                  board={board}
                  onCharge={(battery, charge) => live.act({ kind: "charges", battery, charge })}
                />
                <LiveLog notes={live.notes} />
              </>
            )}
          </div>
          <aside className="flex min-h-0 flex-col gap-2 max-lg:order-3">
            <MarkList
              board={board}
              moment={answer.moment}
              onReplace={(fuse) => live.act({ kind: "replaces", fuse })}
            />
            <Panes
              at={pane}
              onGo={setPane}
              name={t("powerUp.panes")}
              panes={[
                {
                  key: "tester",
                  name: t("powerUp.tester"),
                  content: (
                    <div className="grid gap-2">
                      <TesterPanel
                        rig={rig}
                        board={board}
                        live={live}
                        tester={{ ...held, red, wire: held.wire || (board.paths[0]?.wire ?? "") }}
                        onHold={({ red: next, ...change }) => {
                          if (next) setRed(next);
                          setHeld((now) => ({ ...now, ...change }));
                        }}
                        field={probe}
                      />
                      <MarkTable board={board} moment={answer.moment} onTouch={touch} />
                    </div>
                  ),
                },
                {
                  key: "readings",
                  name: t("powerUp.readings"),
                  content: (
                    <ReadingsPane
                      desk={desk}
                      onStand={stand}
                      onTry={tryReading}
                      onFind={() => setFinding(true)}
                    />
                  ),
                },
                {
                  key: "turnOver",
                  name: t("powerUp.turnOver"),
                  content: <TurnOverPane desk={desk} onStand={stand} />,
                },
                {
                  key: "find",
                  name: t("powerUp.find"),
                  content: <FindFaultPane desk={desk} search={search} onStand={stand} />,
                },
                {
                  key: "faults",
                  name: t("powerUp.faults", { count: answer.faults.length }),
                  content: (
                    <FaultPanel
                      rig={rig}
                      job={editor.snapshot().job.name}
                      board={board}
                      faults={answer.faults}
                      onChange={(faults) => live.act({ kind: "breaks", faults })}
                    />
                  ),
                },
              ]}
            />
          </aside>
        </div>
      )}
      {finding && board && (
        <FindWireDialog
          editor={editor}
          rig={rig}
          board={board}
          volts={desk.view?.batteryVolts ?? null}
          onClose={() => setFinding(false)}
        />
      )}
    </JobFrame>
  );
}
