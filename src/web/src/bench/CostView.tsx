import { Printer } from "lucide-react";
import type { Quote, Shop, WorkTask } from "../api/client";
import { Fields } from "../fields/Fields";
import { tableOf } from "../fields/table";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asLength } from "../ui/figures/figures";
import { linkLook } from "../ui/linkLook";
import { NumberField } from "../ui/NumberField";
import { Refused } from "../ui/Refused";
import { TableFile } from "../ui/TableFile";
import { useMoney } from "../ui/units";
import { t } from "../words";
import type { ShopDesk } from "./shop";

const tasks: Record<WorkTask, string> = {
  wire: t("bench.task.wire"),
  ending: t("bench.task.ending"),
  lamp: t("bench.task.lamp"),
  part: t("bench.task.part"),
  kit: t("bench.task.kit"),
  cover: t("bench.task.cover"),
  looseCover: t("bench.task.looseCover"),
  bulkhead: t("bench.task.bulkhead"),
  earth: t("bench.task.earth"),
  line: t("bench.task.line"),
  job: t("bench.task.job"),
};

const offcut = tableOf<NonNullable<Shop["offcuts"]>[number]>()({
  wire: { as: "text", label: t("bench.offcut.wire") },
  colour: { as: "text", label: t("bench.offcut.colour") },
  metres: { as: "number", label: t("bench.offcut.length"), scale: asLength },
});

/** Lengths of wire on the shelf. */
const offcutTable = tableOf<Shop>()({
  offcuts: {
    as: "list",
    label: t("bench.offcut.all"),
    of: offcut,
    blank: { wire: "14 AWG", colour: "", metres: 1 },
    another: t("bench.offcut.add"),
    empty: t("bench.offcut.none"),
  },
});

const percent = 100;

/** What the job costs, and what the workshop charges by. */
export function CostView({ job, quote, shop }: { job: string; quote: Quote; shop: ShopDesk }) {
  const money = useMoney();
  const minutes = shop.shop?.minutes ?? [];
  const sums = [
    { key: "parts", name: t("bench.partsSum"), amount: quote.parts },
    {
      key: "labour",
      name: t("bench.labourSum", { hours: (quote.labourMinutes / 60).toFixed(1) }),
      amount: quote.labour,
    },
    { key: "net", name: t("bench.net"), amount: quote.net },
    { key: "tax", name: t("bench.tax", { percent: quote.taxFraction * percent }), amount: quote.tax },
    { key: "gross", name: t("bench.gross"), amount: quote.gross },
  ];
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-start justify-between gap-3 border border-seam bg-slab p-3">
        <table className="text-left">
          <tbody>
            {sums.map(({ key, name, amount }) => (
              <tr key={key} className="last:text-lg last:font-semibold">
                <th className="pr-6 font-medium">{name}</th>
                <td className="text-right font-figure" data-figure={key}>
                  {amount == null ? t("bench.noRate") : money(amount)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <a className={linkLook} href={`/api/jobs/${job}/quote.html`} target="_blank" rel="noreferrer">
          <Printer size={18} aria-hidden /> {t("bench.printQuote")}
        </a>
      </div>
      <div className="grid grid-cols-2 items-end gap-2 border border-seam bg-slab p-3 sm:grid-cols-3">
        <ChoiceField
          label={t("bench.currency")}
          value={shop.shop?.currency ?? quote.currency}
          options={shop.currencies.map((code) => ({ value: code, label: code }))}
          messages={shop.errors.currency}
          onChange={(currency) => shop.put({ currency })}
        />
        <NumberField
          label={t("bench.taxRate")}
          unit="%"
          value={(shop.shop?.taxFraction ?? 0) * percent}
          messages={shop.errors.taxFraction}
          onChange={(tax = Number.NaN) => shop.put({ taxFraction: tax / percent })}
        />
        <NumberField
          label={t("bench.hourlyRate")}
          optional
          placeholder={t("bench.noRate")}
          value={shop.shop?.hourlyRate}
          messages={shop.errors.hourlyRate}
          onChange={(rate) => shop.put({ hourlyRate: rate ?? null })}
        />
        <NumberField
          label={t("bench.workHours")}
          unit="h"
          value={shop.shop?.workHours ?? 0}
          messages={shop.errors.workHours}
          onChange={(workHours = Number.NaN) => shop.put({ workHours })}
        />
        <CheckField
          label={t("bench.secondName")}
          checked={shop.shop?.secondNameAtHolds === true}
          onChange={(secondNameAtHolds) => shop.put({ secondNameAtHolds })}
        />
        <div className="col-span-2 sm:col-span-3">
          <TableFile
            label={t("bench.pricesFromFile")}
            href="/api/shop/prices.csv"
            asFile={t("bench.pricesAsFile")}
            onFile={(file) => void shop.importCsv(file)}
          />
        </div>
        <Refused said={shop.trouble} />
      </div>
      {quote.unpriced.length > 0 && (
        <Details summary={t("bench.unpriced", { count: quote.unpriced.length })}>
          <p>{quote.unpriced.join(", ")}</p>
        </Details>
      )}
      <table className="w-full border border-seam bg-slab text-left text-sm">
        <thead>
          <tr>
            <th className="px-2 py-1">{t("bench.work")}</th>
            <th className="px-2 py-1 text-right">{t("bench.howMany")}</th>
            <th className="px-2 py-1 text-right">{t("bench.minutes")}</th>
          </tr>
        </thead>
        <tbody>
          {quote.work.map((work) => (
            <tr key={work.task} className="border-t border-seam">
              <td className="max-w-60 px-2 py-1">
                <NumberField
                  label={tasks[work.task]}
                  unit="min"
                  optional
                  placeholder={String(work.each)}
                  value={minutes.find(({ task }) => task === work.task)?.minutes}
                  onChange={(own) => {
                    const others = minutes.filter(({ task }) => task !== work.task);
                    shop.put({
                      minutes: own === undefined ? others : [...others, { task: work.task, minutes: own }],
                    });
                  }}
                />
              </td>
              <td className="px-2 py-1 text-right font-figure">{work.count}</td>
              <td className="px-2 py-1 text-right font-figure">{work.minutes}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {shop.shop && (
        <div className="border border-seam bg-slab px-3 py-1">
          <Fields
            table={offcutTable}
            value={shop.shop}
            errors={shop.errors}
            onChange={({ offcuts }) => shop.put({ offcuts })}
          />
        </div>
      )}
    </div>
  );
}
