import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import type { PartCard, Rig } from "../api/client";
import type { FieldErrors } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { partsOf } from "../job/rigEdits";
import { PartSheet } from "../lines/station/PartSheet";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { useNames } from "../ui/names";
import { t } from "../words";
import { Terminals } from "./Terminals";
import { usePartCards } from "./usePartCards";

/** The parts of one list of the vehicle's own, each with all its fields. */
export function VehicleList({
  editor,
  jobId,
  rig,
  list,
  another,
  empty,
  errors,
}: {
  editor: RigEditor;
  jobId: string;
  rig: Rig;
  list: string;
  /** What the button says that adds one. */
  another: string;
  /** What stands there while there is none. */
  empty: string;
  errors: FieldErrors;
}) {
  const nameOf = useNames();
  const [added, setAdded] = useState<string>();
  const parts = partsOf(rig, list);
  const cards = usePartCards(rig).answer ?? [];
  const add = async () => {
    const ran = await editor.do({ kind: "addPart", list });
    if (ran.done) setAdded(ran.partId);
  };
  return (
    <div className="grid gap-2" data-list={list}>
      {parts.length === 0 && <p className="text-dust">{empty}</p>}
      {parts.map(({ id }, place) => (
        <Details
          key={id}
          summary={nameOf(id)}
          open={id === added || parts.length === 1}
          wrong={Object.keys(errors).some((path) => path.startsWith(`${list}[${place}].`))}
        >
          <div className="grid gap-2" data-vehicle-part={id}>
            <PartSheet
              rig={rig}
              station={{ id, part: id, list }}
              errors={errors}
              edit={(change) => editor.edit(change)}
              run={(command) => void editor.do(command)}
              jobId={jobId}
            />
            <Wires
              {...{ editor, jobId, rig, errors }}
              cards={cards}
              part={cards.find((card) => card.id === id)}
            />
            <Button
              className="justify-self-start"
              onClick={() => void editor.do({ kind: "removePart", part: id })}
            >
              <Trash2 size={18} aria-hidden /> {t("walkaround.remove4", { id: nameOf(id) })}
            </Button>
          </div>
        </Details>
      ))}
      <Button className="justify-self-start" onClick={() => void add()}>
        <Plus size={18} aria-hidden /> {another}
      </Button>
    </div>
  );
}

/** The terminals of one of them, with the wires at them. */
function Wires({
  editor,
  jobId,
  rig,
  errors,
  cards,
  part,
}: {
  editor: RigEditor;
  jobId: string;
  rig: Rig;
  errors: FieldErrors;
  cards: readonly PartCard[];
  part: PartCard | undefined;
}) {
  const wires = part?.terminals.reduce((sum, terminal) => sum + terminal.wires.length, 0) ?? 0;
  return (
    part && (
      <Details plain summary={t("walkaround.wiresAtIt", { wires })}>
        <Terminals
          editor={editor}
          cards={cards}
          part={part}
          sheetOf={(wire) => (
            <PartSheet
              rig={rig}
              station={{ id: wire, part: wire, list: "runs" }}
              errors={errors}
              edit={(change) => editor.edit(change)}
              run={(command) => void editor.do(command)}
              jobId={jobId}
            />
          )}
        />
      </Details>
    )
  );
}
