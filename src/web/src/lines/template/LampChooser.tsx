import { Pencil, Trash2 } from "lucide-react";
import { useState } from "react";
import { asked } from "../../api/asked";
import { api, type OfferedLamp } from "../../api/client";
import { sentenceOf } from "../../api/problems";
import { Button } from "../../ui/Button";
import { Details } from "../../ui/Details";
import { SearchField } from "../../ui/SearchField";
import { useMoney } from "../../ui/units";
import { kindWords } from "../../ui/words";
import { t } from "../../words";
import { LampsFromFile } from "./LampsFromFile";
import { OwnLampForm } from "./OwnLampForm";

/** The catalogue, the workshop's own first; own lamps can be added and taken in from a file. */
export function LampChooser({
  lamps,
  chosen,
  systemVolts,
  onChoose,
  onChanged,
  onRemoved,
}: {
  lamps: readonly OfferedLamp[];
  chosen: string;
  systemVolts: number;
  onChoose: (lamp: OfferedLamp) => void;
  onChanged: (lamps: OfferedLamp[]) => void;
  onRemoved: (id: string) => void;
}) {
  const money = useMoney();
  const [trouble, setTrouble] = useState<string>();
  const remove = async ({ lamp }: OfferedLamp) => {
    const { id } = lamp.fixture;
    const came = await asked(async () => {
      const { error, response } = await api.DELETE("/api/catalogue/lamps/{id}", { params: { path: { id } } });
      return response.ok ? api.GET("/api/catalogue") : { error, response };
    });
    setTrouble(came.ok ? undefined : sentenceOf(came.refusal));
    if (!came.ok) return;
    onChanged(came.data);
    onRemoved(id);
  };
  const [sought, setSought] = useState("");
  const [changing, setChanging] = useState<OfferedLamp>();
  const shown = lamps.filter(({ lamp }) =>
    lamp.fixture.name.toLowerCase().includes(sought.trim().toLowerCase()),
  );
  return (
    <div className="grid gap-2">
      <SearchField name={t("lines.findALamp")} text={sought} onChange={setSought} />
      <fieldset className="grid max-h-[38vh] gap-1 overflow-y-auto pr-1">
        <legend className="sr-only">{t("lines.lamp")}</legend>
        {shown.map((offered) => {
          const { fixture, lumens, price } = offered.lamp;
          const light = fixture.functions[0];
          return (
            <label
              key={fixture.id}
              data-lamp={fixture.id}
              className={`flex gap-2 rounded-sm border px-2 py-1.5 ${fixture.id === chosen ? "border-spruce bg-lichen-shade" : "border-seam bg-slab"}`}
            >
              <input
                type="radio"
                name="lamp"
                className="mt-1 size-5 shrink-0 accent-spruce"
                checked={fixture.id === chosen}
                onChange={() => onChoose(offered)}
              />
              <span>
                <span className="font-semibold">{fixture.name}</span>
                {offered.own && <span className="ml-2 text-sm text-dust">{t("lines.yourOwn")}</span>}
                {fixture.functions.length > 1 && (
                  <span className="ml-2 text-sm text-dust">
                    {t("lines.lights", { functionsCount: fixture.functions.length })}
                  </span>
                )}
                <span className="block text-sm text-dust">
                  {light &&
                    t("lines.wAtV", {
                      watts: light.watts,
                      ratedVolts: light.ratedVolts ?? 12,
                      kind: kindWords[light.kind],
                    })}
                  {lumens > 0 && t("lines.lm", { lumens })}
                  {price > 0 && `, ${money(price)}`}
                </span>
              </span>
              {offered.own && (
                <Button
                  look="quiet"
                  className="ml-auto shrink-0"
                  aria-label={t("lines.change", { fixture: fixture.name })}
                  onClick={() => setChanging(offered)}
                >
                  <Pencil size={16} aria-hidden />
                </Button>
              )}
              {offered.own && (
                <Button
                  look="quiet"
                  className="shrink-0"
                  aria-label={t("lines.removeFromTheCatalogue", { fixture: fixture.name })}
                  onClick={() => void remove(offered)}
                >
                  <Trash2 size={16} aria-hidden />
                </Button>
              )}
            </label>
          );
        })}
        {shown.length === 0 && <p className="text-dust">{t("lines.noneIsCalledThat")}</p>}
      </fieldset>
      {trouble && (
        <p role="alert" className="font-semibold text-oxide">
          {trouble}
        </p>
      )}
      <Details summary={t("lines.addALampOfYour")}>
        <OwnLampForm
          systemVolts={systemVolts}
          onSaved={(added) => {
            onChanged([added, ...lamps.filter(({ lamp }) => lamp.fixture.id !== added.lamp.fixture.id)]);
            onChoose(added);
          }}
        />
      </Details>
      {changing && (
        <Details
          key={changing.lamp.fixture.id}
          open
          summary={t("lines.change", { fixture: changing.lamp.fixture.name })}
        >
          <OwnLampForm
            systemVolts={systemVolts}
            lamp={changing.lamp}
            onSaved={(saved) => {
              onChanged(
                lamps.map((other) => (other.lamp.fixture.id === saved.lamp.fixture.id ? saved : other)),
              );
              setChanging(undefined);
            }}
          />
        </Details>
      )}
      <Details summary={t("lines.importLampsFromAFile")}>
        <LampsFromFile onTaken={onChanged} />
      </Details>
    </div>
  );
}
