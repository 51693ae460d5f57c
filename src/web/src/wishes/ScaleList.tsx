import type { Scale } from "../api/client";
import { Details } from "../ui/Details";
import { t } from "../words";

const words = {
  enough: t("wishes.scale.enough"),
  more: t("wishes.scale.more"),
  price: t("wishes.scale.price"),
  parts: t("wishes.scale.parts"),
  watts: t("wishes.scale.watts"),
  holes: t("wishes.scale.holes"),
  covers: t("wishes.scale.covers"),
  freeOutputs: t("wishes.scale.freeOutputs"),
  standingOut: t("wishes.scale.standingOut"),
  watches: t("wishes.scale.watches"),
} satisfies Partial<Record<keyof Scale, string>>;

/** What a plan was weighed by, in points. */
export function ScaleList({ scale }: { scale: Scale }) {
  return (
    <Details plain summary={t("wishes.weighedBy")}>
      <dl className="grid gap-x-3 pb-1">
        {(Object.keys(words) as (keyof typeof words)[]).map((key) => (
          <div key={key} className="flex justify-between gap-2">
            <dt className="text-dust">{words[key]}</dt>
            <dd className="font-figure">{scale[key]}</dd>
          </div>
        ))}
      </dl>
    </Details>
  );
}
