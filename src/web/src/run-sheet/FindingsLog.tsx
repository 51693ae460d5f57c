import { useState } from "react";
import type { FindingKind, SheetAnswer, SheetFinding, SheetStepCard, VehicleKind } from "../api/client";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { JobTable } from "./JobTable";
import { TakePhoto } from "./TakePhoto";
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
                  <Shown job={one.jobId} photos={one.photos} of={one.what.what} />
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
          {sheet.view.findings.map(({ what: finding, photos }) => (
            <li key={`${finding.kind} ${finding.what}`} data-finding className="border-t border-seam py-1">
              <FindingLine finding={finding} />
              <Shown job={job} photos={photos} of={finding.what} />
              <TakePhoto
                label={t("runSheet.photoOfFinding")}
                onTake={(picture) => void desk.photo(picture, { step: "", about: finding.what, caption: "" })}
              />
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

/** Photographs of a finding. */
function Shown({ job, photos, of }: { job: string; photos: readonly string[]; of: string }) {
  return photos.map((photo) => (
    <a key={photo} href={`/api/jobs/${job}/photos/${photo}`} target="_blank" rel="noreferrer">
      <img
        src={`/api/jobs/${job}/photos/${photo}`}
        alt={t("runSheet.photoOf", { title: of })}
        className="my-1 max-h-32 object-contain"
      />
    </a>
  ));
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
