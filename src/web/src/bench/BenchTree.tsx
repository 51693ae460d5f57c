import type { BenchAnswer } from "../api/client";
import { Details } from "../ui/Details";
import { length } from "../ui/figures/figures";
import { useMoney, useUnits } from "../ui/units";
import { t } from "../words";
import { harnessesOf, harnessKey, placeKey, placesOf, reelKey, reelName } from "./shown";

/** Harnesses, reels, sleeves and parts, one of them chosen. */
export function BenchTree({
  answer: { view, quote, cardsPrinted },
  shown,
  onChoose,
}: {
  answer: BenchAnswer;
  shown: string;
  onChoose: (key: string) => void;
}) {
  const units = useUnits();
  const money = useMoney();
  const toOrder = quote.items.filter((item) => item.toOrder > 0).length;
  const missing = view.endings.filter(({ notSpecified }) => notSpecified).length;
  const row = (key: string, name: string, figure: string) => (
    <li key={key}>
      <button
        type="button"
        aria-pressed={key === shown}
        onClick={() => onChoose(key)}
        className={`flex min-h-11 w-full items-center justify-between gap-2 px-2 text-left ${key === shown ? "bg-lichen-shade font-semibold" : "bg-slab hover:bg-lichen-shade"}`}
      >
        <span className="min-w-0 break-words">{name}</span>
        <span className="font-figure text-sm whitespace-nowrap">{figure}</span>
      </button>
    </li>
  );
  return (
    <nav
      aria-label={t("bench.whatToLookAt")}
      className="grid content-start gap-2 lg:min-h-0 lg:overflow-y-auto"
    >
      <p className="text-sm">
        {view.wireCost == null
          ? t("bench.wireWithoutPrice", { metres: length(view.wireMetres, units) })
          : t("bench.wireCost", { metres: length(view.wireMetres, units), price: money(view.wireCost) })}
        {toOrder > 0 && (
          <span className="block text-ochre">{t("bench.itemsToOrder", { count: toOrder })}</span>
        )}
        {missing > 0 && (
          <span className="block text-ochre">{t("bench.notSpecifiedCount", { count: missing })}</span>
        )}
      </p>
      <ul className="grid gap-px border border-seam bg-seam">
        {row("wires", t("bench.allWires"), `${view.pieces.length}`)}
        {row("covering", t("bench.sleevesAndTies"), `${view.coverings.length}`)}
        {row("parts", t("bench.parts"), `${view.parts.length}`)}
        {row("cost", t("bench.cost"), money(quote.gross))}
        {row("kit", t("bench.kits"), "")}
        {row("compare", t("bench.compare"), "")}
      </ul>
      <h3 className="font-semibold">{t("bench.harnesses")}</h3>
      <ul className="grid gap-px border border-seam bg-seam">
        {harnessesOf(view).map(([name, count]) =>
          row(
            harnessKey(name),
            name,
            cardsPrinted.includes(name) ? t("bench.printedCount", { count }) : `${count}`,
          ),
        )}
      </ul>
      {placesOf(view).length > 0 && (
        <Details plain summary={t("bench.byPlace", { count: placesOf(view).length })}>
          <ul className="grid gap-px border border-seam bg-seam">
            {placesOf(view).map(([name, count]) => row(placeKey(name), name, `${count}`))}
          </ul>
        </Details>
      )}
      <h3 className="font-semibold">{t("bench.wireToBuy")}</h3>
      <ul className="grid gap-px border border-seam bg-seam">
        {view.reels.map((group, at) => row(reelKey(at), reelName(group), length(group.pieceMetres, units)))}
      </ul>
    </nav>
  );
}
