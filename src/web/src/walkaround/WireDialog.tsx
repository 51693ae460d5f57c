import { useState } from "react";
import type { PartCard } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { whyNot } from "../job/rigEditor";
import { ChoiceField } from "../ui/ChoiceField";
import { Dialog } from "../ui/Dialog";
import { FormEnd } from "../ui/FormEnd";
import { t } from "../words";

/** What a dialog does with the terminal that is chosen in it. */
export type Wiring =
  | { does: "add"; from: string; name: string }
  | { does: "move"; wire: string; end: "from" | "to"; name: string };

/** Chooses a terminal: where a new wire leads, or where the end of one goes. */
export function WireDialog({
  editor,
  cards,
  wiring,
  onClose,
}: {
  editor: RigEditor;
  cards: readonly PartCard[];
  wiring: Wiring;
  onClose: () => void;
}) {
  const [chosenPart, setPart] = useState(cards.find(({ list }) => list !== "")?.id ?? cards[0]?.id ?? "");
  const part = cards.find(({ id }) => id === chosenPart);
  const [chosenTerminal, setTerminal] = useState("");
  const terminal = part?.terminals.find(({ id }) => id === chosenTerminal) ?? part?.terminals[0];
  const [trouble, setTrouble] = useState<string>();
  const take = async () => {
    if (!terminal) return;
    const ran = await editor.run(
      wiring.does === "add"
        ? { kind: "addRun", from: wiring.from, to: terminal.id }
        : { kind: "moveRunEnd", wire: wiring.wire, end: wiring.end, terminal: terminal.id },
    );
    setTrouble(whyNot(ran));
    if (ran.done) onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title={
        wiring.does === "add"
          ? t("walkaround.wireFrom", { wiring: wiring.name })
          : t("walkaround.moveAnEndOf", { wiring: wiring.name })
      }
    >
      <form
        className="grid gap-3"
        data-wires-from={wiring.does === "add" ? wiring.from : undefined}
        onSubmit={(event) => {
          event.preventDefault();
          void take();
        }}
      >
        <ChoiceField
          label={t("walkaround.to4")}
          value={part?.id ?? ""}
          options={cards.map(({ id, name, kind }) => ({
            value: id,
            label: name.toLowerCase().includes(kind) ? name : `${name} (${kind})`,
          }))}
          onChange={setPart}
        />
        {part && part.terminals.length > 1 && (
          <ChoiceField
            label={t("walkaround.pin")}
            value={terminal?.id ?? ""}
            options={part.terminals.map(({ id, pin, wires }) => ({
              value: id,
              label: wires.length > 0 ? t("walkaround.wiredAlready", { pin }) : pin,
            }))}
            onChange={setTerminal}
          />
        )}
        <FormEnd
          does={wiring.does === "add" ? t("walkaround.addTheWire") : t("walkaround.moveTheEnd")}
          said={trouble}
          onCancel={onClose}
        />
      </form>
    </Dialog>
  );
}
