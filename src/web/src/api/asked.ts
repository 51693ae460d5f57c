import { t } from "../words";
import { type Answer, type Refusal, refusal, sentenceOf } from "./problems";

/** What came of a request: the data, or why there is none. */
export type Came<Data> = { ok: true; data: Data } | { ok: false; refusal: Refusal; error?: unknown };

/** Asks the server; an answer that never comes is a refusal like any other. */
export async function asked<Data>(call: () => Promise<Answer<Data>>): Promise<Came<Data>> {
  try {
    const answer = await call();
    return answer.data !== undefined
      ? { ok: true, data: answer.data }
      : { ok: false, refusal: refusal(answer), error: answer.error };
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") throw error;
    return { ok: false, refusal: { kind: "unreachable" } };
  }
}

/** The server did not do what it was asked; the message says what it said. */
export class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super(sentenceOf(refusal));
  }
}

/** The data, for queries that keep what went wrong as an error. */
export async function orRefused<Data>(call: () => Promise<Answer<Data>>): Promise<Data> {
  const came = await asked(call);
  if (!came.ok) throw new Refused(came.refusal);
  return came.data;
}

/** What an error of a query says. */
export const whyOf = (error: unknown) =>
  error instanceof Refused ? error.message : t("api.somethingWentWrongOnThis");
