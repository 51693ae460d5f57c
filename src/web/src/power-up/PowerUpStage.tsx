import { Pause, Play, RotateCcw } from "lucide-react";
import { useMemo, useRef, useState, useSyncExternalStore } from "react";
import { ofDashboard, ofVehicle } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { Button } from "../ui/Button";
import { choiceLook } from "../ui/Field";
import { Notice } from "../ui/Notice";
import { t } from "../words";
import { Curves } from "./Curves";
import { clock } from "./clock";
import { DashPanel } from "./DashPanel";
import { FaultPanel } from "./FaultPanel";
import { LiveLog } from "./LiveLog";
import { MarkList } from "./MarkList";
import { TesterPanel } from "./TesterPanel";
import { type Speed, speeds, useLive } from "./useLive";
import { VehicleLive } from "./VehicleLive";

/** The Power up stage: the rig live, a meter in hand. */
export default function PowerUpStage({ editor }: { editor: RigEditor }) {
  const { rig } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const { answer: board, failed, why } = useOfRig(editor, rig, ofDashboard);
  const walk = useOfRig(editor, rig, ofVehicle);
  const live = useLive(rig);
  const { answer } = live;
  const [red, setRed] = useState("battery.plus");
  const probe = useRef<HTMLSelectElement>(null);
  const { playing, setPlaying, speed, setSpeed } = live;
  const shortcuts = useMemo(() => {
    const by = (step: 1 | -1) => {
      const next = speeds[speeds.indexOf(speed) + step];
      if (next) setSpeed(next);
    };
    return [
      { keys: "p", does: t("powerUp.pauseOrGoOn"), run: () => setPlaying(!playing) },
      { keys: "+", does: t("powerUp.faster"), run: () => by(1) },
      { keys: "-", does: t("powerUp.slower"), run: () => by(-1) },
      { keys: "m", does: t("powerUp.toTheProbe"), run: () => probe.current?.focus() },
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
    <JobFrame editor={editor} stage="power-up" shortcuts={shortcuts} bar={bar} whole>
      {(failed || live.why) && (
        <Notice alert title={t("powerUp.notWorkedOut")}>
          {why || live.why}
        </Notice>
      )}
      {board && board.lines.length === 0 && <Notice title={t("powerUp.nothingToWork")} />}
      {board && board.lines.length > 0 && answer && (
        <div className="grid gap-3 p-3 lg:h-full lg:grid-cols-[17rem_minmax(0,1fr)_19rem] lg:py-2">
          <div
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
            tabIndex={0}
            className="relative grid min-h-0 content-start gap-3 max-lg:order-2 lg:overflow-y-auto lg:pr-1"
          >
            <DashPanel
              board={board}
              dash={answer.dash}
              onTurn={(dash) => live.act({ kind: "turns", dash })}
            />
          </div>
          <div className="flex min-h-0 min-w-0 flex-col gap-2 max-lg:order-1">
            {walk.answer?.picture && (
              <VehicleLive views={walk.answer.picture.views} board={board} moment={answer.moment} />
            )}
            {answer.moment.flashing && <p className="text-sm text-dust">{t("powerUp.meanOfFlashing")}</p>}
            <Curves samples={live.samples} moment={answer.moment} />
            <LiveLog notes={live.notes} />
          </div>
          <aside
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
            tabIndex={0}
            className="relative grid min-h-0 content-start gap-2 max-lg:order-3 lg:overflow-y-auto"
          >
            <TesterPanel rig={rig} board={board} live={live} red={red} onRed={setRed} field={probe} />
            <MarkList
              board={board}
              moment={answer.moment}
              onReplace={(fuse) => live.act({ kind: "replaces", fuse })}
              onProbe={(part) => {
                const terminal = board.probes.find((one) => one.part === part)?.terminal;
                if (terminal) setRed(terminal);
              }}
            />
            <FaultPanel
              board={board}
              faults={answer.faults}
              onChange={(faults) => live.act({ kind: "breaks", faults })}
            />
          </aside>
        </div>
      )}
    </JobFrame>
  );
}
