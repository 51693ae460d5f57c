import { useRef } from "react";

/** A plain value as it was handed in before, as long as it says the same: what shows it need not be drawn anew. */
export function useSame<Value>(value: Value): Value {
  const kept = useRef({ value, text: JSON.stringify(value) });
  const text = JSON.stringify(value);
  if (text !== kept.current.text) kept.current = { value, text };
  return kept.current.value;
}
