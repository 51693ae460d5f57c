import { useEffect, useState } from "react";
import { Field, inputLook } from "./Field";
import { asIs, type Scale } from "./figures";

const shownDigits = 4;

/** Text as a number; a decimal comma is taken as a point. */
const parse = (text: string) => (text.trim() === "" ? Number.NaN : Number(text.trim().replace(",", ".")));

/**
 * A number with its unit. What cannot be read as one goes on as NaN, which the server refuses by the field's name;
 * the text stays as it was typed.
 */
export function NumberField({
  label,
  unit,
  value,
  onChange,
  messages,
  hint,
  placeholder,
  scale = asIs,
  optional = false,
}: {
  label: string;
  unit?: string;
  value: number | null | undefined;
  onChange: (value: number | undefined) => void;
  messages?: readonly string[];
  hint?: string;
  placeholder?: string;
  scale?: Scale;
  optional?: boolean;
}) {
  const shown =
    value === null || value === undefined || Number.isNaN(value)
      ? ""
      : String(Number(scale.fromDocument(value).toFixed(shownDigits)));
  const [text, setText] = useState(shown);

  useEffect(() => {
    setText((typed) => {
      const unreadable = typeof value === "number" && Number.isNaN(value);
      const same = Math.abs(parse(typed) - Number(shown)) < 10 ** -shownDigits && shown !== "";
      return unreadable || same ? typed : shown;
    });
  }, [shown, value]);

  return (
    <Field label={label} unit={unit} messages={messages} hint={hint}>
      {(ids) => (
        <input
          {...ids}
          className={`${inputLook} font-figure`}
          inputMode="decimal"
          autoComplete="off"
          placeholder={placeholder}
          value={text}
          onChange={(event) => {
            const typed = event.target.value;
            setText(typed);
            onChange(optional && typed.trim() === "" ? undefined : scale.toDocument(parse(typed)));
          }}
        />
      )}
    </Field>
  );
}
