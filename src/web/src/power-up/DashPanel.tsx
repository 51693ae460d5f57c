import type { Dashboard, DashSlot, DashSwitch, RigState } from "../api/client";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { modeWords } from "../ui/words";
import { t } from "../words";

const engines = [
  { value: "off", label: t("powerUp.engineOff") },
  { value: "idle", label: t("powerUp.engineIdle") },
  { value: "cruise", label: t("powerUp.engineCruise") },
] as const;

/** Key, engine, stalk, gear, every switch and every slot with its legend. */
export function DashPanel({
  board,
  dash,
  onTurn,
}: {
  board: Dashboard;
  dash: RigState;
  onTurn: (dash: RigState) => void;
}) {
  const pressed = dash.pressed ?? [];
  const put = (change: Partial<RigState>) => onTurn({ ...dash, ...change });
  const press = (slot: string, on: boolean) =>
    put({
      pressed: on
        ? [...pressed.filter((other) => other !== slot), slot]
        : pressed.filter((other) => other !== slot),
    });
  return (
    <section aria-label={t("powerUp.dash")} className="grid content-start gap-1.5">
      <div className="grid grid-cols-2 items-center gap-2">
        <CheckField label={t("powerUp.key")} checked={dash.key === true} onChange={(key) => put({ key })} />
        <ChoiceField
          bare
          label={t("powerUp.engine")}
          value={dash.engine ?? "off"}
          options={engines}
          onChange={(engine) => put({ engine, ...(engine !== "off" && { key: true }) })}
        />
      </div>
      <fieldset className="grid grid-cols-2 gap-x-2">
        <legend className="text-sm font-semibold">{t("powerUp.signals")}</legend>
        {board.signals.map(
          ({ signal, name }) =>
            signal && (
              <CheckField
                key={signal}
                label={name}
                checked={dash[signal] === true}
                onChange={(on) => put({ [signal]: on })}
              />
            ),
        )}
      </fieldset>
      {board.switches.length > 0 && (
        <fieldset>
          <legend className="text-sm font-semibold">{t("powerUp.switches")}</legend>
          <div className="grid grid-cols-2 gap-1">
            {board.switches.map((own) => (
              <DashSwitchKeys
                key={own.id}
                own={own}
                at={dash.switches?.[own.id] ?? own.positions[0]?.key ?? ""}
                onTurn={(key) => put({ switches: { ...dash.switches, [own.id]: key } })}
              />
            ))}
          </div>
        </fieldset>
      )}
      {board.slots.length > 0 && (
        <fieldset>
          <legend className="text-sm font-semibold">{t("powerUp.slots")}</legend>
          <div className="grid grid-cols-2 gap-1">
            {board.slots.map((slot) => (
              <SlotButton
                key={slot.id}
                slot={slot}
                on={pressed.includes(slot.id)}
                onPress={(on) => press(slot.id, on)}
              />
            ))}
          </div>
        </fieldset>
      )}
      <Button look="quiet" onClick={() => onTurn({})}>
        {t("powerUp.allOff")}
      </Button>
    </section>
  );
}

/** A switch: one of two positions is pressed to and fro, one of three is chosen. */
function DashSwitchKeys({ own, at, onTurn }: { own: DashSwitch; at: string; onTurn: (key: string) => void }) {
  const [first, second] = own.positions;
  if (own.positions.length === 2 && first && second) {
    const on = at !== "off";
    const other = at === first.key ? second : first;
    return (
      <button
        type="button"
        data-switch={own.id}
        aria-pressed={on}
        className={`min-h-11 touch-manipulation rounded-sm border px-2 py-1 text-left text-sm leading-tight ${on ? "border-spruce bg-spruce font-semibold text-on-spruce" : "border-edge bg-slab"}`}
        onClick={() => onTurn(other.key)}
      >
        {own.name}
        <span className={`block text-xs ${on ? "" : "text-dust"}`}>
          {own.positions.find(({ key }) => key === at)?.name}
        </span>
      </button>
    );
  }
  return (
    <div
      role="radiogroup"
      aria-label={own.name}
      data-switch={own.id}
      className="col-span-2 flex flex-wrap items-center gap-1"
    >
      <span className="min-w-0 flex-1 text-sm">{own.name}</span>
      {own.positions.map(({ key, name }) => (
        <label
          key={key}
          className="relative inline-flex min-h-11 min-w-11 cursor-pointer items-center justify-center border border-edge px-2 text-sm has-checked:bg-spruce has-checked:font-semibold has-checked:text-on-spruce has-focus-visible:outline-3 has-focus-visible:outline-lichen"
        >
          <input
            type="radio"
            name={`switch-${own.id}`}
            className="absolute inset-0 cursor-pointer opacity-0"
            checked={at === key}
            onChange={() => onTurn(key)}
          />
          {name}
        </label>
      ))}
    </div>
  );
}

/** A slot: pressed it stays, or is on as long as it is held. */
function SlotButton({ slot, on, onPress }: { slot: DashSlot; on: boolean; onPress: (on: boolean) => void }) {
  const holds = slot.held
    ? {
        onPointerDown: () => onPress(true),
        onPointerUp: () => onPress(false),
        onPointerLeave: () => on && onPress(false),
        onKeyDown: (event: React.KeyboardEvent) =>
          (event.key === " " || event.key === "Enter") && !event.repeat && onPress(true),
        onKeyUp: (event: React.KeyboardEvent) =>
          (event.key === " " || event.key === "Enter") && onPress(false),
        onBlur: () => on && onPress(false),
      }
    : { onClick: () => onPress(!on) };
  return (
    <button
      type="button"
      data-slot={slot.id}
      aria-pressed={on}
      className={`min-h-11 touch-manipulation rounded-sm border px-2 py-1 text-left text-sm ${on ? "border-spruce bg-spruce font-semibold text-on-spruce" : "border-edge bg-slab"}`}
      {...holds}
    >
      {slot.legend || slot.name}
      <span className={`block text-xs ${on ? "" : "text-dust"}`}>
        {slot.held ? t("powerUp.hold") : modeWords[slot.mode]}
      </span>
    </button>
  );
}
