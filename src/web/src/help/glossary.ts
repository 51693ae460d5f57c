import { t } from "../words";
import { en } from "../words/en";

/** What the words of the trade mean here, one word for one thing. */
export type TermName = keyof typeof en.glossary;

export type Term = { id: TermName; name: string; says: string };

/** A term by its id. */
export const termWith = (id: TermName): Term => ({
  id,
  name: t(`glossary.${id}.name`),
  says: t(`glossary.${id}.says`),
});

export const terms: readonly Term[] = (Object.keys(en.glossary) as TermName[])
  .map(termWith)
  .toSorted((one, other) => one.name.localeCompare(other.name, "en"));

const byName = new Map(terms.map((term) => [term.name.toLowerCase(), term]));

/** The term that a label is, whatever its case; undefined where it is none. */
export const termOf = (label: string): Term | undefined => byName.get(label.toLowerCase());
