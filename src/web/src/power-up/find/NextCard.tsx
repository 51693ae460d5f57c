import { useState } from "react";
import type { LampSeen, NextReading } from "../../api/client";
import { Button } from "../../ui/Button";
import { percent } from "../../ui/figures/figures";
import { NumberField } from "../../ui/NumberField";
import { t } from "../../words";
import { looks } from "./looks";
import type { FaultSearch } from "./useFaultSearch";

/** More than any resistance that a meter shows: it found no way. */
const outOfRange = 40e6;

/** What to measure or to look at next: where, how long it takes, and what each outcome would mean. */
export function NextCard({
  next,
  search,
  said,
  onStand,
  onDone,
}: {
  next: NextReading;
  search: FaultSearch;
  said: readonly string[] | undefined;
  onStand: () => void;
  onDone: () => void;
}) {
  const [value, setValue] = useState<number>();
  const { probing } = next;
  const take = async (read: number | undefined) => {
    if (read === undefined || !probing) return;
    if (await search.take(next.stand, probing, read, next.words)) onDone();
  };
  const look = async (as: LampSeen | undefined) => {
    if (as && (await search.look(next.stand, [{ lamp: next.lamp, as }]))) onDone();
  };
  return (
    <section
      aria-label={t("powerUp.nextReading")}
      className="grid gap-1.5 border border-lichen bg-slab p-2"
      data-next={next.words}
    >
      <div className="flex items-start justify-between gap-2">
        <h3 className="min-w-0 flex-1 text-sm font-semibold">{next.stands}</h3>
        <Button className="shrink-0 text-sm" onClick={onStand}>
          {t("powerUp.standSo")}
        </Button>
      </div>
      <p data-next-words>{next.words}</p>
      <p className="text-sm text-dust">
        {next.covers.length > 0
          ? t("powerUp.minutesAndCovers", {
              minutes: next.minutes.toFixed(1),
              covers: next.covers.join(", "),
            })
          : t("powerUp.minutesOfIt", { minutes: next.minutes.toFixed(1) })}
      </p>
      {probing ? (
        <form
          className="flex items-end gap-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            void take(value);
          }}
        >
          <div className="min-w-0 flex-1">
            <NumberField
              label={t("powerUp.itReads")}
              unit={next.unit}
              value={value}
              onChange={setValue}
              messages={said}
            />
          </div>
          {probing.setting === "ohms" && (
            <Button onClick={() => void take(outOfRange)}>{t("powerUp.outOfRange")}</Button>
          )}
          {search.tried && value === undefined ? (
            <Button onClick={() => void search.read(next.stand, probing).then(take)}>
              {t("powerUp.readItHere")}
            </Button>
          ) : (
            <Button type="submit" disabled={value === undefined}>
              {t("powerUp.take")}
            </Button>
          )}
        </form>
      ) : (
        <div className="flex flex-wrap gap-1">
          {looks.map(({ as, name }) => (
            <Button key={as} onClick={() => void look(as)}>
              {name}
            </Button>
          ))}
          {search.tried && (
            <Button onClick={() => void search.lookAt(next.stand, next.lamp).then(look)}>
              {t("powerUp.readItHere")}
            </Button>
          )}
        </div>
      )}
      <table className="w-full text-sm">
        <caption className="sr-only">{t("powerUp.whatItMeans")}</caption>
        <tbody>
          {next.outcomes.map(({ reads, share, leaves }) => (
            <tr key={reads} className="border-t border-seam align-top">
              <th scope="row" className="w-24 py-0.5 pr-2 text-left font-figure font-normal">
                {reads}
              </th>
              <td className="py-0.5 pr-2 text-right font-figure whitespace-nowrap text-dust">
                {percent(share)}
              </td>
              <td className="py-0.5">{leaves.join("; ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {next.parts.length > 0 && (
        <Button
          look="quiet"
          className="justify-self-start text-sm"
          onClick={() => void search.cannotReach(next.parts).then(onDone)}
        >
          {t("powerUp.cannotReach")}
        </Button>
      )}
    </section>
  );
}
