import type { KeeperPoint, MemorySet, MemorySets, PanRung } from "@/core/judge";
import {
  calmWords,
  causesOf,
  clickBuys,
  edgeSentence,
  eventSentence,
  bandsSentence,
  flickerSentence,
  groupSentence,
  instantLines,
  keptSentence,
  logSays,
  magnificationWords,
  rungDetail,
  rungWords,
  setExposure,
  setNames,
  setsVerdict,
  setUpLines,
  snowSentence,
  toneLines,
} from ".";

const point = (shutter: number, chance: number): KeeperPoint => ({
  shutter,
  chance,
  subject: chance,
  hand: 1,
  pan: 1,
  taken: 0.1,
});

test("a chance is told in frames of a hundred, and a click by what it buys", () => {
  expect(keptSentence(0.544, "body")).toBe("54 of 100 frames hold the body: mostly held");
  expect(clickBuys(point(30, 0.5), point(31, 0.72))).toBe("1/1250: 22 more of 100");
  expect(clickBuys(point(30, 0.5), point(29, 0.3))).toBe("1/800: 20 fewer of 100");
  expect(clickBuys(point(30, 0.5), point(31, 0.501))).toBe("1/1250: as many");
  expect(causesOf(point(30, 0.5), false).map((c) => c.cause)).toEqual(["subject", "hand", "focus"]);
  expect(causesOf({ ...point(30, 0), taken: 1 }, true)[2]!.words).toBe("take all there is");
  expect(logSays({ kept: 31, taken: 120 }, 0.285)).toBe("Yours: 31 kept of 120 there; with them 28 of 100.");
});

const rung: PanRung = {
  shutter: 18,
  streakShare: 0.03,
  chance: 0.49,
  endsUm: 12,
  depthUm: 6,
  filterStops: 1,
};
test("a rung of the pan tells lines, keepers, filter and what is left in pixels", () => {
  expect(rungWords(rung).replace(/\u00a0/g, " ")).toBe("1/60: lines 3 % of the frame, 49 of 100");
  expect(rungDetail(rung, 6)).toBe("filter of 1 stop; ends blur 2.0 px, depth 1.0 px");
  expect(rungDetail({ ...rung, filterStops: 0 }, 6)).toMatch(/^no filter;/);
});

test("a ball on the bat is called timing, a stride a burst; without a rate the question is where to tell it", () => {
  const base = { lockedPress: 0.03, followed: 0.01 };
  const bat = { code: "ball-on-bat" as const, halfWidth: 0.0005 };
  expect(eventSentence({ ...base, event: bat, held: 0.02 })).toMatch(
    /1\.0 ms; .*2 of 100: it is timing, not burst/,
  );
  expect(eventSentence({ ...base, event: { code: "stride", halfWidth: 0.05 }, held: 1 })).toMatch(
    /once every time/,
  );
  expect(eventSentence({ ...base, event: bat })).toMatch(/in Kit/);
  expect(eventSentence(base)).toMatch(/^No single instant/);
  const lines = instantLines(
    { ...base, run: { seconds: "unlimited", frames: "unlimited", clearSeconds: 4 } },
    6,
  );
  expect(lines.map((l) => l.value)).toContain("never: the card keeps up");
});

test("lamps, edges and tones say what to do", () => {
  expect(flickerSentence({ apart: 0.2, calm: [] })).toMatch(/^Frames agree/);
  expect(flickerSentence({ apart: 1.4, calm: [] })).toMatch(/up to 1\.4 stops/);
  expect(bandsSentence({ apart: 1.4, bands: { count: 2.5, stops: 0.2 }, calm: [] })).toBeUndefined();
  expect(bandsSentence({ apart: 1.4, bands: { count: 2.5, stops: 1.4 }, calm: [] })).toMatch(
    /2\.5 bands .*mechanical/,
  );
  expect(calmWords({ calm: [20, 17], smearing: [] })).toBe(
    "Turn on the body's flicker reduction first. Safe without it: 1/100, 1/50.",
  );
  expect(calmWords({ calm: [], smearing: [20] })).toMatch(/1\/100 would smear it/);
  expect(snowSentence(7)).toMatch(/2 1\/3 stops too dark/);
  expect(calmWords({ calm: [], smearing: [] })).toMatch(/reduction first.*no shutter/);
  expect(edgeSentence({ sunEv: 15, shadeEv: 12, clicks: 9 })).toMatch(
    /9 clicks between\. More than one can click/,
  );
  expect(edgeSentence({ sunEv: 13, shadeEv: 12.3, clicks: 2 })).toMatch(/Click as play crosses/);
  const [lines] = [
    toneLines({
      face: "brim",
      choices: [{ choice: "hold-whites", shift: -0.3, whitesLost: 0, facesLost: 0.8 }],
    }),
  ];
  expect(lines[0]).toEqual({ name: "Hold the whites, −0.3", value: "faces sink by 0.8" });
});

const set = (isoTo: number, intents: MemorySet["intents"] = ["freeze"]): MemorySet => ({
  shutter: 30,
  shutterTo: 30,
  aperture: 9,
  mode: "auto-iso",
  purpose: "brief",
  isoFrom: 6,
  isoTo,
  intents,
  shotIds: ["a"],
  setUp: {
    focus: "continuous",
    area: "eye",
    crossing: "hold-long",
    drive: "fast-burst",
    shutterKind: "mechanical",
    shutterBecause: "either",
    flicker: "none",
    stabiliser: "pan",
    whiteBalance: "grey-card",
  },
});

test("three sets of one use are told apart by their light; what they miss is said with where and when", () => {
  expect(setNames([set(18), set(6), set(12)])).toEqual(["Action, dark", "Action, bright", "Action, dim"]);
  expect(setNames([set(18), set(6, ["pan", "reaction"])])).toEqual(["Action", "Pan and faces"]);
  expect(setExposure(set(18))).toBe("1/1000 f/2.8 ISO 400–6400");
  expect(setExposure({ ...set(18), mode: "manual", isoFrom: 18 })).toBe("1/1000 f/2.8 ISO 6400");
  expect(setExposure({ ...set(6), mode: "aperture-priority", shutterTo: 36 })).toBe(
    "1/1000 to 1/4000 f/2.8 ISO 400",
  );
  expect(setNames([set(18), { ...set(6), purpose: "dull-day" }])).toEqual(["Action", "For a dull day"]);
  const sets: MemorySets = { sets: [], served: 0.92, without: [] };
  const where = () => "Drag flick at 18:15";
  expect(setsVerdict(sets, where)).toMatch(/within a click\.$/);
  expect(
    setsVerdict({ ...sets, worst: { shotId: "a", at: 0, slower: 2, dark: 1, bright: 0 } }, where),
  ).toMatch(/Worst: Drag flick at 18:15, the shutter is 2 clicks off and 1 click too dark\.$/);
  expect(setUpLines(set(3).setUp).find((l) => l.name === "Stabiliser")!.value).toBe("Pan mode");
});

test("groups and magnifications are said as in the field", () => {
  expect(groupSentence(1, 2)).toBe("Sharp with the leader: 1 in front, 2 behind.");
  expect(groupSentence(0, "all")).toMatch(/all behind/);
  expect(magnificationWords(0.25)).toBe("1 : 4.0");
  expect(magnificationWords(2)).toBe("2.0 : 1");
  expect(magnificationWords(0.01)).toBe("1 : 100");
});
