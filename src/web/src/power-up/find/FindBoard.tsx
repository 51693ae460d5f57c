import type { DiagnosisView, RigState } from "../../api/client";
import { Details } from "../../ui/Details";
import { t } from "../../words";
import { LeftCauses } from "./LeftCauses";
import { LooksList } from "./LooksList";
import { SetAsideList } from "./SetAsideList";
import { TakenList } from "./TakenList";
import type { FaultSearch } from "./useFaultSearch";

/** What is left, beside what was seen and read. */
export function FindBoard({
  view,
  search,
  onStand,
}: {
  view: DiagnosisView;
  search: FaultSearch;
  onStand: (stand: { state: RigState; out: readonly string[] }) => void;
}) {
  return (
    <div className="grid min-h-0 gap-3 lg:flex-1 lg:grid-cols-2">
      <section
        aria-label={t("powerUp.causesLeft")}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
        tabIndex={0}
        className="relative min-h-0 lg:overflow-y-auto lg:pr-1"
      >
        <LeftCauses view={view} onFound={search.found} onLookedInto={search.lookedInto} />
      </section>
      <section
        aria-label={t("powerUp.seenAndRead")}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
        tabIndex={0}
        className="relative grid min-h-0 content-start gap-2 lg:overflow-y-auto lg:pr-1"
      >
        {view.taken.length > 0 && <TakenList taken={view.taken} onBack={search.takeBack} />}
        <SetAsideList
          title={t("powerUp.lookedInto")}
          all={view.lookedInto}
          onBack={(fault) => search.lookedInto([fault], true)}
        />
        <SetAsideList title={t("powerUp.notReached")} all={view.notReached} onBack={search.reached} />
        <LooksList view={view} search={search} onStand={onStand} />
        {view.silent.length > 0 && (
          <Details summary={t("powerUp.silentFaults", { count: view.silent.length })}>
            <ul className="list-disc pl-5 text-sm">
              {view.silent.map((name) => (
                <li key={name}>{name}</li>
              ))}
            </ul>
          </Details>
        )}
      </section>
    </div>
  );
}
