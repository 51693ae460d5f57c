import type { RunMoment, RunSample } from "../api/client";
import { amps, percent, volts } from "../ui/figures/figures";
import { useNames } from "../ui/names";
import { t } from "../words";

const width = 300;
const height = 56;

/** Volts and amps of the first battery against time, and how each battery stands. */
export function Curves({ samples, moment }: { samples: readonly RunSample[]; moment: RunMoment }) {
  const names = useNames();
  return (
    <section aria-label={t("powerUp.curves")} className="grid grid-cols-2 gap-2">
      <Curve samples={samples} label={t("powerUp.volts")} of={(sample) => sample.batteries[0]?.volts ?? 0} />
      <Curve samples={samples} label={t("powerUp.amps")} of={(sample) => sample.batteries[0]?.amps ?? 0} />
      <ul className="col-span-2 text-sm" aria-live="off">
        {moment.batteries.map((battery) => (
          <li key={battery.id} data-battery={battery.id}>
            {t("powerUp.charge", {
              battery: names(battery.id),
              volts: volts(battery.volts),
              amps: amps(battery.amps),
              charge: percent(battery.charge),
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Curve({
  samples,
  label,
  of,
}: {
  samples: readonly RunSample[];
  label: string;
  of: (sample: RunSample) => number;
}) {
  const values = samples.map(of);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const [from, to] = [samples[0]?.seconds ?? 0, samples.at(-1)?.seconds ?? 0];
  const x = (seconds: number) => (to > from ? ((seconds - from) / (to - from)) * width : 0);
  const y = (value: number) =>
    most > least ? height - 4 - ((value - least) / (most - least)) * (height - 8) : height / 2;
  return (
    <figure className="border border-seam bg-slab p-1">
      <figcaption className="flex justify-between text-xs text-dust">
        <span>{label}</span>
        <span className="font-figure">{values.length > 0 && `${least.toFixed(2)} – ${most.toFixed(2)}`}</span>
      </figcaption>
      <svg viewBox={`0 0 ${width} ${height}`} preserveAspectRatio="none" className="h-14 w-full" aria-hidden>
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
