import { Download } from "lucide-react";
import type { LabelKind, LabelSheet } from "../api/client";
import { under } from "../api/problems";
import type { ShopDesk } from "../bench/shop";
import { Fields } from "../fields/Fields";
import { tableOf } from "../fields/table";
import { CheckField } from "../ui/CheckField";
import { asTape } from "../ui/figures/figures";
import { linkLook } from "../ui/linkLook";
import { Refused } from "../ui/Refused";
import { t } from "../words";
import { papers } from "./papers";

export const labelKinds: readonly { kind: LabelKind; name: string }[] = [
  { kind: "wireEnd", name: t("handOver.label.wireEnd") },
  { kind: "fuse", name: t("handOver.label.fuse") },
  { kind: "relay", name: t("handOver.label.relay") },
  { kind: "legend", name: t("handOver.label.legend") },
  { kind: "liveWhenOff", name: t("handOver.label.liveWhenOff") },
  { kind: "hiddenSwitch", name: t("handOver.label.hiddenSwitch") },
  { kind: "smallerFuse", name: t("handOver.label.smallerFuse") },
];

/** A sheet of labels as it is bought. */
const sheetTable = tableOf<LabelSheet>()({
  paper: { as: "choice", label: t("handOver.paper"), of: papers, usual: "a4" },
  columns: { as: "number", label: t("handOver.sheet.columns") },
  rows: { as: "number", label: t("handOver.sheet.rows") },
  leftMillimetres: { as: "number", label: t("handOver.sheet.left"), scale: asTape },
  topMillimetres: { as: "number", label: t("handOver.sheet.top"), scale: asTape },
  widthMillimetres: { as: "number", label: t("handOver.sheet.width"), scale: asTape },
  heightMillimetres: { as: "number", label: t("handOver.sheet.height"), scale: asTape },
  acrossMillimetres: { as: "number", label: t("handOver.sheet.across"), scale: asTape },
  downMillimetres: { as: "number", label: t("handOver.sheet.down"), scale: asTape },
  used: { as: "number", label: t("handOver.sheet.used") },
});

/** Where labels of some kinds are to be had as a file. */
export const labelsAt = (job: string, ending: string, kinds: readonly LabelKind[]) =>
  `/api/jobs/${job}/labels.${ending}?kinds=${kinds.join(",")}`;

/** Which labels, on which sheets. */
export function LabelsPane({
  job,
  shop,
  kinds,
  counts,
  onKinds,
}: {
  job: string;
  shop: ShopDesk;
  kinds: readonly LabelKind[];
  /** How many there are of each kind. */
  counts: ReadonlyMap<LabelKind, number>;
  onKinds: (kinds: readonly LabelKind[]) => void;
}) {
  const sheet = shop.shop?.labelSheet ?? {};
  return (
    <div className="grid content-start gap-2" data-labels>
      <div className="grid grid-cols-1">
        {labelKinds.map(({ kind, name }) => (
          <CheckField
            key={kind}
            label={t("handOver.labelCount", { name, count: counts.get(kind) ?? 0 })}
            checked={kinds.includes(kind)}
            onChange={(on) => onKinds(on ? [...kinds, kind] : kinds.filter((one) => one !== kind))}
          />
        ))}
      </div>
      <div className="flex flex-wrap gap-2">
        {["pdf", "csv"].map((ending) => (
          <a key={ending} className={linkLook} href={labelsAt(job, ending, kinds)} download>
            <Download size={18} aria-hidden /> {ending.toUpperCase()}
          </a>
        ))}
      </div>
      <h2 className="font-semibold">{t("handOver.yourSheets")}</h2>
      {shop.shop && (
        <Fields
          table={sheetTable}
          value={sheet}
          errors={under(shop.errors, "labelSheet")}
          onChange={(change) => shop.put({ labelSheet: { ...sheet, ...change } as LabelSheet })}
        />
      )}
      <Refused said={shop.trouble} />
      <h2 className="font-semibold">{t("handOver.bonnetCard")}</h2>
      <img
        src={`/api/jobs/${job}/bonnet-card.svg`}
        alt={t("handOver.bonnetCardShows")}
        className="w-full border border-seam bg-white"
      />
      <a className={`${linkLook} justify-self-start`} href={`/api/jobs/${job}/bonnet-card.pdf`} download>
        <Download size={18} aria-hidden /> {t("handOver.bonnetCardPdf")}
      </a>
    </div>
  );
}
