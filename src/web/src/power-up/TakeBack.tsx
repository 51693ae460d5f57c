import { RotateCcw } from "lucide-react";
import { Button } from "../ui/Button";
import { t } from "../words";

/** Takes one thing of a list back. */
export function TakeBack({ of, onBack }: { of: string; onBack: () => unknown }) {
  return (
    <Button
      look="quiet"
      className="shrink-0 px-0"
      aria-label={of}
      title={t("powerUp.takeBack")}
      onClick={() => void onBack()}
    >
      <RotateCcw size={18} aria-hidden />
    </Button>
  );
}
