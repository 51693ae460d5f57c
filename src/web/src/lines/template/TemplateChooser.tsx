import type { OfferedTemplate } from "../../api/client";
import { t } from "../../words";

/** The usual ways to feed and control lamps; one that does not suit says why. */
export function TemplateChooser({
  templates,
  chosen,
  onChoose,
}: {
  templates: readonly OfferedTemplate[];
  chosen: string;
  onChoose: (offered: OfferedTemplate) => void;
}) {
  return (
    <fieldset className="grid max-h-[52vh] gap-1 overflow-y-auto pr-1">
      <legend className="sr-only">{t("lines.template")}</legend>
      {templates.map((offered) => (
        <label
          key={offered.template.id}
          data-template={offered.template.id}
          className={`flex gap-2 rounded-sm border px-2 py-1.5 ${offered.template.id === chosen ? "border-spruce bg-lichen-shade" : "border-seam bg-slab"}`}
        >
          <input
            type="radio"
            name="template"
            className="mt-1 size-5 shrink-0 accent-spruce"
            checked={offered.template.id === chosen}
            disabled={offered.whyNot !== ""}
            onChange={() => onChoose(offered)}
          />
          <span>
            <span className={`font-semibold ${offered.whyNot ? "text-dust" : ""}`}>
              {offered.template.name}
            </span>
            <span className="block text-sm text-dust">{offered.whyNot || offered.template.words}</span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}
