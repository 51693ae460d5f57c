import { useState } from "react";
import { asCsv } from "../api/asBody";
import { asked } from "../api/asked";
import { api, type Kit, type OfferedKit } from "../api/client";
import { type FieldErrors, noErrors, refusal, sentenceOf, withPaths } from "../api/problems";
import { Fields } from "../fields/Fields";
import { kitTable } from "../fields/kitTables";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { FormEnd } from "../ui/FormEnd";
import { Refused } from "../ui/Refused";
import { slug } from "../ui/slug";
import { TableFile } from "../ui/TableFile";
import { t } from "../words";
import { endsOf } from "./kitEnds";

const blank: Kit = {
  id: "",
  name: "",
  systemVolts: 12,
  fuses: [{ id: "fuse", amps: 25, family: "blade" }],
  relays: [
    {
      id: "relay",
      amps: 40,
      pinout: { coilPlus: "86", coilMinus: "85", common: "30", open: "87" },
      coilDiode: false,
    },
  ],
  switches: [{ id: "switch", amps: 5, live: "in", out: "out" }],
  legs: [
    {
      name: t("bench.batteryLead"),
      wire: "12 AWG",
      metres: 0.15,
      cores: [{ from: "battery.plus", to: "fuse.in", colour: "red" }],
    },
    {
      name: t("bench.relayLead"),
      wire: "12 AWG",
      metres: 0.4,
      cores: [{ from: "fuse.out", to: "relay.30", colour: "red" }],
    },
    {
      name: t("bench.lampLead"),
      wire: "14 AWG",
      metres: 2.5,
      cores: [
        { from: "relay.87", to: "lamp-1.plus", colour: "red" },
        { from: "lamp-1.minus", to: "battery.minus", colour: "black" },
      ],
    },
    {
      name: t("bench.switchLead"),
      wire: "18 AWG",
      metres: 2,
      cores: [
        { from: "relay.30", to: "switch.in", colour: "yellow" },
        { from: "switch.out", to: "relay.86", colour: "white" },
      ],
    },
    {
      name: t("bench.coilEarth"),
      wire: "18 AWG",
      metres: 0.4,
      cores: [{ from: "relay.85", to: "battery.minus", colour: "black" }],
    },
  ],
};

/** A bought harness is entered once as what it is; a new one begins as most are. */
export function KitDialog({
  kit: given,
  onSaved,
  onClose,
}: {
  kit: OfferedKit | undefined;
  /** With the id of the kit; undefined where one was taken out. */
  onSaved: (id: string | undefined) => void;
  onClose: () => void;
}) {
  const [kit, setKit] = useState<Kit>(given?.kit ?? blank);
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [trouble, setTrouble] = useState<string>();
  const save = async () => {
    const body = { ...kit, id: given?.kit.id ?? slug(kit.name) };
    const came = await asked(() => api.PUT("/api/catalogue/kits", { body }));
    if (came.ok) return onSaved(came.data.kit.id);
    setErrors(came.refusal.kind === "fields" ? came.refusal.errors : noErrors);
    setTrouble(sentenceOf(came.refusal));
  };
  const importCsv = async (chosen: File) => {
    const came = await asked(() => api.POST("/api/catalogue/kits/table.csv", asCsv(chosen)));
    if (came.ok) onSaved(came.data.kits[0]?.kit.id);
    else setTrouble(withPaths(came.refusal));
  };
  const remove = async () => {
    const { error, response } = await api.DELETE("/api/catalogue/kits/{id}", {
      params: { path: { id: kit.id } },
    });
    if (response.ok) onSaved(undefined);
    else setTrouble(sentenceOf(refusal({ error, response })));
  };
  const ends = endsOf(kit);
  return (
    <Dialog open onClose={onClose} title={given ? given.kit.name : t("bench.enterAKit")}>
      <form
        className="grid gap-3"
        data-kit-form
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Fields
          table={kitTable}
          value={kit}
          errors={errors}
          options={{ from: ends, to: ends }}
          onChange={(change) => setKit({ ...kit, ...change })}
        />
        {!given && (
          <TableFile
            label={t("bench.kitsFromFile")}
            href="/api/catalogue/kits/table.csv"
            asFile={t("bench.kitsAsFile")}
            onFile={(file) => void importCsv(file)}
          />
        )}
        {given?.own && (
          <Button look="quiet" className="justify-self-start" onClick={() => void remove()}>
            {t("bench.removeKit")}
          </Button>
        )}
        <Refused said={trouble && Object.keys(errors).length === 0 ? trouble : undefined} />
        <FormEnd
          does={given ? t("bench.saveKit") : t("bench.addKit")}
          said={Object.keys(errors).length > 0 ? t("bench.correctTheFields") : undefined}
          onCancel={onClose}
        />
      </form>
    </Dialog>
  );
}
