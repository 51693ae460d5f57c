import { useState } from "react";
import type { DiagnosisView, LampSeen, RigState, StandHere } from "../../api/client";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/ChoiceField";
import { t } from "../../words";
import { looks } from "./looks";
import type { FaultSearch } from "./useFaultSearch";

type Said = "" | "asItShould" | "otherwise";

const options: readonly { value: Said; label: string }[] = [
  { value: "", label: t("powerUp.notLookedAt") },
  { value: "asItShould", label: t("powerUp.asItShould") },
  { value: "otherwise", label: t("powerUp.otherwise") },
];

const namesOf = {
  lit: t("powerUp.looksLit"),
  dim: t("powerUp.looksDim"),
  dark: t("powerUp.looksDark"),
} as const;

/** What is lit in each way of standing: as it should, or lamp by lamp. */
export function LooksList({
  view,
  search,
  onStand,
}: {
  view: DiagnosisView;
  search: FaultSearch;
  onStand: (stand: { state: RigState; out: readonly string[] }) => void;
}) {
  return (
    <div className="grid gap-2">
      <h3 className="text-sm font-semibold">
        {t("powerUp.whatIsLit", {
          seen: view.stands.filter(({ lamps }) => lamps.some(({ seen }) => seen != null)).length,
          all: view.stands.length,
        })}
      </h3>
      {search.tried && (
        <Button onClick={() => void search.lookAtAll(view.stands.map(({ id }) => id))}>
          {t("powerUp.lookAtAll")}
        </Button>
      )}
      {view.stands.map((stand) => (
        <Stand key={stand.id} stand={stand} search={search} onStand={() => onStand(stand)} />
      ))}
    </div>
  );
}

function Stand({ stand, search, onStand }: { stand: StandHere; search: FaultSearch; onStand: () => void }) {
  const [asked, setAsked] = useState(false);
  const { lamps } = stand;
  const seen = lamps.every((lamp) => lamp.seen != null);
  const said: Said =
    seen && lamps.every((lamp) => lamp.seen === lamp.should)
      ? "asItShould"
      : seen || asked
        ? "otherwise"
        : "";
  const choose = (next: Said) => {
    setAsked(next === "otherwise");
    if (next === "") void search.forgetLooks(stand.id);
    if (next === "asItShould")
      void search.look(
        stand.id,
        lamps.map(({ lamp, should }) => ({ lamp, as: should })),
      );
  };
  return (
    <div className="grid gap-1 border-t border-seam pt-1" data-look={stand.id}>
      <div className="flex items-start justify-between gap-2">
        <p className="min-w-0 flex-1 text-sm">
          {stand.words}:{" "}
          <span className="text-dust">
            {[...new Set(lamps.map(({ should }) => should))].length === 1 && lamps[0]
              ? t("powerUp.allShouldBe", { look: namesOf[lamps[0].should] })
              : lamps
                  .map(({ name, should }) => t("powerUp.lampShouldBe", { name, look: namesOf[should] }))
                  .join(", ")}
          </span>
        </p>
        <Button className="shrink-0 text-sm" onClick={onStand}>
          {t("powerUp.standSo")}
        </Button>
      </div>
      <ChoiceField
        bare
        label={t("powerUp.itLooks", { stands: stand.words })}
        value={said}
        options={options}
        onChange={choose}
      />
      {said === "otherwise" &&
        lamps.map(({ lamp, name, seen: now }) => (
          <ChoiceField<LampSeen | "">
            key={lamp}
            label={name}
            value={now ?? ""}
            options={[
              { value: "", label: t("powerUp.notLookedAt") },
              ...looks.map(({ as, name: label }) => ({ value: as, label })),
            ]}
            onChange={(as) => as !== "" && void search.look(stand.id, [{ lamp, as }])}
          />
        ))}
    </div>
  );
}
