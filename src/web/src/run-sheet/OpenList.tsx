import { BatteryWarning, Hand, PlugZap, Radio, ShieldAlert, TriangleAlert, Unplug, Zap } from "lucide-react";
import type { SheetView, StandingKind } from "../api/client";
import { t } from "../words";

const signs: Record<StandingKind, typeof Zap> = {
  live: Zap,
  liveEnd: PlugZap,
  batteryOff: BatteryWarning,
  fuseOut: BatteryWarning,
  oneBolt: TriangleAlert,
  fingerTight: Hand,
  notFixed: Radio,
  looseEnds: Unplug,
  unplugged: Unplug,
  coverOff: ShieldAlert,
};

/** What stands open at the vehicle, always in sight, the most dangerous first. */
export function OpenList({ view }: { view: SheetView }) {
  return (
    <section
      aria-label={t("runSheet.standsOpen")}
      data-open
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
      tabIndex={0}
      className="relative max-h-60 shrink-0 overflow-y-auto border border-seam bg-slab p-2 max-lg:max-h-28"
    >
      <h2 className="text-sm font-semibold text-dust">
        {view.open.length === 0
          ? t("runSheet.nothingStandsOpen")
          : t("runSheet.standsOpenCount", { count: view.open.length })}
      </h2>
      <ul className="flex flex-wrap gap-x-3 gap-y-0.5">
        {view.open.map((open) => {
          const Sign = signs[open.kind] ?? TriangleAlert;
          const live = open.kind === "live" || open.kind === "liveEnd";
          return (
            <li
              key={`${open.kind} ${open.at} ${open.words}`}
              data-standing={open.kind}
              className={`flex items-start gap-1.5 text-sm ${live ? "bg-oxide px-1 font-semibold text-slab" : ""}`}
            >
              <Sign size={16} aria-hidden className={`mt-0.5 shrink-0 ${live ? "" : "text-ochre"}`} />
              <span className="min-w-0">{open.words}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
