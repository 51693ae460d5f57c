import type { Dashboard, RunMoment, RunSample } from "../api/client";
import { ChoiceField } from "../ui/ChoiceField";
import { amps, percent, volts } from "../ui/figures/figures";
import { useNames } from "../ui/names";
import { t } from "../words";
import { clock } from "./clock";

const width = 300;
const height = 30;

/** A curve that rises by less than this is drawn level: the last digits are no news. */
const leastVolts = 0.5;
const leastAmps = 2;
const leastCharge = 0.02;

/** Stands for the charge that there is. */
const asNow = -1;

/** What a battery can be set to, to see how it goes on from there. */
const charges = [1, 0.8, 0.5, 0.2, 0.05];

/** Volts, amps and charge of the first battery against time, and beside them how batteries and lines stand. */
export function Curves({
  samples,
  moment,
  board,
  onCharge,
}: {
  samples: readonly RunSample[];
  moment: RunMoment;
  board: Dashboard;
  onCharge: (battery: string, charge: number) => void;
}) {
  const names = useNames();
  const last = samples.at(-1);
  const drawing = board.lines.filter(({ id }) => (last?.lineAmps[id] ?? 0) > 0.01);
  return (
    <section aria-label={t("powerUp.curves")} className="grid gap-2 sm:grid-cols-[3fr_2fr]">
      <div className="grid gap-1">
        <Curve
          samples={samples}
          label={t("powerUp.volts")}
          say={volts}
          span={leastVolts}
          of={(sample) => sample.batteries[0]?.volts ?? 0}
        />
        <Curve
          samples={samples}
          label={t("powerUp.amps")}
          say={amps}
          span={leastAmps}
          of={(sample) => sample.batteries[0]?.amps ?? 0}
        />
        <Curve
          samples={samples}
          label={t("powerUp.chargeLeft")}
          say={percent}
          span={leastCharge}
          of={(sample) => sample.batteries[0]?.charge ?? 0}
        />
        <p className="flex justify-between font-figure text-xs text-dust" aria-hidden>
          <span>{clock(samples[0]?.seconds ?? 0)}</span>
          <span>{clock(moment.seconds)}</span>
        </p>
      </div>
      <section
        aria-label={t("powerUp.table")}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
        tabIndex={0}
        className="relative max-h-44 overflow-y-auto border border-seam bg-slab px-2"
      >
        <table className="w-full text-sm">
          <caption className="sr-only">{t("powerUp.table")}</caption>
          <tbody>
            {moment.batteries.map((battery) => (
              <tr key={battery.id} data-battery={battery.id} className="border-b border-seam">
                <th scope="row" className="text-left font-semibold">
                  {names(battery.id)}
                </th>
                <td className="pl-1 text-right font-figure whitespace-nowrap">{volts(battery.volts)}</td>
                <td className="pl-2 text-right font-figure whitespace-nowrap">{amps(battery.amps)}</td>
                <td className="w-28 min-w-24 py-0.5 pl-1 font-figure">
                  <ChoiceField
                    bare
                    label={t("powerUp.chargeOf", { name: names(battery.id) })}
                    value={asNow}
                    options={[
                      { value: asNow, label: percent(battery.charge) },
                      ...charges.map((charge) => ({ value: charge, label: percent(charge) })),
                    ]}
                    onChange={(charge) => onCharge(battery.id, charge)}
                  />
                </td>
              </tr>
            ))}
            {drawing.map(({ id, name }) => (
              <tr key={id} data-draws={id} className="border-b border-seam">
                <th scope="row" colSpan={2} className="text-left font-normal">
                  {name}
                </th>
                <td className="pl-2 text-right font-figure whitespace-nowrap">
                  {amps(last?.lineAmps[id] ?? 0)}
                </td>
                <td />
              </tr>
            ))}
          </tbody>
        </table>
        {drawing.length === 0 && <p className="py-1 text-sm text-dust">{t("powerUp.nothingDraws")}</p>}
      </section>
    </section>
  );
}

function Curve({
  samples,
  label,
  say,
  span,
  of,
}: {
  samples: readonly RunSample[];
  label: string;
  say: (value: number) => string;
  span: number;
  of: (sample: RunSample) => number;
}) {
  const values = samples.map(of);
  const [least, most] = values.length > 0 ? [Math.min(...values), Math.max(...values)] : [0, 0];
  const [from, to] = [samples[0]?.seconds ?? 0, samples.at(-1)?.seconds ?? 0];
  const middle = (least + most) / 2;
  const reach = Math.max(span, most - least);
  const x = (seconds: number) => (to > from ? ((seconds - from) / (to - from)) * width : 0);
  const y = (value: number) => height / 2 - ((value - middle) / reach) * (height - 8);
  return (
    <figure className="border border-seam bg-slab p-1">
      <figcaption className="flex justify-between text-xs text-dust">
        <span>{label}</span>
        <span className="font-figure">
          {values.length > 0 &&
            (say(least) === say(most)
              ? say(most)
              : t("powerUp.fromTo", { least: say(least), most: say(most) }))}
        </span>
      </figcaption>
      <svg viewBox={`0 0 ${width} ${height}`} preserveAspectRatio="none" className="h-7 w-full" aria-hidden>
        <polyline
          points={samples.map((sample) => `${x(sample.seconds)},${y(of(sample))}`).join(" ")}
          fill="none"
          stroke="var(--spruce)"
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
    </figure>
  );
}
