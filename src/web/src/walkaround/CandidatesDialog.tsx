import { useState } from "react";
import { api, type Candidate, type Mount, type RankBy, type Rig } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { rulesOf } from "../job/rigEdits";
import { rigId } from "../job/rigId";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Dialog } from "../ui/Dialog";
import { amps, tape } from "../ui/figures/figures";
import { useMoney } from "../ui/units";
import { useAnswer } from "../ui/useAnswer";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";

const ranks: readonly { value: RankBy; label: string }[] = [
  { value: "light", label: t("walkaround.mostLightFirst") },
  { value: "current", label: t("walkaround.leastCurrentFirst") },
  { value: "price", label: t("walkaround.cheapestFirst") },
];

/** Before you order: what of the catalogue goes on this mount; what does not says why. */
export function CandidatesDialog({
  editor,
  rig,
  mount,
  onClose,
}: {
  editor: RigEditor;
  rig: Rig;
  mount: Mount;
  onClose: () => void;
}) {
  const [by, setBy] = useState<RankBy>("light");
  const [trouble, setTrouble] = useState<string>();
  const found = useAnswer(
    ["candidates", rigId(rig), mount.id, by],
    (signal) => api.POST("/api/preview/candidates", { body: { rig, mount: mount.id, by }, signal }),
    { keep: mount.id },
  );
  const { units } = rulesOf(rig);
  const put = async (lamp: string) => {
    const ran = await editor.run({ kind: "placeLamp", mount: mount.id, lamp });
    if (ran.done) onClose();
    else setTrouble(ran.why);
  };
  const placed = new Set(rig.places?.map(({ part }) => part));
  const waiting = (rig.fixtures ?? []).filter(({ id }) => !placed.has(id));
  const place = async (part: string) => {
    const ran = await editor.run({ kind: "placePart", part, at: mount.id });
    if (ran.done) onClose();
    else setTrouble(ran.why);
  };
  return (
    <Dialog open onClose={onClose} title={t("walkaround.whatFitsOn", { mount: mount.name })} wide>
      <div className="max-w-xs">
        <ChoiceField label={t("walkaround.order")} value={by} options={ranks} onChange={setBy} />
      </div>
      {!found.answer && !found.failed && (
        <p role="status" className="mt-3">
          {t("walkaround.tryingTheCatalogue")}
        </p>
      )}
      {found.failed && (
        <p role="alert" className="mt-3 text-oxide">
          {found.why}
        </p>
      )}
      {trouble && (
        <p role="alert" className="mt-3 text-oxide">
          {trouble}
        </p>
      )}
      {waiting.length > 0 && (
        <section aria-label={t("walkaround.lampsOfThisJob")} className="mt-3 grid gap-2">
          <h3 className="font-semibold">{t("walkaround.lampsOfThisJobThat")}</h3>
          <div className="flex flex-wrap gap-2">
            {waiting.map(({ id, name }) => (
              <Button key={id} onClick={() => void place(id)}>
                {name}
              </Button>
            ))}
          </div>
        </section>
      )}
      <ul className="mt-3 grid gap-px border border-seam bg-seam">
        {found.answer?.map((candidate) => (
          <Row
            key={candidate.lamp.fixture.id}
            candidate={candidate}
            size={(value) => tape(value, units)}
            onPut={put}
          />
        ))}
      </ul>
    </Dialog>
  );
}

function Row({
  candidate,
  size,
  onPut,
}: {
  candidate: Candidate;
  size: (millimetres: number) => string;
  onPut: (lamp: string) => void;
}) {
  const money = useMoney();
  const { lamp, card } = candidate;
  const watched = card.findings.filter(({ verdict }) => verdict === "watch");
  return (
    <li
      className="grid gap-x-4 bg-slab px-3 py-2 sm:grid-cols-[1fr_auto]"
      data-lamp={lamp.fixture.id}
      data-verdict={card.verdict}
    >
      <div>
        <span className="inline-flex flex-wrap items-center gap-2 font-semibold">
          <VerdictMark verdict={card.verdict} />
          {lamp.fixture.name}
        </span>
        <span className="ml-3 font-figure text-sm">
          {t("walkaround.wideLm", {
            widthMillimetres: size(lamp.fixture.body?.widthMillimetres ?? 0),
            lumens: lamp.lumens,
            amps: amps(candidate.amps),
            price: money(lamp.price),
          })}
        </span>
        <span className="block text-sm text-dust">
          {candidate.why ||
            watched.map(({ reason }) => reason).join(" ") ||
            t("walkaround.fitsWithRoomOnEvery")}
        </span>
      </div>
      <Button look={card.verdict === "stop" ? "quiet" : "plain"} onClick={() => onPut(lamp.fixture.id)}>
        {card.verdict === "stop" ? t("walkaround.fitItHereAllThe") : t("walkaround.fitItHere")}
        <span className="sr-only">: {lamp.fixture.name}</span>
      </Button>
    </li>
  );
}
