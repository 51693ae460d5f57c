import { inputLook } from "./Field";

/** Narrows a list by what is typed; its name stands in it until something is. */
export function SearchField({
  name,
  hint = name,
  text,
  onChange,
}: {
  name: string;
  /** What stands in it instead of its name. */
  hint?: string;
  text: string;
  onChange: (text: string) => void;
}) {
  return (
    <input
      type="search"
      aria-label={name}
      placeholder={hint}
      className={inputLook}
      value={text}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}
