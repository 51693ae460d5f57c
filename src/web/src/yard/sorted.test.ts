import { expect, test } from "vitest";
import type { JobSummary } from "../api/client";
import { sorted } from "./sorted";

const job = (
  name: string,
  note: string,
  stop: number,
  watch: number,
  particulars: Partial<JobSummary["particulars"]> = {},
) =>
  ({
    name,
    note,
    tally: { stop, watch, holds: 9 },
    particulars: { customer: "", plate: "", due: null, work: "planned", ...particulars },
  }) as JobSummary;

const jobs = [
  job("Snow wagon", "Hut run", 0, 6, { customer: "Hollow hut", due: "2027-01-15", work: "inTheShop" }),
  job("Orchard pickup", "Spray at night", 1, 0, { plate: "BL 17", due: "2026-12-01" }),
  job("Bare", "", 0, 8),
];
const names = (found: readonly JobSummary[]) => found.map(({ name }) => name);

test("every word is looked for, in name and note, whatever its case", () => {
  expect(names(sorted(jobs, "NIGHT pick", "changed"))).toEqual(["Orchard pickup"]);
  expect(names(sorted(jobs, "night wagon", "changed"))).toEqual([]);
});

test("as they came, by name, or those with most against them first", () => {
  expect(names(sorted(jobs, " ", "changed"))).toEqual(["Snow wagon", "Orchard pickup", "Bare"]);
  expect(names(sorted(jobs, "", "name"))).toEqual(["Bare", "Orchard pickup", "Snow wagon"]);
  expect(names(sorted(jobs, "", "objections"))).toEqual(["Orchard pickup", "Bare", "Snow wagon"]);
});

test("by customer and plate, by the day that is promised, and by how the work stands", () => {
  expect(names(sorted(jobs, "hollow", "changed"))).toEqual(["Snow wagon"]);
  expect(names(sorted(jobs, "bl 17", "changed"))).toEqual(["Orchard pickup"]);
  expect(names(sorted(jobs, "", "due"))).toEqual(["Orchard pickup", "Snow wagon", "Bare"]);
  expect(names(sorted(jobs, "", "due", "inTheShop"))).toEqual(["Snow wagon"]);
});
