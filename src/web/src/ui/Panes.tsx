import { Tabs } from "radix-ui";
import type { ReactNode } from "react";

/** Panes beside what they are about, one at a time. */
export function Panes<Key extends string>({
  at,
  onGo,
  panes,
  name,
}: {
  at: Key;
  onGo: (pane: Key) => void;
  panes: readonly { key: Key; name: string; content: ReactNode }[];
  name: string;
}) {
  return (
    <Tabs.Root value={at} onValueChange={(next) => onGo(next as Key)} className="flex min-h-0 flex-col">
      <Tabs.List aria-label={name} className="flex shrink-0 border-b border-seam">
        {panes.map(({ key, name: title }) => (
          <Tabs.Trigger
            key={key}
            value={key}
            className="min-h-11 flex-1 border-b-4 border-transparent px-1 text-sm font-semibold text-dust data-[state=active]:border-lichen data-[state=active]:text-ink"
          >
            {title}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {panes.map(({ key, content }) => (
        <Tabs.Content
          key={key}
          value={key}
          className="relative min-h-0 flex-1 pt-2 lg:overflow-y-auto lg:pr-1"
        >
          {content}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
