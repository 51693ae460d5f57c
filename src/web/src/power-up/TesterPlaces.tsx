import type { Ref } from "react";
import type { Dashboard, Probing, TesterSetting } from "../api/client";
import { ChoiceField } from "../ui/ChoiceField";
import { Field, inputLook } from "../ui/Field";
import { t } from "../words";

const body = "body";

/** Where a tester is held, and round which wire it would be as a clamp. */
export type Tester = { setting: TesterSetting; red: string; black: string; wire: string };

/** How it lies before anybody took it up. */
export const atRest: Tester = { setting: "volts", red: "battery.plus", black: body, wire: "" };

export const testerSettings: readonly { value: TesterSetting; label: string }[] = [
  { value: "volts", label: t("powerUp.testerVolts") },
  { value: "ohms", label: t("powerUp.testerOhms") },
  { value: "continuity", label: t("powerUp.testerContinuity") },
  { value: "clamp", label: t("powerUp.testerClamp") },
  { value: "testLamp", label: t("powerUp.testerTestLamp") },
  { value: "twoColours", label: t("powerUp.testerTwoColours") },
];

/** As the server is asked for it. */
export const probingOf = ({ setting, red, black, wire }: Tester): Probing =>
  setting === "clamp" ? { setting, red: wire, black: body } : { setting, red, black };

/** The terminal of a part that is touched next, from the one that the red probe is at. */
export function nextTerminal(board: Dashboard, part: string, red: string) {
  // The lamps of a line that is planned in short are drawn under its name.
  const parts = board.lines.find(({ id }) => id === part)?.lamps ?? [part];
  const own = board.probes.filter((one) => parts.includes(one.part)).map(({ terminal }) => terminal);
  return own[(own.indexOf(red) + 1) % own.length];
}

/** What a tester is set to, and where it is held. */
export function TesterPlaces({
  board,
  tester,
  settings = testerSettings,
  onHold,
  field,
}: {
  board: Dashboard;
  tester: Tester;
  settings?: typeof testerSettings;
  onHold: (change: Partial<Tester>) => void;
  field?: Ref<HTMLSelectElement> | undefined;
}) {
  const { setting, red, black, wire } = tester;
  return (
    <>
      <ChoiceField
        label={t("powerUp.setting")}
        value={setting}
        options={settings}
        onChange={(next) => onHold({ setting: next })}
      />
      {setting === "clamp" ? (
        <ChoiceField
          label={t("powerUp.round")}
          value={wire}
          options={board.paths.map((path) => ({ value: path.wire, label: path.name }))}
          onChange={(next) => onHold({ wire: next })}
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
                onChange={(event) => onHold({ red: event.target.value })}
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
              onChange={(next) => onHold({ black: next })}
            />
          )}
        </>
      )}
    </>
  );
}
