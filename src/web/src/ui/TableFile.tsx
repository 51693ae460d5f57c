import { useId } from "react";

/** A table from a file, and the same as such a file. */
export function TableFile({
  label,
  href,
  asFile,
  onFile,
}: {
  label: string;
  /** Where it goes out as a file. */
  href: string;
  asFile: string;
  onFile: (file: File) => void;
}) {
  const id = useId();
  return (
    <div className="grid gap-1 text-sm">
      <label htmlFor={id} className="font-medium">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept=".csv,text/csv"
        className="min-h-11"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          if (chosen) onFile(chosen);
        }}
      />
      <a className="underline" href={href}>
        {asFile}
      </a>
    </div>
  );
}
