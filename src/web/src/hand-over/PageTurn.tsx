import { ChevronLeft, ChevronRight } from "lucide-react";
import { Button } from "../ui/Button";
import { t } from "../words";

/** One page back and on, with which page of how many it is between. */
export function PageTurn({
  page,
  last,
  told,
  onTurn,
}: {
  /** From 1. */
  page: number;
  last: number;
  /** Which it is, in words. */
  told: string;
  onTurn: (page: number) => void;
}) {
  return (
    <>
      <Button aria-label={t("handOver.pageBefore")} disabled={page === 1} onClick={() => onTurn(page - 1)}>
        <ChevronLeft size={18} aria-hidden />
      </Button>
      <span role="status" className="font-figure whitespace-nowrap" data-page-of>
        {told}
      </span>
      <Button aria-label={t("handOver.nextPage")} disabled={page === last} onClick={() => onTurn(page + 1)}>
        <ChevronRight size={18} aria-hidden />
      </Button>
    </>
  );
}
