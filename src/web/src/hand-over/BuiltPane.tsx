import { useState } from "react";
import type { Difference } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { HandOverDesk } from "./useHandOver";

/** The walk through what is otherwise on the vehicle: each is taken into the plan, or the plan stays and the pack says why. */
export function BuiltPane({ desk, editor }: { desk: HandOverDesk; editor: RigEditor }) {
  const [said, setSaid] = useState("");
  const { view } = desk;
  if (!view) return null;
  const open = view.differences.filter(({ open: undecided }) => undecided);
  const settled = view.differences.filter(({ open: undecided }) => !undecided);
  const take = async (some: readonly Difference[]) => {
    const built = some.flatMap(({ take: so }) => (so ? [so] : []));
    const ran = await editor.do({ kind: "takeAsBuilt", built } as never);
    setSaid(ran.done ? "" : ran.why);
  };
  const taken = open.filter(({ take: so }) => so);
  return (
    <div className="grid content-start gap-2" data-built>
      <p className="text-sm text-dust">{t("handOver.asBuiltHow")}</p>
      <Refused said={said} />
      {view.differences.length === 0 && <p className="font-semibold">{t("handOver.asPlanned")}</p>}
      {taken.length > 1 && (
        <Button className="justify-self-start" onClick={() => void take(taken)}>
          {t("handOver.takeAll", { count: taken.length })}
        </Button>
      )}
      {open.map((one) => (
        <OpenDifference key={one.key} one={one} desk={desk} onTake={() => void take([one])} />
      ))}
      {settled.map((one) => (
        <div key={one.key} data-settled={one.about} className="border border-seam bg-slab p-2 text-sm">
          <p className="font-semibold">{one.name}</p>
          <p>{t("handOver.staysPlanned", { built: one.built, why: one.why })}</p>
        </div>
      ))}
    </div>
  );
}

function OpenDifference({ one, desk, onTake }: { one: Difference; desk: HandOverDesk; onTake: () => void }) {
  const [why, setWhy] = useState("");
  return (
    <section
      aria-label={one.name}
      data-difference={one.about}
      className="grid gap-1.5 border border-ochre bg-slab p-2"
    >
      <h3 className="font-semibold">{one.name}</h3>
      <p className="text-sm">
        {one.planned
          ? t("handOver.plannedBuilt", { planned: one.planned, built: one.built })
          : t("handOver.builtSo", { built: one.built })}
        {one.note && ` ${one.note}`}
      </p>
      {one.take && (
        <Button className="justify-self-start" onClick={onTake}>
          {t("handOver.takeIntoPlan")}
        </Button>
      )}
      <TextField
        label={t("handOver.whyPlanStays")}
        value={why}
        messages={desk.errors.why}
        onChange={setWhy}
      />
      <Button
        className="justify-self-start"
        disabled={!why.trim() || desk.busy}
        onClick={() => void desk.add({ kind: "settled", difference: one.key, why } as never)}
      >
        {t("handOver.planStays")}
      </Button>
    </section>
  );
}
