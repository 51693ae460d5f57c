import { Maximize2, Minimize2 } from "lucide-react";
import { useState } from "react";
import type { UnitSystem } from "../api/client";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Notice } from "../ui/Notice";
import { t } from "../words";
import { PageTurn } from "./PageTurn";
import { papers } from "./papers";
import { SvgSheet } from "./SvgSheet";
import type { HandOverDesk } from "./useHandOver";

const unitsOf: readonly { value: UnitSystem; label: string }[] = [
  { value: "metric", label: t("handOver.metric") },
  { value: "imperial", label: t("handOver.imperial") },
];

/** The pack as it prints, page by page. */
export function PackSheets({
  desk,
  page,
  onTurn,
}: {
  desk: HandOverDesk;
  /** From 1. */
  page: number;
  onTurn: (page: number) => void;
}) {
  const [large, setLarge] = useState(false);
  const { pack } = desk;
  const last = pack?.pages.length ?? 1;
  const shown = Math.min(page, last);
  const svg = pack?.pages[shown - 1];
  const told = t("handOver.pageOf", { page: shown, last });
  return (
    <div className="flex min-h-0 min-w-0 flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <PageTurn page={shown} last={last} told={told} onTurn={onTurn} />
        <Button
          aria-label={large ? t("handOver.wholePage") : t("handOver.enlarge")}
          aria-pressed={large}
          onClick={() => setLarge(!large)}
        >
          {large ? <Minimize2 size={18} aria-hidden /> : <Maximize2 size={18} aria-hidden />}
        </Button>
        <span className="w-24">
          <ChoiceField
            bare
            label={t("handOver.paper")}
            value={desk.paper}
            options={papers}
            onChange={desk.setPaper}
          />
        </span>
        <span className="w-28">
          <ChoiceField
            bare
            label={t("handOver.units")}
            value={desk.units}
            options={unitsOf}
            onChange={desk.setUnits}
          />
        </span>
      </div>
      {desk.slow && <p className="text-sm text-dust">{t("handOver.workingOut")}</p>}
      {svg === undefined ? (
        <Notice
          alert={desk.packWhy !== ""}
          title={desk.packWhy ? t("handOver.notWorkedOut") : t("handOver.workingOut")}
        >
          {desk.packWhy}
        </Notice>
      ) : (
        <SvgSheet svg={svg} name={told} large={large} />
      )}
    </div>
  );
}
