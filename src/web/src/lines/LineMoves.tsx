import { Palette } from "lucide-react";
import type { Line, Rig } from "../api/client";
import { signalWords } from "../fields/vehicleTables";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { useNames } from "../ui/names";
import { choices } from "../ui/words";
import { t } from "../words";

/** Feeds a standing line from elsewhere, pulls it in by another signal, colours its wires; what was chosen by hand stays. */
export function LineMoves({ editor, rig, line }: { editor: RigEditor; rig: Rig; line: Line }) {
  const nameOf = useNames();
  const { vehicle } = rig;
  const feeds = [
    ...(vehicle.auxOutputs ?? []).map(({ id }) => ({ value: `${id}.out`, label: nameOf(id) })),
    ...(rig.powerBoxes ?? []).flatMap((box) =>
      box.outputs.map(({ id }) => ({ value: `${box.id}.${id}`, label: nameOf(`${box.id}.${id}`) })),
    ),
    ...(vehicle.fuseSlots ?? []).map(({ id }) => ({ value: `${id}.tap`, label: nameOf(id) })),
    ...(vehicle.passThroughs ?? []).map(({ id }) => ({ value: `${id}.b`, label: nameOf(id) })),
    ...(vehicle.batteries ?? []).map(({ id }) => ({ value: `${id}.plus`, label: nameOf(id) })),
  ];
  const signals = choices(signalWords).filter(
    ({ value }) => ["highBeam", "reverse", "sideLight"].includes(value) || vehicle[value],
  );
  return (
    <div className="grid grid-cols-2 items-end gap-3">
      <ChoiceField
        label={t("lines.moveItsFeedTo")}
        value=""
        options={[{ value: "", label: t("lines.asItIs") }, ...feeds]}
        onChange={(terminal) => terminal && void editor.do({ kind: "moveFeed", lineId: line.id, terminal })}
      />
      <ChoiceField
        label={t("lines.changeItsTriggerTo")}
        value=""
        options={[
          { value: "", label: t("lines.asItIs") },
          ...signals.map(({ value, label }) => ({ value: value as string, label })),
        ]}
        onChange={(signal) =>
          signal &&
          void editor.do({ kind: "moveTrigger", lineId: line.id, signal: signal as keyof typeof signalWords })
        }
      />
      <Button
        className="col-span-2 justify-self-start"
        onClick={() => void editor.do({ kind: "giveColours", lineId: line.id })}
      >
        <Palette size={18} aria-hidden /> {t("lines.colourItsWiresByUse")}
      </Button>
    </div>
  );
}
