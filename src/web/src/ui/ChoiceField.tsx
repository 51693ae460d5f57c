import { Field, inputLook } from "./Field";

/** One of a few; the browser's own list, which every thumb and every screen reader knows. */
export function ChoiceField<Value extends string | number>({
  label,
  value,
  options,
  onChange,
  messages,
  bare = false,
}: {
  label: string;
  value: Value;
  options: readonly { value: Value; label: string }[];
  onChange: (value: Value) => void;
  messages?: readonly string[];
  /** What stands in it says already what it is. */
  bare?: boolean;
}) {
  return (
    <Field label={label} messages={messages} bare={bare}>
      {(ids) => (
        <select
          {...ids}
          className={inputLook}
          value={String(value)}
          onChange={(event) => {
            const chosen = options.find((option) => String(option.value) === event.target.value);
            if (chosen) onChange(chosen.value);
          }}
        >
          {options.map((option) => (
            <option key={option.value} value={String(option.value)}>
              {option.label}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
