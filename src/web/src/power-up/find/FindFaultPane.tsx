import { useState } from "react";
import type { NextReading, RigState } from "../../api/client";
import { Button } from "../../ui/Button";
import { CheckField } from "../../ui/CheckField";
import { ChoiceField } from "../../ui/ChoiceField";
import { Notice } from "../../ui/Notice";
import { Searching } from "../../ui/Searching";
import { t } from "../../words";
import type { Commissioning } from "../useCommissioning";
import { NextCard } from "./NextCard";
import type { FaultSearch } from "./useFaultSearch";

const nameOf = (next: NextReading) => `${next.stand} ${next.lamp} ${JSON.stringify(next.probing)}`;

/** The fault of a line, looked for by the reading that tells most for its minutes. */
export function FindFaultPane({
  desk,
  search,
  onStand,
}: {
  desk: Commissioning;
  search: FaultSearch;
  onStand: (stand: { state: RigState; out: readonly string[] }) => void;
}) {
  const [chosen, setChosen] = useState("");
  const { view } = search;
  const outOf = (stand: string) => view?.stands.find(({ id }) => id === stand)?.out ?? [];
  const next = view?.next.find((one) => nameOf(one) === chosen) ?? view?.next[0];
  const others = view?.next.filter((one) => one !== next) ?? [];
  return (
    <div className="grid gap-2" data-find={search.search.kind}>
      <ChoiceField
        label={t("powerUp.line")}
        value={search.line}
        options={search.lines.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={desk.setLine}
      />
      <CheckField label={t("powerUp.trial")} checked={search.tried} onChange={search.setTried} />
      {search.search.kind === "searching" && !view && (
        <Searching search={search.search} name={t("powerUp.workingOutFaults")} />
      )}
      {search.search.kind === "failed" && (
        <Notice alert title={t("powerUp.notDiagnosed")}>
          <p>{search.search.why}</p>
          <Button className="mt-2" onClick={search.ask}>
            {t("powerUp.tryAgain")}
          </Button>
        </Notice>
      )}
      {search.why && <p role="alert">{search.why}</p>}
      {view && (
        <>
          <p
            className="border-l-4 border-lichen bg-slab p-2 text-sm font-semibold"
            role="status"
            data-stage={view.stage}
          >
            {view.words}
          </p>
          {next && (
            <NextCard
              key={nameOf(next)}
              next={next}
              search={search}
              said={desk.said(next.words, "value")}
              onStand={() => onStand({ state: next.state, out: outOf(next.stand) })}
              onDone={() => setChosen("")}
            />
          )}
          {others.length > 0 && (
            <section aria-label={t("powerUp.insteadOfIt")} className="grid gap-1">
              <h3 className="text-sm font-semibold">{t("powerUp.insteadOfIt")}</h3>
              {others.map((one) => (
                <Button
                  key={nameOf(one)}
                  className="justify-start text-left text-sm"
                  onClick={() => setChosen(nameOf(one))}
                >
                  {t("powerUp.insteadAt", { words: one.words, stands: one.stands })}
                </Button>
              ))}
            </section>
          )}
          <p className="text-sm text-dust">
            {view.odds} {t("powerUp.triedFaults", { faults: view.faults, solved: view.solved })}
          </p>
        </>
      )}
    </div>
  );
}
