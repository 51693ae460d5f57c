import { createInstance } from "i18next";
import { en } from "./en";
import { pseudo } from "./pseudo";

/** A language that nobody speaks, asked for in the document: what stays readable in it stands outside the resources. */
const asked = globalThis.document?.documentElement.dataset.language;

const words = createInstance();
void words.init({
  lng: "en",
  initAsync: false,
  resources: { en: { translation: asked === "pseudo" ? pseudo(en) : en } },
  interpolation: { escapeValue: false },
});

/** Sentences without places: a page asks for the same few hundred with every key that is pressed. */
const whole = new Map<string, string>();

function found(key: string, places?: object): string {
  if (places) return String(words.t(key as never, places as never));
  const known = whole.get(key);
  if (known !== undefined) return known;
  const text = String(words.t(key as never));
  whole.set(key, text);
  return text;
}

/** A sentence from the resources, whole, with its figures in their places. */
export const t = found as typeof words.t;
