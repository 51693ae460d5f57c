import type { OfferedStart } from "../../api/client";

/** The usual ways to feed and control lamps; one that does not suit says why. */
export function StartChooser({
  starts,
  chosen,
  onChoose,
}: {
  starts: readonly OfferedStart[];
  chosen: string;
  onChoose: (offered: OfferedStart) => void;
}) {
  return (
    <fieldset className="grid max-h-[52vh] gap-1 overflow-y-auto pr-1">
      <legend className="sr-only">Starting point</legend>
      {starts.map((offered) => (
        <label
          key={offered.start.id}
          data-start={offered.start.id}
          className={`flex gap-2 rounded-sm border px-2 py-1.5 ${offered.start.id === chosen ? "border-spruce bg-lichen-shade" : "border-seam bg-slab"}`}
        >
          <input
            type="radio"
            name="start"
            className="mt-1 size-5 shrink-0 accent-spruce"
            checked={offered.start.id === chosen}
            disabled={offered.whyNot !== ""}
            onChange={() => onChoose(offered)}
          />
          <span>
            <span className={`font-semibold ${offered.whyNot ? "text-dust" : ""}`}>{offered.start.name}</span>
            <span className="block text-sm text-dust">{offered.whyNot || offered.start.words}</span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}
