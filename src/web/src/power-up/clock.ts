/** Seconds as a stopwatch shows them: "1:02:03.4", the hours only where there are any. */
export function clock(seconds: number): string {
  const tenths = Math.round(seconds * 10);
  const [h, m, s] = [Math.floor(tenths / 36_000), Math.floor(tenths / 600) % 60, (tenths % 600) / 10];
  const last = s.toFixed(1).padStart(4, "0");
  return h > 0 ? `${h}:${String(m).padStart(2, "0")}:${last}` : `${m}:${last}`;
}
