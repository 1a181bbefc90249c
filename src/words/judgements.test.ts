import type { Judgement, JudgementCode } from "@/core/judge";
import {
  backgroundWords,
  breakWords,
  endWords,
  faceWords,
  judgementSentence,
  lightSideWords,
  noPictureSentence,
  readingFailure,
  sacrificeWords,
  savingFailure,
  softnessSentence,
  softnessWords,
  verdictWords,
} from ".";

const CODES: Record<JudgementCode, Judgement["numbers"]> = {
  "in-no-go": {},
  "on-water": {},
  "inside-obstacle": {},
  "own-shadow": {},
  flicker: { stops: 1 },
  "filter-needed": { stops: 3 },
  "nothing-crosses": {},
  blocked: { at: 12, short: 0.6 },
  "out-of-reach": { fill: 0.2, wished: 0.6 },
  "does-not-fit": { fill: 1.3 },
  "sun-in-frame": { aside: 2, above: 3 },
  "against-the-sun": { turn: 150 },
  "seen-from-behind": { turn: 140 },
  "background-busy": { smoothness: 0.4, beyond: 9 },
  "pixels-short": { px: 2000, wanted: 3000 },
  "light-short": { missing: 4 / 3, off: 0 },
  "light-over": { off: 2 },
  "motion-not-held": { times: 2.6 },
  "no-shutter-holds": { tolerance: 20 },
};
const sentence = (code: JudgementCode, numbers = CODES[code]) =>
  judgementSentence({ code, weight: "caution", numbers });

test("every judgement is a short plain sentence that ends, without a code or a broken number in it", () => {
  for (const code of Object.keys(CODES) as JudgementCode[]) {
    const words = sentence(code);
    expect(words).toMatch(/^[A-Z0-9].*\.$/);
    expect(words).not.toMatch(/NaN|undefined|Infinity|[a-z]-[a-z]+-/);
    expect(words.split(" ").length).toBeLessThanOrEqual(25);
  }
});

test("numbers stand in their sentences", () => {
  expect(sentence("blocked")).toContain("12.0\u00a0m ahead");
  expect(sentence("light-short")).toBe("1 1/3 stops missing at your ceiling.");
  expect(sentence("light-short", { missing: 2, off: 2 / 3 })).toBe(
    "Still 2/3 stop dark after all you give up.",
  );
  expect(sentence("sun-in-frame")).toMatch(/Never look at it through an optical finder/);
});

test("nearer than focus says how far to step back", () => {
  const absent = {
    ok: false as const,
    reason: "nearer-than-focus" as const,
    numbers: { distance: 0.8, closest: 1.2 },
  };
  expect(noPictureSentence(absent)).toContain("Step back to 1.2\u00a0m");
});

test("what the background does is a sentence that ends with what helps", () => {
  const said = (kind: "stand" | "ground" | "skyline", smoothness: number) =>
    softnessSentence({ kind, beyond: 32, smoothness }, backgroundWords({ kind, beyond: 32, smoothness }));
  expect(said("stand", 3.4)).toBe("Stand 32 m behind: smooth, a face there blurs to 3.4 times its size.");
  expect(said("stand", 0.5)).toMatch(/busy, .* Lower or wider open helps\.$/);
  expect(said("ground", 9).replace("\u00a0", " ")).toBe("Open ground, 32 m of it: plain.");
  expect(said("skyline", 9)).toContain("skyline");
});

test("background and face in a word", () => {
  expect(backgroundWords({ kind: "stand", beyond: 31.6, smoothness: 2 })).toBe("stand 32 m");
  expect(backgroundWords({ kind: "skyline", beyond: 400, smoothness: 2 })).toBe("skyline");
  const softness = (value: number) => softnessWords({ kind: "stand", beyond: 30, smoothness: value });
  expect([3.2, 1.5, 0.5].map(softness)).toEqual(["smooth", "soft", "busy"]);
  expect([20, 80, 150].map(faceWords)).toEqual(["toward you", "profile", "away"]);
});

test("the light's side in a word, with what makes it", () => {
  const light = (edit: object) =>
    lightSideWords({ direct: "sun", side: "front", turn: 12, lux: { lamps: 0 }, ...edit } as Parameters<
      typeof lightSideWords
    >[0]);
  expect(light({})).toEqual({ value: "front-lit", label: "sun 12° round" });
  expect(light({ direct: "shaded" }).value).toBe("shade");
  expect(light({ direct: "sun-down" }).value).toBe("dusk");
  expect(light({ direct: "sun-down", lux: { lamps: 100 } }).value).toBe("lamps");
  expect(light({ side: "even" }).value).toBe("even");
});

test("failures say what and what to do next", () => {
  for (const reason of ["storage-full", "storage-failed", "overtaken"] as const) {
    expect(savingFailure(reason).title).toMatch(/^Not saved/);
    expect(savingFailure(reason).body).toMatch(/file/);
  }
  for (const reason of ["not-json", "foreign", "newer-version", "faults"] as const)
    expect(readingFailure(reason)).toMatch(/\.$/);
});

test("small words for ends, breaks, ways and verdicts", () => {
  expect(endWords("iso-ceiling")).toBe("your ceiling");
  expect(breakWords("past-ceiling")).toBe("past ceiling");
  expect(sacrificeWords("lift")).toBe("Lift later");
  expect(verdictWords("a-little")).toBe("moves a little");
});
