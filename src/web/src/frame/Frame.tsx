import { CircleHelp, Moon, Sun } from "lucide-react";
import { memo, type ReactNode, useMemo, useState } from "react";
import { Link } from "react-router";
import { HelpDialog } from "../help/HelpDialog";
import { Button } from "../ui/Button";
import { t } from "../words";
import { type Shortcut, useShortcuts } from "./shortcuts";
import { toggleTheme, useTheme } from "./theme";

/** The bar across the top, the page below it, the caution at the foot. */
export function Frame({
  ticket,
  shortcuts = [],
  whole = false,
  children,
}: {
  ticket?: ReactNode;
  /** On a bench screen the page is as high as the screen, and each pane of it scrolls by itself. */
  whole?: boolean;
  shortcuts?: readonly Shortcut[];
  children: ReactNode;
}) {
  const theme = useTheme();
  const [listed, setListed] = useState(false);
  const all = useMemo(
    () => [
      ...shortcuts,
      { keys: "n", does: t("frame.nightOrDay"), run: toggleTheme },
      { keys: "?", does: t("frame.helpTourGlossaryThisList"), run: () => setListed(true) },
    ],
    [shortcuts],
  );
  useShortcuts(all);

  return (
    <div className={`flex min-h-screen flex-col ${whole ? "lg:h-screen" : ""}`}>
      <a
        href="#content"
        className="sr-only focus:not-sr-only focus:fixed focus:top-1 focus:left-1 focus:z-30 focus:bg-slab focus:p-3"
      >
        {t("frame.skipToTheContent")}
      </a>
      <header className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-spruce px-4 py-1 text-on-spruce">
        <ToYard />
        <div className="flex min-w-0 flex-1 flex-wrap items-center gap-x-3 gap-y-1">{ticket}</div>
        <div className="flex">
          <Button
            look="ticket"
            aria-label={theme === "day" ? t("frame.nightTheme") : t("frame.dayTheme")}
            onClick={toggleTheme}
          >
            {theme === "day" ? <Moon size={20} aria-hidden /> : <Sun size={20} aria-hidden />}
          </Button>
          <Button
            look="ticket"
            aria-label={t("frame.help")}
            title={t("frame.help")}
            onClick={() => setListed(true)}
          >
            <CircleHelp size={20} aria-hidden />
          </Button>
        </div>
      </header>
      <main id="content" tabIndex={-1} className={`flex-1 ${whole ? "lg:flex lg:min-h-0 lg:flex-col" : ""}`}>
        {children}
      </main>
      <footer className={`border-t border-seam px-4 text-sm text-dust ${whole ? "py-1" : "py-2"}`}>
        {t("frame.adviceForPlanningNotAn")}
      </footer>
      <HelpDialog shortcuts={all} open={listed} onClose={() => setListed(false)} />
    </div>
  );
}

/** The name of the program; leads to the list of jobs. */
const ToYard = memo(function ToYard() {
  return (
    <Link to="/" className="inline-flex min-h-11 items-center gap-2 rounded-sm font-semibold">
      <svg viewBox="0 0 30 18" className="h-4 w-7" aria-hidden="true">
        <path d="M0 18 L7 7 L11 11 L19 0 L30 18 Z" fill="currentColor" className="text-lichen" />
      </svg>
      {t("frame.burlyRidge")}
    </Link>
  );
});
