import type { CutPiece, ReelGroup } from "../api/client";
import { Button } from "../ui/Button";
import { length } from "../ui/figures/figures";
import { Refused } from "../ui/Refused";
import { useMoney, useUnits } from "../ui/units";
import { t } from "../words";
import type { BenchDeskRecord } from "./record";

/** What to buy of one size and colour, and how the pieces lie on it. */
export function ReelCard({
  group,
  pieces,
  cut,
  record,
}: {
  group: ReelGroup;
  pieces: readonly CutPiece[];
  /** Whether it was cut already. */
  cut: boolean;
  record: BenchDeskRecord;
}) {
  const units = useUnits();
  const money = useMoney();
  const metresOf = (id: string) => pieces.find((piece) => piece.id === id)?.cutMetres ?? 0;
  const nameOf = (id: string) => pieces.find((piece) => piece.id === id)?.name ?? "";
  const longest = Math.max(...group.cuts.map(({ metres }) => metres));
  return (
    <div className="grid gap-2 border border-seam bg-slab p-3">
      <p className="font-semibold" data-figure="Buy">
        {group.trouble ||
          (group.boughtMetres === 0
            ? t("bench.nothingToBuy")
            : group.reelMetres == null
              ? t("bench.buyByTheMetre", {
                  metres: length(group.boughtMetres, units),
                  price: money(group.cost ?? 0),
                })
              : t("bench.buyReels", {
                  reels: group.reels,
                  metres: length(group.reelMetres, units),
                  price: money(group.cost ?? 0),
                }))}
      </p>
      <p className="flex flex-wrap gap-x-4 text-sm text-dust">
        <span>
          {t("bench.pieces", { count: group.pieces.length, metres: length(group.pieceMetres, units) })}
        </span>
        <span>{t("bench.leftOver", { metres: length(group.leftMetres, units) })}</span>
        {group.reels > 0 && (
          <span>
            {group.leastReels === group.reels
              ? t("bench.fewestReels")
              : t("bench.perhapsFewerReels", { least: group.leastReels })}
          </span>
        )}
      </p>
      {cut ? (
        <p className="text-sm text-moss">{t("bench.isCut")}</p>
      ) : (
        <Button
          className="justify-self-start"
          disabled={record.busy}
          onClick={() => void record.add({ kind: "cut", item: group.item ?? "" })}
        >
          {t("bench.noteItIsCut")}
        </Button>
      )}
      <Refused said={record.trouble} />
      <ul className="grid gap-1">
        {group.cuts.map((cut, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: lengths of one kind have no name but their place
          <li key={at} className="grid gap-0.5">
            {(cut.isOffcut || group.reelMetres != null) && (
              <span className="text-sm text-dust">
                {t(cut.isOffcut ? "bench.cutsOfOffcut" : "bench.cutsOfReel", {
                  metres: length(cut.metres, units),
                  left: length(cut.leftMetres, units),
                })}
              </span>
            )}
            <span className="flex h-6 border border-edge bg-granite">
              {cut.pieces.map((id) => (
                <span
                  key={id}
                  title={`${nameOf(id)}, ${length(metresOf(id), units)}`}
                  className="block h-full border-r border-slab bg-spruce"
                  style={{ width: `${(100 * metresOf(id)) / longest}%` }}
                />
              ))}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
