import { type KeyboardEvent, useId, useState } from "react";
import { useNavigate } from "react-router";
import type { Assessment, Rig } from "../api/client";
import type { Shortcut } from "../frame/shortcuts";
import { terms } from "../help/glossary";
import { tourStep } from "../help/tour";
import { Dialog } from "../ui/Dialog";
import { Field, inputLook } from "../ui/Field";
import { useNames } from "../ui/names";
import { t } from "../words";
import { objects } from "./cure";

const mostFound = 12;

/** Something that can be gone to. */
export type Found = { kind: string; name: string; detail?: string; go: () => void };

/** Goes to a line, a part, a mount, a wire or a check by a part of its name, or runs a command. */
export function FindDialog({
  jobId,
  rig,
  assessment,
  commands,
  more = [],
  onClose,
}: {
  jobId: string;
  rig: Rig;
  assessment: Assessment;
  commands: readonly Shortcut[];
  /** What the stage has of its own; it comes first. */
  more?: readonly Found[] | undefined;
  onClose: () => void;
}) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const nameOf = useNames();
  const navigate = useNavigate();
  const list = useId();
  const to = (stage: string, what: string, id: string) => () =>
    void navigate(`/jobs/${jobId}/${stage}?${what}=${encodeURIComponent(id)}`);
  const all: Found[] = [
    ...more,
    ...rig.lines.map(({ id, name }) => ({ kind: t("job.line"), name, go: to("lines", "line", id) })),
    ...(rig.body?.mounts ?? []).map(({ id, name }) => ({
      kind: t("job.mount"),
      name,
      go: to("walkaround", "mount", id),
    })),
    ...parts(rig).map((id) => ({ kind: t("job.part"), name: nameOf(id), go: to("walkaround", "part", id) })),
    ...(rig.runs ?? [])
      .filter((run) => run.lay)
      .map((run) => ({ kind: t("job.wire"), name: nameOf(run.id), go: to("walkaround", "way", run.id) })),
    ...assessment.lines.flatMap((line) =>
      line.checks.filter(objects).map((check) => ({
        kind: t("job.check"),
        name: check.title,
        detail: rig.lines.find(({ id }) => id === line.id)?.name,
        go: to("lines", "line", line.id),
      })),
    ),
    ...terms.map(({ id, name }) => ({
      kind: t("job.help"),
      name,
      go: () => void navigate(`/glossary?term=${encodeURIComponent(id)}`),
    })),
    { kind: t("job.help"), name: t("job.glossary"), go: () => void navigate("/glossary") },
    { kind: t("job.help"), name: t("job.tour"), go: () => tourStep.set("0") },
    ...commands
      .filter(
        ({ keys }, i) =>
          keys !== "Ctrl+K" && commands.findIndex(({ does }) => does === commands[i]?.does) === i,
      )
      .map(({ keys, does, run }) => ({ kind: t("job.command"), name: does, detail: keys, go: run })),
  ];
  const wanted = text.trim().toLowerCase();
  const matching = all.filter(({ name, detail = "" }) => `${name} ${detail}`.toLowerCase().includes(wanted));
  const found = [...new Map(matching.map((entry) => [keyOf(entry), entry])).values()].slice(0, mostFound);
  const chosen = Math.min(at, found.length - 1);
  const take = (entry: Found | undefined) => {
    if (!entry) return;
    onClose();
    entry.go();
  };
  const press = (event: KeyboardEvent) => {
    const next = { ArrowDown: chosen + 1, ArrowUp: chosen - 1 }[event.key];
    if (next !== undefined) {
      event.preventDefault();
      setAt(Math.max(0, Math.min(found.length - 1, next)));
    }
    if (event.key === "Enter") {
      event.preventDefault();
      take(found[chosen]);
    }
  };
  return (
    <Dialog open onClose={onClose} title={t("job.find")}>
      <Field label={t("job.partOfAName")}>
        {(ids) => (
          <input
            {...ids}
            ref={(input) => {
              if (!input || input.dataset.met) return;
              input.dataset.met = "yes";
              input.focus();
            }}
            role="combobox"
            aria-expanded
            aria-controls={list}
            aria-activedescendant={found[chosen] ? `${list}-${chosen}` : undefined}
            autoComplete="off"
            className={inputLook}
            value={text}
            onChange={(event) => {
              setText(event.target.value);
              setAt(0);
            }}
            onKeyDown={press}
          />
        )}
      </Field>
      <div id={list} role="listbox" aria-label={t("job.found")} className="mt-3 grid gap-px bg-seam">
        {found.map((entry, i) => (
          <button
            key={keyOf(entry)}
            type="button"
            role="option"
            id={`${list}-${i}`}
            aria-selected={i === chosen}
            onClick={() => take(entry)}
            className={`flex min-h-11 items-center justify-between gap-3 px-3 text-left ${i === chosen ? "bg-lichen-shade" : "bg-slab hover:bg-lichen-shade"}`}
          >
            <span>{entry.name}</span>
            <span className="text-sm text-dust">
              {entry.kind}
              {entry.detail && `, ${entry.detail}`}
            </span>
          </button>
        ))}
      </div>
      {found.length === 0 && <p className="mt-3">{t("job.noMatch")}</p>}
    </Dialog>
  );
}

const keyOf = ({ kind, name, detail = "" }: Found) => `${kind} ${name} ${detail}`;

/** Ids of the parts that were fitted. */
const parts = (rig: Rig) =>
  [
    rig.fixtures,
    rig.protection,
    rig.relays,
    rig.switches,
    rig.powerBoxes,
    rig.loads,
    rig.converters,
    rig.earths,
  ].flatMap((list) => (list ?? []).map(({ id }) => id));
