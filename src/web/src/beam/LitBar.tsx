import type { Rig } from "../api/client";
import { CheckField } from "../ui/CheckField";
import { choiceLook } from "../ui/Field";
import { t } from "../words";
import { allLines, type Beam, type LitBy, litBy, noLines, type OwnLamp, ownLamps } from "./useBeam";

const ownWords: Record<OwnLamp, string> = {
  low: t("beam.ownLow"),
  high: t("beam.ownHigh"),
  fog: t("beam.ownFog"),
  reverse: t("beam.ownReverse"),
};

const litByWords: Record<LitBy, string> = {
  everything: t("beam.everythingOn"),
  engineOff: t("beam.engineOff"),
  highBeam: t("beam.highBeamAlone"),
  sideLight: t("beam.sideLightAlone"),
  reverse: t("beam.reverseAlone"),
};

/** Which lamps are looked at, and what lights them. */
export function LitBar({ rig, beam }: { rig: Rig; beam: Beam }) {
  const { look, put } = beam;
  return (
    <section
      aria-label={t("beam.looked")}
      className="flex flex-wrap items-center gap-x-4 border border-seam bg-slab px-2"
    >
      <label className="inline-flex min-h-11 items-center gap-2 text-sm">
        {t("beam.lit")}
        <select
          className={choiceLook}
          value={look.lines}
          onChange={(event) => put({ lines: event.target.value })}
        >
          <option value={allLines}>{t("beam.everyLine")}</option>
          <option value={noLines}>{t("beam.noLine")}</option>
          {rig.lines.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label className="inline-flex min-h-11 items-center gap-2 text-sm">
        {t("beam.by")}
        <select
          className={choiceLook}
          value={look.litBy}
          onChange={(event) => put({ litBy: event.target.value as LitBy })}
        >
          {litBy.map((key) => (
            <option key={key} value={key}>
              {litByWords[key]}
            </option>
          ))}
        </select>
      </label>
      <fieldset className="flex flex-wrap items-center gap-x-3">
        <legend className="sr-only">{t("beam.own")}</legend>
        <span className="text-sm text-dust" aria-hidden>
          {t("beam.own")}
        </span>
        {ownLamps.map((own) => (
          <CheckField
            key={own}
            label={ownWords[own]}
            checked={look.own.includes(own)}
            onChange={(on) => put({ own: on ? [...look.own, own] : look.own.filter((one) => one !== own) })}
          />
        ))}
      </fieldset>
      {beam.slow && <span className="text-sm">{t("beam.workingOut")}</span>}
    </section>
  );
}
