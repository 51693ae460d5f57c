import { memo, useId } from "react";
import type { LineInState, Rig, RigState, Vehicle } from "../api/client";
import { CheckField } from "../ui/CheckField";
import { Details } from "../ui/Details";
import { choiceLook } from "../ui/Field";
import { useNames } from "../ui/names";
import { t } from "../words";

/** Signals of the vehicle, those that every one has first. */
const signals = [
  { key: "highBeam", label: t("lines.highBeam"), always: true },
  { key: "reverse", label: t("lines.reverse"), always: true },
  { key: "sideLight", label: t("lines.sideLight"), always: true },
  { key: "lowBeam", label: t("lines.lowBeam"), always: false },
  { key: "brakeLamp", label: t("lines.brake"), always: false },
  { key: "indicatorLeft", label: t("lines.leftIndicator"), always: false },
  { key: "indicatorRight", label: t("lines.rightIndicator"), always: false },
] as const;

const engines = [
  { value: "off", label: t("lines.engineOff") },
  { value: "idle", label: t("lines.idling") },
  { value: "cruise", label: t("lines.cruise") },
] as const;

/** How vehicle and switches stand; every figure of the line follows it: those that are asked about most first. */
export const StateBar = memo(function StateBar({
  auxOutputs,
  powerBoxes,
  parts,
  shown,
  states,
  onPreset,
  onCompare,
  onChange,
}: {
  auxOutputs: Vehicle["auxOutputs"];
  powerBoxes: Rig["powerBoxes"];
  /** The rig's switches. */
  parts: Rig["switches"];
  shown: LineInState;
  states: readonly LineInState[];
  onPreset: (id: string) => void;
  /** A state is pointed at or has the focus: its ridge is told apart from the others. */
  onCompare: (id: string | undefined) => void;
  onChange: (state: RigState) => void;
}) {
  const ids = useId();
  const nameOf = useNames();
  const { state } = shown;
  const set = (change: Partial<RigState>) => onChange({ ...state, ...change });
  const pressed = state.pressed ?? [];
  const slots = [
    ...(auxOutputs ?? []).map((output) => ({ id: output.id, label: nameOf(output.id) })),
    ...(powerBoxes ?? []).flatMap((box) =>
      box.outputs
        .filter((output) => (output.workedBy ?? "slot") === "slot")
        .map((output) => ({
          id: `${box.id}.${output.id}`,
          label: `${output.slot ?? nameOf(box.id)} ${output.legend ?? ""}`.trim(),
        })),
    ),
  ];
  const everything = states.find((other) => other.id === "everything")?.state;
  const switches = Object.keys(everything?.switches ?? {});
  const positions = (id: string) =>
    parts?.find((part) => part.id === id)?.positions.map((position) => position.name) ?? ["off", "on"];

  const known = signals.filter(({ key, always }) => always || everything?.[key]);
  const signal = ({ key, label }: (typeof signals)[number]) => (
    <CheckField
      key={key}
      label={label}
      checked={state[key] === true}
      onChange={(now) => set({ [key]: now })}
    />
  );
  const slot = (id: string, label: string) => (
    <CheckField
      key={id}
      label={label}
      checked={pressed.includes(id)}
      onChange={(now) => set({ pressed: now ? [...pressed, id] : pressed.filter((other) => other !== id) })}
    />
  );
  const turn = (id: string) => (
    <label key={id} className="inline-flex min-h-11 items-center gap-1.5">
      <span className="text-sm text-dust">{nameOf(id)}</span>
      <select
        className={choiceLook}
        value={state.switches?.[id] ?? positions(id)[0]}
        onChange={(event) => set({ switches: { ...state.switches, [id]: event.target.value } })}
      >
        {positions(id).map((name) => (
          <option key={name}>{name}</option>
        ))}
      </select>
    </label>
  );

  return (
    <section
      data-tour="state"
      aria-label={t("lines.state")}
      className="grid border border-seam bg-slab px-2 py-1"
    >
      <div className="flex flex-wrap items-center gap-1.5">
        <div role="radiogroup" aria-label={t("lines.state")} className="flex flex-wrap gap-1.5">
          {states.map((preset) => (
            <label
              key={preset.id}
              data-preset={preset.id}
              className="relative inline-flex min-h-11 cursor-pointer items-center rounded-full border border-edge px-2.5 text-sm has-checked:border-spruce has-checked:bg-spruce has-checked:font-semibold has-checked:text-on-spruce has-focus-visible:outline-3 has-focus-visible:outline-offset-1 has-focus-visible:outline-lichen hover:bg-lichen-shade"
              onPointerEnter={() => onCompare(preset.id)}
              onPointerLeave={() => onCompare(undefined)}
            >
              <input
                type="radio"
                name={`${ids}-state`}
                className="absolute inset-0 cursor-pointer opacity-0"
                checked={preset.id === shown.id}
                onChange={() => onPreset(preset.id)}
                onFocus={() => onCompare(preset.id)}
                onBlur={() => onCompare(undefined)}
              />
              {preset.name}
            </label>
          ))}
        </div>
        <div className="has-[details[open]]:w-full">
          <Details plain summary={t("lines.more")}>
            <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
              <CheckField
                label={t("lines.key")}
                checked={state.key === true}
                onChange={(key) => set({ key })}
              />
              <label className="inline-flex items-center">
                <span className="sr-only">{t("lines.engine")}</span>
                <select
                  className={choiceLook}
                  value={state.engine ?? "off"}
                  onChange={(event) => set({ engine: event.target.value as NonNullable<RigState["engine"]> })}
                >
                  {engines.map((engine) => (
                    <option key={engine.value} value={engine.value}>
                      {engine.label}
                    </option>
                  ))}
                </select>
              </label>
              {known.map(signal)}
              {slots.map(({ id, label }) => slot(id, label))}
              {switches.map(turn)}
            </div>
          </Details>
        </div>
      </div>
      {!shown.settled.sure && (
        <p role="alert" className="font-semibold text-oxide">
          {shown.settled.words}
        </p>
      )}
    </section>
  );
});
