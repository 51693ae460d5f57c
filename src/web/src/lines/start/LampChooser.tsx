import { useState } from "react";
import type { OfferedLamp } from "../../api/client";
import { Details } from "../../ui/Details";
import { inputLook } from "../../ui/Field";
import { kindWords } from "../../ui/words";
import { LampsFromFile } from "./LampsFromFile";
import { OwnLampForm } from "./OwnLampForm";

/** The catalogue, the workshop's own first; own lamps can be added and taken in from a file. */
export function LampChooser({
  lamps,
  chosen,
  systemVolts,
  onChoose,
  onChanged,
}: {
  lamps: readonly OfferedLamp[];
  chosen: string;
  systemVolts: number;
  onChoose: (lamp: OfferedLamp) => void;
  onChanged: (lamps: OfferedLamp[]) => void;
}) {
  const [sought, setSought] = useState("");
  const shown = lamps.filter(({ lamp }) =>
    lamp.fixture.name.toLowerCase().includes(sought.trim().toLowerCase()),
  );
  return (
    <div className="grid gap-2">
      <input
        type="search"
        aria-label="Find a lamp"
        placeholder="Find a lamp"
        className={inputLook}
        value={sought}
        onChange={(event) => setSought(event.target.value)}
      />
      <fieldset className="grid max-h-[38vh] gap-1 overflow-y-auto pr-1">
        <legend className="sr-only">Lamp</legend>
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
                {offered.own && <span className="ml-2 text-sm text-dust">your own</span>}
                <span className="block text-sm text-dust">
                  {light && `${light.watts} W at ${light.ratedVolts ?? 12} V, ${kindWords[light.kind]}`}
                  {lumens > 0 && `, ${lumens} lm`}
                  {price > 0 && `, ${price}`}
                </span>
              </span>
            </label>
          );
        })}
        {shown.length === 0 && <p className="text-dust">None is called that.</p>}
      </fieldset>
      <Details summary="Add a lamp of your own">
        <OwnLampForm
          systemVolts={systemVolts}
          onAdded={(added) => {
            onChanged([added, ...lamps.filter(({ lamp }) => lamp.fixture.id !== added.lamp.fixture.id)]);
            onChoose(added);
          }}
        />
      </Details>
      <Details summary="Take lamps in from a file">
        <LampsFromFile onTaken={onChanged} />
      </Details>
    </div>
  );
}
