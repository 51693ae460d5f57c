/** A link that stands among buttons. */
export const linkLook =
  "inline-flex min-h-11 items-center gap-2 rounded-sm border border-edge bg-slab px-3 font-medium hover:bg-lichen-shade";
