/** Messages by field path, as in a problem document's errors. */
export type FieldErrors = Readonly<Record<string, readonly string[]>>;

export const noErrors: FieldErrors = {};

/** What the server said about a request that it did not take, or that never arrived. */
export type Refusal =
  | { kind: "fields"; errors: FieldErrors }
  | { kind: "other"; message: string }
  | { kind: "unreachable" };

export function refusal(error: unknown): Refusal {
  if (typeof error === "object" && error !== null) {
    if ("errors" in error && typeof error.errors === "object" && error.errors !== null) {
      return { kind: "fields", errors: error.errors as FieldErrors };
    }
    if ("title" in error && typeof error.title === "string") return { kind: "other", message: error.title };
  }
  return { kind: "other", message: "The server could not answer. Nothing of yours was stored." };
}

/** A refusal as one sentence, where there is no field to show it at. */
export function sentenceOf(said: Refusal): string {
  switch (said.kind) {
    case "fields":
      return Object.values(said.errors).flat().join(" ");
    case "other":
      return said.message;
    case "unreachable":
      return "The server does not answer. Nothing was stored; try again.";
  }
}

/** The same with the path of every field, for documents that have no form on screen. */
export function withPaths(said: Refusal): string {
  if (said.kind !== "fields") return sentenceOf(said);
  return Object.entries(said.errors)
    .map(([path, messages]) => `${path}: ${messages.join(" ")}`)
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
