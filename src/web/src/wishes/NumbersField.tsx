import { useState } from "react";
import { TextField } from "../ui/TextField";

/** Numbers in a line of text, parted by spaces, commas or slashes; what is none goes on as NaN, which the server refuses by its place. */
export function NumbersField({
  label,
  placeholder,
  values,
  messages,
  onChange,
}: {
  label: string;
  placeholder: string;
  values: readonly number[];
  messages: readonly string[] | undefined;
  onChange: (values: number[]) => void;
}) {
  // As it was typed: a space at its end is the beginning of the next number.
  const [text, setText] = useState(values.join(" "));
  return (
    <TextField
      label={label}
      placeholder={placeholder}
      value={text}
      messages={messages}
      onChange={(next) => {
        setText(next);
        onChange(
          next
            .split(/[\s,;/]+/)
            .filter(Boolean)
            .map(Number),
        );
      }}
    />
  );
}
