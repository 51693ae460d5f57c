import type { ItemStand, PartNeeded } from "../api/client";
import { length } from "../ui/figures/figures";
import { useMoney, useUnits } from "../ui/units";
import { t } from "../words";

const groups = [
  { key: "lamps", name: t("bench.group.lamps") },
  { key: "kits", name: t("bench.group.kits") },
  { key: "protection", name: t("bench.group.protection") },
  { key: "control", name: t("bench.group.control") },
  { key: "endings", name: t("bench.group.endings") },
  { key: "covering", name: t("bench.group.covering") },
  { key: "hardware", name: t("bench.group.hardware") },
] as const;

/** What is needed beside wire, as a shopping list has it, with what of it is here and what it costs. */
export function PartsTable({
  parts,
  stands,
  chosen,
  onChoose,
}: {
  parts: readonly PartNeeded[];
  stands: readonly ItemStand[];
  chosen: string | undefined;
  onChoose: (item: string) => void;
}) {
  const units = useUnits();
  const money = useMoney();
  return groups.map(({ key, name }) => {
    const some = parts.filter((part) => part.group === key);
    return (
      some.length > 0 && (
        <section key={key} aria-label={name}>
          <h3 className="mb-1 font-semibold">{name}</h3>
          <table className="w-full table-fixed border border-seam bg-slab text-left text-sm">
            <thead>
              <tr>
                <th className="w-20 px-2 py-1 text-right">{t("bench.howMany")}</th>
                <th className="px-2 py-1">{t("bench.part")}</th>
                <th className="w-32 px-2 py-1">{t("bench.where")}</th>
                <th className="w-24 px-2 py-1 text-right">{t("bench.sum")}</th>
              </tr>
            </thead>
            <tbody>
              {some.map((part) => {
                const stand = stands.find(({ item }) => item === part.item);
                return (
                  <tr
                    key={`${part.name} ${part.notSpecified}`}
                    data-item={part.item}
                    className={`border-t border-seam align-top ${part.item && part.item === chosen ? "bg-lichen-shade" : ""}`}
                  >
                    <td className="px-2 py-1 text-right font-figure whitespace-nowrap">
                      {part.metres ? length(part.count, units) : part.count}
                      {(part.spare ?? 0) > 0 && (
                        <span className="block text-dust">
                          {t("bench.spareCount", { count: part.spare })}
                        </span>
                      )}
                    </td>
                    <td className="px-2 py-1 break-words">
                      {part.item ? (
                        <button
                          type="button"
                          aria-pressed={part.item === chosen}
                          onClick={() => onChoose(part.item ?? "")}
                          className="min-h-11 w-full text-left font-medium underline-offset-4 hover:underline"
                        >
                          {part.name}
                        </button>
                      ) : (
                        <span className="font-medium">{part.name}</span>
                      )}
                      <span className="block text-dust">{[...new Set(part.for)].join(", ")}</span>
                      {part.notSpecified && <span className="block text-ochre">{part.notSpecified}</span>}
                    </td>
                    <td className="px-2 py-1" data-figure="stand">
                      {stand && <Stand stand={stand} />}
                    </td>
                    <td className="px-2 py-1 text-right font-figure whitespace-nowrap">
                      {stand?.sum != null ? money(stand.sum) : stand && t("bench.noPrice")}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </section>
      )
    );
  });
}

/** Where the pieces of an item are. */
export function Stand({ stand }: { stand: ItemStand }) {
  const units = useUnits();
  const said = (count: number) => (stand.metres ? length(count, units) : String(count));
  return (
    <>
      {stand.here > 0 && <span className="block">{t("bench.here", { count: said(stand.here) })}</span>}
      {stand.onOrder > 0 && (
        <span className="block">{t("bench.onOrder", { count: said(stand.onOrder) })}</span>
      )}
      {stand.toOrder > 0 && (
        <span className="block text-ochre">{t("bench.toOrder", { count: said(stand.toOrder) })}</span>
      )}
      {(stand.wrong ?? []).length > 0 && <span className="block text-oxide">{t("bench.notAsPlanned")}</span>}
    </>
  );
}
