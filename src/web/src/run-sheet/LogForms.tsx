import { useState } from "react";
import { asCsv } from "../api/asCsv";
import { asked } from "../api/asked";
import {
  api,
  type FindingKind,
  type SheetAnswer,
  type SheetFinding,
  type SheetStepCard,
  type VehicleKind,
} from "../api/client";
import { withPaths } from "../api/problems";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { NumberField } from "../ui/NumberField";
import { Refused } from "../ui/Refused";
import { TableFile } from "../ui/TableFile";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { SheetDesk } from "./useSheetRecord";

const kinds: readonly { value: FindingKind; label: string }[] = [
  { value: "wire", label: t("runSheet.finding.wire") },
  { value: "fuseSlot", label: t("runSheet.finding.fuseSlot") },
  { value: "hole", label: t("runSheet.finding.hole") },
  { value: "bracketHole", label: t("runSheet.finding.bracketHole") },
  { value: "earthPoint", label: t("runSheet.finding.earthPoint") },
  { value: "fastener", label: t("runSheet.finding.fastener") },
  { value: "order", label: t("runSheet.finding.order") },
  { value: "notch", label: t("runSheet.finding.notch") },
  { value: "earlierWork", label: t("runSheet.finding.earlierWork") },
  { value: "minutes", label: t("runSheet.finding.minutes") },
  { value: "other", label: t("runSheet.finding.other") },
];

type Fastener = { count?: number; what: string; size: string; head: string; tool: string; bag: string };

const noFastener: Fastener = { what: "", size: "", head: "", tool: "", bag: "" };

/** Fasteners that came out at the shown step, and all that came out so far. */
export function FastenerLog({
  sheet,
  card,
  desk,
}: {
  sheet: SheetAnswer;
  card: SheetStepCard;
  desk: SheetDesk;
}) {
  const [typed, setTyped] = useState(noFastener);
  const [wereLoose, setWereLoose] = useState<number>();
  const [broke, setBroke] = useState<number>();
  const [plastic, setPlastic] = useState(false);
  const [structural, setStructural] = useState(false);
  const [torque, setTorque] = useState("");
  const [marked, setMarked] = useState(false);
  const log = sheet.view.fasteners;
  const titles = new Map(sheet.view.steps.map(({ step }) => [step.id, step.title]));
  const put = (change: Partial<Fastener>) => setTyped({ ...typed, ...change });
  const add = async () => {
    await desk.add({
      kind: "fasteners",
      step: card.step.id,
      count: typed.count ?? 0,
      what: typed.what,
      size: typed.size,
      head: typed.head,
      tool: typed.tool,
      bag: typed.bag,
      plastic,
      structural,
      torque,
      wereLoose: wereLoose ?? 0,
      broke: broke ?? 0,
      marked,
    });
    setTyped(noFastener);
    setWereLoose(undefined);
    setBroke(undefined);
  };
  return (
    <Details summary={t("runSheet.fasteners", { count: log.length })}>
      <div className="grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label={t("runSheet.count")}
            optional
            value={typed.count}
            onChange={(count) => put({ count })}
          />
          <TextField
            label={t("runSheet.whatFastener")}
            value={typed.what}
            onChange={(what) => put({ what })}
          />
          <TextField label={t("runSheet.size")} value={typed.size} onChange={(size) => put({ size })} />
          <TextField label={t("runSheet.head")} value={typed.head} onChange={(head) => put({ head })} />
          <TextField label={t("runSheet.tool")} value={typed.tool} onChange={(tool) => put({ tool })} />
          <TextField label={t("runSheet.bag")} value={typed.bag} onChange={(bag) => put({ bag })} />
          <NumberField label={t("runSheet.wereLoose")} optional value={wereLoose} onChange={setWereLoose} />
          <NumberField label={t("runSheet.broke")} optional value={broke} onChange={setBroke} />
          <CheckField label={t("runSheet.plastic")} checked={plastic} onChange={setPlastic} />
          <CheckField label={t("runSheet.marked")} checked={marked} onChange={setMarked} />
          <CheckField label={t("runSheet.structural")} checked={structural} onChange={setStructural} />
          {structural && <TextField label={t("runSheet.torque")} value={torque} onChange={setTorque} />}
        </div>
        <Button
          className="justify-self-start"
          disabled={!typed.what.trim() || typed.count === undefined}
          onClick={() => void add()}
        >
          {t("runSheet.addFasteners")}
        </Button>
        <ul className="grid gap-1 text-sm">
          {log.map((some, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: an entry of a log has its place and nothing else
            <li key={i} data-fastener className="border-t border-seam pt-1">
              {t("runSheet.fastenerRow", {
                count: some.count,
                what: [some.size, some.what, some.head].filter(Boolean).join(" "),
                bag: some.bag || t("runSheet.noBag"),
              })}
              {(some.broke ?? 0) > 0 && ` ${t("runSheet.brokeCount", { count: some.broke })}`}
              {(some.wereLoose ?? 0) > 0 && ` ${t("runSheet.looseCount", { count: some.wereLoose })}`}
              <span className="block text-dust">{titles.get(some.step) ?? some.step}</span>
            </li>
          ))}
        </ul>
      </div>
    </Details>
  );
}

/** The wire register: which colour a wire has at which end, which place in a tap is whose, what is capped. */
export function RegisterLog({
  sheet,
  job,
  desk,
  again,
}: {
  sheet: SheetAnswer;
  job: string;
  desk: SheetDesk;
  again: () => void;
}) {
  const [at, setAt] = useState("");
  const [colour, setColour] = useState("");
  const [note, setNote] = useState("");
  const { register } = sheet.view;
  return (
    <Details summary={t("runSheet.register", { count: register.length })}>
      <div className="grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          <TextField label={t("runSheet.end")} value={at} onChange={setAt} />
          <TextField label={t("runSheet.colour")} value={colour} onChange={setColour} />
        </div>
        <TextField label={t("runSheet.note")} value={note} onChange={setNote} />
        <Button
          className="justify-self-start"
          disabled={!at.trim() || !colour.trim()}
          onClick={() => {
            void desk.add({ kind: "registered", at, colour, wire: "", note });
            setAt("");
            setColour("");
            setNote("");
          }}
        >
          {t("runSheet.addToRegister")}
        </Button>
        <ul className="text-sm">
          {register.map((wire) => (
            <li
              key={`${wire.at} ${wire.wire}`}
              data-registered={wire.at}
              className="border-t border-seam py-1"
            >
              <span className="font-figure">{wire.at}</span>: {wire.colour}
              {wire.note && `, ${wire.note}`}
            </li>
          ))}
        </ul>
        <JobTable
          job={job}
          file="wire-register.csv"
          label={t("runSheet.registerFromFile")}
          asFile={t("runSheet.registerAsFile")}
          again={again}
        />
      </div>
    </Details>
  );
}

/** A table of the job's record, from a file and as one. */
function JobTable({
  job,
  file,
  label,
  asFile,
  again,
}: {
  job: string;
  file: "findings.csv" | "wire-register.csv";
  label: string;
  asFile: string;
  again: () => void;
}) {
  const [said, setSaid] = useState<string>();
  const take = async (table: File) => {
    const asking = { params: { path: { id: job } }, ...asCsv(table) };
    const came = await asked(() => api.POST(`/api/jobs/{id}/${file}`, asking));
    setSaid(came.ok ? undefined : withPaths(came.refusal));
    if (came.ok) again();
  };
  return (
    <>
      <TableFile
        label={label}
        href={`/api/jobs/${job}/${file}`}
        asFile={asFile}
        onFile={(table) => void take(table)}
      />
      <Refused said={said} />
    </>
  );
}

const noFinding: SheetFinding = {
  kind: "wire",
  what: "",
  place: "",
  colour: "",
  pin: "",
  size: "",
  noGood: false,
  foundOn: "",
};

/** What was found on this vehicle, and on earlier ones of its kind. */
export function FindingsLog({
  sheet,
  job,
  card,
  desk,
  again,
}: {
  sheet: SheetAnswer;
  job: string;
  card: SheetStepCard;
  desk: SheetDesk;
  again: () => void;
}) {
  const [typed, setTyped] = useState(noFinding);
  const put = (change: Partial<SheetFinding>) => setTyped({ ...typed, ...change });
  return (
    <Details
      summary={t("runSheet.findings", {
        count: sheet.view.findings.length,
        offered: sheet.offered.length,
      })}
    >
      <div className="grid gap-2">
        <VehicleForm key={JSON.stringify(sheet.vehicle)} sheet={sheet} desk={desk} />
        {sheet.offered.length > 0 && (
          <div className="border-l-4 border-lichen pl-2 text-sm" data-offered>
            <p className="font-semibold">{t("runSheet.offered")}</p>
            <ul>
              {sheet.offered.map((one) => (
                <li key={`${one.job} ${one.on} ${one.what.what}`} className="border-t border-seam py-1">
                  <FindingLine finding={one.what} />
                  <span className="block text-dust">
                    {t("runSheet.foundThen", { job: one.job, on: one.on })}{" "}
                    {one.guess ? t("runSheet.isGuess") : t("runSheet.proveAgain")}
                  </span>
                </li>
              ))}
            </ul>
          </div>
        )}
        <ul className="text-sm">
          {sheet.view.findings.map((finding) => (
            <li key={`${finding.kind} ${finding.what}`} data-finding className="border-t border-seam py-1">
              <FindingLine finding={finding} />
            </li>
          ))}
        </ul>
        <div className="grid grid-cols-2 gap-2">
          <ChoiceField
            label={t("runSheet.findingKind")}
            value={typed.kind}
            options={kinds}
            onChange={(kind) => put({ kind })}
          />
          <TextField
            label={t("runSheet.place")}
            value={typed.place ?? ""}
            onChange={(place) => put({ place })}
          />
          {typed.kind === "wire" && (
            <>
              <TextField
                label={t("runSheet.colour")}
                value={typed.colour ?? ""}
                onChange={(colour) => put({ colour })}
              />
              <TextField label={t("runSheet.pin")} value={typed.pin ?? ""} onChange={(pin) => put({ pin })} />
            </>
          )}
          {typed.kind !== "wire" && (
            <TextField
              label={t("runSheet.howMuch")}
              value={typed.size ?? ""}
              onChange={(size) => put({ size })}
            />
          )}
          <CheckField
            label={t("runSheet.noGood")}
            checked={typed.noGood === true}
            onChange={(noGood) => put({ noGood })}
          />
        </div>
        <TextField label={t("runSheet.whatFound")} value={typed.what} onChange={(what) => put({ what })} />
        <Button
          className="justify-self-start"
          disabled={!typed.what.trim()}
          onClick={() => {
            void desk.add({ kind: "found", what: typed, step: card.step.id });
            setTyped(noFinding);
          }}
        >
          {t("runSheet.addFinding")}
        </Button>
        <JobTable
          job={job}
          file="findings.csv"
          label={t("runSheet.findingsFromFile")}
          asFile={t("runSheet.findingsAsFile")}
          again={again}
        />
      </div>
    </Details>
  );
}

function FindingLine({ finding }: { finding: SheetFinding }) {
  return (
    <>
      {finding.noGood && <span className="font-semibold text-oxide">{t("runSheet.noGoodMark")} </span>}
      {[finding.what, finding.place, finding.colour, finding.pin, finding.size].filter(Boolean).join(", ")}
    </>
  );
}

/** Which kind of vehicle this is: what was found on it is offered on the next one. */
function VehicleForm({ sheet, desk }: { sheet: SheetAnswer; desk: SheetDesk }) {
  const [typed, setTyped] = useState<VehicleKind>(
    sheet.vehicle ?? { name: "", year: "", trim: "", options: "" },
  );
  const changed = JSON.stringify(typed) !== JSON.stringify(sheet.vehicle);
  const put = (change: Partial<VehicleKind>) => setTyped({ ...typed, ...change });
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <TextField
        label={t("runSheet.vehicleKind")}
        value={typed.name}
        placeholder={sheet.kinds[0]}
        onChange={(name) => put({ name })}
      />
      <TextField label={t("runSheet.year")} value={typed.year ?? ""} onChange={(year) => put({ year })} />
      <TextField label={t("runSheet.trim")} value={typed.trim ?? ""} onChange={(trim) => put({ trim })} />
      <TextField
        label={t("runSheet.options")}
        value={typed.options ?? ""}
        onChange={(options) => put({ options })}
      />
      {changed && (
        <Button
          disabled={!typed.name.trim()}
          onClick={() => void desk.add({ kind: "ofVehicle", vehicle: typed })}
        >
          {t("runSheet.storeVehicle")}
        </Button>
      )}
    </div>
  );
}
