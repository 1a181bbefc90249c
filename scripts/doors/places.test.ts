import { readFileSync } from "node:fs";
import path from "node:path";
import { stagingOf, SUBJECTS, TRADE_PLACES } from "@/core/catalogue";
import { venueTemplate } from "@/core/ground";
import { placeRows, placesPage } from "./places";

const rows = placeRows();

test("docs/places.md is what the score and the search say today", () => {
  expect(readFileSync(path.resolve(__dirname, "../../docs/places.md"), "utf8")).toBe(placesPage(rows));
});

test("no place of practice is closed for good, and most are nearly as good as the search's best", () => {
  expect(rows.length).toBeGreaterThan(30);
  expect(rows.filter((r) => typeof r.score === "string").map((r) => [r.place.id, r.score])).toEqual([]);
  const gaps = rows.map((r) => (typeof r.score === "number" ? r.best - r.score : 1));
  expect(gaps.filter((gap) => gap <= 0.1).length / gaps.length).toBeGreaterThan(0.75);
  // Where they part, the page says by which part of the score, and why the trade stands there all the same.
  for (const row of rows)
    if (typeof row.score === "number" && row.best - row.score > 0.05) expect(row.parted).toBeDefined();
  expect(placesPage(rows)).not.toContain("undefined");
});

test("every place names subjects and venues that there are, a lens, a reason, and an id of its own", () => {
  expect(new Set(TRADE_PLACES.map((p) => p.id)).size).toBe(TRADE_PLACES.length);
  for (const place of TRADE_PLACES) {
    for (const id of place.subjects) {
      expect([id, SUBJECTS.some((s) => s.id === id), stagingOf(id) !== undefined]).toEqual([id, true, true]);
    }
    for (const id of place.venues) expect([id, venueTemplate(id).ok]).toEqual([id, true]);
    expect(place.lensMm).toBeGreaterThanOrEqual(24);
    expect(place.why.length).toBeGreaterThan(10);
  }
});
