import { Tabs } from "radix-ui";
import type { ReactNode } from "react";

export type Pane = "tester" | "readings" | "turnOver" | "faults";

/** What is held, measured, tried and broken, one at a time beside the rig. */
export function Panes({
  at,
  onGo,
  panes,
  name,
}: {
  at: Pane;
  onGo: (pane: Pane) => void;
  panes: readonly { key: Pane; name: string; content: ReactNode }[];
  name: string;
}) {
  return (
    <Tabs.Root value={at} onValueChange={(next) => onGo(next as Pane)} className="flex min-h-0 flex-col">
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
