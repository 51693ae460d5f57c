import { type Ref, useEffect, useState } from "react";
import { asked } from "../api/asked";
import { api, type Dashboard, type Rig, type TesterReading } from "../api/client";
import { withPaths } from "../api/problems";
import { Button } from "../ui/Button";
import { t } from "../words";
import { TesterDisplay } from "./TesterDisplay";
import { probingOf, type Tester, TesterPlaces } from "./TesterPlaces";
import type { Live } from "./useLive";

/** Meter, test lamp and two-colour tester, held to any terminal; what a sound rig shows there once it is asked for. */
export function TesterPanel({
  rig,
  board,
  live,
  tester,
  onHold,
  field,
}: {
  rig: Rig;
  board: Dashboard;
  live: Live;
  tester: Tester;
  onHold: (change: Partial<Tester>) => void;
  field: Ref<HTMLSelectElement>;
}) {
  const [reading, setReading] = useState<TesterReading>();
  const [sound, setSound] = useState<TesterReading>();
  const [why, setWhy] = useState("");
  const { seconds, events } = live.course;
  const probing = probingOf(tester);
  const held = JSON.stringify(probing);

  const read = async (faulty: boolean) => {
    const came = await asked(() =>
      api.POST("/api/preview/probe", {
        body: {
          rig,
          events: faulty ? events : events.filter(({ kind }) => kind !== "breaks"),
          at: seconds,
          steady: live.steady,
          probing,
        } as never,
      }),
    );
    setWhy(came.ok ? "" : withPaths(came.refusal));
    return came.ok ? came.data : undefined;
  };

  // biome-ignore lint/correctness/useExhaustiveDependencies: it is read anew with every moment and every touch
  useEffect(() => {
    let gone = false;
    if (probing.red)
      void read(true).then((shown) => {
        if (!gone) setReading(shown);
      });
    return () => {
      gone = true;
    };
  }, [seconds, held]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: what it should show is of where it is held
  useEffect(() => setSound(undefined), [held]);

  return (
    <section aria-label={t("powerUp.tester")} className="grid gap-2">
      <TesterPlaces board={board} tester={tester} onHold={onHold} field={field} />
      <TesterDisplay reading={reading} why={why} />
      <Button onClick={() => void read(false).then(setSound)}>{t("powerUp.expected")}</Button>
      {sound && (
        <p className="text-sm" data-sound>
          {t("powerUp.should", { reading: sound.words })}
        </p>
      )}
    </section>
  );
}
