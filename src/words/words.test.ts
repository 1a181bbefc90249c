import { readFileSync, readdirSync } from "node:fs";
import path from "node:path";
import { SOURCES } from "@/core/units";
import { shutterNearest } from "@/core/exposure";
import {
  bearingWords,
  changedWords,
  clicksAsStops,
  dateWords,
  exposureWords,
  fNumberWords,
  faultWords,
  hasReason,
  isoWords,
  luxWords,
  metresWords,
  percentWords,
  reasonSentence,
  shutterWords,
  signedStops,
  stopsNoun,
} from ".";

test("numbers with their unit at the precision that the model deserves", () => {
  expect(shutterWords(shutterNearest(1 / 1000))).toBe("1/1000");
  expect(shutterWords(shutterNearest(2))).toBe("2 s");
  expect(isoWords(18)).toBe("ISO\u00a06400");
  expect([metresWords(24.23), metresWords(57.6)]).toEqual(["24.2\u00a0m", "58\u00a0m"]);
  expect([luxWords(237), luxWords(4510)]).toEqual(["about 240 lx", "about 4.5 klx"]);
  // Never 1/1300 or f/5.7: printed marks are the camera's own, an exposure on its safe side.
  expect([1 / 905, 1 / 1250, 1 / 1138, 2].map(exposureWords)).toEqual(["1/1000", "1/1250", "1/1250", "2 s"]);
  expect([5.7, 2.8 * 1.4, 5.6 * 1.4, 4.5 * 1.4, 2.8 * 2].map(fNumberWords)).toEqual([
    "f/5.6",
    "f/4",
    "f/8",
    "f/6.3",
    "f/5.6",
  ]);
  expect(percentWords(0.466)).toBe("47\u00a0%");
  expect(bearingWords(236.4)).toBe("236° SW");
  expect(bearingWords(359.9)).toBe("0° N");
});

test("thirds of a stop as they are said", () => {
  expect([0, 1, 2, 3, 4, 6].map(clicksAsStops)).toEqual(["0", "1/3", "2/3", "1", "1 1/3", "2"]);
  expect([1, 3, 4].map(stopsNoun)).toEqual(["1/3 stop", "1 stop", "1 1/3 stops"]);
  expect([6.14, -10, 0.01].map(signedStops)).toEqual(["+6.1", "−10.0", "±0.0"]);
});

test("dates say the year when it is another", () => {
  expect(dateWords("2026-10-17")).toBe("Sat 17 Oct");
  expect(dateWords("2026-10-17", 2027)).toBe("Sat 17 Oct 2026");
});

test("of two settings only what differs is said", () => {
  expect(changedWords({ shutter: 30, aperture: 9, iso: 6 }, { shutter: 30, aperture: 9, iso: 9 })).toBe(
    "ISO\u00a0800",
  );
  expect(changedWords({ shutter: 30, aperture: 9, iso: 6 }, { shutter: 30, aperture: 9, iso: 6 })).toBe("");
});

/** Every code handed to `because(` anywhere in the core. */
function codesOfCore(): string[] {
  const core = path.join(__dirname, "../core");
  const files = readdirSync(core, { recursive: true, encoding: "utf8" }).filter(
    (f) => f.endsWith(".ts") && !f.includes(".test."),
  );
  const text = files.map((f) => readFileSync(path.join(core, f), "utf8")).join("\n");
  return [...text.matchAll(/because\(\s*"([a-z0-9-]+)"/g)].map((m) => m[1]!);
}

test("every reason of the core has a sentence", () => {
  const codes = [
    ...codesOfCore(),
    ...["slowest-none", "slowest-any"],
    ...["eye", "face", "plane", "whole", "two-things"].map((kind) => `depth-of-${kind}`),
  ];
  expect(codes.length).toBeGreaterThan(15);
  expect(codes.filter((code) => !hasReason(code))).toEqual([]);
  for (const code of codes) expect(reasonSentence({ code, numbers: {} })).toMatch(/\.$/);
});

test("every source that the core names stands in docs/sources.md", () => {
  const listed = readFileSync(path.join(__dirname, "../../docs/sources.md"), "utf8");
  for (const [id, title] of Object.entries(SOURCES)) {
    expect(listed).toContain(`\`${id}\``);
    expect(listed).toContain(title.split(" (from memory)")[0]!.split(",")[0]!);
  }
});

test("a fault says its place", () => {
  expect(faultWords({ path: "outing.starts", message: "a time is HH:MM" })).toBe(
    "outing.starts: a time is HH:MM",
  );
  expect(faultWords({ path: "", message: "not JSON" })).toBe("whole file: not JSON");
});
