import type { PartNeeded } from "../api/client";
import { length } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { t } from "../words";

const groups = [
  { key: "lamps", name: t("bench.group.lamps") },
  { key: "protection", name: t("bench.group.protection") },
  { key: "control", name: t("bench.group.control") },
  { key: "endings", name: t("bench.group.endings") },
  { key: "covering", name: t("bench.group.covering") },
] as const;

/** What is needed beside wire, as a shopping list has it. */
export function PartsTable({ parts }: { parts: readonly PartNeeded[] }) {
  const units = useUnits();
  return groups.map(({ key, name }) => {
    const some = parts.filter((part) => part.group === key);
    return (
      some.length > 0 && (
        <section key={key} aria-label={name}>
          <h3 className="mb-1 font-semibold">{name}</h3>
          <table className="w-full table-fixed border border-seam bg-slab text-left text-sm">
            <thead>
              <tr>
                <th className="w-24 px-2 py-1 text-right">{t("bench.howMany")}</th>
                <th className="px-2 py-1">{t("bench.part")}</th>
                <th className="px-2 py-1">{t("bench.goesTo")}</th>
              </tr>
            </thead>
            <tbody>
              {some.map((part) => (
                <tr key={`${part.name} ${part.notSpecified}`} className="border-t border-seam align-top">
                  <td className="px-2 py-1 text-right font-figure whitespace-nowrap">
                    {part.metres ? length(part.count, units) : part.count}
                  </td>
                  <td className="px-2 py-1 font-medium break-words">
                    {part.name}
                    {part.notSpecified && (
                      <span className="block font-normal text-ochre">{part.notSpecified}</span>
                    )}
                  </td>
                  <td className="px-2 py-1 break-words">{[...new Set(part.for)].join(", ")}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )
    );
  });
}
