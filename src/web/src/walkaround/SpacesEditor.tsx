import { Plus, Trash2 } from "lucide-react";
import type { Rig, Space } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { rulesOf, withBody } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asTape } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { newSpace } from "./bodyEdits";

const sizes = [
  { key: "widthMillimetres", label: "Width" },
  { key: "heightMillimetres", label: "Height" },
  { key: "depthMillimetres", label: "Depth" },
] as const;

/** Places for boxes, relays, panels and switches, as a tape finds them. */
export function SpacesEditor({ editor, rig, errors }: { editor: RigEditor; rig: Rig; errors: FieldErrors }) {
  const { units } = rulesOf(rig);
  const tape = { scale: asTape(units) };
  const spaces = rig.body?.spaces ?? [];
  const stations = (rig.body?.stations ?? []).map(({ id, name }) => ({ value: id, label: name }));
  const change = (id: string, edit: Partial<Space>) =>
    editor.edit((now) =>
      withBody(now, {
        spaces: now.body?.spaces?.map((space) => (space.id === id ? { ...space, ...edit } : space)),
      }),
    );
  const remove = (space: string) => void editor.do({ kind: "removeSpace", space });
  return (
    <Details
      summary={<>Places for parts ({spaces.length})</>}
      wrong={Object.keys(under(errors, "body.spaces")).length > 0}
    >
      <div className="grid gap-3">
        {spaces.map((space, i) => {
          const said = under(errors, `body.spaces[${i}]`);
          return (
            <fieldset key={space.id} className="grid grid-cols-3 gap-2 border-b border-seam pb-3">
              <legend className="sr-only">{space.name}</legend>
              <div className="col-span-2">
                <TextField
                  label="Place"
                  value={space.name}
                  messages={said.name}
                  onChange={(name) => change(space.id, { name })}
                />
              </div>
              <ChoiceField
                label="Wires leave at"
                value={space.station}
                options={stations}
                messages={said.station}
                onChange={(station) => change(space.id, { station })}
              />
              {sizes.map(({ key, label }) => (
                <NumberField
                  key={key}
                  label={label}
                  {...tape}
                  value={space[key]}
                  messages={said[key]}
                  onChange={(value) => change(space.id, { [key]: value ?? Number.NaN })}
                />
              ))}
              <NumberField
                label="Hole"
                {...tape}
                optional
                value={space.holeMillimetres}
                messages={said.holeMillimetres}
                onChange={(hole) => change(space.id, { holeMillimetres: hole ?? null })}
              />
              <NumberField
                label="Reach"
                {...tape}
                optional
                value={space.reachMillimetres}
                messages={said.reachMillimetres}
                onChange={(reach) => change(space.id, { reachMillimetres: reach ?? null })}
              />
              <Button look="quiet" onClick={() => remove(space.id)}>
                <Trash2 size={16} aria-hidden /> Take out<span className="sr-only"> {space.name}</span>
              </Button>
            </fieldset>
          );
        })}
        <Button
          disabled={stations.length === 0}
          onClick={() =>
            editor.edit((now) => withBody(now, { spaces: [...(now.body?.spaces ?? []), newSpace(now)] }))
          }
        >
          <Plus size={18} aria-hidden /> Add a place
        </Button>
      </div>
    </Details>
  );
}
