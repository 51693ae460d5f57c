import * as parts from "./partTables";
import type { FieldTable } from "./table";
import * as vehicle from "./vehicleTables";

/** The table of the parts of a list of the document; lists whose parts have a sheet of their own are not here. */
export const tableOfList: Readonly<Record<string, FieldTable>> = {
  "vehicle.batteries": vehicle.battery,
  "vehicle.auxOutputs": vehicle.auxOutput,
  "vehicle.passThroughs": vehicle.passThrough,
  "vehicle.trailerPins": vehicle.trailerPin,
  "vehicle.fuseSlots": vehicle.fuseSlot,
  protection: parts.protection,
  inlineBreakers: parts.inlineBreaker,
  earths: parts.earth,
  loads: parts.load,
  converters: parts.converter,
  solarPanels: parts.solarPanel,
};
