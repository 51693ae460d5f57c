/** A box to tick with its words beside it. */
export function CheckField({
  label,
  checked,
  onChange,
  wide = false,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
  /** Takes a row of a grid of two columns. */
  wide?: boolean;
}) {
  return (
    <label className={`inline-flex min-h-11 items-center gap-2${wide ? " col-span-2" : ""}`}>
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-spruce"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
