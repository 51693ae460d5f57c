import { useState } from "react";
import type { SheetAnswer, SheetStepCard } from "../api/client";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { Details } from "../ui/Details";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { SheetDesk } from "./useSheetRecord";

type Fastener = { count?: number; what: string; size: string; head: string; tool: string; bag: string };

const noFastener: Fastener = { what: "", size: "", head: "", tool: "", bag: "" };

/** Fasteners that came out at the shown step, and all that came out so far. */
export function FastenerLog({
  sheet,
  card,
  desk,
}: {
  sheet: SheetAnswer;
  card: SheetStepCard;
  desk: SheetDesk;
}) {
  const [typed, setTyped] = useState(noFastener);
  const [wereLoose, setWereLoose] = useState<number>();
  const [broke, setBroke] = useState<number>();
  const [plastic, setPlastic] = useState(false);
  const [structural, setStructural] = useState(false);
  const [torque, setTorque] = useState("");
  const [marked, setMarked] = useState(false);
  const log = sheet.view.fasteners;
  const titles = new Map(sheet.view.steps.map(({ step }) => [step.id, step.title]));
  const put = (change: Partial<Fastener>) => setTyped({ ...typed, ...change });
  const add = async () => {
    await desk.add({
      kind: "fasteners",
      step: card.step.id,
      count: typed.count ?? 0,
      what: typed.what,
      size: typed.size,
      head: typed.head,
      tool: typed.tool,
      bag: typed.bag,
      plastic,
      structural,
      torque,
      wereLoose: wereLoose ?? 0,
      broke: broke ?? 0,
      marked,
    });
    setTyped(noFastener);
    setWereLoose(undefined);
    setBroke(undefined);
  };
  return (
    <Details summary={t("runSheet.fasteners", { count: log.length })}>
      <div className="grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label={t("runSheet.count")}
            optional
            value={typed.count}
            onChange={(count) => put({ count })}
          />
          <TextField
            label={t("runSheet.whatFastener")}
            value={typed.what}
            onChange={(what) => put({ what })}
          />
          <TextField label={t("runSheet.size")} value={typed.size} onChange={(size) => put({ size })} />
          <TextField label={t("runSheet.head")} value={typed.head} onChange={(head) => put({ head })} />
          <TextField label={t("runSheet.tool")} value={typed.tool} onChange={(tool) => put({ tool })} />
          <TextField label={t("runSheet.bag")} value={typed.bag} onChange={(bag) => put({ bag })} />
          <NumberField label={t("runSheet.wereLoose")} optional value={wereLoose} onChange={setWereLoose} />
          <NumberField label={t("runSheet.broke")} optional value={broke} onChange={setBroke} />
          <CheckField label={t("runSheet.plastic")} checked={plastic} onChange={setPlastic} />
          <CheckField label={t("runSheet.marked")} checked={marked} onChange={setMarked} />
          <CheckField label={t("runSheet.structural")} checked={structural} onChange={setStructural} />
          {structural && <TextField label={t("runSheet.torque")} value={torque} onChange={setTorque} />}
        </div>
        <Button
          className="justify-self-start"
          disabled={!typed.what.trim() || typed.count === undefined}
          onClick={() => void add()}
        >
          {t("runSheet.addFasteners")}
        </Button>
        <ul className="grid gap-1 text-sm">
          {log.map((some, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: an entry of a log has its place and nothing else
            <li key={i} data-fastener className="border-t border-seam pt-1">
              {t("runSheet.fastenerRow", {
                count: some.count,
                what: [some.size, some.what, some.head].filter(Boolean).join(" "),
                bag: some.bag || t("runSheet.noBag"),
              })}
              {(some.broke ?? 0) > 0 && ` ${t("runSheet.brokeCount", { count: some.broke })}`}
              {(some.wereLoose ?? 0) > 0 && ` ${t("runSheet.looseCount", { count: some.wereLoose })}`}
              <span className="block text-dust">{titles.get(some.step) ?? some.step}</span>
            </li>
          ))}
        </ul>
      </div>
    </Details>
  );
}
