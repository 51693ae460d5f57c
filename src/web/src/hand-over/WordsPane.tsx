import { useState } from "react";
import type { Line } from "../api/client";
import { useShop } from "../bench/shop";
import { Button } from "../ui/Button";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { HandOverDesk } from "./useHandOver";

/** What each part in own words is about. */
const titles: Readonly<Record<string, string>> = {
  owner: t("handOver.words.owner"),
  agreed: t("handOver.words.agreed"),
  gloveBox: t("handOver.words.gloveBox"),
  emergency: t("handOver.words.emergency"),
  care: t("handOver.words.care"),
  standard: t("handOver.words.standard"),
  law: t("handOver.words.law"),
  settings: t("handOver.words.settings"),
};

/** The part in own words that a chapter holds. */
export const wordsOf: Readonly<Record<string, string>> = {
  cover: "owner",
  open: "agreed",
  "glove-box": "gloveBox",
  emergency: "emergency",
  care: "care",
  standard: "standard",
  cautions: "law",
  settings: "settings",
};

/** What the shop adds in its own words; that of the chosen chapter stands first. */
export function WordsPane({
  desk,
  chapter,
  lines,
}: {
  desk: HandOverDesk;
  chapter: string;
  lines: readonly Line[];
}) {
  const shop = useShop(desk.again);
  const { view } = desk;
  if (!view) return null;
  const first = wordsOf[chapter];
  const keys = [...view.keys].sort((one, other) => Number(other === first) - Number(one === first));
  const ofLines = lines.map(({ id, name }) => ({
    key: `line/${id}`,
    title: t("handOver.words.line", { name }),
  }));
  const all = keys.map((key) => ({ key, title: titles[key] ?? key }));
  return (
    <div className="grid content-start gap-3" data-own-words>
      <p className="text-sm text-dust">{t("handOver.wordsHow")}</p>
      {chapter === "cover" && shop.shop && (
        <section aria-label={t("handOver.yourShop")} className="grid gap-2 border border-seam bg-slab p-2">
          <TextField
            label={t("handOver.shopName")}
            value={shop.shop.name ?? ""}
            messages={shop.errors.name}
            onChange={(name) => shop.put({ name })}
          />
          <TextField
            label={t("handOver.shopContact")}
            value={shop.shop.contact ?? ""}
            messages={shop.errors.contact}
            onChange={(contact) => shop.put({ contact })}
          />
          <Refused said={shop.trouble} />
        </section>
      )}
      {(chapter === "working" ? [...ofLines, ...all] : [...all, ...ofLines]).map(({ key, title }) => (
        <OwnText key={key} name={key} title={title} said={view.words[key] ?? ""} desk={desk} />
      ))}
    </div>
  );
}

function OwnText({
  name,
  title,
  said,
  desk,
}: {
  name: string;
  title: string;
  said: string;
  desk: HandOverDesk;
}) {
  const [typed, setTyped] = useState<string>();
  const text = typed ?? said;
  return (
    <div data-own={name}>
      <TextField label={title} rows={2} value={text} onChange={setTyped} />
      {typed !== undefined && typed.trim() !== said && (
        <Button
          className="mt-1"
          disabled={desk.busy}
          onClick={async () => {
            if (await desk.add({ kind: "worded", key: name, text: typed } as never)) setTyped(undefined);
          }}
        >
          {t("handOver.keepWords")}
        </Button>
      )}
    </div>
  );
}
