import { describe, expect, it } from "vitest";
import { apartColours, bytesOf, luxColours } from "./light";

const bright = ([red, green, blue]: readonly [number, number, number]) =>
  0.2126 * red + 0.7152 * green + 0.0722 * blue;

describe("colours of light", () => {
  it("grow brighter with the light, so that they read without their hues", () => {
    for (let i = 1; i < luxColours.length; i++)
      expect(bright(luxColours[i] as never)).toBeGreaterThanOrEqual(bright(luxColours[i - 1] as never));
  });

  it("tell more from less by more than the hue", () => {
    expect(bright(apartColours[128] as never)).toBeLessThan(bright(apartColours[60] as never));
    expect(bright(apartColours[128] as never)).toBeLessThan(bright(apartColours[200] as never));
  });

  it("come as bytes", () => expect([...bytesOf("AAEC/w==")]).toEqual([0, 1, 2, 255]));
});
