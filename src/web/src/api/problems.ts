import { t } from "../words";
/** Messages by field path, as in a problem document's errors. */
export type FieldErrors = Readonly<Record<string, readonly string[]>>;

export const noErrors: FieldErrors = {};

/** What the server said about a request that it did not take, or that never arrived. */
export type Refusal =
  | { kind: "fields"; errors: FieldErrors }
  /** It is not there (404). */
  | { kind: "missing"; message: string }
  /** It was refused as a whole, and would be again. */
  | { kind: "refused"; message: string }
  /** The server or its disk is in trouble (5xx): the same may go well later. */
  | { kind: "failed"; message: string }
  | { kind: "unreachable" };

/** What a client of the interface gives back. */
export type Answer<Data> = { data?: Data; error?: unknown; response: Response };

const serverErrors = 500;
const notFound = 404;

export function refusal({ error, response }: { error?: unknown; response: Response }): Refusal {
  if (typeof error === "object" && error !== null && "errors" in error && typeof error.errors === "object") {
    return { kind: "fields", errors: (error.errors ?? {}) as FieldErrors };
  }
  const message = wordsOf(error);
  if (response.status === notFound) return { kind: "missing", message: message ?? t("api.itIsNotOnThe") };
  if (response.status >= serverErrors) {
    return { kind: "failed", message: message ?? t("api.theServerCouldNotAnswer") };
  }
  return { kind: "refused", message: message ?? t("api.theServerDidNotTake") };
}

function wordsOf(error: unknown): string | undefined {
  if (typeof error !== "object" || error === null || !("title" in error) || typeof error.title !== "string") {
    return undefined;
  }
  return "detail" in error && typeof error.detail === "string"
    ? `${error.title} ${error.detail}`
    : error.title;
}

/** A refusal as one sentence, where there is no field to show it at. */
export function sentenceOf(said: Refusal): string {
  switch (said.kind) {
    case "fields":
      return Object.values(said.errors).flat().join(" ");
    case "unreachable":
      return t("api.theServerDoesNotAnswer");
    default:
      return said.message;
  }
}

/** The same with the path of every field, for documents that have no form on screen. */
export function withPaths(said: Refusal): string {
  if (said.kind !== "fields") return sentenceOf(said);
  return Object.entries(said.errors)
    .map(([path, messages]) => (path ? `${path}: ${messages.join(" ")}` : messages.join(" ")))
    .join(" ");
}

/** The errors of the part of a document that stands under a path. */
export function under(errors: FieldErrors, path: string): FieldErrors {
  const found: Record<string, readonly string[]> = {};
  for (const [key, messages] of Object.entries(errors)) {
    if (key.startsWith(`${path}.`)) found[key.slice(path.length + 1)] = messages;
  }
  return found;
}

/** Whether something in a list of that name is wrong. */
export const wrongIn = (errors: FieldErrors, name: string) =>
  Object.keys(errors).some((path) => path === name || path.startsWith(`${name}[`));
