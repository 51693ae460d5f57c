import { Plus } from "lucide-react";
import { useState } from "react";
import { asked } from "../api/asked";
import { api, type Dashboard, type FoundSignal, type PinReading, type Rig } from "../api/client";
import { type FieldErrors, noErrors, withPaths } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Dialog } from "../ui/Dialog";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { t } from "../words";

type Signal = FoundSignalName;
type FoundSignalName = Dashboard["signals"][number]["signal"];
type Row = {
  pin: string;
  colour: string;
  off?: number | undefined;
  on?: number | undefined;
  loaded?: number | undefined;
};

const empty = (n: number): Row => ({ pin: String(n), colour: "" });

/** Finds the wire of a signal pin by pin, and puts it into the vehicle. */
export function FindWireDialog({
  editor,
  rig,
  board,
  volts,
  onClose,
}: {
  editor: RigEditor;
  rig: Rig;
  board: Dashboard;
  volts: number | null;
  onClose: () => void;
}) {
  const [signal, setSignal] = useState<Signal>(board.signals[0]?.signal ?? "highBeam");
  const [place, setPlace] = useState("");
  const [battery, setBattery] = useState<number | undefined>(volts ?? undefined);
  const [rows, setRows] = useState<readonly Row[]>([empty(1), empty(2), empty(3)]);
  const [found, setFound] = useState<FoundSignal>();
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [why, setWhy] = useState("");
  const set = (at: number, change: Partial<Row>) => {
    setRows(rows.map((row, i) => (i === at ? { ...row, ...change } : row)));
    setFound(undefined);
  };
  const ask = async () => {
    const came = await asked(() =>
      api.POST("/api/preview/found-wire", {
        body: {
          rig,
          signal: signal as NonNullable<Signal>,
          volts: battery ?? Number.NaN,
          place,
          pins: rows.map((row) => ({
            ...row,
            off: row.off ?? Number.NaN,
            on: row.on ?? Number.NaN,
            loaded: row.loaded ?? null,
          })) as PinReading[],
        },
      }),
    );
    setErrors(!came.ok && came.refusal.kind === "fields" ? came.refusal.errors : noErrors);
    setWhy(came.ok || came.refusal.kind === "fields" ? "" : withPaths(came.refusal));
    setFound(came.ok ? came.data : undefined);
  };
  const put = () => {
    if (!found?.lamp || !signal) return;
    editor.edit((now) => ({ ...now, vehicle: { ...now.vehicle, [signal]: found.lamp } }) as Rig);
    onClose();
  };
  return (
    <Dialog open wide onClose={onClose} title={t("powerUp.findingAWire")}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void ask();
        }}
      >
        <ol className="list-decimal pl-5 text-sm">
          <li>{t("powerUp.findFirst")}</li>
          <li>{t("powerUp.findSecond")}</li>
          <li>{t("powerUp.findThird")}</li>
          <li>{t("powerUp.findFourth")}</li>
        </ol>
        <div className="grid gap-2 sm:grid-cols-3">
          <ChoiceField
            label={t("powerUp.signal")}
            value={signal ?? ""}
            options={board.signals.map(({ signal: value, name }) => ({ value: value ?? "", label: name }))}
            onChange={(value) => {
              setSignal(value as Signal);
              setFound(undefined);
            }}
          />
          <TextField label={t("powerUp.plugAt")} value={place} onChange={setPlace} messages={errors.place} />
          <NumberField
            label={t("powerUp.batteryMeanwhile")}
            unit="V"
            value={battery}
            onChange={setBattery}
            messages={errors.volts}
          />
        </div>
        {rows.map((row, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a pin has no name of its own before it is typed
          <fieldset key={i} data-pin={i} className="grid grid-cols-2 gap-2 sm:grid-cols-5">
            <legend className="sr-only">{t("powerUp.pinNumber", { count: i + 1 })}</legend>
            <TextField
              label={t("powerUp.pin")}
              value={row.pin}
              onChange={(pin) => set(i, { pin })}
              messages={errors[`pins[${i}].pin`]}
            />
            <TextField
              label={t("powerUp.wireColour")}
              value={row.colour}
              onChange={(colour) => set(i, { colour })}
              messages={errors[`pins[${i}].colour`]}
            />
            <NumberField
              label={t("powerUp.pinOff")}
              unit="V"
              value={row.off}
              onChange={(off) => set(i, { off })}
              messages={errors[`pins[${i}].off`]}
            />
            <NumberField
              label={t("powerUp.pinOn")}
              unit="V"
              value={row.on}
              onChange={(on) => set(i, { on })}
              messages={errors[`pins[${i}].on`]}
            />
            <NumberField
              optional
              label={t("powerUp.pinLoaded")}
              unit="V"
              value={row.loaded}
              onChange={(loaded) => set(i, { loaded })}
              messages={errors[`pins[${i}].loaded`]}
            />
            {found && <p className="col-span-full text-sm text-dust">{found.pins[i]?.words}</p>}
          </fieldset>
        ))}
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setRows([...rows, empty(rows.length + 1)])}>
            <Plus size={18} aria-hidden /> {t("powerUp.anotherPin")}
          </Button>
          <Button type="submit" look="main">
            {t("powerUp.whichIsIt")}
          </Button>
        </div>
        {why && (
          <p role="alert" className="text-sm font-semibold text-oxide">
            {why}
          </p>
        )}
        {found && (
          <div
            role="status"
            className="grid gap-2 border-l-4 border-moss bg-granite p-3"
            data-found={found.found}
          >
            <p>{found.words}</p>
            {found.lamp && (
              <Button look="main" className="justify-self-start" onClick={put}>
                {t("powerUp.putIntoVehicle")}
              </Button>
            )}
          </div>
        )}
      </form>
    </Dialog>
  );
}
