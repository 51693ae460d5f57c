import { useMemo, useState } from "react";
import type { Exercise, Probing, TrainingAct, TrainingView } from "../api/client";
import { Frame } from "../frame/Frame";
import { askedOf, ofDashboard, ofVehicle } from "../job/aboutRig";
import { DashPanel } from "../power-up/DashPanel";
import { atRest, nextTerminal, probingOf } from "../power-up/TesterPlaces";
import { VehicleLive } from "../power-up/VehicleLive";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { Panes } from "../ui/Panes";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";
import { ComparedWay } from "./ComparedWay";
import { Ended } from "./Ended";
import { MeterPane } from "./MeterPane";
import { NameFaultPane } from "./NameFaultPane";
import { Steps } from "./Steps";
import { TakeOutPane } from "./TakeOutPane";
import type { useTraining } from "./useTraining";

type Pane = "meter" | "takeOut" | "name";

/** One exercise: what the customer says, the vehicle with its dash, a meter in hand, and what came of it so far. */
export function Lesson({
  exercise,
  view,
  training,
}: {
  exercise: Exercise;
  view: TrainingView;
  training: ReturnType<typeof useTraining>;
}) {
  const { rig } = exercise;
  const { answer: board, why } = useAnswer(...askedOf(ofDashboard, rig));
  const { answer: walk } = useAnswer(...askedOf(ofVehicle, rig), { enabled: rig.body != null });
  const [pane, setPane] = useState<Pane>("meter");
  const [held, setHeld] = useState(atRest);
  const tester = { ...held, wire: held.wire || (board?.paths[0]?.wire ?? "") };
  const act = (what: TrainingAct) => training.act(what);
  const shortcuts = useMemo(
    () => [
      { keys: "m", does: t("training.toTheMeter"), run: () => setPane("meter") },
      { keys: "t", does: t("training.toWhatIsOut"), run: () => setPane("takeOut") },
      { keys: "f", does: t("training.toTheFaults"), run: () => setPane("name") },
    ],
    [],
  );
  return (
    <Frame whole shortcuts={shortcuts}>
      {(why || training.why) && <Notice alert title={why || training.why} />}
      {board && (
        <div
          className="grid gap-3 p-3 lg:h-full lg:grid-cols-[15.5rem_minmax(0,1fr)_21rem] lg:py-2"
          data-lesson={view.found ? "found" : "open"}
        >
          <section
            aria-label={t("powerUp.dash")}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
            tabIndex={0}
            className="relative grid min-h-0 content-start gap-3 max-lg:order-2 lg:overflow-y-auto lg:pr-1"
          >
            <fieldset disabled={view.found} className="contents">
              <DashPanel
                board={board}
                dash={training.dash}
                onTurn={(dash) => act({ kind: "turns", dash } as TrainingAct)}
              />
            </fieldset>
          </section>
          <div className="flex min-h-0 min-w-0 flex-col gap-2 max-lg:order-1">
            <div className="-my-2 flex items-center gap-3">
              <h1 className="font-semibold">{view.title}</h1>
              <Button look="quiet" onClick={() => training.begin(undefined)}>
                {t("training.otherExercises")}
              </Button>
              {training.slow && (
                <p role="status" className="text-sm text-dust">
                  {t("training.workingOut")}
                </p>
              )}
              <p className="ml-auto font-figure whitespace-nowrap" data-minutes>
                {t("training.spent", { minutes: view.minutes.toFixed(2), count: view.steps.length })}
              </p>
            </div>
            <blockquote className="border-l-4 border-lichen bg-slab p-2">{view.complaint}</blockquote>
            {view.found ? (
              <ComparedWay view={view} />
            ) : (
              <>
                {walk?.picture && (
                  <VehicleLive
                    views={walk.picture.views}
                    board={board}
                    moment={view.lamps}
                    red={held.red}
                    onTouch={(part) => {
                      const red = nextTerminal(board, part, held.red);
                      if (!red) return;
                      setPane("meter");
                      setHeld({ ...held, red });
                    }}
                  />
                )}
                <Steps steps={view.steps} name={t("training.soFar")} last />
              </>
            )}
          </div>
          <aside className="flex min-h-0 flex-col gap-2 max-lg:order-3">
            {view.found ? (
              <Ended view={view} onAgain={() => training.begin(exercise)} />
            ) : (
              <Panes
                at={pane}
                onGo={setPane}
                name={t("training.tools")}
                panes={[
                  {
                    key: "meter",
                    name: t("training.meter"),
                    content: (
                      <MeterPane
                        board={board}
                        tester={tester}
                        reading={view.reading}
                        onHold={(change) => setHeld({ ...held, ...change })}
                        onRead={() =>
                          act({ kind: "probes", probing: probingOf(tester) as Probing } as TrainingAct)
                        }
                      />
                    ),
                  },
                  {
                    key: "takeOut",
                    name: t("training.takeOut"),
                    content: (
                      <TakeOutPane
                        view={view}
                        onTake={(out) => act({ kind: "takesOut", out } as TrainingAct)}
                      />
                    ),
                  },
                  {
                    key: "name",
                    name: t("training.nameTheFault"),
                    content: (
                      <NameFaultPane
                        suspects={view.suspects}
                        onInspect={(fault) => act({ kind: "inspects", fault } as TrainingAct)}
                      />
                    ),
                  },
                ]}
              />
            )}
          </aside>
        </div>
      )}
    </Frame>
  );
}
