import { burstRun } from "@/core/motion";
import {
  accessSentence,
  burstSentence,
  coordinatesWords,
  hourWords,
  keepersSentence,
  lengthShown,
  metresFrom,
  metresRangeWords,
  metresWords,
  minutesWords,
  setDisplay,
  shotSentence,
  sizeWords,
  roundLengthWords,
  timeWords,
  weightWords,
} from ".";

const plain = (text: string): string => text.replaceAll("\u00a0", " ");

afterEach(() => setDisplay({ units: "m", clock: "24" }));

test("lengths are metres until feet are wished: the foot is 0.3048 m", () => {
  expect([24.2, 40, 0.5].map((m) => plain(metresWords(m)))).toEqual(["24.2 m", "40 m", "50 cm"]);
  setDisplay({ units: "ft", clock: "24" });
  expect([24.2, 3, 0.3048].map((m) => plain(metresWords(m)))).toEqual(["79 ft", "9.8 ft", "1.0 ft"]);
  expect(plain(sizeWords(1.7))).toBe("5.58 ft");
  expect(metresFrom(lengthShown(12.34))).toBeCloseTo(12.34, 12);
});

test("close to, lengths were all 0.4 m: they are said in centimetres and millimetres", () => {
  expect([0.396, 0.05, 0.999, 1.2].map((m) => plain(metresWords(m)))).toEqual([
    "40 cm",
    "50 mm",
    "1.0 m",
    "1.2 m",
  ]);
  expect(plain(metresRangeWords(0.3961, 0.4092))).toBe("396 to 409 mm");
  expect(plain(metresRangeWords(29.8, 30.8))).toBe("29.8 to 30.8 m");
  expect(plain(metresRangeWords(3.99, 4.01))).toBe("3990 to 4010 mm");
  expect(plain(metresRangeWords(8, 140))).toBe("8 to 140 m");
});

test("times go round the short clock: noon and midnight are twelve", () => {
  expect(timeWords("16:27")).toBe("16:27");
  setDisplay({ units: "m", clock: "12" });
  expect(["00:05", "09:30", "12:00", "16:27"].map(timeWords)).toEqual([
    "12:05 am",
    "9:30 am",
    "12:00 pm",
    "4:27 pm",
  ]);
  expect(["00:00", "13:00"].map(hourWords)).toEqual(["12", "1"]);
});

test("places, weights and ways in words", () => {
  expect(coordinatesWords(53.21, -1.44)).toBe("53.21° N 1.44° W");
  expect(coordinatesWords(-33.9, 151.2, 1)).toBe("33.9° S 151.2° E");
  expect(plain(weightWords(5420))).toBe("5.4 kg");
  expect([10, 60, 150].map((s) => plain(minutesWords(s)))).toEqual(["under 1 min", "1 min", "3 min"]);
});

test("a shot is one sentence, and says when it is a must", () => {
  const shot = { intent: "freeze", part: "whole", orientation: "upright", wanted: 3, priority: 1 } as const;
  expect(shotSentence(shot, "Sprinter")).toBe("Sprinter, frozen, whole, upright · 3 wanted, must have");
  expect(shotSentence({ ...shot, priority: 2 }, "Sprinter")).not.toContain("must");
});

test("access that is not settled says what to ask", () => {
  const settled = accessSentence({ allowedBy: "The warden", mayStand: "in the hide", fallBack: "" });
  expect(settled).toEqual({
    settled: true,
    words: "The warden lets you stand in the hide; no fallback yet.",
  });
  expect(accessSentence({ allowedBy: "The warden", mayStand: "", fallBack: "" })).toMatchObject({
    settled: false,
  });
});

test("keepers are spoken of only when they are shown", () => {
  expect(keepersSentence({ ok: true, value: 30 })).toBe("1/1000 is shown to keep at least half.");
  expect(keepersSentence({ ok: false, reason: "not-shown-yet" })).toContain("count more frames");
});

// The worked burst of common practice: 1200 MB, 30 MB a frame, 300 MB/s, 20 frames a second.
test("a burst is told in seconds and frames, or as one that the card keeps up with", () => {
  const run = { framesPerSecond: 20, frameMb: 30, bufferMb: 1200, writeMbPerSecond: 300 };
  expect(plain(burstSentence(burstRun(run)))).toBe("a burst runs 4 s, 80 frames");
  expect(burstSentence(burstRun({ ...run, writeMbPerSecond: 600 }))).toBe("a burst never fills the buffer");
});

test("rulers are round in the user's own unit", () => {
  expect([0.5, 1, 20].map(roundLengthWords)).toEqual(["50\u00a0cm", "1\u00a0m", "20\u00a0m"]);
  setDisplay({ units: "ft", clock: "24" });
  expect([0.25, 0.5, 1, 70].map(roundLengthWords)).toEqual([
    "3\u00a0in",
    "6\u00a0in",
    "1\u00a0ft",
    "70\u00a0ft",
  ]);
  setDisplay({ units: "m", clock: "24" });
});
