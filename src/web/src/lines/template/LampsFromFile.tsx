import { useState } from "react";
import { asCsv } from "../../api/asBody";
import { asked } from "../../api/asked";
import { api, type ImportedLamps, type OfferedLamp } from "../../api/client";
import { withPaths } from "../../api/problems";
import { TableFile } from "../../ui/TableFile";
import { t } from "../../words";

/** Lamps from comma-separated values: all of them or none. */
export function LampsFromFile({ onTaken }: { onTaken: (lamps: OfferedLamp[]) => void }) {
  const [said, setSaid] = useState<{ good: boolean; words: string }>();
  const take = async (file: File) => {
    const came = await asked(() => api.POST("/api/catalogue/lamps.csv", asCsv(file)));
    if (came.ok) {
      setSaid({ good: true, words: takenWords(came.data) });
      onTaken(came.data.lamps);
    } else setSaid({ good: false, words: withPaths(came.refusal) });
  };
  return (
    <div className="grid gap-2 text-sm">
      <p className="text-dust">{t("lines.aHeadingLineWithName")}</p>
      <TableFile
        label={t("lines.tableOfLampsCsv")}
        href="/api/catalogue/lamps.csv"
        asFile={t("lines.theCatalogueAsSuchA")}
        onFile={(file) => void take(file)}
      />
      {said && (
        <p role={said.good ? "status" : "alert"} className={said.good ? "" : "font-semibold text-oxide"}>
          {said.words}
        </p>
      )}
    </div>
  );
}

function takenWords({ count, unchanged }: ImportedLamps): string {
  const taken = t("lines.takenIn", { count });
  return unchanged > 0 ? `${taken} ${t("lines.takenInUnchanged", { count: unchanged })}` : taken;
}
