import type { Kit } from "../api/client";
import type { Choice } from "../fields/table";
import { t } from "../words";

const lamps = [1, 2, 3, 4, 5, 6, 7, 8];

/** Every end that a core of a kit can have: on the vehicle, at a lamp, at one of its parts. */
export function endsOf(kit: Kit): readonly Choice[] {
  const own = (part: string, pin: string | null | undefined) =>
    pin ? [{ value: `${part}.${pin}`, label: t("bench.endOfPart", { part, pin }) }] : [];
  return [
    { value: "", label: t("bench.chooseAnEnd") },
    { value: "battery.plus", label: t("bench.end.batteryPlus") },
    { value: "battery.minus", label: t("bench.end.batteryMinus") },
    { value: "earth", label: t("bench.end.earth") },
    { value: "feed", label: t("bench.end.feed") },
    { value: "signal", label: t("bench.end.signal") },
    { value: "signal-back", label: t("bench.end.signalBack") },
    ...lamps.flatMap((number) => [
      { value: `lamp-${number}.plus`, label: t("bench.end.lampPlus", { number }) },
      { value: `lamp-${number}.minus`, label: t("bench.end.lampMinus", { number }) },
    ]),
    ...(kit.fuses ?? []).flatMap(({ id }) => [...own(id, "in"), ...own(id, "out")]),
    ...(kit.relays ?? []).flatMap(({ id, pinout }) =>
      [pinout.common, pinout.open, pinout.rest, pinout.coilPlus, pinout.coilMinus].flatMap((pin) =>
        own(id, pin),
      ),
    ),
    ...(kit.switches ?? []).flatMap(({ id, live, out, lampPlus, lampMinus }) =>
      [live, out, lampPlus, lampMinus]
        .filter((pin, at, all) => all.indexOf(pin) === at)
        .flatMap((pin) => own(id, pin)),
    ),
    ...(kit.splices ?? []).flatMap((id) => own(id, "a")),
  ];
}
