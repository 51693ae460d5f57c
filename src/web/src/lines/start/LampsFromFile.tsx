import { useId, useState } from "react";
import { api, type OfferedLamp } from "../../api/client";
import { refusal, withPaths } from "../../api/problems";

/** Lamps from comma-separated values: all of them or none. */
export function LampsFromFile({ onTaken }: { onTaken: (lamps: OfferedLamp[]) => void }) {
  const id = useId();
  const [said, setSaid] = useState<{ good: boolean; words: string }>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    const text = await file.text();
    const answer = await api
      .POST("/api/catalogue/lamps.csv", {
        body: text,
        bodySerializer: (body) => body,
        headers: { "Content-Type": "text/csv" },
      })
      .catch(() => undefined);
    if (answer?.data) {
      setSaid({ good: true, words: `${answer.data.count} lamps taken in.` });
      onTaken(answer.data.lamps);
    } else {
      setSaid({ good: false, words: withPaths(answer ? refusal(answer.error) : { kind: "unreachable" }) });
    }
  };
  return (
    <div className="grid gap-2 text-sm">
      <p className="text-dust">
        A heading line with name, kind, watts and, if you like, volts, lumens, price, width_mm, height_mm,
        depth_mm, kg, hold; one lamp a row. If one row is wrong, none is taken.{" "}
        <a className="underline" href="/api/catalogue/lamps.csv">
          The catalogue as such a file
        </a>
      </p>
      <label htmlFor={id} className="font-medium">
        Comma-separated file
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
