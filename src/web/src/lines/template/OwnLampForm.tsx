import { useState } from "react";
import { asked } from "../../api/asked";
import { api, type CatalogueLamp, type OfferedLamp } from "../../api/client";
import { type FieldErrors, sentenceOf } from "../../api/problems";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/ChoiceField";
import { NumberField } from "../../ui/NumberField";
import { TextField } from "../../ui/TextField";
import { choices, kindWords } from "../../ui/words";

type Light = CatalogueLamp["fixture"]["functions"][number];

/** A lamp that the catalogue does not have yet. */
export function OwnLampForm({
  systemVolts,
  onAdded,
}: {
  systemVolts: number;
  onAdded: (lamp: OfferedLamp) => void;
}) {
  const [name, setName] = useState("");
  const [light, setLight] = useState<Light>({
    id: "main",
    kind: "regulatedLed",
    watts: 20,
    ratedVolts: systemVolts,
  });
  const [lumens, setLumens] = useState(0);
  const [price, setPrice] = useState(0);
  const [errors, setErrors] = useState<FieldErrors>({});
  const [trouble, setTrouble] = useState<string>();
  const add = async () => {
    const body = { fixture: { id: idOf(name), name, functions: [light] }, lumens, price };
    const came = await asked(() => api.PUT("/api/catalogue/lamps", { body }));
    if (came.ok) {
      setErrors({});
      setTrouble(undefined);
      onAdded(came.data);
      return;
    }
    setErrors(came.refusal.kind === "fields" ? came.refusal.errors : {});
    setTrouble(sentenceOf(came.refusal));
  };
  const set = (change: Partial<Light>) => setLight((now) => ({ ...now, ...change }));
  return (
    <div className="grid gap-2">
      <TextField label="Name of the lamp" value={name} messages={errors["fixture.name"]} onChange={setName} />
      <ChoiceField
        label="Kind"
        value={light.kind}
        options={choices(kindWords)}
        onChange={(kind) => set({ kind })}
      />
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Power"
          unit="W"
          value={light.watts}
          messages={errors["fixture.functions[0].watts"]}
          onChange={(watts = Number.NaN) => set({ watts })}
        />
        <NumberField
          label="Made for"
          unit="V"
          value={light.ratedVolts}
          messages={errors["fixture.functions[0].ratedVolts"]}
          onChange={(ratedVolts = Number.NaN) => set({ ratedVolts })}
        />
        <NumberField
          label="Light"
          unit="lm"
          value={lumens}
          messages={errors.lumens}
          onChange={(value = Number.NaN) => setLumens(value)}
        />
        <NumberField
          label="Price"
          value={price}
          messages={errors.price}
          onChange={(value = Number.NaN) => setPrice(value)}
        />
      </div>
      {trouble && (
        <p role="alert" className="text-sm font-semibold text-oxide">
          {trouble}
        </p>
      )}
      <Button onClick={() => void add()}>Add it to the catalogue</Button>
    </div>
  );
}

const idOf = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 40);
