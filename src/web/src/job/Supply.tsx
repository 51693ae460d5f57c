import type { SupplyAnswer } from "../api/client";
import { amps, hours, volts } from "../ui/figures/figures";
import { t } from "../words";

/** What each state that is worth judging asks of battery and alternator. */
export function Supply({ supply }: { supply: readonly SupplyAnswer[] }) {
  const first = supply[0];
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-left text-sm">
        <thead className="text-sm text-dust">
          <tr className="border-b border-edge">
            <th className="py-1 pl-2 font-normal">{t("job.state")}</th>
            <th className="px-2 text-right font-normal">{t("job.drawn")}</th>
            <th className="px-2 text-right font-normal">{t("job.alternator")}</th>
            <th className="px-2 text-right font-normal">{t("job.battery")}</th>
            <th className="px-2 text-right font-normal">{t("job.atThePost")}</th>
            <th className="px-2 text-right font-normal">{t("job.toHalf")}</th>
          </tr>
        </thead>
        <tbody>
          {supply.map(({ figures }) => (
            <tr key={figures.id} data-state={figures.id} className="border-b border-seam">
              <th scope="row" className="py-1 pl-2 font-normal">
                {figures.name}
              </th>
              <td className="px-2 text-right font-figure whitespace-nowrap">{amps(figures.loadAmps)}</td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {amps(figures.alternatorAmps)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {figures.batteryAmps < 0
                  ? t("job.charged", { batteryAmps: amps(-figures.batteryAmps) })
                  : amps(figures.batteryAmps)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">{volts(figures.postVolts)}</td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {figures.hoursToHalf === null ? "—" : hours(figures.hoursToHalf)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {first && first.alternatorIdleAmps !== null && (
        <p className="mt-1 text-sm text-dust">
          {t("job.theAlternatorGivesUpTo", {
            alternatorIdleAmps: amps(first.alternatorIdleAmps),
            alternatorCruiseAmps: amps(first.alternatorCruiseAmps ?? 0),
          })}
        </p>
      )}
    </div>
  );
}
