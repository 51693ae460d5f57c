import { Tabs } from "radix-ui";
import { useState } from "react";
import type { BeamView, Facing } from "../api/client";
import { choiceLook } from "../ui/Field";
import { t } from "../words";
import { LampTable } from "./LampTable";
import { ReachTable } from "./ReachTable";
import { SeatView } from "./SeatView";

const facingWords: Record<Facing, string> = {
  ahead: t("beam.facingAhead"),
  astern: t("beam.facingAstern"),
  left: t("beam.facingLeft"),
  right: t("beam.facingRight"),
};

type Shown = "seen" | "lamps";

/** What is seen and how far there is light, or all lamps by themselves. */
export function Below({ view }: { view: BeamView }) {
  const [below, setBelow] = useState<Shown>("seen");
  const [camera, setCamera] = useState(false);
  const [to, setTo] = useState<Facing>("ahead");
  return (
    <Tabs.Root value={below} onValueChange={(next) => setBelow(next as Shown)}>
      <div className="flex flex-wrap items-center justify-between gap-x-3 border-b border-seam">
        <Tabs.List aria-label={t("beam.figures")} className="flex">
          {(["seen", "lamps"] as const).map((key) => (
            <Tabs.Trigger
              key={key}
              value={key}
              className="min-h-11 border-b-4 border-transparent px-3 text-sm font-semibold text-dust data-[state=active]:border-lichen data-[state=active]:text-ink"
            >
              {key === "seen" ? t("beam.seenAndReach") : t("beam.allLamps")}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        {below === "seen" && (
          <div className="flex flex-wrap gap-2 text-sm">
            <label className="inline-flex items-center gap-1.5">
              {t("beam.seenFrom")}
              <select
                className={choiceLook}
                value={camera ? "camera" : "seat"}
                onChange={(event) => setCamera(event.target.value === "camera")}
              >
                <option value="seat">{t("beam.theSeat")}</option>
                <option value="camera">{t("beam.theCamera")}</option>
              </select>
            </label>
            <label className="inline-flex items-center gap-1.5">
              {t("beam.lightTo")}
              <select
                className={choiceLook}
                value={to}
                onChange={(event) => setTo(event.target.value as Facing)}
              >
                {view.sides.map((one) => (
                  <option key={one.to} value={one.to}>
                    {facingWords[one.to]}
                  </option>
                ))}
              </select>
            </label>
          </div>
        )}
      </div>
      <Tabs.Content value="seen" className="grid gap-2 pt-1 sm:grid-cols-2">
        <SeatView view={view} camera={camera} />
        <ReachTable view={view} to={to} />
      </Tabs.Content>
      <Tabs.Content value="lamps" className="pt-1">
        <LampTable view={view} />
      </Tabs.Content>
    </Tabs.Root>
  );
}
