import { useState } from "react";
import type { ArrivalPoint, BenchEvent, EditCommand, ItemStand } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { setWhoHere, whoHere } from "../job/who";
import { ExchangeLamp } from "../lines/station/ExchangeLamp";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { Details } from "../ui/Details";
import { asIs, asLength, length } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { Stand } from "./PartsTable";
import type { BenchDeskRecord } from "./record";
import type { ShopDesk } from "./shop";

const points: readonly { key: ArrivalPoint; name: string }[] = [
  { key: "size", name: t("bench.point.size") },
  { key: "holding", name: t("bench.point.holding") },
  { key: "plugHalf", name: t("bench.point.plugHalf") },
  { key: "bolts", name: t("bench.point.bolts") },
  { key: "ring", name: t("bench.point.ring") },
  { key: "cover", name: t("bench.point.cover") },
];

/** One item: order it, open it when it comes, keep it from stock, say what it costs. */
export function ItemCard({
  stand,
  editor,
  lamps,
  record,
  shop,
}: {
  editor: RigEditor;
  stand: ItemStand;
  /** Ids of the lamps that it is, which can be exchanged where they came wrong. */
  lamps: readonly string[];
  record: BenchDeskRecord;
  shop: ShopDesk;
}) {
  const units = useUnits();
  const scale = stand.metres ? asLength(units) : asIs;
  const [who, setWho] = useState(whoHere);
  const [supplier, setSupplier] = useState("");
  const [count, setCount] = useState<number>();
  const [wrong, setWrong] = useState<readonly ArrivalPoint[]>([]);
  const [missing, setMissing] = useState("");
  const [setAside, setSetAside] = useState("");
  const [changed, setChanged] = useState<readonly string[]>([]);
  const orders = count ?? stand.toOrder;
  const comes = count ?? stand.onOrder;
  const { item } = stand;
  const done = () => {
    setCount(undefined);
    setWrong([]);
    setMissing("");
    setSetAside("");
  };
  const write = async (what: BenchEvent) => {
    setWhoHere(who);
    if (await record.add(what)) done();
  };
  const exchange = async (command: EditCommand) => {
    const notes: string[] = [];
    for (const fixture of lamps) {
      const ran = await editor.run({ ...command, fixture } as EditCommand);
      notes.push(...(ran.done ? ran.notes : [ran.why]));
      if (!ran.done) break;
    }
    setChanged(notes);
  };
  const stock = shop.shop?.stock ?? {};
  const prices = shop.shop?.prices ?? {};
  return (
    <aside
      aria-label={t("bench.theItem")}
      data-item-card={item}
      className="grid content-start gap-3 max-lg:sticky max-lg:bottom-0 max-lg:max-h-[40vh] max-lg:overflow-y-auto max-lg:border-t-4 max-lg:border-lichen max-lg:bg-granite max-lg:p-3 md:max-lg:col-span-2 lg:min-h-0 lg:overflow-y-auto"
    >
      <h2 className="text-lg font-semibold">{stand.name}</h2>
      <div className="grid gap-1 border border-seam bg-slab p-3" data-figure="Stand">
        <p>
          {t("bench.needed", { count: stand.metres ? length(stand.needed, units) : String(stand.needed) })}
        </p>
        <Stand stand={stand} />
        {(stand.wrong ?? []).length > 0 && (
          <p className="text-oxide">
            {points
              .filter(({ key }) => stand.wrong?.includes(key))
              .map(({ name }) => name)
              .join(", ")}
          </p>
        )}
        {(stand.missing ?? []).length > 0 && (
          <p className="text-ochre">{t("bench.wasMissing", { what: stand.missing?.join(", ") })}</p>
        )}
        {(stand.setAside ?? []).length > 0 && (
          <p>{t("bench.wasSetAside", { what: stand.setAside?.join(", ") })}</p>
        )}
        {(stand.keptFor ?? []).map(({ job, count }) => (
          <p key={job} className="text-dust">
            {t("bench.keptFor", { job, count: stand.metres ? length(count, units) : String(count) })}
          </p>
        ))}
        {stand.toOrder > 0 && (stand.instead ?? []).length > 0 && (
          <p>{t("bench.instead", { what: stand.instead?.join(", ") })}</p>
        )}
      </div>
      <div className="grid grid-cols-2 items-end gap-2 border border-seam bg-slab p-3">
        <NumberField
          label={t("bench.howManyOfIt")}
          scale={scale}
          optional
          placeholder={String(stand.onOrder > 0 ? comes : orders)}
          value={count}
          onChange={setCount}
        />
        <TextField label={t("bench.who")} value={who} onChange={setWho} />
        <TextField label={t("bench.supplier")} value={supplier} onChange={setSupplier} />
        <Button
          look={stand.onOrder > 0 ? "plain" : "main"}
          disabled={record.busy || !(orders > 0)}
          onClick={() => void write({ kind: "ordered", item, count: orders, supplier })}
        >
          {t("bench.order")}
        </Button>
        {stand.free > 0 && (
          <Button
            className="col-span-2 justify-self-start"
            disabled={record.busy || !(stand.toOrder > 0)}
            onClick={() => void write({ kind: "reserved", item, count: Math.min(stand.free, orders) })}
          >
            {t("bench.keepFromStock", {
              count: stand.metres ? length(stand.free, units) : String(stand.free),
            })}
          </Button>
        )}
      </div>
      {stand.onOrder > 0 && (
        <fieldset className="grid gap-2 border border-seam bg-slab p-3">
          <legend className="px-1 font-semibold">{t("bench.itHasArrived")}</legend>
          <p className="text-sm text-dust">{t("bench.openItToday")}</p>
          <div className="grid grid-cols-2">
            {points.map(({ key, name }) => (
              <CheckField
                key={key}
                label={name}
                checked={wrong.includes(key)}
                onChange={(on) => setWrong(on ? [...wrong, key] : wrong.filter((other) => other !== key))}
              />
            ))}
          </div>
          <TextField label={t("bench.missing")} value={missing} onChange={setMissing} />
          <TextField label={t("bench.setAside")} value={setAside} onChange={setSetAside} />
          <Button
            look="main"
            disabled={record.busy || !(comes > 0)}
            onClick={() =>
              void write({ kind: "arrived", item, count: comes, wrong: [...wrong], missing, setAside })
            }
          >
            {wrong.length > 0 ? t("bench.arrivedWrong") : t("bench.arrivedGood")}
          </Button>
        </fieldset>
      )}
      <Refused said={record.trouble} />
      {lamps.length > 0 && (
        <Details summary={t("bench.exchangeTheLamp")} open={(stand.wrong ?? []).length > 0}>
          <p className="text-sm text-dust">{t("bench.exchangeChanges")}</p>
          <ExchangeLamp lamp={lamps[0] ?? ""} run={exchange} />
          <p role="status">{changed.join(" ")}</p>
        </Details>
      )}
      <Details summary={t("bench.priceAndStock")} wrong={shop.errors[`prices.${item}`] !== undefined}>
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label={t("bench.priceEach")}
            optional
            placeholder={stand.each == null ? t("bench.noPrice") : String(stand.each)}
            value={prices[item]}
            messages={shop.errors[`prices.${item}`]}
            onChange={(price) => {
              const { [item]: _, ...others } = prices;
              shop.put({ prices: price === undefined ? others : { ...others, [item]: price } });
            }}
          />
          <NumberField
            label={t("bench.inStock")}
            optional
            scale={scale}
            value={stock[item]}
            messages={shop.errors[`stock.${item}`]}
            onChange={(there) => {
              const { [item]: _, ...others } = stock;
              shop.put({ stock: there === undefined ? others : { ...others, [item]: there } });
            }}
          />
        </div>
        <Refused said={shop.trouble} />
      </Details>
    </aside>
  );
}
