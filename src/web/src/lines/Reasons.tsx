import type { LineAssessment } from "../api/client";

/** One sentence a choice: why, and with what margin. */
export function Reasons({ answer }: { answer: LineAssessment }) {
  const rows = [
    ["Wire", answer.wire],
    ["Fuse", answer.fuse],
    ["Relay", answer.relay],
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
