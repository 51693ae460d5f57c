import { Lightbulb, Plus } from "lucide-react";
import { memo, useState } from "react";
import type { Verdict } from "../api/client";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { amps } from "../ui/figures/figures";
import { VerdictMark } from "../ui/VerdictMark";
import { verdicts, verdictWords } from "../ui/words";
import { t } from "../words";
import { type AssessedLines, type LineOrder, orderWords, type Sifting, sifted } from "./assessedLines";
import { SmallRidge } from "./SmallRidge";

const sortLook = "h-11 min-w-0 rounded-sm border border-edge bg-slab px-1.5";

export const noSifting: Sifting = { order: "rig", verdict: "", place: "", slot: "" };

/** The lines of the job, sorted and sifted as asked. */
export const LineList = memo(function LineList({
  lines,
  sifting,
  chosen,
  onSift,
  onChoose,
  onAdd,
  onStart,
}: {
  lines: AssessedLines;
  sifting: Sifting;
  chosen: string | undefined;
  onSift: (sifting: Sifting) => void;
  onChoose: (id: string) => void;
  onAdd: () => void;
  onStart: () => void;
}) {
  const shown = sifted(lines, sifting);
  const hidden = lines.length - shown.length;
  const places = [...new Set(lines.map(({ found }) => found?.summary?.place ?? "").filter(Boolean))].sort();
  const [unfolded, setUnfolded] = useState(60);
  const most = Math.max(unfolded, shown.findIndex(({ line }) => line.id === chosen) + 1);
  return (
    <nav aria-label={t("lines.lines")} className="flex flex-col gap-1.5 lg:min-h-0 lg:flex-1">
      <Details
        plain
        summary={hidden > 0 ? t("lines.sortAndFilterHidden", { hidden }) : t("lines.sortAndFilter")}
      >
        <div className="grid grid-cols-2 gap-1.5">
          <select
            aria-label={t("lines.sortBy")}
            className={sortLook}
            value={sifting.order}
            onChange={(event) => onSift({ ...sifting, order: event.target.value as LineOrder })}
          >
            {(Object.keys(orderWords) as LineOrder[]).map((order) => (
              <option key={order} value={order}>
                {orderWords[order]}
              </option>
            ))}
          </select>
          <select
            aria-label={t("lines.show")}
            className={sortLook}
            value={sifting.verdict}
            onChange={(event) => onSift({ ...sifting, verdict: event.target.value as Verdict | "" })}
          >
            <option value="">{t("lines.allVerdicts")}</option>
            {verdicts.map((verdict) => (
              <option key={verdict} value={verdict}>
                {t("lines.only", { verdict: verdictWords[verdict] })}
              </option>
            ))}
          </select>
          {lines.some(({ found }) => found?.summary?.slot != null) && (
            <select
              aria-label={t("lines.slots")}
              className={`${sortLook} col-span-2`}
              value={sifting.slot}
              onChange={(event) => onSift({ ...sifting, slot: event.target.value as Sifting["slot"] })}
            >
              <option value="">{t("lines.withASlotOrWithout")}</option>
              <option value="with">{t("lines.onASlotOfA")}</option>
              <option value="without">{t("lines.onNone")}</option>
            </select>
          )}
          {places.length > 0 && (
            <select
              aria-label={t("lines.place")}
              className={`${sortLook} col-span-2`}
              value={sifting.place}
              onChange={(event) => onSift({ ...sifting, place: event.target.value })}
            >
              <option value="">{t("lines.everywhereOnTheVehicle")}</option>
              {places.map((place) => (
                <option key={place}>{place}</option>
              ))}
            </select>
          )}
        </div>
      </Details>
      <ul className="relative grid max-h-[60vh] content-start gap-1 overflow-y-auto lg:max-h-none lg:min-h-0 lg:flex-1">
        {shown.slice(0, most).map(({ line, found }) => (
          <li key={line.id}>
            <button
              type="button"
              data-line={line.id}
              data-name={line.name}
              aria-current={line.id === chosen}
              onClick={() => onChoose(line.id)}
              className="block w-full rounded-sm border border-seam border-l-4 bg-slab px-2 py-1.5 text-left hover:bg-lichen-shade aria-[current=true]:border-l-lichen aria-[current=true]:bg-lichen-shade"
            >
              <span className="flex items-center gap-2">
                {found?.summary?.slot != null && (
                  <span className="rounded-sm border border-edge px-1 font-figure text-sm">
                    <span className="sr-only">{t("lines.slot")} </span>
                    {found.summary.slot}
                  </span>
                )}
                <span className="min-w-0 flex-1 truncate font-semibold">{line.name}</span>
                {found && <VerdictMark verdict={found.verdict} word={false} />}
              </span>
              {found?.summary && (
                <span className="flex items-center justify-between gap-2 text-sm text-dust">
                  <span className="min-w-0">
                    <span className="font-figure">{amps(found.summary.amps)}</span>
                    {", "}
                    {found.summary.fuse || t("lines.noFuse")}
                    <br />
                    {found.summary.wire || t("lines.noWireWillDo")}
                  </span>
                  <SmallRidge ridge={found.summary.ridge} />
                </span>
              )}
            </button>
          </li>
        ))}
      </ul>
      {shown.length === 0 && lines.length > 0 && <p className="text-dust">{t("lines.noLinesMatch")}</p>}
      {shown.length > most && (
        <Button onClick={() => setUnfolded(shown.length)}>
          {t("lines.showAll", { shownCount: shown.length })}
        </Button>
      )}
      <Button look="main" onClick={onStart}>
        <Lightbulb size={18} aria-hidden /> {t("lines.startFromALamp")}
      </Button>
      <Button onClick={onAdd}>
        <Plus size={18} aria-hidden /> {t("lines.quickPlanALine")}
      </Button>
    </nav>
  );
});
