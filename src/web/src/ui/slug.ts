const longest = 40;

/** A name as the catalogue keeps it: small letters, digits and single hyphens. */
export const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, longest);
