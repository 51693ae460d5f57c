import { Link } from "react-router";
import { type Shortcut, singleKeys } from "../frame/shortcuts";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { Dialog } from "../ui/Dialog";
import { t } from "../words";
import { tourStep } from "./tour";

/** Tour, glossary, and the keys of the page that is shown. */
export function HelpDialog({
  shortcuts,
  open,
  onClose,
}: {
  shortcuts: readonly Shortcut[];
  open: boolean;
  onClose: () => void;
}) {
  const letters = singleKeys.use();
  return (
    <Dialog open={open} onClose={onClose} title={t("help.help")}>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <Button
          onClick={() => {
            onClose();
            tourStep.set("0");
          }}
        >
          {t("help.startTheTour")}
        </Button>
        <Link to="/glossary" className="inline-flex min-h-11 items-center underline" onClick={onClose}>
          {t("help.glossary")}
        </Link>
      </div>
      <h3 className="text-lg font-semibold">{t("help.shortcuts")}</h3>
      <CheckField
        label={t("help.singleLetterKeysWork")}
        checked={letters === "on"}
        onChange={(on) => singleKeys.set(on ? "on" : "off")}
      />
      <dl className="mt-3 grid grid-cols-[5.5rem_1fr] gap-y-2">
        {shortcuts.map((shortcut) => (
          <div key={shortcut.keys} className="contents">
            <dt>
              <kbd className="rounded-sm border border-edge px-2 py-0.5 font-figure">{shortcut.keys}</kbd>
            </dt>
            <dd>{shortcut.does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
