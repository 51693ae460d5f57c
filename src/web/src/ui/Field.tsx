import { type ReactNode, useContext, useId } from "react";
import { termOf } from "../help/glossary";
import { Term } from "../help/Term";
import { t } from "../words";
import { SwitchUnitsContext } from "./units";

export const inputLook =
  "h-11 w-full rounded-sm border border-edge bg-slab px-2.5 text-ink aria-invalid:border-2 aria-invalid:border-oxide";

/** A select or a choice that stands in a row, as wide as its words. */
export const choiceLook = "h-11 rounded-sm border border-edge bg-slab px-2";

/** Units that a length is said in, in both systems. */
const lengthUnits = new Set(["m", "mm", "ft", "in"]);

/** A labelled control with its message; the control gets the ids that tie the three together. */
export function Field({
  label,
  unit,
  messages,
  hint,
  bare = false,
  children,
}: {
  label: string;
  unit?: string;
  messages?: readonly string[];
  hint?: string;
  /** What stands beside it says already what it is: the label is for those who hear it. */
  bare?: boolean;
  children: (ids: { id: string; "aria-describedby"?: string; "aria-invalid"?: true }) => ReactNode;
}) {
  const id = useId();
  const said = `${id}-said`;
  const switchUnits = useContext(SwitchUnitsContext);
  const switched = unit && lengthUnits.has(unit) ? switchUnits : undefined;
  const term = termOf(label);
  const wrong = messages !== undefined && messages.length > 0;
  return (
    <div className="min-w-0">
      <div className={bare ? "sr-only" : "mb-0.5 text-sm text-dust"}>
        <label htmlFor={id}>
          {label}
          {unit && !switched && <span className="font-figure"> {unit}</span>}
        </label>
        {switched && (
          <button
            type="button"
            aria-label={t("ui.inChangeTheUnitsOf", { label, unit })}
            className="-my-3 min-h-11 min-w-11 rounded-sm px-1 text-left font-figure underline decoration-dotted underline-offset-4 hover:text-ink"
            onClick={switched}
          >
            {unit}
          </button>
        )}
        {term && <Term {...term} />}
      </div>
      {children({
        id,
        ...(wrong || hint ? { "aria-describedby": said } : {}),
        ...(wrong ? { "aria-invalid": true as const } : {}),
      })}
      {wrong ? (
        <p id={said} role="alert" className="mt-0.5 text-sm font-semibold text-oxide">
          {messages.join(" ")}
        </p>
      ) : (
        hint && (
          <p id={said} className="mt-0.5 text-sm text-dust">
            {hint}
          </p>
        )
      )}
    </div>
  );
}
