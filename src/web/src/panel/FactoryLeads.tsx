import { Plus, Trash2 } from "lucide-react";
import type { AuxOutput, PanelView, PassThrough, Rig } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { withVehicle } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asLength } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useNames } from "../ui/names";
import { TextField } from "../ui/TextField";
import { useUnits } from "../ui/units";

type Edit = (change: (rig: Rig) => Rig) => void;

/** What the vehicle came with: switched outputs of its own, and spare leads with the register of their colours. */
export function FactoryLeads({
  rig,
  register,
  errors,
  onEdit,
}: {
  rig: Rig;
  register: PanelView["register"];
  errors: FieldErrors;
  onEdit: Edit;
}) {
  const outputs = rig.vehicle.auxOutputs ?? [];
  const leads = rig.vehicle.passThroughs ?? [];
  const said = under(errors, "vehicle");
  const setOutputs = (auxOutputs: AuxOutput[]) => onEdit((now) => withVehicle(now, { auxOutputs }));
  const setLeads = (passThroughs: PassThrough[]) => onEdit((now) => withVehicle(now, { passThroughs }));
  const used = (id: string) =>
    rig.runs?.some((run) => [run.from, run.to].some((end) => end.split(".")[0] === id)) === true;

  return (
    <>
      <Details
        summary="The vehicle's own outputs"
        wrong={Object.keys(said).some((path) => path.startsWith("auxOutputs"))}
      >
        <ul className="grid gap-2">
          {outputs.map((output, index) => (
            <OutputRow
              key={output.id}
              output={output}
              errors={under(said, `auxOutputs[${index}]`)}
              locked={used(output.id)}
              onChange={(change) =>
                setOutputs(outputs.map((other) => (other.id === output.id ? { ...other, ...change } : other)))
              }
              onRemove={() => setOutputs(outputs.filter((other) => other.id !== output.id))}
            />
          ))}
        </ul>
        <Button
          className="mt-2"
          onClick={() =>
            setOutputs([
              ...outputs,
              {
                id: fresh("aux", outputs),
                ratingAmps: 10,
                leadWire: "1.5 mm²",
                feed: "ignition",
                leadMetres: 1,
                latching: true,
              },
            ])
          }
        >
          <Plus size={18} aria-hidden /> Another output
        </Button>
      </Details>
      <section aria-label="Colour register" className="grid gap-2 border border-seam bg-slab p-3">
        <h3 className="text-lg font-semibold">Colour register of the spare leads</h3>
        <p className="text-sm text-dust">
          Spare leads come in colours that do not match the switches' own: write down where each goes, and
          what is joined to it.
        </p>
        {leads.length === 0 && <p className="text-dust">None is written down.</p>}
        <ul className="grid gap-2">
          {leads.map((lead, index) => {
            const entry = register.find((one) => one.id === lead.id);
            return (
              <LeadRow
                key={lead.id}
                lead={lead}
                joined={entry}
                errors={under(said, `passThroughs[${index}]`)}
                locked={used(lead.id)}
                onChange={(change) =>
                  setLeads(leads.map((other) => (other.id === lead.id ? { ...other, ...change } : other)))
                }
                onRemove={() => setLeads(leads.filter((other) => other.id !== lead.id))}
              />
            );
          })}
        </ul>
        <Button
          className="justify-self-start"
          onClick={() =>
            setLeads([
              ...leads,
              {
                id: fresh("lead", leads),
                wire: "2.5 mm²",
                lengthMetres: 4,
                colour: "",
                fromPlace: "engine bay",
                toPlace: "rear quarter",
              },
            ])
          }
        >
          <Plus size={18} aria-hidden /> Another spare lead
        </Button>
      </section>
    </>
  );
}

/** The first free name of that kind. */
function fresh(kind: string, taken: readonly { id: string }[]): string {
  for (let i = 1; ; i++) if (taken.every(({ id }) => id !== `${kind}-${i}`)) return `${kind}-${i}`;
}

function OutputRow({
  output,
  errors,
  locked,
  onChange,
  onRemove,
}: {
  output: AuxOutput;
  errors: FieldErrors;
  locked: boolean;
  onChange: (change: Partial<AuxOutput>) => void;
  onRemove: () => void;
}) {
  const nameOf = useNames();
  return (
    <li
      data-own-output={output.id}
      className="grid items-end gap-2 md:grid-cols-[1.2fr_1fr_1fr_1.2fr_1fr_auto]"
    >
      <TextField
        label="Name"
        value={output.name ?? ""}
        placeholder={nameOf(output.id)}
        messages={errors.name}
        onChange={(name) => onChange({ name })}
      />
      <NumberField
        label="Rating"
        unit="A"
        value={output.ratingAmps}
        messages={errors.ratingAmps}
        onChange={(ratingAmps = Number.NaN) => onChange({ ratingAmps })}
      />
      <TextField
        label="Its lead"
        value={output.leadWire}
        messages={errors.leadWire}
        onChange={(leadWire) => onChange({ leadWire })}
      />
      <ChoiceField
        label="Fed by"
        value={output.feed}
        options={[
          { value: "battery", label: "Battery" },
          { value: "ignition", label: "Ignition" },
        ]}
        onChange={(feed) => onChange({ feed })}
      />
      <ChoiceField
        label="Switch"
        value={output.latching === false ? "momentary" : "latching"}
        options={[
          { value: "latching", label: "Latching" },
          { value: "momentary", label: "Momentary" },
        ]}
        onChange={(kind) => onChange({ latching: kind === "latching" })}
      />
      <Button aria-label={`Remove ${nameOf(output.id)}`} disabled={locked} onClick={onRemove}>
        <Trash2 size={18} aria-hidden />
      </Button>
    </li>
  );
}

function LeadRow({
  lead,
  joined,
  errors,
  locked,
  onChange,
  onRemove,
}: {
  lead: PassThrough;
  joined: PanelView["register"][number] | undefined;
  errors: FieldErrors;
  locked: boolean;
  onChange: (change: Partial<PassThrough>) => void;
  onRemove: () => void;
}) {
  const units = useUnits();
  const nameOf = useNames();
  return (
    <li
      data-lead={lead.id}
      className="grid items-end gap-2 border-t border-seam pt-2 md:grid-cols-[1fr_1fr_1fr_1fr_1fr_auto]"
    >
      <TextField
        label="Colour"
        value={lead.colour}
        messages={errors.colour}
        onChange={(colour) => onChange({ colour })}
      />
      <TextField
        label="From"
        value={lead.fromPlace}
        messages={errors.fromPlace}
        onChange={(fromPlace) => onChange({ fromPlace })}
      />
      <TextField
        label="To"
        value={lead.toPlace}
        messages={errors.toPlace}
        onChange={(toPlace) => onChange({ toPlace })}
      />
      <TextField
        label="Size"
        value={lead.wire}
        messages={errors.wire}
        onChange={(wire) => onChange({ wire })}
      />
      <NumberField
        label="Length"
        scale={asLength(units)}
        value={lead.lengthMetres}
        messages={errors.lengthMetres}
        onChange={(lengthMetres = Number.NaN) => onChange({ lengthMetres })}
      />
      <Button aria-label={`Remove ${nameOf(lead.id)}`} disabled={locked} onClick={onRemove}>
        <Trash2 size={18} aria-hidden />
      </Button>
      <p className="text-sm text-dust md:col-span-6">
        {nameOf(lead.id)}:{" "}
        {joined && (joined.near || joined.far)
          ? `${joined.near || "nothing"} at its first end, ${joined.far || "nothing"} at the other${joined.lines.length > 0 ? `; carries ${joined.lines.join(", ")}` : ""}`
          : "nothing is joined to it"}
        .
      </p>
    </li>
  );
}
