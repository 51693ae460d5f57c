import { Download } from "lucide-react";
import { useState } from "react";
import type { LabelsAnswer } from "../api/client";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { t } from "../words";
import { PageTurn } from "./PageTurn";
import { SvgSheet } from "./SvgSheet";

/** The sheets of labels as they print. */
export function LabelSheets({
  answer,
  why,
  drawn,
}: {
  answer: LabelsAnswer | undefined;
  why: string;
  /** Where a sheet is to be had as a drawing of its own. */
  drawn: (sheet: number) => string;
}) {
  const [turned, setTurned] = useState(1);
  if (!answer)
    return (
      <Notice alert={why !== ""} title={why ? t("handOver.notWorkedOut") : t("handOver.workingOut")}>
        {why}
      </Notice>
    );
  const last = answer.sheets.length;
  if (last === 0) return <Notice title={t("handOver.noLabels")} />;
  const sheet = Math.min(turned, last);
  const told = t("handOver.sheetOf", { sheet, last });
  return (
    <div className="flex min-h-0 min-w-0 flex-col gap-2">
      <div className="flex items-center gap-2">
        <PageTurn page={sheet} last={last} told={told} onTurn={setTurned} />
        <span className="text-sm text-dust">{t("handOver.printFullSize")}</span>
        <a className={`${linkLook} ml-auto`} href={drawn(sheet)} download>
          <Download size={18} aria-hidden /> {t("handOver.sheetAsSvg")}
        </a>
      </div>
      <SvgSheet svg={answer.sheets[sheet - 1] ?? ""} name={told} large={false} />
    </div>
  );
}
