const plain = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";
const accented = [..."áƀçđéƒǧĥíĵķĺɱñóþǫŕšŧúṽŵẋýžÅƁÇĐÉƑǦĤÍĴĶĹṀÑÓÞǪŔŠŦÚṼŴẊÝŽ"];

const text = (said: string) =>
  said
    .split(/(\{\{.*?\}\})/)
    .map((piece, i) =>
      i % 2 ? piece : piece.replace(/[a-z]/gi, (letter) => accented[plain.indexOf(letter)] ?? letter),
    )
    .join("");

/** The same sentences with other letters; the names of places stay. */
export function pseudo<Words>(words: Words): Words {
  return (
    typeof words === "string"
      ? text(words)
      : Object.fromEntries(Object.entries(words as object).map(([key, inner]) => [key, pseudo(inner)]))
  ) as Words;
}
