/** A file or picture as the body of a request, as it is. */
export const asBody = (content: Blob, type: string) => ({
  body: content as never,
  bodySerializer: (body: unknown) => body as BodyInit,
  headers: { "Content-Type": type },
});

/** The same of comma-separated values. */
export const asCsv = (file: File) => asBody(file, "text/csv");
