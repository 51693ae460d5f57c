import { type Ref, useEffect, useState } from "react";
import { asked } from "../api/asked";
import { api, type Dashboard, type Rig, type TesterReading, type TesterSetting } from "../api/client";
import { withPaths } from "../api/problems";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Field, inputLook } from "../ui/Field";
import { t } from "../words";
import type { Live } from "./useLive";

const settings: readonly { value: TesterSetting; label: string }[] = [
  { value: "volts", label: t("powerUp.testerVolts") },
  { value: "ohms", label: t("powerUp.testerOhms") },
  { value: "continuity", label: t("powerUp.testerContinuity") },
  { value: "clamp", label: t("powerUp.testerClamp") },
  { value: "testLamp", label: t("powerUp.testerTestLamp") },
  { value: "twoColours", label: t("powerUp.testerTwoColours") },
];

const body = "body";

/** Meter, test lamp and two-colour tester, held to any terminal; what a sound rig shows there once it is asked for. */
export function TesterPanel({
  rig,
  board,
  live,
  red,
  onRed,
  black,
  onBlack,
  field,
}: {
  rig: Rig;
  board: Dashboard;
  live: Live;
  red: string;
  onRed: (terminal: string) => void;
  black: string;
  onBlack: (terminal: string) => void;
  field: Ref<HTMLSelectElement>;
}) {
  const [setting, setSetting] = useState<TesterSetting>("volts");
  const [wire, setWire] = useState(board.paths[0]?.wire ?? "");
  const [reading, setReading] = useState<TesterReading>();
  const [sound, setSound] = useState<TesterReading>();
  const [why, setWhy] = useState("");
  const clamp = setting === "clamp";
  const { seconds, events } = live.course;
  const at = clamp ? wire : red;

  const read = async (faulty: boolean) => {
    const came = await asked(() =>
      api.POST("/api/preview/probe", {
        body: {
          rig,
          events: faulty ? events : events.filter(({ kind }) => kind !== "breaks"),
          at: seconds,
          steady: live.steady,
          probing: { setting, red: at, black: clamp ? body : black },
        } as never,
      }),
    );
    setWhy(came.ok ? "" : withPaths(came.refusal));
    return came.ok ? came.data : undefined;
  };

  // biome-ignore lint/correctness/useExhaustiveDependencies: it is read anew with every moment and every touch
  useEffect(() => {
    let gone = false;
    if (at)
      void read(true).then((shown) => {
        if (!gone) setReading(shown);
      });
    return () => {
      gone = true;
    };
  }, [seconds, setting, at, black]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: what it should show is of where it is held
  useEffect(() => setSound(undefined), [setting, at, black]);

  return (
    <section aria-label={t("powerUp.tester")} className="grid gap-2">
      <ChoiceField label={t("powerUp.setting")} value={setting} options={settings} onChange={setSetting} />
      {clamp ? (
        <ChoiceField
          label={t("powerUp.round")}
          value={wire}
          options={board.paths.map((path) => ({ value: path.wire, label: path.name }))}
          onChange={setWire}
        />
      ) : (
        <>
          <Field label={setting === "twoColours" ? t("powerUp.touches") : t("powerUp.red")}>
            {(ids) => (
              <select
                {...ids}
                ref={field}
                className={inputLook}
                value={red}
                onChange={(event) => onRed(event.target.value)}
              >
                {board.probes.map(({ terminal, name }) => (
                  <option key={terminal} value={terminal}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
          {setting !== "twoColours" && (
            <ChoiceField
              label={t("powerUp.black")}
              value={black}
              options={board.probes.map(({ terminal, name }) => ({ value: terminal, label: name }))}
              onChange={onBlack}
            />
          )}
        </>
      )}
      <output
        data-reading
        aria-label={t("powerUp.reads")}
        className={`block min-h-14 border border-edge bg-granite px-3 py-2 ${reading?.refused ? "text-sm" : "font-figure text-2xl"} ${reading?.lit ? "bg-lichen-shade" : ""}`}
      >
        {reading?.words ?? why}
      </output>
      <Button onClick={() => void read(false).then(setSound)}>{t("powerUp.expected")}</Button>
      {sound && (
        <p className="text-sm" data-sound>
          {t("powerUp.should", { reading: sound.words })}
        </p>
      )}
    </section>
  );
}
