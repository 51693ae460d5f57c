const written = new WeakMap<object, string>();

/** A body as JSON; a rig in it is written once, however often it is sent: one edit asks several things about the same one. */
export function bodyText(body: unknown): string {
  if (!isAboutRig(body)) return JSON.stringify(body);
  const { rig, ...rest } = body;
  const others = JSON.stringify(rest);
  return `{"rig":${rigText(rig)}${others === "{}" ? "" : `,${others.slice(1, -1)}`}}`;
}

function rigText(rig: object): string {
  const known = written.get(rig);
  if (known !== undefined) return known;
  const text = JSON.stringify(rig);
  written.set(rig, text);
  return text;
}

const isAboutRig = (body: unknown): body is { rig: object } =>
  typeof body === "object" &&
  body !== null &&
  "rig" in body &&
  typeof body.rig === "object" &&
  body.rig !== null;
