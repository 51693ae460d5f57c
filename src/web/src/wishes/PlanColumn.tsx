import { useState } from "react";
import type { ShownPlan } from "../api/client";
import { SmallPicture } from "../picture/SmallPicture";
import { Button } from "../ui/Button";
import { useMoney } from "../ui/units";
import { TallyLine } from "../ui/VerdictMark";
import { t } from "../words";
import { aimWords, lightNames } from "./lights";
import { PlanLine } from "./PlanLine";
import { ScaleList } from "./ScaleList";

/** One plan: the vehicle with it on, what it comes to, its lines with why, and what it does not meet. */
export function PlanColumn({
  plan,
  busy,
  onTake,
}: {
  plan: ShownPlan;
  busy: boolean;
  onTake: (lines: ShownPlan["lines"]) => void;
}) {
  const money = useMoney();
  const [left, setLeft] = useState<readonly string[]>([]);
  const title = plan.aims.map((aim, i) => (i === 0 ? aimWords[aim] : aimWords[aim].toLowerCase())).join(", ");
  const chosen = plan.lines.filter(({ planned }) => !left.includes(planned.light));
  const figures = [
    [t("wishes.price"), money(plan.price)],
    [t("wishes.parts"), String(plan.parts)],
    [t("wishes.light"), `${Math.round(plan.lumens)} lm`],
    [t("wishes.watts2"), `${Math.round(plan.watts)} W`],
    [t("wishes.freeOutputs"), String(plan.freeOutputs)],
    [t("wishes.holes"), String(plan.holes)],
    [t("wishes.covers"), String(plan.coversOff.length)],
  ] as const;
  return (
    <section
      aria-label={title}
      data-plan={plan.aims[0]}
      className="flex min-h-0 flex-col border border-edge bg-slab"
    >
      <header className="flex items-center gap-2 border-b border-seam px-2 py-1">
        <h3 className="flex-1 font-semibold">{title}</h3>
        {plan.picture && <SmallPicture view={plan.picture} className="h-11" />}
      </header>
      <dl className="grid shrink-0 grid-cols-2 gap-x-3 border-b border-seam px-2 py-1 text-sm">
        {figures.map(([name, value]) => (
          <div key={name} className="flex justify-between gap-2">
            <dt className="text-dust">{name}</dt>
            <dd className="font-figure">{value}</dd>
          </div>
        ))}
        <div className="col-span-2 flex justify-between gap-2">
          <dt className="text-dust">{t("wishes.checks")}</dt>
          <dd>
            <TallyLine tally={plan.tally} />
          </dd>
        </div>
      </dl>
      <div className="min-h-0 flex-1 lg:overflow-y-auto">
        {plan.lines.map((line) => (
          <PlanLine
            key={line.planned.light}
            line={line}
            taken={!left.includes(line.planned.light)}
            onTaken={(on) =>
              setLeft(on ? left.filter((one) => one !== line.planned.light) : [...left, line.planned.light])
            }
          />
        ))}
        <div className="grid gap-1 px-2 py-1 text-sm" data-not-met>
          {plan.notMet.length === 0 ? (
            <p className="text-dust">{t("wishes.everyWishMet")}</p>
          ) : (
            <div>
              <h4 className="font-semibold text-ochre">{t("wishes.notMet")}</h4>
              <ul className="list-disc pl-5">
                {plan.notMet.map(({ light, why }) => (
                  <li key={light}>
                    <strong>{lightNames[light]}:</strong> {why}
                  </li>
                ))}
              </ul>
            </div>
          )}
          <ScaleList scale={plan.scale} />
          {plan.coversOff.length > 0 && <p>{t("wishes.coversOff", { covers: plan.coversOff.join(", ") })}</p>}
        </div>
      </div>
      <div className="shrink-0 border-t border-seam p-1.5">
        <Button
          look="main"
          className="w-full"
          disabled={busy || chosen.length === 0}
          onClick={() => onTake(chosen)}
        >
          {chosen.length === plan.lines.length
            ? t("wishes.takeAll")
            : chosen.length === 0
              ? t("wishes.takeNone")
              : t("wishes.takeSome", { count: chosen.length })}
        </Button>
      </div>
    </section>
  );
}
