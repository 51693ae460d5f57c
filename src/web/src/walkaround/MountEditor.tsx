import { Plus, Trash2 } from "lucide-react";
import type { KeepFree, Mount, Rig } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { HoldsField } from "../fields/HoldsField";
import type { RigEditor } from "../job/rigEditor";
import { rulesOf, withMount } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asLength, asTape } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { choices, freeWayWords, sideWords } from "../ui/words";

const sizes = [
  { key: "widthMillimetres", label: "Width between obstructions" },
  { key: "heightMillimetres", label: "Height between obstructions" },
  { key: "depthMillimetres", label: "Depth to what is behind" },
  { key: "proudMillimetres", label: "May stand out by" },
  { key: "radiusMillimetres", label: "Radius of its face" },
] as const;

const axes = [
  { key: "back", label: "Behind the front" },
  { key: "right", label: "Right of middle" },
  { key: "up", label: "Above ground" },
] as const;

/** A straight edge with one figure not given yet is refused by the server, by name. */
const edgeOf = (length: number | undefined, off: number | undefined) =>
  length === undefined && off === undefined
    ? null
    : { lengthMillimetres: length ?? Number.NaN, offMillimetres: off ?? Number.NaN };

/** One mount as a tape finds it: its room, how it holds, what it carries, what has to stay free. */
export function MountEditor({
  editor,
  rig,
  mount,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  mount: Mount;
  errors: FieldErrors;
}) {
  const { units } = rulesOf(rig);
  const tape = { scale: asTape(units) };
  const change = (edit: Partial<Mount>) => editor.edit((now) => withMount(now, mount.id, edit));
  const free = mount.free ?? [];
  const keep = (at: number, edit: Partial<KeepFree>) =>
    change({ free: free.map((other, i) => (i === at ? { ...other, ...edit } : other)) });
  const mounts = rig.body?.mounts ?? [];
  return (
    <Details summary={<>Its measures</>} wrong={Object.keys(errors).length > 0}>
      <div className="grid gap-3">
        <TextField
          label="Mount"
          value={mount.name}
          messages={errors.name}
          onChange={(name) => change({ name })}
        />
        {sizes.map(({ key, label }) => (
          <NumberField
            key={key}
            label={label}
            {...tape}
            optional
            value={mount[key]}
            messages={errors[key]}
            onChange={(value) => change({ [key]: value ?? null })}
          />
        ))}
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label="Or: straight edge of"
            {...tape}
            optional
            value={mount.edge?.lengthMillimetres}
            messages={errors["edge.lengthMillimetres"]}
            onChange={(length) => change({ edge: edgeOf(length, mount.edge?.offMillimetres) })}
          />
          <NumberField
            label="Stands off by"
            {...tape}
            optional
            value={mount.edge?.offMillimetres}
            messages={errors["edge.offMillimetres"]}
            onChange={(off) => change({ edge: edgeOf(mount.edge?.lengthMillimetres, off) })}
          />
        </div>
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label="Carries"
            unit="kg"
            optional
            value={mount.mostKilograms}
            messages={errors.mostKilograms}
            onChange={(most) => change({ mostKilograms: most ?? null })}
          />
          <NumberField
            label="Room to tilt"
            unit="°"
            optional
            value={mount.tiltDegrees}
            messages={errors.tiltDegrees}
            onChange={(tilt) => change({ tiltDegrees: tilt ?? null })}
          />
          <ChoiceField
            label="Supply comes from"
            value={mount.supply ?? ""}
            options={[{ value: "", label: "Either side" }, ...choices(sideWords)]}
            onChange={(side) => change({ supply: side || null })}
          />
          <ChoiceField
            label="Makes a pair with"
            value={mount.pairOf ?? ""}
            options={[
              { value: "", label: "None" },
              ...mounts
                .filter(({ id }) => id !== mount.id)
                .map(({ id, name }) => ({ value: id, label: name })),
            ]}
            onChange={(pair) => change({ pairOf: pair || null })}
          />
          <ChoiceField
            label="Wires leave at"
            value={mount.station}
            options={(rig.body?.stations ?? []).map(({ id, name }) => ({ value: id, label: name }))}
            messages={errors.station}
            onChange={(station) => change({ station })}
          />
        </div>
        <CheckField
          label="What it bolts to is structure"
          checked={mount.structural ?? true}
          onChange={(structural) => change({ structural })}
        />
        <div className="grid grid-cols-3 gap-2">
          {axes.map(({ key, label }) => (
            <NumberField
              key={key}
              label={label}
              scale={asLength(units)}
              value={mount.at[key]}
              messages={errors[`at.${key}`]}
              onChange={(value) => change({ at: { ...mount.at, [key]: value ?? Number.NaN } })}
            />
          ))}
        </div>
        <h3 className="font-semibold">How it holds</h3>
        <HoldsField holds={mount.holds ?? []} errors={errors} onChange={(holds) => change({ holds })} />
        <h3 className="font-semibold">What has to stay free</h3>
        {free.map((what, i) => {
          const said = under(errors, `free[${i}]`);
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: what stays free has no name but its place
            <div key={i} className="grid grid-cols-3 items-end gap-2">
              <TextField
                label="What"
                value={what.what}
                messages={said.what}
                onChange={(name) => keep(i, { what: name })}
              />
              <ChoiceField
                label="On its side"
                value={what.way}
                options={choices(freeWayWords)}
                onChange={(way) => keep(i, { way })}
              />
              <NumberField
                label="Begins at"
                {...tape}
                value={what.millimetres}
                messages={said.millimetres}
                onChange={(at) => keep(i, { millimetres: at ?? Number.NaN })}
              />
              <Button look="quiet" onClick={() => change({ free: free.filter((_, at) => at !== i) })}>
                <Trash2 size={16} aria-hidden /> Take out<span className="sr-only"> {what.what}</span>
              </Button>
            </div>
          );
        })}
        <Button
          onClick={() => change({ free: [...free, { what: "door swing", way: "before", millimetres: 100 }] })}
        >
          <Plus size={18} aria-hidden /> Keep something free
        </Button>
        <Button look="quiet" onClick={() => void editor.do({ kind: "removeMount", mount: mount.id })}>
          <Trash2 size={16} aria-hidden /> Take out this mount
        </Button>
      </div>
    </Details>
  );
}
