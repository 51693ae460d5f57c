import type { PaperSize } from "../api/client";
import { t } from "../words";

/** What a pack and labels are printed on. */
export const papers: readonly { value: PaperSize; label: string }[] = [
  { value: "a4", label: t("handOver.a4") },
  { value: "letter", label: t("handOver.letter") },
];
