import { PenLine } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import type { Obstacle } from "../api/client";
import { setWhoHere, whoHere } from "../job/who";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { moment } from "../ui/figures/day";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { HandOverDesk } from "./useHandOver";

/** Where each kind of obstacle is cleared. */
const placeOf = (job: string, { kind, about }: Obstacle): string | undefined =>
  ({
    stop: `/jobs/${job}/lines?line=${encodeURIComponent(about)}`,
    holdPoint: `/jobs/${job}/run-sheet?step=${encodeURIComponent(about)}`,
    takeBack: `/jobs/${job}/run-sheet?step=${encodeURIComponent(about)}`,
    line: `/jobs/${job}/power-up`,
    difference: undefined,
  })[kind];

/** So few are shown at once. */
const fewObstacles = 2;

const kinds: readonly { kind: Obstacle["kind"]; name: string }[] = [
  { kind: "stop", name: t("handOver.obstacle.stop") },
  { kind: "holdPoint", name: t("handOver.obstacle.holdPoint") },
  { kind: "takeBack", name: t("handOver.obstacle.takeBack") },
  { kind: "line", name: t("handOver.obstacle.line") },
  { kind: "difference", name: t("handOver.obstacle.difference") },
];

/** What is open, as the way to where it is cleared. */
function ObstacleWay({ one, job, onDifferences }: { one: Obstacle; job: string; onDifferences: () => void }) {
  const place = placeOf(job, one);
  const look = "flex min-h-11 w-full items-center p-1.5 text-left underline hover:bg-lichen-shade";
  return place ? (
    <Link className={look} to={place}>
      {one.words}
    </Link>
  ) : (
    <button type="button" className={look} onClick={onDifferences}>
      {one.words}
    </button>
  );
}

/** What keeps the vehicle here, and the signature. */
export function SignOffPane({
  desk,
  job,
  onDifferences,
}: {
  desk: HandOverDesk;
  job: string;
  onDifferences: () => void;
}) {
  const [who, setWho] = useState(whoHere);
  const [because, setBecause] = useState("");
  const { view } = desk;
  if (!view) return null;
  const { obstacles, signOff } = view;
  const open = obstacles.length;
  return (
    <div className="grid content-start gap-2" data-sign-off>
      {signOff && (
        <div className="border border-moss bg-slab p-2" data-signed>
          <p className="font-semibold">
            {t("handOver.signedBy", {
              who: signOff.who,
              when: moment(signOff.at),
              revision: signOff.revision,
            })}
          </p>
          {signOff.because && <p>{t("handOver.because", { why: signOff.because })}</p>}
          {signOff.changedSince && <p className="font-semibold text-ochre">{t("handOver.changedSince")}</p>}
          {signOff.broken.map((words) => (
            <p key={words} role="alert" className="font-semibold text-oxide">
              {words}
            </p>
          ))}
          <p className="mt-1 text-sm text-dust">{t("handOver.sumOfPlan")}</p>
          <p className="font-figure text-xs wrap-anywhere">{signOff.jobSum}</p>
        </div>
      )}
      {open > 0 && (
        <section aria-label={t("handOver.keepsItHere", { count: open })} data-obstacles>
          <h2 className="font-semibold">{t("handOver.keepsItHere", { count: open })}</h2>
          {kinds.map(({ kind, name }) => {
            const some = obstacles.filter((one) => one.kind === kind);
            return (
              some.length > 0 && (
                <Details
                  key={kind}
                  open={some.length <= fewObstacles}
                  summary={t("handOver.obstacleCount", { name, count: some.length })}
                >
                  <ul className="-m-2 text-sm">
                    {some.map((one) => (
                      <li
                        key={`${one.about} ${one.words}`}
                        data-obstacle={kind}
                        className="border-b border-seam last:border-0"
                      >
                        <ObstacleWay one={one} job={job} onDifferences={onDifferences} />
                      </li>
                    ))}
                  </ul>
                </Details>
              )
            );
          })}
        </section>
      )}
      {open === 0 && !signOff && <p className="font-semibold">{t("handOver.nothingOpen")}</p>}
      <form
        className="grid gap-2 border-t border-seam pt-2"
        onSubmit={async (event) => {
          event.preventDefault();
          setWhoHere(who);
          if (await desk.add({ kind: "signedOff", who, because } as never)) setBecause("");
        }}
      >
        <TextField
          label={t("handOver.whoChecked")}
          value={who}
          messages={desk.errors.who}
          onChange={setWho}
        />
        {open > 0 && (
          <TextField
            label={t("handOver.whyAllTheSame")}
            rows={2}
            value={because}
            messages={desk.errors.because}
            onChange={setBecause}
          />
        )}
        <Refused said={desk.why || desk.errors.revision?.[0]} />
        <Button look="main" type="submit" disabled={desk.busy}>
          <PenLine size={18} aria-hidden /> {signOff ? t("handOver.signAgain") : t("handOver.signOff")}
        </Button>
        <p className="text-sm text-dust">{t("handOver.typedName")}</p>
      </form>
    </div>
  );
}
