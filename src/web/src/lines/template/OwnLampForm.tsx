import { useState } from "react";
import { asked } from "../../api/asked";
import { api, type CatalogueLamp, type Fixture, type OfferedLamp } from "../../api/client";
import { type FieldErrors, noErrors, sentenceOf, under } from "../../api/problems";
import { Fields } from "../../fields/Fields";
import { LampBodyFields } from "../../fields/LampBodyFields";
import { usualLampBody } from "../../fields/lampTables";
import { lamp as lampTable, lightPins, light as lightTable } from "../../fields/partTables";
import { TextsField } from "../../fields/TextsField";
import { Button } from "../../ui/Button";
import { Details } from "../../ui/Details";
import { NumberField } from "../../ui/NumberField";
import { Refused } from "../../ui/Refused";
import { slug } from "../../ui/slug";
import { TextField } from "../../ui/TextField";
import { t } from "../../words";

type Light = Fixture["functions"][number];

/** A lamp that nobody entered yet. */
const blank = (systemVolts: number): CatalogueLamp => ({
  fixture: {
    id: "",
    name: "",
    functions: [{ id: "main", kind: "regulatedLed", watts: 20, ratedVolts: systemVolts }],
  },
  lumens: 0,
  price: 0,
});

/** A lamp of the workshop's own, whole: what it draws, how large it is, how it is held, what it comes with. */
export function OwnLampForm({
  systemVolts,
  lamp: given,
  onSaved,
}: {
  systemVolts: number;
  /** The one that is changed; without it a new one. */
  lamp?: CatalogueLamp;
  onSaved: (lamp: OfferedLamp) => void;
}) {
  const [lamp, setLamp] = useState(given ?? blank(systemVolts));
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [trouble, setTrouble] = useState<string>();
  const { fixture } = lamp;
  const said = under(errors, "fixture");
  const setFixture = (change: Partial<Fixture>) =>
    setLamp((now) => ({ ...now, fixture: { ...now.fixture, ...change } }));
  const setLight = (at: number, change: Partial<Light>) =>
    setFixture({
      functions: fixture.functions.map((light, i) => (i === at ? { ...light, ...change } : light)),
    });
  const save = async () => {
    const body = { ...lamp, fixture: { ...fixture, id: given ? fixture.id : slug(fixture.name) } };
    const came = await asked(() => api.PUT("/api/catalogue/lamps", { body }));
    if (came.ok) {
      setErrors(noErrors);
      setTrouble(undefined);
      onSaved(came.data);
      return;
    }
    setErrors(came.refusal.kind === "fields" ? came.refusal.errors : noErrors);
    setTrouble(sentenceOf(came.refusal));
  };
  return (
    <div className="grid gap-2" data-own-lamp>
      <TextField
        label={t("lines.nameOfTheLamp")}
        value={fixture.name}
        messages={said.name}
        onChange={(name) => setFixture({ name })}
      />
      {fixture.functions.map((light, at) => (
        <fieldset key={light.id} className="grid gap-2" data-light={light.id}>
          {fixture.functions.length > 1 && <legend className="font-medium">{light.id}</legend>}
          <Fields
            table={lightTable}
            value={light}
            errors={under(said, `functions[${at}]`)}
            onChange={(change) => setLight(at, change)}
          />
          <Details plain summary={t("lines.itsLeads")}>
            <div className="grid grid-cols-2 gap-2">
              {lightPins.map(({ key, label }) => (
                <TextField
                  key={key}
                  label={label}
                  value={light[key] ?? ""}
                  placeholder={key === "dimPin" ? t("lines.noLead") : key}
                  messages={under(said, `functions[${at}]`)[key]}
                  onChange={(pin) => setLight(at, { [key]: pin || (key === "dimPin" ? null : key) })}
                />
              ))}
            </div>
          </Details>
        </fieldset>
      ))}
      <Button
        className="justify-self-start"
        onClick={() =>
          setFixture({
            functions: [
              ...fixture.functions,
              {
                id: `light-${fixture.functions.length + 1}`,
                kind: "resistorLed",
                watts: 3,
                ratedVolts: systemVolts,
                plus: `light-${fixture.functions.length + 1}`,
              },
            ],
          })
        }
      >
        {t("lines.addASecondLight")}
      </Button>
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label={t("lines.light2")}
          unit="lm"
          value={lamp.lumens}
          messages={errors.lumens}
          onChange={(lumens = Number.NaN) => setLamp({ ...lamp, lumens })}
        />
        <NumberField
          label={t("lines.price")}
          value={lamp.price}
          messages={errors.price}
          onChange={(price = Number.NaN) => setLamp({ ...lamp, price })}
        />
      </div>
      {fixture.body ? (
        <Details plain open={!given} summary={t("lines.sizeAndHolding")}>
          <LampBodyFields
            body={fixture.body}
            errors={under(said, "body")}
            onChange={(body) => setFixture({ body })}
          />
        </Details>
      ) : (
        <Button className="justify-self-start" onClick={() => setFixture({ body: usualLampBody })}>
          {t("lines.enterItsSizeAndHow")}
        </Button>
      )}
      <Fields table={lampTable} value={fixture} errors={said} onChange={setFixture} />
      <TextsField
        label={t("lines.spareLead")}
        another={t("lines.addASpareLead")}
        texts={fixture.sparePins ?? []}
        messagesAt={(at) => said[`sparePins[${at}]`]}
        onChange={(sparePins) => setFixture({ sparePins: [...sparePins] })}
      />
      <Refused said={trouble} />
      <Button look="main" onClick={() => void save()}>
        {given ? t("lines.saveTheLamp") : t("lines.addItToTheCatalogue")}
      </Button>
    </div>
  );
}
