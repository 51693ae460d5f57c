import { useMemo, useState, useSyncExternalStore } from "react";
import type { Wishes } from "../api/client";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { Panes } from "../ui/Panes";
import { useStable } from "../ui/useStable";
import { t } from "../words";
import { AskFields } from "./AskFields";
import { coverNames } from "./coverNames";
import { LightTile } from "./LightTile";
import { lights } from "./lights";
import { PlansPane } from "./PlansPane";

/** The Wishes stage: what light is wanted and what the customer asks, beside the plans that come of it. */
export default function WishesStage({ editor }: { editor: RigEditor }) {
  const { job, rig, errors } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [at, setAt] = useState<"lights" | "conditions">("lights");
  const shortcuts = useMemo(() => [], []);
  const wishes = rig.wishes ?? {};
  const standing = useMemo(() => rig.lines.flatMap(({ answers }) => answers ?? []), [rig.lines]);
  const change = useStable((next: Wishes) => editor.edit((now) => ({ ...now, wishes: next })));
  const placed = rig.fixtures?.filter(({ id }) => rig.places?.some(({ part }) => part === id)) ?? [];
  return (
    <JobFrame editor={editor} stage="wishes" shortcuts={shortcuts} whole>
      <div className="grid gap-3 p-2 lg:h-full lg:grid-cols-[21rem_1fr]">
        <Panes
          name={t("wishes.wishes")}
          at={at}
          onGo={setAt}
          panes={[
            {
              key: "lights",
              name: t("wishes.lights"),
              content: (
                <div className="grid grid-cols-2 content-start gap-1.5 sm:max-lg:grid-cols-5">
                  {lights.map((light) => (
                    <LightTile
                      key={light}
                      light={light}
                      wishes={wishes}
                      standing={standing.includes(light)}
                      onChange={change}
                    />
                  ))}
                </div>
              ),
            },
            {
              key: "conditions",
              name: t("wishes.conditions"),
              content: (
                <AskFields
                  wishes={wishes}
                  covers={coverNames(rig.body)}
                  lamps={placed}
                  errors={errors}
                  onChange={change}
                />
              ),
            },
          ]}
        />
        <PlansPane editor={editor} rig={rig} jobId={job.id} standing={standing} />
      </div>
    </JobFrame>
  );
}
