import { Plus } from "lucide-react";
import { useState } from "react";
import type { FitCard, LampDimensions, Mount, Rig, WalkaroundView } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { LampBodyFields } from "../fields/LampBodyFields";
import type { RigEditor } from "../job/rigEditor";
import { rulesOf, withBody, withMeasured } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { tape } from "../ui/figures/figures";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { newMount } from "./bodyEdits";
import { CandidatesDialog } from "./CandidatesDialog";
import { FitSketch } from "./FitSketch";
import { MountEditor } from "./MountEditor";

/** The mounts of the vehicle, and the chosen one with its fit card. */
export function MountPanel({
  editor,
  rig,
  walk,
  mount,
  errors,
  onChoose,
}: {
  editor: RigEditor;
  rig: Rig;
  walk: WalkaroundView | undefined;
  mount: Mount;
  errors: FieldErrors;
  onChoose: (id: string) => void;
}) {
  const mounts = rig.body?.mounts ?? [];
  const [offering, setOffering] = useState(false);
  const card = walk?.mounts.find(({ at }) => at === mount.id);
  const said = under(errors, `body.mounts[${mounts.findIndex(({ id }) => id === mount.id)}]`);
  return (
    <>
      <ul
        className="grid max-h-64 gap-px overflow-y-auto border border-seam bg-seam"
        aria-label={t("walkaround.mounts")}
      >
        {mounts.map((other) => (
          <li key={other.id}>
            <button
              type="button"
              aria-pressed={other.id === mount.id}
              onClick={() => onChoose(other.id)}
              className={`flex min-h-11 w-full items-center justify-between gap-3 px-3 text-left ${other.id === mount.id ? "bg-lichen-shade font-semibold" : "bg-slab hover:bg-lichen-shade"}`}
            >
              {other.name}
              <MountMark
                card={walk?.mounts.find(({ at }) => at === other.id)}
                planned={plannedAt(rig, other.id).length > 0}
              />
            </button>
          </li>
        ))}
      </ul>
      <Button
        onClick={() => {
          const added = newMount(rig);
          editor.edit((now) => withBody(now, { mounts: [...(now.body?.mounts ?? []), added] }));
          onChoose(added.id);
        }}
      >
        <Plus size={18} aria-hidden /> {t("walkaround.addAMount")}
      </Button>
      <section aria-label={mount.name} className="grid gap-3">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <h2 className="text-lg font-semibold">{mount.name}</h2>
          <Button look="main" onClick={() => setOffering(true)}>
            {t("walkaround.whatFitsHere")}
          </Button>
        </div>
        {card ? (
          <Fit
            card={card}
            mount={mount}
            rig={rig}
            errors={errors}
            onMove={(part, at) => void editor.do({ kind: "placePart", part, at })}
            onMeasured={(part, measured) => editor.edit((now) => withMeasured(now, part, measured))}
          />
        ) : (
          <p className="text-dust">
            {plannedAt(rig, mount.id).length > 0
              ? t("walkaround.plannedToBeHereThe", {
                  list: plannedAt(rig, mount.id)
                    .map(({ name }) => name)
                    .join(", "),
                })
              : t("walkaround.nothingOfKnownSizeIs")}
          </p>
        )}
        <MountEditor editor={editor} rig={rig} mount={mount} errors={said} />
      </section>
      {offering && (
        <CandidatesDialog editor={editor} rig={rig} mount={mount} onClose={() => setOffering(false)} />
      )}
    </>
  );
}

function MountMark({ card, planned }: { card: FitCard | undefined; planned: boolean }) {
  if (card) return <VerdictMark verdict={card.verdict} />;
  return (
    <span className="text-sm text-dust">{planned ? t("walkaround.planned") : t("walkaround.free")}</span>
  );
}

/** Lines planned in short whose lamps are to be there. */
const plannedAt = (rig: Rig, mount: string) => rig.lines.filter(({ plan }) => plan?.lay?.to === mount);

function Fit({
  card,
  mount,
  rig,
  errors,
  onMove,
  onMeasured,
}: {
  card: FitCard;
  mount: Mount;
  rig: Rig;
  errors: FieldErrors;
  onMove: (part: string, at: string | undefined) => void;
  onMeasured: (part: string, measured: LampDimensions | null) => void;
}) {
  const { units } = rulesOf(rig);
  const nameOf = (part: string) => rig.fixtures?.find(({ id }) => id === part)?.name ?? part;
  return (
    <>
      <FitSketch card={card} mount={mount} rig={rig} />
      <ul className="grid gap-px border border-seam bg-seam" data-fit={card.at}>
        {card.findings.map((finding) => (
          <li
            key={finding.id + finding.title}
            className="bg-slab px-3 py-2"
            data-finding={finding.id}
            data-verdict={finding.verdict}
          >
            <span className="flex flex-wrap items-baseline justify-between gap-x-3">
              <span className="inline-flex items-center gap-2 font-semibold">
                <VerdictMark verdict={finding.verdict} />
                {finding.title}
              </span>
              {finding.unit === "mm" && finding.limit > 0 && (
                <span className="font-figure text-sm">
                  {tape(finding.figure, units)}{" "}
                  <span className="text-dust">
                    {t("walkaround.of", { limit: tape(finding.limit, units) })}
                  </span>
                </span>
              )}
            </span>
            <span className="block">{finding.reason}</span>
            {finding.remedy && <span className="block text-sm">{finding.remedy}</span>}
          </li>
        ))}
      </ul>
      {card.tighteningOrder.length > 1 && (
        <p className="text-sm">
          {t("walkaround.tightenFromTheMiddleOutwards", {
            list: card.tighteningOrder.map(nameOf).join(", "),
          })}
        </p>
      )}
      {card.parts.map((part) => (
        <ChoiceField
          key={part}
          label={t("walkaround.sitsAt", { part: nameOf(part) })}
          value={card.at}
          options={[
            ...(rig.body?.mounts ?? []).map(({ id, name }) => ({ value: id, label: name })),
            { value: "", label: t("walkaround.nowhereYet") },
          ]}
          onChange={(at) => onMove(part, at || undefined)}
        />
      ))}
      {card.parts.map((part) => {
        const lamp = rig.fixtures?.find(({ id }) => id === part);
        const body = lamp?.measured ?? lamp?.body;
        return body ? (
          <Details key={part} summary={t("walkaround.asItArrived", { part: nameOf(part) })}>
            <LampBodyFields
              body={body}
              errors={under(errors, `fixtures[${rig.fixtures?.findIndex(({ id }) => id === part)}].measured`)}
              onChange={(measured) => onMeasured(part, measured)}
            />
            {lamp?.measured && lamp.body && (
              <Button look="quiet" onClick={() => onMeasured(part, null)}>
                {t("walkaround.asSold")}
              </Button>
            )}
          </Details>
        ) : null;
      })}
    </>
  );
}
