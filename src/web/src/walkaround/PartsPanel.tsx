import type { PartDimensions, Rig, WalkaroundView } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { rulesOf, withPartBody } from "../job/rigEdits";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asTape } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useNames } from "../ui/names";
import { VerdictMark } from "../ui/VerdictMark";

/** Parts that are no lamps, by what they are; those with a body can be tried in a space. */
const groups = [
  { name: "Power boxes", of: (rig: Rig) => rig.powerBoxes, body: true },
  { name: "Relays", of: (rig: Rig) => rig.relays, body: true },
  { name: "Switches", of: (rig: Rig) => rig.switches, body: true },
  { name: "Fuses", of: (rig: Rig) => rig.protection, body: false },
  { name: "Earths", of: (rig: Rig) => rig.earths, body: false },
  { name: "Joints", of: (rig: Rig) => rig.joints, body: false },
  { name: "Loads", of: (rig: Rig) => rig.loads, body: false },
  { name: "Converters", of: (rig: Rig) => rig.converters, body: true },
  { name: "Batteries", of: (rig: Rig) => rig.vehicle.batteries, body: false },
] as const;

const sizes = [
  { key: "widthMillimetres", label: "Width" },
  { key: "heightMillimetres", label: "Height" },
  { key: "depthMillimetres", label: "Depth" },
  { key: "openMillimetres", label: "Lid, plugs" },
  { key: "reachMillimetres", label: "Spanner" },
  { key: "holeMillimetres", label: "Hole" },
] as const;

export function PartsPanel({
  editor,
  rig,
  walk,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  walk: WalkaroundView | undefined;
  errors: FieldErrors;
}) {
  const nameOf = useNames();
  if (!rig.body) return <p className="text-dust">Choose a body on the Vehicle tab first.</p>;
  const options = [
    { value: "", label: "Not placed, or as usual" },
    ...(rig.body.spaces ?? []).map(({ id, name }) => ({ value: id, label: name })),
    ...(rig.body.stations ?? []).map(({ id, name }) => ({ value: id, label: name })),
  ];
  const at = new Map((rig.places ?? []).map((place) => [place.part, place.at]));
  return (
    <>
      {groups
        .map((group) => ({ ...group, parts: group.of(rig) ?? [] }))
        .filter(({ parts }) => parts.length > 0)
        .map(({ name, parts, body }) => (
          <section key={name} aria-label={name} className="grid gap-2">
            <h2 className="font-semibold">{name}</h2>
            {parts.map(({ id }) => (
              <div key={id} className="grid gap-2 border border-seam bg-slab p-2">
                <ChoiceField
                  label={`${nameOf(id)} sits at`}
                  value={at.get(id) ?? ""}
                  options={options}
                  onChange={(place) => void editor.do({ kind: "placePart", part: id, at: place || null })}
                />
                <SpaceFit walk={walk} part={id} />
                {body && <PartSizes editor={editor} rig={rig} part={id} errors={errors} />}
              </div>
            ))}
          </section>
        ))}
    </>
  );
}

function SpaceFit({ walk, part }: { walk: WalkaroundView | undefined; part: string }) {
  const card = walk?.spaces.find(({ parts }) => parts.includes(part));
  if (!card) return null;
  return (
    <ul data-fit={part} className="grid gap-1 text-sm">
      {card.findings.map((finding) => (
        <li key={finding.id} data-finding={finding.id} data-verdict={finding.verdict}>
          <VerdictMark verdict={finding.verdict} /> {finding.title}: {finding.reason} {finding.remedy}
        </li>
      ))}
    </ul>
  );
}

function PartSizes({
  editor,
  rig,
  part,
  errors,
}: {
  editor: RigEditor;
  rig: Rig;
  part: string;
  errors: FieldErrors;
}) {
  const { units } = rulesOf(rig);
  const at = (rig.partBodies ?? []).findIndex((body) => body.part === part);
  const body: PartDimensions | undefined = rig.partBodies?.[at];
  const said = under(errors, `partBodies[${at}]`);
  return (
    <Details
      plain
      summary={body ? "Its sizes" : "Give its sizes to try it in a space"}
      wrong={Object.keys(said).length > 0}
    >
      <div className="grid grid-cols-3 gap-2">
        {sizes.map(({ key, label }) => (
          <NumberField
            key={key}
            label={label}
            scale={asTape(units)}
            optional
            value={body?.[key]}
            messages={said[key]}
            onChange={(value) => editor.edit((now) => withPartBody(now, part, { [key]: value }))}
          />
        ))}
      </div>
    </Details>
  );
}
