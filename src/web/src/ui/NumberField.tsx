import { useEffect, useState } from "react";
import { t } from "../words";
import { Button } from "./Button";
import { Field, inputLook } from "./Field";
import { asIs, type Scale } from "./figures/figures";
import { parseNumber } from "./parseNumber";

const shownDigits = 4;

/** Text as a number; NaN where it is none, or could be either of two. */
const parse = (text: string, unit: string | undefined) => {
  const typed = parseNumber(text, unit);
  return typed.kind === "number" ? typed.value : Number.NaN;
};

/**
 * A number with its unit. What cannot be read as one goes on as NaN, which the server refuses by the field's name; the
 * text stays as it was typed. Where a comma could part thousands or decimals, it asks which.
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
  bare = false,
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
  /** What stands beside it says already what it is. */
  bare?: boolean;
}) {
  const shown =
    value === null || value === undefined || Number.isNaN(value)
      ? ""
      : String(Number(scale.fromDocument(value).toFixed(shownDigits)));
  const shownUnit = unit ?? (scale.unit || undefined);
  const [text, setText] = useState(shown);

  useEffect(() => {
    setText((typed) => {
      const unreadable = typeof value === "number" && Number.isNaN(value);
      const same = Math.abs(parse(typed, shownUnit) - Number(shown)) < 10 ** -shownDigits && shown !== "";
      return unreadable || same ? typed : shown;
    });
  }, [shown, shownUnit, value]);

  const typed = parseNumber(text, shownUnit);
  const take = (next: string) => {
    setText(next);
    onChange(optional && next.trim() === "" ? undefined : scale.toDocument(parse(next, shownUnit)));
  };
  return (
    <Field
      label={label}
      unit={shownUnit}
      messages={typed.kind === "either" ? undefined : messages}
      hint={hint}
      bare={bare}
    >
      {(ids) => (
        <>
          <input
            {...ids}
            className={`${inputLook} font-figure`}
            inputMode="decimal"
            autoComplete="off"
            placeholder={placeholder}
            value={text}
            onChange={(event) => take(event.target.value)}
          />
          {typed.kind === "either" && (
            <span role="alert" className="mt-1 flex flex-wrap items-center gap-2 text-sm">
              {t("ui.canBeTwoNumbers", { trim: text.trim() })}
              {typed.values.map((value) => (
                <Button key={value} aria-label={`${label}: ${value}`} onClick={() => take(String(value))}>
                  <span className="font-figure">
                    {value} {shownUnit}
                  </span>
                </Button>
              ))}
            </span>
          )}
        </>
      )}
    </Field>
  );
}
