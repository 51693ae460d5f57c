import { Plus, Trash2 } from "lucide-react";
import { Button } from "../ui/Button";
import { TextField } from "../ui/TextField";
import { t } from "../words";

/** Short texts, one a line. */
export function TextsField({
  label,
  another,
  texts,
  messagesAt,
  onChange,
}: {
  label: string;
  another: string;
  texts: readonly string[];
  messagesAt: (at: number) => readonly string[] | undefined;
  onChange: (texts: readonly string[]) => void;
}) {
  return (
    <div className="grid gap-2">
      {texts.map((text, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a text has no name but its place
        <div key={at} className="grid grid-cols-[1fr_auto] items-end gap-2">
          <TextField
            label={`${label} ${at + 1}`}
            value={text}
            messages={messagesAt(at)}
            onChange={(next) => onChange(texts.map((other, i) => (i === at ? next : other)))}
          />
          <Button
            aria-label={t("fields.remove2", { what: label.toLowerCase(), at: at + 1 })}
            onClick={() => onChange(texts.filter((_, i) => i !== at))}
          >
            <Trash2 size={18} aria-hidden />
          </Button>
        </div>
      ))}
      <Button className="justify-self-start" onClick={() => onChange([...texts, ""])}>
        <Plus size={18} aria-hidden /> {another}
      </Button>
    </div>
  );
}
