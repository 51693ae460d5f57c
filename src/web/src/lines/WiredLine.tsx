import { useQuery } from "@tanstack/react-query";
import { Ruler } from "lucide-react";
import { type AssessedLine, api, type Check, type Line, type Rig, type RunAnswer } from "../api/client";
import { CheckList } from "../job/CheckList";
import { rulesOf } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { amps, length, percent, volts } from "../ui/figures";
import { Notice } from "../ui/Notice";
import { Ridge } from "./Ridge";
import { RunTable } from "./RunTable";

const outcomes = {
  converged: "Every lamp and contact is sure of itself.",
  brownOut: "Brown-out: not every lamp can be held at its drop-out voltage.",
  chatter: "Chatter: contacts go to and fro.",
  ambiguous: "Not certain: a coil is left between its limits.",
} as const;

/** A line wired part by part: its checks, what its lamps get, its wires, and its voltage along the way. */
export function WiredLine({
  rig,
  line,
  found,
  runs,
  onCure,
  onSize,
  onTakeWire,
  onFree,
}: {
  rig: Rig;
  line: Line;
  found: AssessedLine | undefined;
  runs: readonly RunAnswer[];
  onCure: (check: Check) => void;
  onSize: () => void;
  onTakeWire: (run: string, wire: string) => void;
  onFree: (run: string) => void;
}) {
  const solved = useQuery({
    queryKey: ["everything-on", rig],
    queryFn: async ({ signal }) => {
      const { data } = await api.POST("/api/assess", { body: { rig, everythingOn: true }, signal });
      const state = data?.states.at(-1);
      if (!state) throw new Error("The rig could not be solved.");
      return state;
    },
  });
  const objections = found?.checks.filter((check) => check.verdict !== "holds") ?? [];
  if (solved.isPending) return <Notice title="Solving the rig…" />;
  if (!solved.data) return <Notice alert title="The rig could not be solved: the server does not answer." />;

  const state = solved.data;
  const { units } = rulesOf(rig);
  const points = state.profiles.find((profile) => profile.lineId === line.id)?.points ?? [];
  const lamps = state.lamps.filter((lamp) => line.lights?.includes(lamp.id));
  return (
    <section aria-label="What follows" className="grid content-start gap-5">
      <div className="grid gap-3">
        {objections.length > 0 && <CheckList checks={objections} onCure={onCure} />}
        <Button className="justify-self-start" onClick={onSize}>
          <Ruler size={18} aria-hidden /> Size this line…
        </Button>
      </div>
      {found?.figures && <Alone figures={found.figures} />}
      <div>
        <h3 className="mb-1.5 font-semibold">Its wires</h3>
        <RunTable
          rig={rig}
          runs={runs.filter((run) => run.lineIds.includes(line.id))}
          onTakeWire={onTakeWire}
          onFree={onFree}
        />
      </div>
      <p className={state.outcome === "converged" ? "text-dust" : "font-semibold text-oxide"}>
        With everything on at cruise. {outcomes[state.outcome]} {state.concerns.join(", ")}
      </p>
      <table className="w-full border-collapse text-left">
        <thead className="text-sm text-dust">
          <tr className="border-b border-edge">
            <th className="py-1 pl-2 font-normal">Lamp</th>
            <th className="px-2 text-right font-normal">At the lamp</th>
            <th className="px-2 text-right font-normal">Draws</th>
            <th className="px-2 font-normal">Shows</th>
          </tr>
        </thead>
        <tbody>
          {lamps.map((lamp) => (
            <tr key={lamp.id} data-lamp={lamp.id} className="border-b border-seam">
              <th scope="row" className="py-2 pl-2 font-semibold">
                {lamp.id}
              </th>
              <td className="px-2 text-right font-figure">{volts(lamp.volts)}</td>
              <td className="px-2 text-right font-figure">{amps(lamp.amps)}</td>
              <td className="px-2">{lamp.light}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {points.length > 0 && (
        <div>
          <h3 className="mb-1.5 font-semibold">Volts along the way</h3>
          <Ridge points={points} />
          <table className="mt-2 w-full border-collapse text-left text-sm">
            <thead className="text-dust">
              <tr className="border-b border-edge">
                <th className="py-1 pl-2 font-normal">Place</th>
                <th className="px-2 font-normal">Through</th>
                <th className="px-2 text-right font-normal">Wire so far</th>
                <th className="px-2 text-right font-normal">Volts</th>
                <th className="px-2 text-right font-normal">Amps</th>
              </tr>
            </thead>
            <tbody>
              {points.map((point) => (
                <tr key={`${point.part} ${point.terminal} ${point.way}`} className="border-b border-seam">
                  <th scope="row" className="py-1 pl-2 font-normal">
                    {point.terminal}
                  </th>
                  <td className="px-2 text-dust">{point.part}</td>
                  <td className="px-2 text-right font-figure">{length(point.metres, units)}</td>
                  <td className="px-2 text-right font-figure">{volts(point.volts)}</td>
                  <td className="px-2 text-right font-figure">{point.from < 0 ? "" : amps(point.amps)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {found && (
        <div>
          <h3 className="mb-1.5 font-semibold">Checks that hold</h3>
          <CheckList checks={found.checks.filter((check) => check.verdict === "holds")} />
        </div>
      )}
    </section>
  );
}

/** The line by itself: what arrives with the engine off and running, and what is lost on the way. */
function Alone({ figures }: { figures: NonNullable<AssessedLine["figures"]> }) {
  return (
    <div>
      <h3 className="mb-1.5 font-semibold">By itself</h3>
      <table className="w-full border-collapse text-left">
        <thead className="text-sm text-dust">
          <tr className="border-b border-edge">
            <th className="py-1 pl-2 font-normal">Lamp</th>
            <th className="px-2 text-right font-normal">Engine off</th>
            <th className="px-2 text-right font-normal">Lost</th>
            <th className="px-2 text-right font-normal">Running</th>
            <th className="px-2 text-right font-normal">Draws</th>
          </tr>
        </thead>
        <tbody>
          {figures.lamps.map((lamp) => (
            <tr key={lamp.id} className="border-b border-seam">
              <th scope="row" className="py-1 pl-2 font-semibold">
                {lamp.id}
              </th>
              <td className="px-2 text-right font-figure">{volts(lamp.offVolts)}</td>
              <td className="px-2 text-right font-figure">{percent(lamp.dropFraction)}</td>
              <td className="px-2 text-right font-figure">{volts(lamp.runningVolts)}</td>
              <td className="px-2 text-right font-figure">{amps(lamp.offAmps)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-dust">
        Engine off, 12.0 or 24.0 V at the post; {percent(figures.dropLimit)} of drop allowed.
      </p>
    </div>
  );
}
