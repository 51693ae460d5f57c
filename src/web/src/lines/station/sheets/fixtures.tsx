import { Plus, Trash2 } from "lucide-react";
import type { Fixture } from "../../../api/client";
import { type FieldErrors, under } from "../../../api/problems";
import { Fields } from "../../../fields/Fields";
import { LampBodyFields } from "../../../fields/LampBodyFields";
import { usualLampBody } from "../../../fields/lampTables";
import { PinField } from "../../../fields/PinField";
import { lightPins, light as lightTable, lamp as table } from "../../../fields/partTables";
import { withPart } from "../../../job/rigEdits";
import { Button } from "../../../ui/Button";
import { Details } from "../../../ui/Details";
import { TextField } from "../../../ui/TextField";
import { t } from "../../../words";
import { ExchangeLamp } from "../ExchangeLamp";
import type { StationEdit } from "../stationEdit";

type Light = Fixture["functions"][number];

/** A lamp: its lights, the one that was opened first, and what its maker sells with it. */
export default function LampFields({ rig, station, errors, edit, run }: StationEdit) {
  const at = rig.fixtures?.findIndex((part) => part.id === station.part) ?? -1;
  const lamp = rig.fixtures?.[at];
  if (!lamp) return null;
  const said = under(errors, `fixtures[${at}]`);
  const set = (change: Partial<Fixture>) => edit((now) => withPart(now, "fixtures", lamp.id, change));
  const setLight = (id: string, change: Partial<Light>) =>
    set({ functions: lamp.functions.map((other) => (other.id === id ? { ...other, ...change } : other)) });
  const opened = lamp.functions.filter((light) => `${lamp.id}.${light.id}` === station.id);
  const shown = opened.length > 0 ? opened : lamp.functions;
  return (
    <>
      {shown.map((light) => (
        <LightFields
          key={light.id}
          light={light}
          named={lamp.functions.length > 1}
          errors={under(said, `functions[${lamp.functions.indexOf(light)}]`)}
          onChange={(change) => setLight(light.id, change)}
          onPin={(pin, name) => run({ kind: "renamePin", part: lamp.id, pin, name })}
          onRemove={
            lamp.functions.length > 1
              ? () => set({ functions: lamp.functions.filter((other) => other !== light) })
              : undefined
          }
        />
      ))}
      <Button onClick={() => set({ functions: [...lamp.functions, another(lamp)] })}>
        <Plus size={18} aria-hidden /> {t("lines.addASecondLight")}
      </Button>
      <Fields table={table} value={lamp} errors={said} onChange={set} />
      <ExchangeLamp lamp={lamp.id} run={run} />
      {lamp.body ? (
        <Details
          plain
          summary={t("lines.sizeAndHoldingAsSold")}
          wrong={Object.keys(said).some((path) => path.startsWith("body."))}
        >
          <LampBodyFields body={lamp.body} errors={under(said, "body")} onChange={(body) => set({ body })} />
        </Details>
      ) : (
        <Button onClick={() => set({ body: usualLampBody })}>
          <Plus size={18} aria-hidden /> {t("lines.enterItsSizeAndHow")}
        </Button>
      )}
      <TextField
        label={t("lines.spareLeadsCommasBetween")}
        value={(lamp.sparePins ?? []).join(", ")}
        messages={said.sparePins}
        onChange={(text) => set({ sparePins: words(text) })}
      />
    </>
  );
}

const words = (text: string) =>
  text
    .split(",")
    .map((word) => word.trim())
    .filter((word) => word !== "");

/** A marker beside the lights that there are, on a lead of its own. */
function another(lamp: Fixture): Light {
  const taken = new Set(lamp.functions.map(({ id }) => id));
  const id =
    ["marker", "second", "third", "fourth"].find((name) => !taken.has(name)) ?? `light-${taken.size + 1}`;
  return {
    id,
    kind: "resistorLed",
    watts: 3,
    ratedVolts: lamp.functions[0]?.ratedVolts ?? 12,
    plus: id,
    minus: "minus",
  };
}

function LightFields({
  light,
  named,
  errors,
  onChange,
  onPin,
  onRemove,
}: {
  light: Light;
  /** Whether there are others to tell it from. */
  named: boolean;
  errors: FieldErrors;
  onChange: (change: Partial<Light>) => void;
  onPin: (pin: string, name: string) => void;
  onRemove: (() => void) | undefined;
}) {
  return (
    <fieldset className="grid gap-2" data-light={light.id}>
      {named && <legend className="font-medium">{light.id}</legend>}
      <Fields table={lightTable} value={light} errors={errors} onChange={onChange} />
      <Details plain summary={t("lines.itsLeads")} wrong={lightPins.some(({ key }) => errors[key])}>
        <div className="grid grid-cols-2 gap-2">
          {lightPins.map(({ key, label }) => {
            const printed = light[key];
            return printed ? (
              <PinField
                key={key}
                label={label}
                printed={printed}
                messages={errors[key]}
                onName={(name) => onPin(printed, name)}
              />
            ) : (
              key === "dimPin" && (
                <Button key={key} onClick={() => onChange({ dimPin: "dim" })}>
                  <Plus size={18} aria-hidden /> {t("lines.aLeadThatDimsIt")}
                </Button>
              )
            );
          })}
        </div>
      </Details>
      {onRemove && (
        <Button onClick={onRemove}>
          <Trash2 size={18} aria-hidden /> {t("lines.removeThisLight")}
        </Button>
      )}
    </fieldset>
  );
}
