import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Rig, type RunAnswer } from "../api/client";
import { rulesOf } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { amps, celsius, length, lostVolts, seconds } from "../ui/figures";
import { Notice } from "../ui/Notice";
import { FuseWindow } from "./FuseWindow";
import { WireLadder } from "./WireLadder";

/** The wires of a line with what they carry and what a short drives through them; one opens to its ladder. */
export function RunTable({
  rig,
  runs,
  onTakeWire,
  onFree,
}: {
  rig: Rig;
  runs: readonly RunAnswer[];
  onTakeWire: (run: string, wire: string) => void;
  onFree: (run: string) => void;
}) {
  const byHand = new Set(rig.runs?.filter((run) => run.fixed).map((run) => run.id));
  const [open, setOpen] = useState<string>();
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-left text-sm">
        <thead className="text-dust">
          <tr className="border-b border-edge">
            <th className="py-1 pl-2 font-normal">Wire</th>
            <th className="px-2 text-right font-normal">Length</th>
            <th className="px-2 text-right font-normal">Flows</th>
            <th className="px-2 text-right font-normal">Carries</th>
            <th className="px-2 text-right font-normal">Lost</th>
            <th className="px-2 text-right font-normal">Warm</th>
            <th className="px-2 text-right font-normal">Short, far end</th>
            <th className="px-2 text-right font-normal">Fuse opens</th>
          </tr>
        </thead>
        <tbody>
          {runs.map((run) => (
            <tr key={run.id} data-run={run.id} className="border-b border-seam">
              <th scope="row" className="font-normal">
                <button
                  type="button"
                  aria-expanded={open === run.id}
                  onClick={() => setOpen(open === run.id ? undefined : run.id)}
                  className="min-h-11 w-full pl-2 text-left hover:bg-lichen-shade"
                >
                  <span className="font-semibold">{run.wire}</span>{" "}
                  <span className="break-all text-dust">
                    {run.id}
                    {byHand.has(run.id) && ", by hand"}
                  </span>
                </button>
              </th>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {length(run.lengthMetres, rulesOf(rig).units)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">{amps(run.designAmps)}</td>
              <td className="px-2 text-right font-figure whitespace-nowrap">{amps(run.ampacityAmps)}</td>
              <td className="px-2 text-right font-figure whitespace-nowrap">{lostVolts(run.dropVolts)}</td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {celsius(run.conductorCelsius)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {run.farAmps === null ? "—" : amps(run.farAmps)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {run.clearsInSeconds === null ? "—" : seconds(run.clearsInSeconds)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {open !== undefined && byHand.has(open) && (
        <Button className="mt-3" onClick={() => onFree(open)}>
          Taken by hand: let sizing decide again
        </Button>
      )}
      {open !== undefined && <OneRun rig={rig} run={open} onTake={(wire) => onTakeWire(open, wire)} />}
    </div>
  );
}

/** One wire on the network: every gauge judged, and the fuse between its load and its ampacity. */
function OneRun({ rig, run, onTake }: { rig: Rig; run: string; onTake: (wire: string) => void }) {
  const judged = useQuery({
    queryKey: ["run", rig, run],
    queryFn: async ({ signal }) => {
      const { data } = await api.POST("/api/run", { body: { rig, run }, signal });
      if (!data) throw new Error("The wire could not be judged.");
      return data;
    },
  });
  if (judged.isPending) return <Notice title="Judging every gauge…" />;
  if (!judged.data) return <Notice alert title="The wire could not be judged: the server does not answer." />;
  return (
    <div className="mt-3 grid gap-4 border-l-4 border-lichen pl-3">
      <h4 className="font-semibold break-all">{run}</h4>
      <FuseWindow window={judged.data.fuseWindow} wireName={judged.data.run.wire} />
      <WireLadder ladder={judged.data.ladder} onTake={onTake} />
    </div>
  );
}
