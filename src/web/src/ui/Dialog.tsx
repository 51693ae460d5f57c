import { X } from "lucide-react";
import { Dialog as Primitive } from "radix-ui";
import { type ReactNode, useRef } from "react";
import { t } from "../words";

export function Dialog({
  open,
  onClose,
  title,
  wide = false,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  wide?: boolean;
  children: ReactNode;
}) {
  // Before anything in it takes the focus.
  const opener = useRef<Element>(null);
  const was = useRef(false);
  if (open && !was.current) opener.current = document.activeElement;
  was.current = open;
  return (
    <Primitive.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Primitive.Portal>
        <Primitive.Overlay className="fixed inset-0 z-20 bg-black/50" />
        <Primitive.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            if (!(opener.current instanceof HTMLElement) || !opener.current.isConnected) return;
            event.preventDefault();
            opener.current.focus();
          }}
          className={`fixed z-20 top-1/2 left-1/2 max-h-[92vh] ${wide ? "w-[min(80rem,96vw)]" : "w-[min(34rem,94vw)]"} -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-sm border border-edge bg-slab p-5`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Primitive.Title className="text-xl font-semibold">{title}</Primitive.Title>
            <Primitive.Close
              aria-label={t("ui.close")}
              className="-mt-2 -mr-2 inline-flex size-11 items-center justify-center rounded-sm hover:bg-lichen-shade"
            >
              <X aria-hidden size={20} />
            </Primitive.Close>
          </div>
          {children}
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}
