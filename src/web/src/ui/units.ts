import { createContext, useContext } from "react";
import type { UnitSystem } from "../api/client";

/** How lengths are said on this page; what stands outside any job says metres. */
export const UnitsContext = createContext<UnitSystem>("metric");

export const useUnits = () => useContext(UnitsContext);
