import { useState } from "react";
import type { TrainingView } from "../api/client";
import { Button } from "../ui/Button";
import { SearchField } from "../ui/SearchField";
import { t } from "../words";

/** All that could be wrong: one is looked into, and is it or is sound. */
export function NameFaultPane({
  suspects,
  onInspect,
}: {
  suspects: TrainingView["suspects"];
  onInspect: (fault: string) => void;
}) {
  const [looked, setLooked] = useState("");
  const words = looked.trim().toLowerCase();
  const found = suspects.filter(({ name }) => name.toLowerCase().includes(words));
  return (
    <div className="grid gap-2">
      <p className="text-sm text-dust">{t("training.whatNamingIs")}</p>
      <SearchField name={t("training.suspect")} text={looked} onChange={setLooked} />
      <ul className="grid gap-1">
        {found.map(({ fault, name }) => (
          <li key={fault} data-suspect={fault}>
            <Button
              look="quiet"
              className="w-full justify-start text-left text-sm"
              onClick={() => onInspect(fault)}
            >
              {name}
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
