import { useState } from "react";
import type { Rig, SheetAnswer } from "../api/client";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asTape, tape } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useNames } from "../ui/names";
import { useUnits } from "../ui/units";
import { t } from "../words";
import type { SheetDesk } from "./useSheetRecord";

/** The levelling log: how each lamp stood by the bubble and by the tape, before its bolts were tight and after. */
export function LevelLog({ sheet, rig, desk }: { sheet: SheetAnswer; rig: Rig; desk: SheetDesk }) {
  const units = useUnits();
  const names = useNames();
  const lamps = (rig.fixtures ?? []).map(({ id }) => id);
  const [lamp, setLamp] = useState("");
  const [tight, setTight] = useState(false);
  const [read, setRead] = useState<{ across?: number; along?: number; left?: number; right?: number }>({});
  const { levels } = sheet.view;
  const chosen = lamps.includes(lamp) ? lamp : (lamps[0] ?? "");
  const said = Object.values(read).some((value) => value !== undefined);
  return (
    <Details summary={t("runSheet.levels", { count: levels.length })}>
      <div className="grid gap-2">
        <ChoiceField
          label={t("runSheet.levelledLamp")}
          value={chosen}
          options={lamps.map((id) => ({ value: id, label: names(id) }))}
          onChange={setLamp}
        />
        <div className="grid grid-cols-2 items-end gap-2">
          <NumberField
            label={t("runSheet.bubbleAcross")}
            unit="°"
            value={read.across}
            optional
            onChange={(across) => setRead({ ...read, across })}
          />
          <NumberField
            label={t("runSheet.bubbleAlong")}
            unit="°"
            value={read.along}
            optional
            onChange={(along) => setRead({ ...read, along })}
          />
          <NumberField
            label={t("runSheet.leftEndUp")}
            value={read.left}
            optional
            scale={asTape(units)}
            onChange={(left) => setRead({ ...read, left })}
          />
          <NumberField
            label={t("runSheet.rightEndUp")}
            value={read.right}
            optional
            scale={asTape(units)}
            onChange={(right) => setRead({ ...read, right })}
          />
        </div>
        <CheckField label={t("runSheet.boltsTight")} checked={tight} onChange={setTight} />
        <Button
          className="justify-self-start"
          disabled={!said || chosen === ""}
          onClick={() => {
            void desk.add({
              kind: "levelled",
              lamp: chosen,
              tight,
              acrossDegrees: read.across ?? null,
              alongDegrees: read.along ?? null,
              leftMillimetres: read.left ?? null,
              rightMillimetres: read.right ?? null,
              note: "",
            });
            setRead({});
          }}
        >
          {t("runSheet.addLevel")}
        </Button>
        <ul className="text-sm">
          {levels.map(({ what, at, who }) => (
            <li key={`${at} ${what.lamp}`} data-levelled={what.lamp} className="border-t border-seam py-1">
              {t("runSheet.levelledSo", {
                lamp: names(what.lamp),
                when: what.tight ? t("runSheet.tight") : t("runSheet.loose"),
                read: [
                  what.acrossDegrees != null && t("runSheet.acrossIs", { degrees: what.acrossDegrees }),
                  what.alongDegrees != null && t("runSheet.alongIs", { degrees: what.alongDegrees }),
                  what.leftMillimetres != null &&
                    t("runSheet.leftIs", { height: tape(what.leftMillimetres, units) }),
                  what.rightMillimetres != null &&
                    t("runSheet.rightIs", { height: tape(what.rightMillimetres, units) }),
                ]
                  .filter(Boolean)
                  .join(", "),
                who,
              })}
            </li>
          ))}
        </ul>
      </div>
    </Details>
  );
}
