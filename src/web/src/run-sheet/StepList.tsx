import {
  CircleAlert,
  CircleCheck,
  Circle as CircleOpen,
  CloudUpload,
  Hourglass,
  RotateCcw,
} from "lucide-react";
import type { SheetStepCard, SheetView } from "../api/client";
import { Details } from "../ui/Details";
import { t } from "../words";
import { groupsOf, type StageGroup } from "./shown";

/** How a step stands, as a sign with its words. */
function Sign({ card, ticked }: { card: SheetStepCard; ticked: boolean }) {
  const [Mark, words, look] = ticked
    ? [CloudUpload, t("runSheet.tickedHere"), "text-ochre"]
    : card.state === "done"
      ? [CircleCheck, t("runSheet.done"), "text-moss"]
      : card.state === "again" || card.state === "undo"
        ? [RotateCcw, card.state === "undo" ? t("runSheet.takeBack") : t("runSheet.again"), "text-oxide"]
        : card.wait
          ? [Hourglass, t("runSheet.waits"), "text-ochre"]
          : card.step.hold
            ? [CircleAlert, t("runSheet.holdPoint"), ""]
            : [CircleOpen, t("runSheet.toDo"), "text-edge"];
  return (
    <>
      <Mark size={18} aria-hidden className={`mt-px shrink-0 ${look}`} />
      <span className="sr-only">{words}: </span>
    </>
  );
}

/** The steps by stage of the work, those of the shown step's stage open, done ones folded. */
export function StepList({
  view,
  shown,
  ticked,
  onChoose,
}: {
  view: SheetView;
  shown: SheetStepCard | undefined;
  ticked: ReadonlySet<string>;
  onChoose: (id: string) => void;
}) {
  const groups = groupsOf(view, ticked, t("runSheet.toTakeBack"));
  const over = groups.filter((group) => isOver(group) && !group.cards.some((card) => card === shown));
  const rest = groups.filter((group) => !over.includes(group));
  const row = (card: SheetStepCard) => (
    <li key={card.step.id}>
      <button
        type="button"
        data-step={card.step.id}
        data-state={ticked.has(card.step.id) ? "ticked" : card.state}
        aria-current={card === shown ? "step" : undefined}
        onClick={() => onChoose(card.step.id)}
        className={`flex min-h-11 w-full items-start gap-1.5 px-2 py-2 text-left text-sm ${card === shown ? "bg-lichen-shade font-semibold" : "hover:bg-lichen-shade"} ${card.state === "done" ? "text-dust" : ""}`}
      >
        <Sign card={card} ticked={ticked.has(card.step.id)} />
        <span className="min-w-0">{card.step.title}</span>
      </button>
    </li>
  );
  return (
    <nav
      aria-label={t("runSheet.steps")}
      className="relative grid content-start gap-1 lg:min-h-0 lg:overflow-y-auto"
    >
      {over.length > 0 && (
        <Details
          summary={
            <Heading
              group="over"
              name={t("runSheet.finished")}
              figure={String(over.reduce((sum, { cards }) => sum + cards.length, 0))}
            />
          }
        >
          {over.map((group) => (
            <section key={`${group.key} ${group.cards[0]?.step.id}`} aria-label={group.name}>
              <h3 className="px-2 text-sm font-semibold">{group.name}</h3>
              <ul>{group.cards.map(row)}</ul>
            </section>
          ))}
        </Details>
      )}
      {rest.map((group) => {
        const holds = group.cards.some((card) => card === shown);
        return (
          <Details
            key={`${group.key} ${group.cards[0]?.step.id} ${holds}`}
            open={holds || group.key === "undo"}
            wrong={group.cards.some((card) => card.state === "again")}
            summary={
              <Heading group={group.key} name={group.name} figure={`${group.done}/${group.cards.length}`} />
            }
          >
            <ul className="-m-2 grid gap-px">{group.cards.map(row)}</ul>
          </Details>
        );
      })}
    </nav>
  );
}

const isOver = (group: StageGroup) => group.done === group.cards.length;

function Heading({ group, name, figure }: { group: string; name: string; figure: string }) {
  return (
    <span className="flex flex-1 justify-between gap-2">
      <span>{name}</span>
      <span className="font-figure text-sm text-dust" data-figure={`stage ${group}`}>
        {figure}
      </span>
    </span>
  );
}
