import type { RigChange } from "../api/client";
import { t } from "../words";

const most = 40;

/** What differs between two rigs, field by field. */
export function ChangeTable({
  changes,
  before,
  after,
}: {
  changes: readonly RigChange[];
  /** What the two rigs are called. */
  before: string;
  after: string;
}) {
  if (changes.length === 0) return <p>{t("job.noDifference")}</p>;
  return (
    <div className="max-h-[50vh] overflow-y-auto">
      <table className="w-full border border-seam text-sm">
        <thead>
          <tr className="text-left">
            <th className="px-2 py-1">{t("job.what")}</th>
            <th className="px-2 py-1">{before}</th>
            <th className="px-2 py-1">{after}</th>
          </tr>
        </thead>
        <tbody>
          {changes.slice(0, most).map((change, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a field may be told twice
            <tr key={i} className="border-t border-seam align-top wrap-anywhere">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                <span className="font-semibold">{change.of}</span>
                {change.what && `, ${change.what}`}
              </th>
              <td className="px-2 py-1">
                {change.kind === "added" ? t("job.notThere") : change.before || "there"}
              </td>
              <td className="px-2 py-1">
                {change.kind === "removed" ? t("job.notThere") : change.after || "there"}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {changes.length > most && (
        <p className="mt-1 text-dust">{t("job.moreDiffer", { changesCount: changes.length - most })}</p>
      )}
    </div>
  );
}
