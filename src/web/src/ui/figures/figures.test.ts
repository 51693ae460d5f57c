import { expect, test } from "vitest";
import samples from "./figureSamples.json";
import { figure, ofUnit, type Quantity } from "./figures";

test("prints every sample as the core does", () => {
  for (const { quantity, units, value, printed } of samples)
    expect(figure(quantity as Quantity, value, units as "metric" | "imperial"), `${value} ${quantity}`).toBe(
      printed,
    );
  expect(samples.length).toBeGreaterThan(100);
});

test("counts things by their word", () => {
  expect(ofUnit(3, "wires")).toBe("3 wires");
  expect(ofUnit(1, "wires")).toBe("1 wire");
});
