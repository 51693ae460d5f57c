import { useState } from "react";
import { api, type Build, type BuildFigures, type Rig } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { whyNot } from "../job/rigEditor";
import { rigId } from "../job/rigId";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { length } from "../ui/figures/figures";
import { Refused } from "../ui/Refused";
import { useMoney, useUnits } from "../ui/units";
import { useAnswer } from "../ui/useAnswer";
import { TallyLine } from "../ui/VerdictMark";
import { t } from "../words";

type Way = { key: string; label: string; build: (line: string) => Build };

const templates = [
  { template: "own-harness", label: t("bench.way.loose") },
  { template: "power-box", label: t("bench.way.powerBox") },
  { template: "relay-box", label: t("bench.way.relayBox") },
] as const;

/** Two or three ways of building the same lights, side by side; one of them is taken. */
export function CompareDesk({ editor, rig, job }: { editor: RigEditor; rig: Rig; job: string }) {
  const units = useUnits();
  const money = useMoney();
  const kits = useAnswer(["kits"], (signal) => api.GET("/api/catalogue/kits", { signal }));
  const lines = rig.lines.filter(({ existing }) => !existing);
  const [lineId, setLineId] = useState("");
  const [chosen, setChosen] = useState(["planned", "own-harness", "power-box"]);
  const [said, setSaid] = useState<string>();
  const line = lines.find(({ id }) => id === lineId);
  const ways: readonly Way[] = [
    { key: "planned", label: t("bench.way.planned"), build: () => ({ kind: "asPlanned" }) },
    ...templates.map(({ template, label }) => ({
      key: template,
      label,
      build: (one: string): Build => ({ kind: "byTemplate", template, lineIds: one ? [one] : [] }),
    })),
    { key: "usual", label: t("bench.way.usual"), build: () => ({ kind: "bySchool", school: "usual" }) },
    {
      key: "lightFirst",
      label: t("bench.way.lightFirst"),
      build: () => ({ kind: "bySchool", school: "lightFirst" }),
    },
    ...(line
      ? (kits.answer ?? []).map(({ kit }) => ({
          key: `kit ${kit.id}`,
          label: kit.name,
          build: (one: string): Build => ({
            kind: "withKit",
            lineId: one,
            kit: kit.id,
            wish: { trigger: null, cab: "inDash", sharePickUp: true },
          }),
        }))
      : []),
  ];
  const picked = chosen.map((key) => ways.find((way) => way.key === key)).filter((way) => way !== undefined);
  const builds = picked.map((way) => way.build(line?.id ?? ""));
  const { answer, failed, why, slow } = useAnswer(
    ["builds", builds, job, rigId(rig)],
    (signal) => api.POST("/api/preview/builds", { body: { rig, builds, job }, signal }),
    { enabled: lines.length > 0 },
  );
  if (lines.length === 0) return <p className="text-dust">{t("bench.startALineFirst")}</p>;
  const take = async (build: Build) => setSaid(whyNot(await editor.run({ kind: "takeBuild", build })));
  const rows: readonly { key: string; name: string; of: (figures: BuildFigures) => string | undefined }[] = [
    {
      key: "price",
      name: t("bench.priceWithTax"),
      of: ({ price }) => (price == null ? undefined : money(price)),
    },
    {
      key: "unpriced",
      name: t("bench.withoutPrice"),
      of: ({ unpriced, price }) => (price == null ? undefined : String(unpriced)),
    },
    { key: "hours", name: t("bench.hours"), of: ({ hours }) => hours?.toFixed(1) },
    { key: "pieces", name: t("bench.pieceCount"), of: ({ parts }) => parts?.toString() },
    { key: "wires", name: t("bench.wires"), of: ({ wires }) => wires?.toString() },
    {
      key: "metres",
      name: t("bench.wireLength"),
      of: ({ wireMetres }) => (wireMetres == null ? undefined : length(wireMetres, units)),
    },
    {
      key: "waste",
      name: t("bench.waste"),
      of: ({ wasteMetres }) => (wasteMetres == null ? undefined : length(wasteMetres, units)),
    },
    {
      key: "weight",
      name: t("bench.weight"),
      of: ({ kilograms }) => (kilograms == null ? undefined : `${kilograms.toFixed(1)} kg`),
    },
  ];
  return (
    <div className="grid gap-3" data-compare>
      <div className="grid grid-cols-2 items-end gap-2 border border-seam bg-slab p-3 xl:grid-cols-4">
        <ChoiceField
          label={t("bench.compareLine")}
          value={line?.id ?? ""}
          options={[
            { value: "", label: t("bench.allLines") },
            ...lines.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={setLineId}
        />
        {chosen.map((key, at) => (
          <ChoiceField
            // biome-ignore lint/suspicious/noArrayIndexKey: the columns have no name but their place
            key={at}
            label={t("bench.build", { number: at + 1 })}
            value={ways.some((way) => way.key === key) ? key : "planned"}
            options={ways.map((way) => ({ value: way.key, label: way.label }))}
            onChange={(next) => setChosen(chosen.map((other, i) => (i === at ? next : other)))}
          />
        ))}
      </div>
      <Refused said={said ?? (failed ? why : undefined)} />
      {slow && <p className="text-dust">{t("bench.stillWorkingItOut")}</p>}
      {answer && (
        <table className="w-full table-fixed border border-seam bg-slab text-left">
          <thead>
            <tr className="align-top">
              <th className="w-36 px-2 py-1" />
              {answer.map((figures, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: as above
                <th key={at} className="px-2 py-1 break-words">
                  {figures.name}
                  {figures.whyNot && (
                    <span className="block text-sm font-normal text-oxide">{figures.whyNot}</span>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ key, name, of }) => (
              <tr key={key} data-row={key} className="border-t border-seam">
                <th className="px-2 py-1 font-medium">{name}</th>
                {answer.map((figures, at) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: as above
                  <td key={at} className="px-2 py-1 font-figure">
                    {of(figures) ?? ""}
                  </td>
                ))}
              </tr>
            ))}
            <tr className="border-t border-seam">
              <th className="px-2 py-1 font-medium">{t("bench.verdicts")}</th>
              {answer.map((figures, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: as above
                <td key={at} className="px-2 py-1">
                  {figures.tally && <TallyLine tally={figures.tally} />}
                </td>
              ))}
            </tr>
            <tr className="border-t border-seam">
              <td />
              {answer.map((figures, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: as above
                <td key={at} className="px-2 py-1">
                  {builds[at] && builds[at].kind !== "asPlanned" && !figures.whyNot && (
                    <Button onClick={() => builds[at] && void take(builds[at])}>
                      {t("bench.buildItSo")}
                    </Button>
                  )}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      )}
    </div>
  );
}
