import { demoKit, demoOutings } from "../../demo";
import { DEFAULT_PREFERENCES, windowOf } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { readFileSync } from "node:fs";
import path from "node:path";
import { reasonsOf } from "@/core/judge";
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
  isoWords,
  luxWords,
  metresWords,
  percentWords,
  judgementSentence,
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

test("no reason and no judgement of any demo picture, over the day, lacks a number in its sentence", () => {
  let said = 0;
  for (const outing of demoOutings) {
    const question = { outing, kit: demoKit, preferences: DEFAULT_PREFERENCES };
    const { from, until } = windowOf(outing);
    const answers = createAssessments();
    for (const shot of outing.shots)
      for (const position of outing.ground.positions)
        for (const at of [from, (from + until) / 2, until]) {
          const found = answers.assessment(question, shot.id, position.id, at);
          if (!found?.ok) continue;
          const scene = answers.scene(question, at);
          const reasons = reasonsOf({ ...answers.asked(question, shot.id)!, position, scene }, found);
          const sentences = [
            ...Object.values(reasons).flatMap((of) => of.map((reason) => reasonSentence(reason))),
            ...found.judgement.map((j) => judgementSentence(j)),
          ];
          for (const sentence of sentences) {
            expect(sentence).toMatch(/\.$/);
            expect(sentence).not.toMatch(/NaN|undefined|Infinity/);
          }
          said += sentences.length;
        }
  }
  expect(said).toBeGreaterThan(1000);
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
