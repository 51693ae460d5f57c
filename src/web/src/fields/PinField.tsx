import { useState } from "react";
import { TextField } from "../ui/TextField";

/** A pin as it is printed, taken when the field is left; the wires stay on it, whatever it is called. */
export function PinField({
  label,
  printed,
  messages,
  onName,
}: {
  label: string;
  printed: string;
  messages?: readonly string[];
  onName: (name: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const take = () => {
    const name = typed?.trim() ?? "";
    if (name !== "" && name !== printed) onName(name);
    setTyped(undefined);
  };
  return (
    <TextField label={label} value={typed ?? printed} messages={messages} onChange={setTyped} onDone={take} />
  );
}
