import { useEffect, useRef, useState } from "react";
import { type AimedLamp, api, type BeamRequest, type BeamView, type LampAim, type Rig } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { rigId } from "../job/rigId";
import { useAnswer } from "../ui/useAnswer";
import { useStable } from "../ui/useStable";

export const ownLamps = ["low", "high", "fog", "reverse"] as const;
export type OwnLamp = (typeof ownLamps)[number];

/** All lines, none, or one of them by id. */
export const allLines = "*";
export const noLines = "";

/** What is on: everything, or what one signal lights with the switches as they are found. */
export const litBy = ["everything", "engineOff", "highBeam", "sideLight", "reverse"] as const;
export type LitBy = (typeof litBy)[number];

/** What is looked at. */
export type Look = {
  lines: string;
  litBy: LitBy;
  own: readonly OwnLamp[];
  vehicleLevel: boolean;
  /** Id of the set-up that it is held against; empty: none. */
  against: string;
};

export type Beam = ReturnType<typeof useBeam>;

/** So long after the last key an aim that is tried is taken. */
const settleMilliseconds = 400;

/** How a lamp of the rig is aimed: by itself, else with its line. */
const aimIn = (aims: readonly LampAim[], { lamp, lines }: AimedLamp): LampAim => {
  const own = aims.find((one) => one.lamp === lamp);
  const line = aims.find((one) => lines.includes(one.lamp));
  return own ?? { ...line, lamp };
};

const hundredths = (degrees: number) => Math.round(degrees * 100) / 100;

/** Aims with some of them replaced. */
const merged = (aims: readonly LampAim[], changed: readonly LampAim[]) => [
  ...aims.filter(({ lamp }) => !changed.some((one) => one.lamp === lamp)),
  ...changed,
];

/** Where the light of the rig goes; while aims are tried it is asked for coarsely. */
export function useBeam(editor: RigEditor, rig: Rig) {
  const [look, setLook] = useState<Look>({
    lines: allLines,
    litBy: "everything",
    own: [],
    vehicleLevel: false,
    against: "",
  });
  const [tried, setTried] = useState<readonly LampAim[]>();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const setups = rig.beams?.setups ?? [];
  const against = setups.some(({ id }) => id === look.against) ? look.against : "";
  const saved = rig.beams?.aims ?? [];
  const asking: Omit<BeamRequest, "rig"> = {
    lines: look.lines === allLines ? null : look.lines === noLines ? [] : [look.lines],
    state:
      look.litBy === "everything" || look.litBy === "engineOff"
        ? null
        : { key: true, engine: "cruise", [look.litBy]: true },
    own: [...look.own],
    engineOff: look.litBy === "engineOff",
    vehicleLevel: look.vehicleLevel,
    against: against || null,
    coarse: tried !== undefined,
    aims: tried ? merged(saved, tried) : null,
  };
  const { answer, failed, why, slow, fresh } = useAnswer<BeamView>(
    ["beam", rigId(rig), asking],
    (signal) => api.POST("/api/preview/beam", { body: { rig, ...asking } as BeamRequest, signal }),
    { keep: "beam", enabled: rig.body != null },
  );
  const aimOf = (lamp: AimedLamp) => aimIn(merged(saved, tried ?? []), lamp);

  /** Takes what is tried into the rig. */
  const settle = useStable(() => {
    clearTimeout(timer.current);
    if (!tried) return;
    editor.edit((now) => ({ ...now, beams: { ...now.beams, aims: merged(now.beams?.aims ?? [], tried) } }));
    setTried(undefined);
  });

  /** Turns lamps by so many degrees more; they are taken a moment after the last turn. */
  const turn = (lamps: readonly AimedLamp[], pitch: number, yaw: number) => {
    setTried((before) =>
      lamps.map((lamp) => {
        const aim = aimIn(merged(saved, before ?? []), lamp);
        return {
          ...aim,
          pitchDegrees: hundredths((aim.pitchDegrees ?? 0) + pitch),
          yawDegrees: hundredths((aim.yawDegrees ?? 0) + yaw),
        };
      }),
    );
    clearTimeout(timer.current);
    timer.current = setTimeout(settle, settleMilliseconds);
  };
  useEffect(() => () => settle(), [settle]);

  return {
    view: answer,
    failed,
    why,
    slow,
    fresh,
    asking,
    look: { ...look, against },
    put: (change: Partial<Look>) => setLook((now) => ({ ...now, ...change })),
    aimOf,
    turn,
    settle,
  };
}
