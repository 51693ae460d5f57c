import { ArrowDown, ArrowUp, Download, GripVertical } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import type { PanelBank, PanelFace, PanelSlot, Rig } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { withOutput, withPart } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { inputLook } from "../ui/Field";
import { amps, percent } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { backlightWords, choices, listed, modeWords, shortFeedWords } from "../ui/words";
import { t } from "../words";

type Edit = (change: (rig: Rig) => Rig) => void;

/** A box with its panel, or the vehicle's own outputs: one row an output, in the order of the panel. */
export function BankPanel({
  jobId,
  rig,
  bank,
  errors,
  onEdit,
  onMove,
}: {
  jobId: string;
  rig: Rig;
  bank: PanelBank;
  errors: FieldErrors;
  onEdit: Edit;
  onMove: (from: string, to: string) => void;
}) {
  const [dragged, setDragged] = useState<string>();
  const at = rig.powerBoxes?.findIndex((part) => part.id === bank.id) ?? -1;
  const box = rig.powerBoxes?.[at];
  const face: PanelFace = box?.panel ?? {};
  const said = under(errors, `powerBoxes[${at}]`);
  const setFace = (change: Partial<PanelFace>) =>
    onEdit((now) => withPart(now, "powerBoxes", bank.id, { panel: { ...face, ...change } }));
  const name = bank.name;

  return (
    <section aria-label={name} data-bank={bank.id} className="grid gap-2 border border-seam bg-slab p-3">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <div className="mr-auto">
          <h3 className="text-lg font-semibold">{name}</h3>
          <p className={bank.id === "" || bank.sensed ? "text-dust" : "font-semibold text-ochre"}>
            {bank.sense}
          </p>
          <p className="text-sm text-dust">
            {t(bank.totalAmps === null ? "panel.allTogetherEachOutputIs" : "panel.allTogetherOfTheBox", {
              sumAmps: amps(bank.sumAmps),
              totalAmps: amps(bank.totalAmps ?? 0),
              loadFraction: percent(bank.loadFraction),
            })}
          </p>
        </div>
        {box && (
          <>
            <div className="w-32">
              <ChoiceField
                label={t("panel.backlight")}
                value={face.backlight ?? "white"}
                options={choices(backlightWords)}
                onChange={(backlight) => setFace({ backlight })}
              />
            </div>
            <div className="w-32">
              <NumberField
                label={t("panel.legendWide")}
                unit="mm"
                value={face.legendWidthMillimetres ?? 24}
                messages={said["panel.legendWidthMillimetres"]}
                onChange={(legendWidthMillimetres = Number.NaN) => setFace({ legendWidthMillimetres })}
              />
            </div>
            <div className="w-32">
              <NumberField
                label={t("panel.legendHigh")}
                unit="mm"
                value={face.legendHeightMillimetres ?? 9}
                messages={said["panel.legendHeightMillimetres"]}
                onChange={(legendHeightMillimetres = Number.NaN) => setFace({ legendHeightMillimetres })}
              />
            </div>
            <a
              className="inline-flex min-h-11 items-center gap-2 rounded-sm border border-edge px-3 font-medium hover:bg-lichen-shade"
              href={`/api/jobs/${jobId}/legends.svg?box=${encodeURIComponent(bank.id)}`}
              download
            >
              <Download size={18} aria-hidden /> {t("panel.legendsSvg")}
            </a>
          </>
        )}
      </div>
      {said.outputs && (
        <p role="alert" className="font-semibold text-oxide">
          {said.outputs.join(" ")}
        </p>
      )}
      <ol className="grid gap-1">
        {bank.slots.map((slot, index) => (
          <SlotRow
            key={slot.output}
            jobId={jobId}
            rig={rig}
            bank={bank}
            slot={slot}
            errors={said}
            before={bank.slots[index - 1]}
            after={bank.slots[index + 1]}
            target={dragged !== undefined && dragged !== slot.output}
            onDrag={setDragged}
            onDrop={() => dragged && onMove(dragged, slot.output)}
            onMove={onMove}
            onEdit={onEdit}
          />
        ))}
      </ol>
    </section>
  );
}

function SlotRow({
  jobId,
  rig,
  bank,
  slot,
  errors,
  before,
  after,
  target,
  onDrag,
  onDrop,
  onMove,
  onEdit,
}: {
  jobId: string;
  rig: Rig;
  bank: PanelBank;
  slot: PanelSlot;
  errors: FieldErrors;
  before: PanelSlot | undefined;
  after: PanelSlot | undefined;
  target: boolean;
  onDrag: (output: string | undefined) => void;
  onDrop: () => void;
  onMove: (from: string, to: string) => void;
  onEdit: Edit;
}) {
  const box = rig.powerBoxes?.find((part) => part.id === bank.id);
  const place = box?.outputs.findIndex((output) => `${bank.id}.${output.id}` === slot.output) ?? -1;
  const output = box?.outputs[place];
  const own = rig.vehicle.auxOutputs?.find((other) => other.id === slot.output);
  const said = under(errors, `outputs[${place}]`);
  const set = (change: Parameters<typeof withOutput>[3]) =>
    output && onEdit((now) => withOutput(now, bank.id, output.id, change));
  const worked = (output?.workedBy ?? "slot") === "slot";
  const what =
    listed(slot.lines.map((line) => line.name)) || (slot.wired ? t("panel.somethingThatIsNoLine") : "");

  return (
    <li
      data-output={slot.output}
      draggable={slot.wired}
      onDragStart={() => onDrag(slot.output)}
      onDragEnd={() => onDrag(undefined)}
      onDragOver={(event) => target && event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        onDrop();
      }}
      className={`grid items-center gap-x-3 gap-y-1 rounded-sm border px-2 py-1 md:grid-cols-[auto_3rem_minmax(7rem,1fr)_minmax(8rem,1.3fr)_minmax(9rem,1.2fr)_auto] ${target ? "border-lichen bg-lichen-shade" : "border-seam"}`}
    >
      <span className="inline-flex items-center">
        <GripVertical
          size={18}
          aria-hidden
          className={slot.wired ? "cursor-grab text-dust" : "text-transparent"}
        />
        <Button
          look="quiet"
          aria-label={t("panel.moveTowardsTheFront", { what: what || slot.name })}
          disabled={!slot.wired || !before}
          onClick={() => before && onMove(slot.output, before.output)}
        >
          <ArrowUp size={18} aria-hidden />
        </Button>
        <Button
          look="quiet"
          aria-label={t("panel.moveTowardsTheRear", { what: what || slot.name })}
          disabled={!slot.wired || !after}
          onClick={() => after && onMove(slot.output, after.output)}
        >
          <ArrowDown size={18} aria-hidden />
        </Button>
      </span>
      <span className="font-figure text-lg font-semibold">{output?.slot ?? (own ? slot.name : "—")}</span>
      {output && worked ? (
        <input
          aria-label={t("panel.legendOf", { slot: slot.name })}
          aria-invalid={said.legend !== undefined}
          className={inputLook}
          placeholder={t("panel.empty2")}
          value={output.legend ?? ""}
          onChange={(event) => set({ legend: event.target.value })}
        />
      ) : (
        <span className="text-dust">
          {output
            ? t("panel.workedByItsInput")
            : own?.feed === "ignition"
              ? t("panel.ignition")
              : t("panel.battery")}
        </span>
      )}
      <span className="min-w-0">
        {slot.lines.length > 0 ? (
          slot.lines.map((line) => (
            <Link
              key={line.id}
              className="mr-2 font-semibold underline"
              to={`/jobs/${jobId}/lines?line=${encodeURIComponent(line.id)}`}
            >
              {line.name}
            </Link>
          ))
        ) : (
          <span className="text-dust">{what || t("panel.nothingYet")}</span>
        )}
        <Rating slot={slot} fraction={bank.loadFraction} />
      </span>
      <span className="text-sm">
        <span className={slot.staysOn ? "font-semibold text-ochre" : "text-dust"}>{slot.keyOff}</span>
      </span>
      {output && worked ? (
        <span className="flex flex-wrap gap-1">
          <select
            aria-label={t("panel.modeOf", { slot: slot.name })}
            className="h-11 w-28 rounded-sm border border-edge bg-slab px-1"
            value={output.mode ?? "latching"}
            onChange={(event) => set({ mode: event.target.value as NonNullable<typeof output.mode> })}
          >
            {choices(modeWords).map(({ value, label }) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
          <select
            aria-label={t("panel.whatFollows", { slot: slot.name })}
            className="h-11 w-24 rounded-sm border border-edge bg-slab px-1"
            value={output.follows ?? "battery"}
            onChange={(event) => set({ follows: event.target.value as NonNullable<typeof output.follows> })}
          >
            {choices(shortFeedWords).map(({ value, label }) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
          <select
            aria-label={t("panel.goesOffAfterOf", { slot: slot.name })}
            className="h-11 w-22 rounded-sm border border-edge bg-slab px-1"
            value={output.timeOutMinutes ?? ""}
            onChange={(event) =>
              set({ timeOutMinutes: event.target.value === "" ? null : Number(event.target.value) })
            }
          >
            <option value="">{t("panel.staysOn")}</option>
            {timeOuts(output.timeOutMinutes).map((minutes) => (
              <option key={minutes} value={minutes}>
                {t("panel.afterMinutes", { minutes })}
              </option>
            ))}
          </select>
        </span>
      ) : (
        <span />
      )}
      {said.legend && (
        <p role="alert" className="text-sm font-semibold text-oxide md:col-span-6">
          {said.legend.join(" ")}
        </p>
      )}
    </li>
  );
}

/** Minutes after which a slot can go off by itself, the one that it has among them. */
const timeOuts = (own: number | null | undefined) =>
  [...new Set([1, 5, 10, 15, 30, 60, 120, 240, ...(own ? [own] : [])])].sort((a, b) => a - b);

/** How much of an output's rating is used; the mark is what the house rules allow. */
function Rating({ slot, fraction }: { slot: PanelSlot; fraction: number }) {
  const over = slot.loading > fraction;
  return (
    <span className="flex items-center gap-2 text-sm">
      <svg width={90} height={12} aria-hidden="true" className="shrink-0">
        <rect x={0.5} y={1.5} width={89} height={9} fill="var(--granite)" stroke="var(--edge)" />
        <rect
          x={1}
          y={2}
          width={88 * Math.min(1, slot.loading)}
          height={8}
          fill={over ? "var(--oxide)" : "var(--loss-out)"}
        />
        <line x1={89 * fraction} x2={89 * fraction} y1={0} y2={12} stroke="var(--ink)" strokeWidth={2} />
      </svg>
      <span className={`font-figure whitespace-nowrap ${over ? "font-semibold text-oxide" : ""}`}>
        {t("panel.ofA2", { designAmps: amps(slot.designAmps), ratingAmps: slot.ratingAmps })}
        {over && <span className="sr-only">{t("panel.tooMuch")}</span>}
      </span>
    </span>
  );
}
