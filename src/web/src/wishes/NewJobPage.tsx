import { useState } from "react";
import { useNavigate } from "react-router";
import {
  api,
  type Body,
  type BodyChoice,
  type BodyKind,
  type JobParticulars,
  type NewJob,
  type Side,
  type Wishes,
} from "../api/client";
import { type FieldErrors, noErrors, sentenceOf } from "../api/problems";
import { Frame } from "../frame/Frame";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { Notice } from "../ui/Notice";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { useAnswer } from "../ui/useAnswer";
import { useDraft } from "../ui/useDraft";
import { bodyWords, choices, sideWords } from "../ui/words";
import { t } from "../words";
import { ParticularsFields } from "../yard/ParticularsFields";
import { useJobs, useNewJob } from "../yard/useJobs";
import { AskFields } from "./AskFields";
import { BodyPicker } from "./BodyPicker";
import { coverNames } from "./coverNames";
import { type Found, FoundFields } from "./FoundFields";
import { LightTile } from "./LightTile";
import { lights } from "./lights";
import { VehicleFileButton } from "./VehicleFileButton";

type Draft = {
  name: string;
  note: string;
  systemVolts: number;
  units: "metric" | "imperial";
  /** Empty: a usual body; "like ID": the plan of a job; "again ID": its vehicle; "file": the body of a file. */
  from: string;
  kind: BodyKind | undefined;
  file: { name: string; body: Body } | undefined;
  driverSide: Side | "";
  found: Found;
  wishes: Wishes;
  particulars: JobParticulars;
};

const blank: Draft = {
  name: "",
  note: "",
  systemVolts: 12,
  units: "metric",
  from: "",
  kind: undefined,
  file: undefined,
  driverSide: "",
  found: {},
  wishes: {},
  particulars: {},
};

/** What the server is asked for. */
function asked(draft: Draft): NewJob {
  const { name, note, systemVolts, units, from, kind, file, driverSide, found, wishes, particulars } = draft;
  const [how, id] = from.split(" ");
  const vehicle = from === "file" ? file?.body.kind : from === "" ? kind : undefined;
  const called = name || [vehicle && bodyWords[vehicle], particulars.customer].filter(Boolean).join(", ");
  return {
    name: called,
    note,
    systemVolts,
    units,
    particulars,
    wishes,
    like: how === "like" ? (id ?? null) : null,
    again: how === "again" ? (id ?? null) : null,
    found: vehicle
      ? {
          ...found,
          kind: vehicle,
          driverSide: driverSide || null,
          body: from === "file" ? (file?.body ?? null) : null,
        }
      : null,
  };
}

/** A new job on one page: the vehicle, what is on it, what light is wanted, what the customer asks. */
export function NewJobPage() {
  const [draft, setDraft, drop] = useDraft("new-job", blank);
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [said, setSaid] = useState<string>();
  const create = useNewJob();
  const jobs = useJobs(false).answer ?? [];
  const bodies = useAnswer<BodyChoice[]>(["bodies"], (signal) => api.GET("/api/bodies", { signal }));
  const navigate = useNavigate();
  const change = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
  const usual = bodies.answer?.find(({ kind }) => kind === draft.kind);
  const body = draft.from === "file" ? draft.file?.body : undefined;
  const chosen = draft.from !== "" || draft.kind !== undefined;

  const open = async (stage: "wishes" | "lines") => {
    const answer = await create.mutateAsync(asked(draft));
    if (answer.ok) {
      drop();
      navigate(`/jobs/${answer.data.id}/${stage}`);
    } else if (answer.refusal.kind === "fields") {
      setErrors(answer.refusal.errors);
      setSaid(undefined);
    } else setSaid(sentenceOf(answer.refusal));
  };

  return (
    <Frame whole>
      <form
        noValidate
        className="grid gap-3 p-2 lg:h-full lg:grid-cols-[19rem_1fr_17rem] lg:grid-rows-[1fr_auto]"
        onSubmit={(event) => {
          event.preventDefault();
          void open(chosen && (draft.wishes.lights?.length ?? 0) > 0 ? "wishes" : "lines");
        }}
      >
        <div className="grid min-h-0 content-start gap-2 lg:overflow-y-auto lg:pr-1">
          <h1 className="text-xl font-bold">{t("wishes.newJob")}</h1>
          {bodies.failed && <Notice alert title={bodies.why} />}
          {draft.from === "" && bodies.answer && (
            <BodyPicker
              bodies={bodies.answer}
              kind={draft.kind}
              onChange={(kind) => change({ kind, found: { ...draft.found, lamps: [] } })}
            />
          )}
          <ChoiceField
            label={t("wishes.startFrom")}
            value={draft.from}
            messages={errors.like ?? errors.again}
            options={[
              { value: "", label: t("wishes.usualBody") },
              ...(draft.file
                ? [{ value: "file", label: t("wishes.fromFile", { file: draft.file.name }) }]
                : []),
              ...jobs.map(({ id, name }) => ({
                value: `again ${id}`,
                label: t("wishes.wasHere", { name }),
              })),
              ...jobs.map(({ id, name }) => ({ value: `like ${id}`, label: t("wishes.planOf", { name }) })),
            ]}
            onChange={(from) => change({ from })}
          />
          {draft.from.startsWith("like ") && <p className="text-sm text-dust">{t("wishes.planIsCopied")}</p>}
          {draft.from.startsWith("again ") && (
            <p className="text-sm text-dust">{t("wishes.whatIsOnItIsThere")}</p>
          )}
          <VehicleFileButton onRead={(file) => change({ file, from: "file" })} />
          {(draft.from === "" || draft.from === "file") && (
            <>
              <div className="grid grid-cols-2 gap-2">
                <ChoiceField
                  label={t("yard.system")}
                  value={draft.systemVolts}
                  messages={errors.systemVolts}
                  options={[
                    { value: 12, label: "12 V" },
                    { value: 24, label: "24 V" },
                  ]}
                  onChange={(systemVolts) => change({ systemVolts })}
                />
                <ChoiceField
                  label={t("wishes.driverSide")}
                  value={draft.driverSide}
                  options={[{ value: "" as const, label: t("wishes.notSpecified") }, ...choices(sideWords)]}
                  onChange={(driverSide) => change({ driverSide })}
                />
              </div>
              <FoundFields
                found={draft.found}
                mounts={body?.mounts ?? usual?.mounts ?? []}
                spaces={body?.spaces ?? usual?.spaces ?? []}
                errors={errors}
                onChange={(found) => change({ found })}
              />
            </>
          )}
          <TextField
            label={t("yard.vehicleName")}
            value={draft.name}
            messages={errors.name}
            placeholder={draft.kind && draft.from === "" ? bodyWords[draft.kind] : ""}
            onChange={(name) => change({ name })}
          />
          <Details summary={t("wishes.customer")} wrong={errors.note !== undefined || hasParticulars(errors)}>
            <div className="grid gap-2">
              <ParticularsFields
                value={draft.particulars}
                errors={errors}
                onChange={(particulars) => change({ particulars })}
              />
              <TextField
                label={t("yard.note")}
                rows={3}
                value={draft.note}
                messages={errors.note}
                onChange={(note) => change({ note })}
              />
              <ChoiceField
                label={t("yard.units")}
                value={draft.units}
                options={[
                  { value: "metric", label: t("yard.metres") },
                  { value: "imperial", label: t("yard.feet") },
                ]}
                onChange={(units) => change({ units })}
              />
            </div>
          </Details>
        </div>
        <section
          aria-label={t("wishes.lightsWanted")}
          className="grid min-h-0 content-start gap-2 lg:overflow-y-auto"
        >
          <h2 className="font-semibold">
            {t("wishes.lightsWanted")} <span className="font-normal text-dust">{t("wishes.lightsHint")}</span>
          </h2>
          <div className="grid grid-cols-2 content-start gap-2 sm:grid-cols-5 lg:grid-cols-3 xl:grid-cols-4">
            {lights.map((light) => (
              <LightTile
                key={light}
                light={light}
                wishes={draft.wishes}
                onChange={(wishes) => change({ wishes })}
              />
            ))}
          </div>
        </section>
        <section
          aria-label={t("wishes.asks")}
          className="grid min-h-0 content-start gap-2 lg:overflow-y-auto"
        >
          <h2 className="font-semibold">{t("wishes.asks")}</h2>
          <AskFields
            wishes={draft.wishes}
            covers={body ? coverNames(body) : (usual?.covers ?? [])}
            lamps={[]}
            errors={errors}
            onChange={(wishes) => change({ wishes })}
          />
        </section>
        <div className="flex flex-wrap items-center justify-end gap-3 border-t border-seam pt-2 lg:col-span-3">
          <span className="mr-auto text-dust">
            {!chosen
              ? t("wishes.chooseBody")
              : (draft.wishes.lights?.length ?? 0) === 0
                ? t("wishes.chooseALight")
                : ""}
          </span>
          <Refused said={said} />
          <Button
            onClick={() => {
              drop();
              navigate("/");
            }}
          >
            {t("wishes.cancel")}
          </Button>
          <Button disabled={create.isPending} onClick={() => void open("lines")}>
            {t("wishes.openTheJob")}
          </Button>
          <Button
            look="main"
            disabled={create.isPending || !chosen || (draft.wishes.lights?.length ?? 0) === 0}
            onClick={() => void open("wishes")}
          >
            {t("wishes.proposePlan")}
          </Button>
        </div>
      </form>
    </Frame>
  );
}

const hasParticulars = (errors: FieldErrors) =>
  Object.keys(errors).some((path) => path.startsWith("particulars."));
