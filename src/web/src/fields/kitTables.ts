import type { Kit } from "../api/client";
import { asLength } from "../ui/figures/figures";
import { t } from "../words";
import { type FieldTable, tableOf } from "./table";

type Fuse = NonNullable<Kit["fuses"]>[number];
type Relay = NonNullable<Kit["relays"]>[number];
type Switch = NonNullable<Kit["switches"]>[number];
type Leg = Kit["legs"][number];

const id = { as: "text", label: t("fields.kit.part") } as const;
const amps = { as: "number", label: t("fields.kit.amps"), unit: "A" } as const;
const pin = (label: string) => ({ as: "text", label }) as const;
const noPin = (label: string) =>
  ({ as: "text", label, empty: t("fields.kit.none"), nullable: true }) as const;

const fuse = tableOf<Fuse>()({
  id,
  amps,
  family: {
    as: "choice",
    label: t("fields.kit.family"),
    of: [
      { value: "blade", label: t("fields.kit.blade") },
      { value: "boltDown", label: t("fields.kit.boltDown") },
    ],
    usual: "blade",
  },
});

const pinout = tableOf<Relay["pinout"]>()({
  coilPlus: pin(t("fields.kit.coilPlus")),
  coilMinus: pin(t("fields.kit.coilMinus")),
  common: pin(t("fields.kit.common")),
  open: pin(t("fields.kit.open")),
  rest: noPin(t("fields.kit.rest")),
});

const dinPins = { coilPlus: "86", coilMinus: "85", common: "30", open: "87" };

const relay: FieldTable = tableOf<Relay>()({
  id,
  amps,
  pinout: { as: "record", label: t("fields.kit.print"), of: pinout, blank: dinPins },
  coilDiode: { as: "check", label: t("fields.kit.diode") },
});

const switchPart = tableOf<Switch>()({
  id,
  amps,
  live: pin(t("fields.kit.live")),
  out: pin(t("fields.kit.out")),
  lampPlus: noPin(t("fields.kit.lampPlus")),
  lampMinus: noPin(t("fields.kit.lampMinus")),
});

const adaptor = tableOf<NonNullable<Kit["adaptor"]>>()({
  plug: { as: "text", label: t("fields.kit.plug"), wide: true },
  columns: { as: "number", label: t("fields.kit.columns") },
  rows: { as: "number", label: t("fields.kit.rows") },
  signal: { as: "number", label: t("fields.kit.signal") },
  back: { as: "number", label: t("fields.kit.back"), empty: t("fields.kit.signalAlone") },
});

const core = tableOf<Leg["cores"][number]>()({
  from: { as: "choice", label: t("fields.kit.from"), of: [], usual: "", wide: true },
  to: { as: "choice", label: t("fields.kit.to"), of: [], usual: "", wide: true },
  colour: { as: "text", label: t("fields.kit.colour") },
});

const leg: FieldTable = tableOf<Leg>()({
  name: { as: "text", label: t("fields.kit.leg") },
  wire: { as: "text", label: t("fields.kit.wire") },
  metres: { as: "number", label: t("fields.kit.length"), scale: asLength },
  sheathed: { as: "check", label: t("fields.kit.jacket") },
  cores: {
    as: "list",
    label: t("fields.kit.cores"),
    of: core,
    blank: { from: "", to: "", colour: "" },
    another: t("fields.kit.aCore"),
    empty: t("fields.kit.noCore"),
  },
});

/** A bought harness as what it is. */
export const kitTable = tableOf<Kit>()({
  name: { as: "text", label: t("fields.kit.name"), wide: true },
  systemVolts: {
    as: "choice",
    label: t("fields.kit.volts"),
    of: [
      { value: "12", label: "12 V" },
      { value: "24", label: "24 V" },
    ],
    usual: "12",
    numeric: true,
  },
  price: { as: "number", label: t("fields.kit.price"), empty: t("fields.kit.noPrice") },
  fuses: {
    as: "list",
    label: t("fields.kit.fuses"),
    of: fuse,
    blank: { id: "fuse", amps: 25, family: "blade" },
    another: t("fields.kit.aFuse"),
    empty: t("fields.kit.noFuse"),
  },
  relays: {
    as: "list",
    label: t("fields.kit.relays"),
    of: relay,
    blank: { id: "relay", amps: 40, pinout: dinPins, coilDiode: false },
    another: t("fields.kit.aRelay"),
    empty: t("fields.kit.noRelay"),
  },
  switches: {
    as: "list",
    label: t("fields.kit.switches"),
    of: switchPart,
    blank: { id: "switch", amps: 5, live: "in", out: "out" },
    another: t("fields.kit.aSwitch"),
    empty: t("fields.kit.noSwitchYet"),
  },
  splices: { as: "texts", label: t("fields.kit.splices"), another: t("fields.kit.aSplice") },
  adaptor: {
    as: "record",
    label: t("fields.kit.adaptor"),
    of: adaptor,
    blank: { plug: "", columns: 3, rows: 1, signal: 1 },
    add: t("fields.kit.addAdaptor"),
    remove: t("fields.kit.removeAdaptor"),
  },
  legs: {
    as: "list",
    label: t("fields.kit.legs"),
    of: leg,
    blank: { name: "", wire: "14 AWG", metres: 1, cores: [{ from: "", to: "", colour: "" }] },
    another: t("fields.kit.aLeg"),
    empty: t("fields.kit.noLeg"),
  },
  spares: { as: "texts", label: t("fields.kit.spares"), another: t("fields.kit.aSpare") },
});
