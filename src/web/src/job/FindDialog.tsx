import { useState } from "react";
import { Link } from "react-router";
import type { Rig } from "../api/client";
import { Dialog } from "../ui/Dialog";
import { useNames } from "../ui/names";
import { TextField } from "../ui/TextField";

const mostFound = 12;

/** Goes to a line, a mount or a run by a part of its name. */
export function FindDialog({ jobId, rig, onClose }: { jobId: string; rig: Rig; onClose: () => void }) {
  const [text, setText] = useState("");
  const nameOf = useNames();
  const to = (stage: string, what: string, id: string) =>
    `/jobs/${jobId}/${stage}?${what}=${encodeURIComponent(id)}`;
  const all = [
    ...rig.lines.map(({ id, name }) => ({ kind: "Line", name, to: to("lines", "line", id) })),
    ...(rig.body?.mounts ?? []).map(({ id, name }) => ({
      kind: "Mount",
      name,
      to: to("walkaround", "mount", id),
    })),
    ...(rig.runs ?? [])
      .filter((run) => run.lay)
      .map((run) => ({
        kind: "Wire",
        name: nameOf(run.id),
        to: to("walkaround", "way", run.id),
      })),
  ];
  const wanted = text.trim().toLowerCase();
  const found = all.filter(({ name }) => name.toLowerCase().includes(wanted)).slice(0, mostFound);
  return (
    <Dialog open onClose={onClose} title="Find">
      <TextField label="Part of a name" value={text} onChange={setText} autoFocus />
      <ul className="mt-3 grid gap-px bg-seam">
        {found.map((entry) => (
          <li key={entry.to}>
            <Link
              to={entry.to}
              onClick={onClose}
              className="flex min-h-11 items-center justify-between gap-3 bg-slab px-3 hover:bg-lichen-shade"
            >
              <span>{entry.name}</span>
              <span className="text-sm text-dust">{entry.kind}</span>
            </Link>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="mt-3">Nothing is called that.</p>}
    </Dialog>
  );
}
