import { createContext, useContext } from "react";
import type { UnitSystem } from "../api/client";

/** How lengths are said on this page; what stands outside any job says metres. */
export const UnitsContext = createContext<UnitSystem>("metric");

export const useUnits = () => useContext(UnitsContext);

/** Says lengths in the other units from now on; undefined where that is chosen by another field. */
export const SwitchUnitsContext = createContext<(() => void) | undefined>(undefined);

/** The sign of the shop's money. */
export const CurrencyContext = createContext("€");

/** A price with its sign. */
export function useMoney(): (value: number) => string {
  const sign = useContext(CurrencyContext);
  return (value) => `${sign} ${value.toFixed(2)}`;
}
