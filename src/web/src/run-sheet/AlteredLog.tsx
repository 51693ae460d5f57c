import { useState } from "react";
import type { AlteredHow, SheetAnswer } from "../api/client";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { SheetDesk } from "./useSheetRecord";

const hows: readonly { value: AlteredHow; label: string }[] = [
  { value: "drilled", label: t("runSheet.drilled") },
  { value: "notched", label: t("runSheet.notched") },
  { value: "enlarged", label: t("runSheet.enlarged") },
  { value: "trimmed", label: t("runSheet.trimmed") },
  { value: "ground", label: t("runSheet.ground") },
];

/** What of the vehicle was drilled, cut or ground, how it was sealed, and what it means for going back. */
export function AlteredLog({ sheet, desk }: { sheet: SheetAnswer; desk: SheetDesk }) {
  const [how, setHow] = useState<AlteredHow>("drilled");
  const [where, setWhere] = useState("");
  const [size, setSize] = useState("");
  const [sealed, setSealed] = useState("");
  const [back, setBack] = useState("");
  const { altered = [] } = sheet.view;
  return (
    <Details summary={t("runSheet.altered", { count: altered.length })}>
      <div className="grid gap-2">
        <div className="grid grid-cols-2 items-end gap-2">
          <ChoiceField label={t("runSheet.alteredHow")} value={how} options={hows} onChange={setHow} />
          <TextField label={t("runSheet.alteredSize")} value={size} onChange={setSize} />
        </div>
        <TextField label={t("runSheet.alteredWhere")} value={where} onChange={setWhere} />
        <TextField label={t("runSheet.alteredSealed")} value={sealed} onChange={setSealed} />
        <TextField label={t("runSheet.alteredBack")} value={back} onChange={setBack} />
        <Button
          className="justify-self-start"
          disabled={!where.trim()}
          onClick={() => {
            void desk.add({ kind: "altered", how, where, size, sealed, back });
            setWhere("");
            setSize("");
            setSealed("");
            setBack("");
          }}
        >
          {t("runSheet.addAltered")}
        </Button>
        <ul className="text-sm">
          {altered.map((one) => (
            <li key={`${one.how} ${one.where}`} data-altered={one.how} className="border-t border-seam py-1">
              {[hows.find(({ value }) => value === one.how)?.label, one.where, one.size, one.sealed]
                .filter(Boolean)
                .join(", ")}
            </li>
          ))}
        </ul>
      </div>
    </Details>
  );
}
