import { Plus } from "lucide-react";
import { useState } from "react";
import { api, type KitCab, type KitWish, type Rig, type Signal } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { whyNot } from "../job/rigEditor";
import { rigId } from "../job/rigId";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { Notice } from "../ui/Notice";
import { Refused } from "../ui/Refused";
import { useAnswer } from "../ui/useAnswer";
import { signalWords } from "../ui/words";
import { t } from "../words";
import { KitDialog } from "./KitDialog";
import { KitSheet } from "./KitSheet";

const cabs: readonly { value: KitCab; label: string }[] = [
  { value: "inDash", label: t("bench.cab.inDash") },
  { value: "leftOn", label: t("bench.cab.leftOn") },
  { value: "leftOut", label: t("bench.cab.leftOut") },
];

const wanted: KitWish = { trigger: null, cab: "inDash", sharePickUp: true };

/** A bought harness over a line of the plan: what reaches, what has to be changed, and what it does then. */
export function KitDesk({ editor, rig }: { editor: RigEditor; rig: Rig }) {
  const kits = useAnswer(["kits"], (signal) => api.GET("/api/catalogue/kits", { signal }));
  const lines = rig.lines.filter(({ existing }) => !existing);
  const [lineId, setLineId] = useState(lines[0]?.id ?? "");
  const [kitId, setKitId] = useState("");
  const [wish, setWish] = useState(wanted);
  const [entering, setEntering] = useState<"new" | "change">();
  const [said, setSaid] = useState<string>();
  const [taken, setTaken] = useState<readonly string[]>([]);
  const kit = kits.answer?.find((offered) => offered.kit.id === kitId) ?? kits.answer?.[0];
  const line = lines.find(({ id }) => id === lineId) ?? lines[0];
  const laid = useAnswer(
    ["kit", line?.id, kit?.kit, wish, rigId(rig)],
    (signal) =>
      api.POST("/api/preview/kit", {
        body: { rig, lineId: line?.id ?? "", kit: kit?.kit.id ?? "", wish },
        signal,
      }),
    { enabled: line !== undefined && kit !== undefined, keep: `${line?.id} ${kit?.kit.id}` },
  );
  const change = (part: Partial<KitWish>) => {
    setTaken([]);
    setSaid(undefined);
    setWish({ ...wish, ...part });
  };
  if (kits.failed)
    return (
      <Notice alert title={t("bench.kitsNotRead")}>
        {kits.why}
      </Notice>
    );
  if (!line) return <p className="text-dust">{t("bench.startALineFirst")}</p>;
  const take = async () => {
    if (!kit) return;
    const ran = await editor.run({ kind: "takeKit", lineId: line.id, kit: kit.kit.id, wish });
    setSaid(whyNot(ran));
    setTaken(ran.done ? ran.notes : []);
  };
  return (
    <div className="grid gap-3" data-kit-desk>
      <div className="grid grid-cols-2 items-end gap-2 border border-seam bg-slab p-3 xl:grid-cols-4">
        <ChoiceField
          label={t("bench.kitFor")}
          value={line.id}
          options={lines.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setLineId}
        />
        <ChoiceField
          label={t("bench.kit")}
          value={kit?.kit.id ?? ""}
          options={(kits.answer ?? []).map((offered) => ({ value: offered.kit.id, label: offered.kit.name }))}
          onChange={setKitId}
        />
        <ChoiceField
          label={t("bench.pulledInBy")}
          value={wish.trigger ?? ""}
          options={[
            { value: "", label: t("bench.itsSwitchAlone") },
            ...(["highBeam", "reverse", "sideLight", "lowBeam"] as const).map((value) => ({
              value,
              label: signalWords[value],
            })),
          ]}
          onChange={(value) => change({ trigger: value === "" ? null : (value as Signal) })}
        />
        <ChoiceField
          label={t("bench.itsSwitch")}
          value={wish.cab ?? "inDash"}
          options={cabs}
          onChange={(cab) => change({ cab })}
        />
        <div className="col-span-full flex flex-wrap gap-2">
          <Button
            look="main"
            disabled={!laid.answer || laid.answer.whyNot.length > 0}
            onClick={() => void take()}
          >
            {t("bench.takeKit")}
          </Button>
          <Button onClick={() => setEntering("new")}>
            <Plus size={18} aria-hidden /> {t("bench.enterAKit")}
          </Button>
          {kit && <Button onClick={() => setEntering("change")}>{t("bench.changeThisKit")}</Button>}
        </div>
        <div className="col-span-full">
          <Details plain summary={t("bench.moreWishes", { count: rig.body ? 5 : 4 })}>
            <div className="grid grid-cols-2 items-end gap-2 xl:grid-cols-4">
              <ChoiceField
                label={t("bench.lampsReturn")}
                value={wish.earth ?? ""}
                options={[
                  { value: "", label: t("bench.asTheKitHasIt") },
                  { value: "stud", label: t("bench.onTheBody") },
                  { value: "post", label: t("bench.onThePost") },
                ]}
                onChange={(earth) => change({ earth: earth === "" ? null : (earth as "stud" | "post") })}
              />
              <ChoiceField
                label={t("bench.fedFrom")}
                value={wish.feedSlot ?? ""}
                options={[
                  { value: "", label: t("bench.theBattery") },
                  ...(rig.vehicle.fuseSlots ?? []).map(({ id, name, serves }) => ({
                    value: id,
                    label: name || serves || id,
                  })),
                ]}
                onChange={(slot) => change({ feedSlot: slot || null })}
              />
              {rig.body && (
                <ChoiceField
                  label={t("bench.relayAt")}
                  value={wish.relayAt ?? ""}
                  options={[
                    { value: "", label: t("bench.whereItIs") },
                    ...(rig.body.stations ?? []).map(({ id, name }) => ({ value: id, label: name })),
                  ]}
                  onChange={(at) => change({ relayAt: at || null })}
                />
              )}
              <CheckField
                label={t("bench.sharePickUp")}
                checked={wish.sharePickUp ?? true}
                onChange={(sharePickUp) => change({ sharePickUp })}
              />
              <CheckField
                label={t("bench.fusePickUp")}
                checked={wish.fusePickUp ?? true}
                onChange={(fusePickUp) => change({ fusePickUp })}
              />
            </div>
          </Details>
        </div>
      </div>
      <Refused said={said} />
      {taken.length > 0 && (
        <p role="status" className="border-l-4 border-moss pl-3">
          {taken.join(" ")}
        </p>
      )}
      {laid.failed && <Refused said={laid.why} />}
      {laid.slow && <p className="text-dust">{t("bench.stillWorkingItOut")}</p>}
      {laid.answer && <KitSheet view={laid.answer} />}
      {entering && (
        <KitDialog
          kit={entering === "change" ? kit : undefined}
          onClose={() => setEntering(undefined)}
          onSaved={(id) => {
            kits.again();
            if (id) setKitId(id);
            setEntering(undefined);
          }}
        />
      )}
    </div>
  );
}
