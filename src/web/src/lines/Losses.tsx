import type { Loss } from "../api/client";
import { lostVolts } from "../ui/figures/figures";
import { t } from "../words";

const groups = [
  { group: "out", name: t("lines.out"), colour: "var(--loss-out)" },
  { group: "back", name: t("lines.back"), colour: "var(--loss-back)" },
  { group: "fuse", name: t("lines.fuse"), colour: "var(--loss-fuse)" },
  { group: "contacts", name: t("lines.contacts"), colour: "var(--loss-contacts)" },
] as const;

/** Where the volts are lost, as lengths and as a table. */
export function Losses({ losses }: { losses: readonly Loss[] }) {
  if (losses.length === 0) return <p className="text-dust">{t("lines.nothingRunsSoNothingIs")}</p>;
  return (
    <div className="grid gap-2">
      <div className="flex h-5 w-full overflow-hidden border border-edge" aria-hidden="true">
        {losses.map((loss) => (
          <div
            key={loss.name}
            title={`${loss.name}: ${lostVolts(loss.volts)}`}
            className="border-r border-slab last:border-0"
            style={{
              flexGrow: loss.shareOfLoss,
              background: groups.find((entry) => entry.group === loss.group)?.colour,
            }}
          />
        ))}
      </div>
      <ul className="grid grid-cols-2 gap-x-5 gap-y-2 text-sm md:grid-cols-4">
        {groups.map(({ group, name, colour }) => (
          <li key={group} data-loss={group}>
            <span className="mb-0.5 flex items-center gap-1.5 font-semibold">
              <span className="size-3 border border-edge" style={{ background: colour }} aria-hidden="true" />
              {name}
            </span>
            <ul>
              {losses
                .filter((loss) => loss.group === group)
                .map((loss) => (
                  <li key={loss.name} className="flex justify-between gap-2">
                    <span className="text-dust">{loss.name}</span>
                    <span className="font-figure">{lostVolts(loss.volts)}</span>
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ul>
    </div>
  );
}
