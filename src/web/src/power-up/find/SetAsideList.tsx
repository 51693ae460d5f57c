import type { SetAside } from "../../api/client";
import { t } from "../../words";
import { TakeBack } from "../TakeBack";

/** What is asked for no more, each of which can be taken back; nothing where there is none. */
export function SetAsideList({
  title,
  all,
  onBack,
}: {
  title: string;
  all: readonly SetAside[];
  onBack: (key: string) => Promise<unknown>;
}) {
  if (all.length === 0) return null;
  return (
    <section aria-label={title} className="grid gap-1">
      <h3 className="text-sm font-semibold">{title}</h3>
      <ul className="grid gap-0.5">
        {all.map(({ key, name }) => (
          <li
            key={key}
            data-set-aside={key}
            className="flex items-center gap-2 border-l-4 border-seam bg-slab pl-2 text-sm"
          >
            <span className="min-w-0 flex-1">{name}</span>
            <TakeBack of={t("powerUp.takeBackOf", { words: name })} onBack={() => onBack(key)} />
          </li>
        ))}
      </ul>
    </section>
  );
}
