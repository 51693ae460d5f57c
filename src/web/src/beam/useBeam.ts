import { useState } from "react";
import { api, type BeamRequest, type BeamView, type LampAim, type Rig } from "../api/client";
import { rigId } from "../job/rigId";
import { useAnswer } from "../ui/useAnswer";

export const ownLamps = ["low", "high", "fog", "reverse"] as const;
export type OwnLamp = (typeof ownLamps)[number];

/** All lines, none, or one of them by id. */
export const allLines = "*";
export const noLines = "";

/** What is looked at. */
export type Look = {
  lines: string;
  own: readonly OwnLamp[];
  engineOff: boolean;
  vehicleLevel: boolean;
  /** Id of the set-up that it is held against; empty: none. */
  against: string;
};

export type Beam = ReturnType<typeof useBeam>;

/** Where the light of the rig goes; while an aim is tried it is asked for coarsely. */
export function useBeam(rig: Rig) {
  const [look, setLook] = useState<Look>({
    lines: allLines,
    own: [],
    engineOff: false,
    vehicleLevel: false,
    against: "",
  });
  const [tried, setTried] = useState<LampAim>();
  const setups = rig.beams?.setups ?? [];
  const against = setups.some(({ id }) => id === look.against) ? look.against : "";
  const saved = rig.beams?.aims ?? [];
  const asking: Omit<BeamRequest, "rig"> = {
    lines: look.lines === allLines ? null : look.lines === noLines ? [] : [look.lines],
    own: [...look.own],
    engineOff: look.engineOff,
    vehicleLevel: look.vehicleLevel,
    against: against || null,
    coarse: tried !== undefined,
    aims: tried ? [...saved.filter(({ lamp }) => lamp !== tried.lamp), tried] : null,
  };
  const { answer, failed, why, slow, fresh } = useAnswer<BeamView>(
    ["beam", rigId(rig), asking],
    (signal) => api.POST("/api/preview/beam", { body: { rig, ...asking } as BeamRequest, signal }),
    { keep: "beam", enabled: rig.body != null },
  );
  return {
    view: answer,
    failed,
    why,
    slow,
    fresh,
    asking,
    look: { ...look, against },
    put: (change: Partial<Look>) => setLook((now) => ({ ...now, ...change })),
    tried,
    setTried,
  };
}
