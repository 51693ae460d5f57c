import { useId } from "react";
import { inputLook } from "../ui/Field";
import { t } from "../words";

/** The name of the line that is looked at, in the row of the stages. */
export function LineName({
  value,
  messages,
  onChange,
}: {
  value: string;
  messages: readonly string[] | undefined;
  onChange: (name: string) => void;
}) {
  const id = useId();
  return (
    <span className="flex min-w-0 items-center gap-2">
      <label htmlFor={id} className="sr-only">
        {t("lines.name")}
      </label>
      <input
        id={id}
        className={`${inputLook} w-52 font-semibold`}
        autoComplete="off"
        aria-invalid={messages !== undefined}
        aria-describedby={messages ? `${id}-said` : undefined}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      {messages && (
        <span id={`${id}-said`} role="alert" className="text-sm font-semibold text-oxide">
          {messages.join(" ")}
        </span>
      )}
    </span>
  );
}
