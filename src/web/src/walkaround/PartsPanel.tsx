import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import type { EditCommand, PartCard, PartDimensions, Rig, WalkaroundView } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { partBodyTable } from "../fields/bodyTables";
import { Fields } from "../fields/Fields";
import type { RigEditor } from "../job/rigEditor";
import { withPartBody } from "../job/rigEdits";
import { hasSheet, PartSheet } from "../lines/station/PartSheet";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { Notice } from "../ui/Notice";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { PlaceFields } from "./PlaceFields";
import { Terminals } from "./Terminals";
import { usePartCards } from "./usePartCards";

/** What can be fitted, as it is offered. */
const kinds = [
  { value: "relays", label: t("walkaround.relay") },
  { value: "protection", label: t("walkaround.fuse") },
  { value: "switches", label: t("walkaround.switch") },
  { value: "fixtures", label: t("walkaround.lamp") },
  { value: "powerBoxes", label: t("walkaround.powerBox") },
  { value: "joints", label: t("walkaround.jointOrPlug") },
  { value: "earths", label: t("walkaround.earth") },
  { value: "inlineBreakers", label: t("walkaround.breakerInTheWire") },
  { value: "converters", label: t("walkaround.chargerOrConverter") },
  { value: "solarPanels", label: t("walkaround.solarPanel") },
  { value: "loads", label: t("walkaround.otherLoad") },
] as const;

/** Lists whose parts have a body that can be tried in a space. */
const withBodies: readonly string[] = ["powerBoxes", "relays", "switches", "converters"];

/** Every part of the rig; the chosen one with its location, its fields, its terminals and the wires at them. */
export function PartsPanel({
  editor,
  jobId,
  rig,
  walk,
  part: chosen,
  errors,
  onChoose,
}: {
  editor: RigEditor;
  jobId: string;
  rig: Rig;
  walk: WalkaroundView | undefined;
  /** Id of the part that is looked at. */
  part: string;
  errors: FieldErrors;
  onChoose: (id: string) => void;
}) {
  const { answer: cards, failed, why } = usePartCards(rig);
  const [kind, setKind] = useState<string>("relays");
  if (!cards)
    return (
      <Notice
        alert={failed}
        title={failed ? t("walkaround.thePartsWereNotListed") : t("walkaround.listingTheParts")}
      >
        {why}
      </Notice>
    );
  const fitted = cards.filter(({ list }) => list !== "" && !list.startsWith("vehicle."));
  const part = fitted.find(({ id }) => id === chosen) ?? fitted[0];
  const sheet = {
    rig,
    errors,
    edit: (change: (rig: Rig) => Rig) => editor.edit(change),
    run: (command: EditCommand) => void editor.do(command),
    jobId,
  };
  const add = async () => {
    const ran = await editor.do({ kind: "addPart", list: kind });
    if (ran.done && ran.partId) onChoose(ran.partId);
  };
  return (
    <>
      <ul
        className="grid max-h-64 gap-px overflow-y-auto border border-seam bg-seam"
        aria-label={t("walkaround.parts")}
      >
        {fitted.map(({ id, name, kind: of }) => (
          <li key={id}>
            <button
              type="button"
              data-part={id}
              aria-pressed={id === part?.id}
              onClick={() => onChoose(id)}
              className={`flex min-h-11 w-full items-center justify-between gap-3 px-3 text-left ${id === part?.id ? "bg-lichen-shade font-semibold" : "bg-slab hover:bg-lichen-shade"}`}
            >
              {name} <span className="text-sm font-normal text-dust">{of}</span>
            </button>
          </li>
        ))}
        {fitted.length === 0 && <li className="bg-slab p-3 text-dust">{t("walkaround.noPartsYetAddOne")}</li>}
      </ul>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <ChoiceField label={t("walkaround.kindOfPart")} value={kind} options={kinds} onChange={setKind} />
        <Button onClick={() => void add()}>
          <Plus size={18} aria-hidden /> {t("walkaround.addThePart")}
        </Button>
      </div>
      {part && (
        <section key={part.id} aria-label={part.name} className="grid gap-3">
          <div className="flex flex-wrap items-center justify-between gap-2">
            <h2 className="text-lg font-semibold">{part.name}</h2>
            <Button onClick={() => void editor.do({ kind: "removePart", part: part.id })}>
              <Trash2 size={18} aria-hidden /> {t("walkaround.removeThePart")}
            </Button>
          </div>
          {rig.body && (
            <PlaceFields
              editor={editor}
              rig={rig}
              id={part.id}
              name={part.name}
              lamp={part.list === "fixtures"}
            />
          )}
          {part.says.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
          <SpaceFit walk={walk} part={part.id} />
          {withBodies.includes(part.list) && (
            <PartSizes editor={editor} rig={rig} part={part.id} errors={errors} />
          )}
          {rig.body && part.list === "powerBoxes" && (
            <PlaceFields
              editor={editor}
              rig={rig}
              id={`${part.id}.panel`}
              name={t("walkaround.panelOf", { part: part.name })}
            />
          )}
          <LitBy editor={editor} rig={rig} part={part} />
          <Terminals
            editor={editor}
            cards={cards}
            part={part}
            sheetOf={(wire) => <PartSheet {...sheet} station={{ id: wire, part: wire, list: "runs" }} />}
          />
          {hasSheet(part.list) && (
            <PartSheet {...sheet} station={{ id: part.id, part: part.id, list: part.list }} />
          )}
        </section>
      )}
    </>
  );
}

/** Which line lights each light of a lamp. */
function LitBy({ editor, rig, part }: { editor: RigEditor; rig: Rig; part: PartCard }) {
  const lamp = rig.fixtures?.find(({ id }) => id === part.id);
  const wired = rig.lines.filter(({ plan }) => !plan);
  const add = "+";
  return lamp?.functions.map((light) => {
    const name = `${lamp.id}.${light.id}`;
    return (
      <ChoiceField
        key={light.id}
        label={
          lamp.functions.length > 1 ? t("walkaround.litBy", { light: light.id }) : t("walkaround.litBy2")
        }
        value={wired.find(({ lights }) => lights?.includes(name))?.id ?? ""}
        options={[
          { value: "", label: t("walkaround.noLine") },
          ...wired.map((line) => ({ value: line.id, label: line.name })),
          { value: add, label: t("walkaround.aNewLine") },
        ]}
        onChange={(line) =>
          void editor.do(
            line === add
              ? { kind: "assignLight", light: name, name: part.name }
              : { kind: "assignLight", light: name, lineId: line || null },
          )
        }
      />
    );
  });
}

function SpaceFit({ walk, part }: { walk: WalkaroundView | undefined; part: string }) {
  const card = walk?.spaces.find(({ parts }) => parts.includes(part));
  if (!card) return null;
  return (
    <ul data-fit={part} className="grid gap-1 text-sm">
      {card.findings.map((finding) => (
        <li key={finding.id} data-finding={finding.id} data-verdict={finding.verdict}>
          <VerdictMark verdict={finding.verdict} /> {finding.title}: {finding.reason} {finding.remedy}
        </li>
      ))}
    </ul>
  );
}

function PartSizes({
  editor,
  rig,
  part,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  part: string;
  errors: FieldErrors;
}) {
  const at = (rig.partBodies ?? []).findIndex((body) => body.part === part);
  const body: PartDimensions | undefined = rig.partBodies?.[at];
  const said = under(errors, `partBodies[${at}]`);
  return (
    <Details
      plain
      summary={body ? t("walkaround.itsSizes") : t("walkaround.giveItsSizesToTry")}
      wrong={Object.keys(said).length > 0}
    >
      <Fields
        table={partBodyTable}
        value={body ?? {}}
        errors={said}
        onChange={(change) => editor.edit((now) => withPartBody(now, part, change))}
      />
    </Details>
  );
}
