import { RadioGroup } from "radix-ui";
import type { BodyChoice, BodyKind } from "../api/client";
import { SmallPicture } from "../picture/SmallPicture";
import { bodyWords } from "../ui/words";
import { t } from "../words";

/** Silhouettes to one scale, one of which is chosen. */
export function BodyPicker({
  bodies,
  kind,
  onChange,
}: {
  bodies: readonly BodyChoice[];
  kind: BodyKind | undefined;
  onChange: (kind: BodyKind) => void;
}) {
  const longest = Math.max(...bodies.map(({ picture }) => picture.widthMetres));
  return (
    <RadioGroup.Root
      aria-label={t("wishes.kindOfBody")}
      value={kind ?? ""}
      onValueChange={(next) => onChange(next as BodyKind)}
      className="grid grid-cols-2 gap-1.5 sm:max-lg:grid-cols-3"
    >
      {bodies.map(({ kind: one, picture }) => (
        <RadioGroup.Item
          key={one}
          value={one}
          data-body={one}
          className="grid min-h-11 content-end justify-items-center gap-1 border border-edge bg-slab p-1.5 text-sm font-medium hover:bg-lichen-shade data-[state=checked]:border-2 data-[state=checked]:border-lichen"
        >
          <span style={{ width: `${(100 * picture.widthMetres) / longest}%` }}>
            <SmallPicture view={picture} className="w-full" />
          </span>
          {bodyWords[one]}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
