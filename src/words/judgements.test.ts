import { faceOf, softnessOf } from "@/core/judge/grades";
import type { JudgementCode, SeenBehind, JudgementOf } from "@/core/judge";
import type { StandingArea } from "@/core/ground";
import {
  backgroundWords,
  momentWords,
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

const CODES: { readonly [Code in JudgementCode]: JudgementOf<Code>["numbers"] } = {
  "no-standing": {},
  "needs-leave": {},
  "on-leave": {},
  "keep-off": { away: 9.9, least: 91 },
  "with-care": { away: 30, least: 20 },
  "off-line": {},
  shimmer: { distance: 140 },
  haze: { distance: 500 },
  dust: { distance: 20 },
  "through-mesh": { loss: 12, veil: 0, away: 0.2 },
  "in-water": {},
  "cheer-side": {},
  "outside-slit": { aside: 12, above: 0 },
  "through-glass": { angle: 20, stops: 0.4, surfaces: 6 },
  "focus-not-shutter": { times: 1.4, speed: 11 },
  "inside-obstacle": {},
  "own-shadow": {},
  flicker: { stops: 1 },
  "lamps-untold": {},
  "filter-needed": { stops: 3 },
  "nothing-crosses": {},
  blocked: { at: 12, raise: 0.62 },
  "out-of-reach": { fill: 0.2, wished: 0.6, wants: 640 },
  overfilled: { fill: 0.9, wished: 0.6, wants: 85 },
  "does-not-fit": { fill: 1.3, wants: 24 },
  "sun-in-frame": { aside: 2, above: 3 },
  "against-the-sun": { turn: 150 },
  "seen-from-behind": { turn: 140 },
  "background-busy": { smoothness: 0.4, beyond: 9 },
  "pixels-short": { px: 2000, wanted: 3000 },
  "light-short": { short: 4, missing: 0 },
  "light-over": { over: 6 },
  "partly-hidden": { share: 0.2 },
  "flicker-untold": {},
  "motion-not-held": { chance: 0.12 },
  "no-shutter-holds": { tolerance: 20 },
};
/** What a code speaks of beside its numbers. */
const OF = {
  area: "run-off",
  official: "umpires",
  behind: "trees",
  structure: "faint",
  head: true,
  peril: "animal",
} as const;
const sentence = <Code extends JudgementCode>(
  code: Code,
  numbers: JudgementOf<Code>["numbers"] = CODES[code],
) => judgementSentence({ code, weight: "caution", numbers, ...OF } as unknown as JudgementOf<Code>);

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
  expect(sentence("blocked")).toContain("Go 62\u00a0cm higher");
  expect(sentence("blocked", { at: 12 })).toMatch(/Step aside\.$/);
  expect(sentence("light-short")).toMatch(/^1 1\/3 stops short at your ISO ceiling/);
  expect(sentence("light-short", { short: 6, missing: 2 })).toMatch(/^2\/3 stop too dark after everything/);
  expect(sentence("sun-in-frame")).toMatch(/Never look at it through an optical finder/);
});

test("where one may not stand the part of the ground and its official are named", () => {
  const said = (code: "no-standing" | "needs-leave" | "on-leave", area: StandingArea) =>
    judgementSentence({ code, weight: "veto", numbers: {}, area, official: "pool-referee" });
  expect(said("no-standing", "water")).toBe("The water: no standing here. Move off it.");
  expect(said("no-standing", "outside-walls")).toMatch(/walls/);
  expect(said("needs-leave", "pool-deck")).toMatch(/^The pool deck: only if the pool’s referee agrees/);
  expect(said("on-leave", "pool-deck")).toContain("the pool’s referee");
});

test("“4.2 m is nearer than this lens focuses, step back to 4.2 m” could be read: the step is never nothing", () => {
  for (const [distance, closest] of [
    [4.18, 4.2],
    [1.2, 1.2004],
    [0.8, 1.2],
    [0.0999, 0.1],
  ] as const) {
    const words = noPictureSentence({
      ok: false,
      reason: "nearer-than-focus",
      numbers: { distance, closest },
    });
    expect(words).toMatch(/^Too near: .* Step back [1-9]\d*\u00a0(mm|cm|m)\.$/);
  }
});

const behind = (kind: SeenBehind["kind"], smoothness: number | "plain"): SeenBehind => ({
  kind,
  beyond: 32,
  at: { x: 0, y: 0 },
  smoothness,
  softness: softnessOf(smoothness),
});

test("what the background does is a sentence that ends with what helps", () => {
  const said = (kind: SeenBehind["kind"], smoothness: number | "plain") =>
    softnessSentence(behind(kind, smoothness), backgroundWords(behind(kind, smoothness)));
  expect(said("stand", 3.4)).toBe("Stand 32 m behind it: smooth, a face there blurs to 3.4 times its size.");
  expect(said("stand", 0.5)).toMatch(/busy, .* Get lower, or open up\.$/);
  expect(said("ground", "plain").replace("\u00a0", " ")).toBe("Ground 32 m on behind it: plain.");
  expect(said("skyline", "plain")).toContain("skyline");
  expect(said("wall", 2)).toMatch(/^Wall 32 m behind it: soft, lettering/);
});

test("background and face in a word", () => {
  expect(backgroundWords(behind("stand", 2))).toBe("stand 32 m");
  expect(backgroundWords(behind("skyline", "plain"))).toBe("skyline");
  const softness = (value: number) => softnessWords({ softness: softnessOf(value) });
  expect([3.2, 1.5, 0.5].map(softness)).toEqual(["smooth", "soft", "busy"]);
  expect([20, 80, 150].map((turn) => faceWords(faceOf(turn)))).toEqual(["toward you", "profile", "away"]);
});

test("the light's side in a word, with what makes it", () => {
  const light = (edit: object) =>
    lightSideWords({
      direct: "sun",
      side: "front",
      turn: 12,
      lux: { lamps: 0 },
      sun: { azimuth: 250 },
      ...edit,
    } as Parameters<typeof lightSideWords>[0]);
  expect(light({})).toEqual({ value: "front-lit", label: "sun 12° round" });
  expect(light({ direct: "shaded" }).value).toBe("shade");
  expect(light({ direct: "sun-down" }).value).toBe("dusk");
  expect(light({ direct: "sun-down", sun: { azimuth: 100 } }).value).toBe("dawn");
  expect(light({ direct: "sun-down", lux: { lamps: 100 } }).value).toBe("lamps");
  expect(light({ side: "even" }).value).toBe("even");
});

test("failures say what and what to do next", () => {
  for (const reason of ["storage-full", "storage-failed", "overtaken"] as const) {
    expect(savingFailure(reason).title).toMatch(/^Not saved/);
    expect(savingFailure(reason).body).toMatch(/[Ee]xport/);
  }
  for (const reason of ["not-json", "foreign", "newer-version", "faults"] as const)
    expect(readingFailure(reason)).toMatch(/\.$/);
});

test("small words for ends, breaks, ways and verdicts", () => {
  expect(endWords("iso-ceiling")).toBe("your ISO ceiling");
  expect(momentWords("past-ceiling")).toBe("past ceiling");
  expect(sacrificeWords("lift")).toBe("Push in post");
  expect(verdictWords("at-the-edge")).toBe("at the edge");
});
