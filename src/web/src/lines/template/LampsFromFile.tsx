import { useId, useState } from "react";
import { asked } from "../../api/asked";
import { api, type ImportedLamps, type OfferedLamp } from "../../api/client";
import { withPaths } from "../../api/problems";
import { counted } from "../../ui/words";

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
        A heading line with name, kind, watts and, if you like, volts, lumens, price, width_mm, height_mm,
        depth_mm, kg, hold; one light a row, a lamp's further lights below it under its name. Commas or
        semicolons between the columns, decimal points or commas. If one row is wrong, none is taken.{" "}
        <a className="underline" href="/api/catalogue/lamps.csv">
          The catalogue as such a file
        </a>
      </p>
      <label htmlFor={id} className="font-medium">
        Table of lamps, CSV
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
  const taken = `${counted(count, "lamp", "lamps")} taken in.`;
  return unchanged > 0 ? `${taken} ${counted(unchanged, "is", "are")} as in the catalogue already.` : taken;
}
