import type { LineAssessment } from "../api/client";
import { t } from "../words";

/** One sentence a choice: why, and with what margin. */
export function Reasons({ answer }: { answer: LineAssessment }) {
  const rows = [
    [t("lines.wire"), answer.wire],
    [t("lines.fuse"), answer.fuse],
    [t("lines.relay"), answer.relay],
  ] as const;
  return (
    <dl className="grid grid-cols-[3.5rem_1fr] gap-y-1">
      {rows.map(
        ([name, choice]) =>
          choice && (
            <div key={name} className="contents">
              <dt className="text-dust">{name}</dt>
              <dd>
                {choice.reason} <span className="text-dust">{choice.margin}.</span>
              </dd>
            </div>
          ),
      )}
    </dl>
  );
}
