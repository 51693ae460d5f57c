import { expect, test } from "vitest";
import { clock } from "./clock";

test.each([
  [0, "0:00.0"],
  [9.96, "0:10.0"],
  [59.96, "1:00.0"],
  [61.25, "1:01.3"],
  [3723.4, "1:02:03.4"],
])("%s s is %s on a stopwatch", (seconds, shown) => {
  expect(clock(seconds)).toBe(shown);
});
