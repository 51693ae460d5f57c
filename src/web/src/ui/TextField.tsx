import { Field, inputLook } from "./Field";

export function TextField({
  label,
  value,
  onChange,
  onDone,
  messages,
  rows,
  autoFocus,
  placeholder,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** The field is left, or Enter pressed in it. */
  onDone?: () => void;
  messages?: readonly string[];
  rows?: number;
  /** What stands there as long as nothing is typed. */
  placeholder?: string;
  autoFocus?: boolean;
}) {
  return (
    <Field label={label} messages={messages}>
      {(ids) =>
        rows ? (
          <textarea
            {...ids}
            className={`${inputLook} h-auto py-2`}
            rows={rows}
            value={value}
            onChange={(event) => onChange(event.target.value)}
          />
        ) : (
          <input
            {...ids}
            className={inputLook}
            autoComplete="off"
            placeholder={placeholder}
            ref={(input) => {
              if (autoFocus && input && !input.dataset.met) {
                input.dataset.met = "yes";
                input.focus();
              }
            }}
            value={value}
            onChange={(event) => onChange(event.target.value)}
            onBlur={onDone}
            onKeyDown={(event) => event.key === "Enter" && onDone?.()}
          />
        )
      }
    </Field>
  );
}
