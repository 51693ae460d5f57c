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

/** A sentence from the resources, whole, with its figures in their places. */
export const t = words.t;
