import { t } from "../words";
import { Button } from "./Button";
import { Refused } from "./Refused";

/** How every form of a dialog ends: what went wrong, Cancel, and what it does. */
export function FormEnd({
  does,
  said,
  busy = false,
  onCancel,
}: {
  does: string;
  said: string | undefined;
  busy?: boolean;
  onCancel: () => void;
}) {
  return (
    <>
      <Refused said={said} />
      <div className="flex justify-end gap-3">
        <Button onClick={onCancel}>{t("ui.cancel")}</Button>
        <Button look="main" type="submit" disabled={busy}>
          {does}
        </Button>
      </div>
    </>
  );
}
