import { type ReactNode, useRef } from "react";
import { Button } from "./Button";

/** A button that asks for a file. */
export function FileButton({
  label,
  accept,
  onFile,
  children,
}: {
  /** What the browser's own control is called. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={picker}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
      <Button onClick={() => picker.current?.click()}>{children}</Button>
    </>
  );
}
