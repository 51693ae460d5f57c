import { Field, inputLook } from "./Field";

/** A day, as "2026-11-26"; empty where none is given. */
export function DayField({
  label,
  value,
  messages,
  onChange,
}: {
  label: string;
  value: string;
  messages?: readonly string[];
  onChange: (day: string) => void;
}) {
  return (
    <Field label={label} messages={messages}>
      {(ids) => (
        <input
          {...ids}
          type="date"
          className={inputLook}
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}
