/** A file as the body of a request that takes comma-separated values. */
export const asCsv = (file: File) => ({
  body: file as never,
  bodySerializer: (body: unknown) => body as BodyInit,
  headers: { "Content-Type": "text/csv" },
});
