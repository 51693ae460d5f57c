import { useEffect, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { Button } from "../ui/Button";
import { t } from "../words";
import { useJobs } from "../yard/useJobs";
import { tour, tourOffered, tourStep } from "./tour";

/** The step of the tour that is on, beside what it tells about; nothing where none is. */
export function TourCard() {
  const step = tourStep.use();
  return step === "off" ? null : <Card at={Number(step)} />;
}

function Card({ at }: { at: number }) {
  const step = tour[at];
  const jobs = useJobs(false);
  const job = jobs.answer?.find(({ lineCount }) => (lineCount ?? 0) > 0)?.id;
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const box = useBox(step?.marks ?? "");
  const wanted = step?.stage ? (job ? `/jobs/${job}/${step.stage}` : undefined) : "/";
  // biome-ignore lint/correctness/useExhaustiveDependencies: only as a step begins; where one goes then is one's own affair
  useEffect(() => {
    if (wanted && pathname !== wanted) navigate(wanted);
  }, [wanted]);
  if (!step) return null;
  const go = (to: number) => tourStep.set(String(to) as "0");
  const end = () => {
    tourStep.set("off");
    tourOffered.set("yes");
  };
  return (
    <>
      {box && (
        <div
          aria-hidden
          className="pointer-events-none fixed z-30 rounded-sm border-4 border-lichen"
          style={{ left: box.x - 4, top: box.y - 4, width: box.width + 8, height: box.height + 8 }}
        />
      )}
      <section
        aria-label={t("help.tour")}
        className="fixed bottom-10 left-4 z-40 grid w-[min(26rem,92vw)] gap-2 rounded-sm border border-edge border-l-4 border-l-lichen bg-slab p-4 shadow-lg"
        onKeyDown={(event) => event.key === "Escape" && end()}
      >
        <div role="status" className="grid gap-1">
          <h2 className="font-semibold">
            <span className="font-figure text-dust">
              {at + 1}/{tour.length}
            </span>{" "}
            {step.title}
          </h2>
          <p>{step.stage && !job && !jobs.answer?.length ? t("help.startAJobFirstThere") : step.words}</p>
        </div>
        <div className="flex justify-end gap-2">
          <Button look="quiet" onClick={end}>
            {t("help.endTheTour")}
          </Button>
          {at > 0 && <Button onClick={() => go(at - 1)}>{t("help.back")}</Button>}
          {at < tour.length - 1 ? (
            <Button look="main" onClick={() => go(at + 1)}>
              {t("help.next")}
            </Button>
          ) : (
            <Button look="main" onClick={end}>
              {t("help.done")}
            </Button>
          )}
        </div>
      </section>
    </>
  );
}

const everyMilliseconds = 250;

/** Where an element is on the screen, as it moves. */
function useBox(selector: string): DOMRect | undefined {
  const [box, setBox] = useState<DOMRect>();
  useEffect(() => {
    const look = () => {
      const found = document.querySelector(selector)?.getBoundingClientRect();
      setBox((old) =>
        found &&
        old &&
        found.x === old.x &&
        found.y === old.y &&
        found.width === old.width &&
        found.height === old.height
          ? old
          : found,
      );
    };
    look();
    const timer = setInterval(look, everyMilliseconds);
    return () => clearInterval(timer);
  }, [selector]);
  return box;
}
