import { createContext, useContext } from "react";
import { t } from "../words";

/** What people call the parts and wires of this job, by id. */
export const NamesContext = createContext<Readonly<Record<string, string>>>({});

/** Gives the name of a part or wire; one that is too new to have been named yet is called a part. */
export function useNames(): (id: string) => string {
  const names = useContext(NamesContext);
  return (id) => names[id] ?? t("ui.newPart");
}
