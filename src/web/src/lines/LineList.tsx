import { Plus } from "lucide-react";
import type { LineAssessment } from "../api/client";
import { Button } from "../ui/Button";
import { amps, copper, percent } from "../ui/figures";
import { VerdictMark } from "../ui/VerdictMark";
import { fuseName } from "../ui/words";
import type { AssessedLines } from "./assessedLines";

export function LineList({
  lines,
  chosen,
  onChoose,
  onAdd,
}: {
  lines: AssessedLines;
  chosen: string | undefined;
  onChoose: (id: string) => void;
  onAdd: () => void;
}) {
  return (
    <nav aria-label="Lines" className="grid content-start gap-1">
      <ul className="grid gap-1">
        {lines.map(({ line, found }) => (
          <li key={line.id}>
            <button
              type="button"
              aria-current={line.id === chosen}
              onClick={() => onChoose(line.id)}
              className="block w-full rounded-sm border border-seam border-l-4 bg-slab px-3 py-2 text-left hover:bg-lichen-shade aria-[current=true]:border-l-lichen aria-[current=true]:bg-lichen-shade"
            >
              <span className="flex items-baseline justify-between gap-2">
                <span className="font-semibold">{line.name}</span>
                {found && <VerdictMark verdict={found.verdict} word={false} />}
              </span>
              {!line.plan && (
                <span className="block text-sm text-dust">
                  wired, {line.lights?.length} {line.lights?.length === 1 ? "lamp" : "lamps"}
                  {found?.figures?.lamps.at(-1) &&
                    ` · ${percent(found.figures.lamps.at(-1)?.dropFraction ?? 0)} lost`}
                </span>
              )}
              {found?.assessment && <Planned answer={found.assessment} />}
            </button>
          </li>
        ))}
      </ul>
      <Button className="w-full" onClick={onAdd}>
        <Plus size={18} aria-hidden /> Add a line
      </Button>
    </nav>
  );
}

function Planned({ answer }: { answer: LineAssessment }) {
  return (
    <span className="block text-sm text-dust">
      <span className="font-figure">{amps(answer.designAmps)}</span>
      {" · "}
      {answer.fuse ? fuseName(answer.fuse) : "no fuse"}
      <br />
      {answer.wire
        ? `${answer.wire.name} · ${copper(answer.wire.copperSquareMillimetres)} copper`
        : "no wire will do"}
    </span>
  );
}
