import { CircleHelp } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { Link } from "react-router";
import { t } from "../words";
import type { Term as Explained } from "./glossary";

/** Explains a term where it stands: on hover, on focus, and by a tap. */
export function Term({ id, name, says }: Explained) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        type="button"
        aria-label={t("help.whatIs", { name })}
        className="-my-3 -mr-3 inline-flex size-11 items-center justify-center rounded-sm align-middle text-dust hover:text-ink"
        onPointerEnter={(event) => event.pointerType === "mouse" && setOpen(true)}
        onPointerLeave={(event) => event.pointerType === "mouse" && setOpen(false)}
        onClick={(event) => {
          // A mouse is there before it clicks: what it opened must not be shut by the click.
          event.preventDefault();
          setOpen(true);
        }}
        onFocus={(event) => event.currentTarget.matches(":focus-visible") && setOpen(true)}
        onBlur={() => setOpen(false)}
      >
        <CircleHelp size={15} aria-hidden />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          sideOffset={2}
          onOpenAutoFocus={(event) => event.preventDefault()}
          onCloseAutoFocus={(event) => event.preventDefault()}
          aria-label={name}
          className="z-40 max-w-80 rounded-sm border border-edge bg-slab p-3 text-ink shadow-md"
        >
          <p>
            <span className="font-semibold">{name}.</span> {says}
          </p>
          <Link
            to={`/glossary?term=${encodeURIComponent(id)}`}
            className="inline-flex min-h-11 items-center underline"
          >
            {t("help.allTerms")}
          </Link>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
