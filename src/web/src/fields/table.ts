import type { UnitSystem } from "../api/client";
import type { Scale } from "../ui/figures/figures";

/* What of a record of the document a person can enter: a table says it, one component shows any table. */

export type Choice = { value: string; label: string };

type Shown = {
  label: string;
  /** A line of its own in the grid. */
  wide?: boolean;
  hint?: string;
};

export type Field = Shown &
  (
    | { as: "text"; empty?: string; nullable?: boolean }
    /** `empty` is what stands there while nobody said; a field without it has to be filled. */
    | { as: "number"; unit?: string; scale?: (units: UnitSystem) => Scale; empty?: string }
    /** Choices that depend on the rig are given to `Fields` by the field's name. */
    | { as: "choice"; of: readonly Choice[]; usual: string; numeric?: boolean; none?: boolean }
    | { as: "check"; usual?: boolean }
    /** Yes, no, or not specified. */
    | { as: "maybe"; yes?: string; no?: string }
    /** Any of some. */
    | { as: "some"; of: readonly Choice[] }
    | { as: "day" }
    /** Short texts, one a line. */
    | { as: "texts"; another: string }
    /** Ways of holding a lamp. */
    | { as: "holds" }
    /** Records of a kind, folded away with their count. */
    | { as: "list"; of: FieldTable; blank: object; another: string; empty: string }
    /** A record that is there or not; without `add` it is always there. */
    | { as: "record"; of: FieldTable; blank: object; add?: string; remove?: string }
  );

/** The fields of one kind of record, by their names in the document, in the order in which they are asked. */
export type FieldTable = Readonly<Record<string, Field>>;

/** A table whose every field is one of the record's. */
export const tableOf =
  <Record>() =>
  <Key extends keyof Record & string>(fields: { readonly [key in Key]: Field }): FieldTable =>
    fields;
