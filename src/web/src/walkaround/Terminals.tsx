import { Plus, Trash2 } from "lucide-react";
import { type ReactNode, useState } from "react";
import type { PartCard } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { t } from "../words";
import { WireDialog, type Wiring } from "./WireDialog";

/** The terminals of a part with the wires at them: a wire is added from one, moved and taken out. */
export function Terminals({
  editor,
  cards,
  part,
  sheetOf,
}: {
  editor: RigEditor;
  cards: readonly PartCard[];
  part: PartCard;
  /** The fields of a wire. */
  sheetOf: (wire: string) => ReactNode;
}) {
  const [wiring, setWiring] = useState<Wiring>();
  const [opened, setOpened] = useState<string>();
  return (
    <section
      aria-label={t("walkaround.terminalsOf", { part: part.name })}
      className="border border-seam bg-slab"
    >
      <ul className="grid gap-px bg-seam">
        {part.terminals.map((terminal) => (
          <li key={terminal.id} data-terminal={terminal.id} className="grid gap-1 bg-slab px-3 py-1">
            <div className="flex items-center justify-between gap-2">
              <span className="font-figure">{terminal.pin || t("walkaround.terminal")}</span>
              <Button
                look="quiet"
                aria-label={t(terminal.pin ? "walkaround.addAWireFromPin" : "walkaround.addAWireFrom", {
                  terminal: terminal.name,
                  pin: terminal.pin,
                })}
                onClick={() => setWiring({ does: "add", from: terminal.id, name: terminal.name })}
              >
                <Plus size={18} aria-hidden /> {t("walkaround.wire")}
              </Button>
            </div>
            {terminal.wires.map((wire) => (
              <div key={wire.id} data-wire={wire.id} className="grid gap-2">
                <div className="flex items-center justify-between gap-2 text-sm">
                  <Button
                    look="quiet"
                    className="justify-start text-left"
                    aria-expanded={wire.id === opened}
                    onClick={() => setOpened(wire.id === opened ? undefined : wire.id)}
                  >
                    {t("walkaround.to3", { wire: wire.wire, far: wire.far })}
                  </Button>
                  <span className="flex">
                    <Button
                      look="quiet"
                      aria-label={t("walkaround.moveThisEndOf", { wire: wire.name })}
                      onClick={() =>
                        setWiring({
                          does: "move",
                          wire: wire.id,
                          end: wire.startsHere ? "from" : "to",
                          name: wire.name,
                        })
                      }
                    >
                      {t("walkaround.move")}
                    </Button>
                    <Button
                      look="quiet"
                      aria-label={t("walkaround.remove3", { wire: wire.name })}
                      onClick={() => void editor.do({ kind: "removeRun", wire: wire.id })}
                    >
                      <Trash2 size={18} aria-hidden />
                    </Button>
                  </span>
                </div>
                {wire.id === opened && <div className="grid gap-2 pb-2">{sheetOf(wire.id)}</div>}
              </div>
            ))}
          </li>
        ))}
      </ul>
      {wiring && (
        <WireDialog editor={editor} cards={cards} wiring={wiring} onClose={() => setWiring(undefined)} />
      )}
    </section>
  );
}
