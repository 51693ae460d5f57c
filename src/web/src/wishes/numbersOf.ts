/** Numbers that stand in a line of text, parted by spaces, commas or slashes; what is none of them is NaN, which the server refuses by its place. */
export const numbersOf = (text: string): number[] =>
  text
    .split(/[\s,;/]+/)
    .filter(Boolean)
    .map(Number);
