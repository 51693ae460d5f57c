/** Hotter than this on its way to opening, a fuse is shown as hot. */
export const warm = 0.2;
