import { useId, useState } from "react";
import { asked } from "../../api/asked";
import { api, type ImportedLamps, type OfferedLamp } from "../../api/client";
import { withPaths } from "../../api/problems";
import { t } from "../../words";

/** Lamps from comma-separated values: all of them or none. */
export function LampsFromFile({ onTaken }: { onTaken: (lamps: OfferedLamp[]) => void }) {
  const id = useId();
  const [said, setSaid] = useState<{ good: boolean; words: string }>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    const came = await asked(() =>
      api.POST("/api/catalogue/lamps.csv", {
        body: file as never,
        bodySerializer: (body) => body,
        headers: { "Content-Type": "text/csv" },
      }),
    );
    if (came.ok) {
      setSaid({ good: true, words: takenWords(came.data) });
      onTaken(came.data.lamps);
    } else setSaid({ good: false, words: withPaths(came.refusal) });
  };
  return (
    <div className="grid gap-2 text-sm">
      <p className="text-dust">
        {t("lines.aHeadingLineWithName")}{" "}
        <a className="underline" href="/api/catalogue/lamps.csv">
          {t("lines.theCatalogueAsSuchA")}
        </a>
      </p>
      <label htmlFor={id} className="font-medium">
        {t("lines.tableOfLampsCsv")}
      </label>
      <input
        id={id}
        type="file"
        accept=".csv,text/csv"
        className="min-h-11"
        onChange={(event) => void take(event.target.files?.[0])}
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
