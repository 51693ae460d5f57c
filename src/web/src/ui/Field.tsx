import { type ReactNode, useId } from "react";

export const inputLook =
  "h-11 w-full rounded-sm border border-edge bg-slab px-2.5 text-ink aria-invalid:border-2 aria-invalid:border-oxide";

/** A select or a choice that stands in a row, as wide as its words. */
export const choiceLook = "h-11 rounded-sm border border-edge bg-slab px-2";

/** A labelled control with its message; the control gets the ids that tie the three together. */
export function Field({
  label,
  unit,
  messages,
  hint,
  children,
}: {
  label: string;
  unit?: string;
  messages?: readonly string[];
  hint?: string;
  children: (ids: { id: string; "aria-describedby"?: string; "aria-invalid"?: true }) => ReactNode;
}) {
  const id = useId();
  const said = `${id}-said`;
  const wrong = messages !== undefined && messages.length > 0;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="mb-0.5 block text-sm text-dust">
        {label}
        {unit && <span className="font-figure"> {unit}</span>}
      </label>
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
