import type { Frame } from "@/data/schema/frame";
import type { Header } from "@/data/pictures/read-header";
import { anOuting } from "../../../test/outings";
import { countJudged, logWithJudged } from "../edits";
import { clocksFound, frameBursts, UNSET_ERROR } from "./bursts";
import { firstOut, framesIn, longEdgeOf, markedFor, seriesNames, withDeliverable } from "./deliver";
import { framesFrom, type PictureRead } from "./frames-from";
import { judgedSeries } from "./judged";
import { sidecarBeside, sidecarName } from "./sidecars";
import { certainties, matchedBursts, openBatches, ofAnotherDay } from "./matched";
import { besideFrame, marksOf, nextBurst, rangeFrom, sheetRows } from "./sheet";

const hockey = anOuting("hockey-semi-final");
const { outing, window } = hockey.view;
const T = window.starts + 300_000;

const header = (ms: number, more: Partial<Header> = {}): Header => ({
  taken: T + ms,
  hasSubSeconds: true,
  body: "Full-frame 24",
  exposureTime: 1 / 1000,
  fNumber: 2.8,
  iso: 3200,
  focalLengthMm: 300,
  ...more,
});
const picture = (name: string, ms: number, more: Partial<Header> = {}): PictureRead => ({
  name,
  size: 1000 + ms,
  header: header(ms, more),
});
const ids = () => {
  let n = 0;
  return () => `n${n++}`;
};
/** Two bursts of three and two frames. */
const FRAMES = framesFrom(
  [0, 100, 200, 9000, 9100].map((ms, i) => picture(`B${i}.JPG`, ms)),
  [],
  ids(),
).frames;
const clocks = [{ body: "Full-frame 24", ahead: 0, error: 1, drift: 0, at: T, by: "picture" as const }];
const bursts = (frames: readonly Frame[]) => matchedBursts(outing, frameBursts(frames, clocks), [], []);
const marked = (...marks: (Frame["mark"] | undefined)[]) =>
  FRAMES.map((f, i) => ({
    ...f,
    ...(marks[i] && { mark: marks[i] }),
    told: { shotId: outing.shots[0]!.id },
  }));

test("a folder that is opened again is found by name, size and time, wherever it lies; what was said stays", () => {
  const judged = FRAMES.map((f) => ({ ...f, mark: "keep" as const }));
  const again = framesFrom([picture("elsewhere/day/B0.JPG", 0)], judged, ids());
  expect(again).toEqual({ frames: [], known: 1 });
  const other = framesFrom([{ ...picture("B0.JPG", 0), size: 7 }], judged, ids());
  expect(other.frames.map((f) => f.mark)).toEqual([undefined]);
});

test("a raw file beside a JPEG that stands joins its frame, and so does a rating that was given since", () => {
  const judged = [{ ...FRAMES[0]!, mark: "perhaps" as const }];
  const { frames } = framesFrom(
    [picture("B0.JPG", 0, { rating: 5 }), { ...picture("B0.DNG", 0), size: 9 }],
    judged,
    ids(),
  );
  expect(frames).toHaveLength(1);
  expect(frames[0]).toMatchObject({ id: FRAMES[0]!.id, mark: "perhaps", rating: 5 });
  expect(frames[0]!.files.map((f) => f.name)).toEqual(["B0.JPG", "B0.DNG"]);
});

test("a clock that nobody has set is told as wide, and none is made up where nothing agrees", () => {
  expect(frameBursts(FRAMES, []).every((b) => b.error === UNSET_ERROR)).toBe(true);
  expect(clocksFound(outing, FRAMES, [], [])).toEqual([]);
});

test("frames of another day are told, and sure of nothing", () => {
  const DAY = 86_400_000;
  const later = framesFrom([picture("D0.JPG", 0), picture("D1.JPG", 30 * DAY)], [], ids()).frames;
  const found = frameBursts(later, clocks);
  expect(ofAnotherDay(outing, found).map((b) => b.frames[0]!.files[0]!.name)).toEqual(["D1.JPG"]);
  const [here, there] = matchedBursts(outing, found, [], []);
  expect(there!.certainty).toBe("open");
  expect(there!.shotCertainty).toBe("open");
  expect(matchedBursts(outing, frameBursts(later.slice(0, 1), clocks), [], [])).toEqual([here]);
});

test("open bursts are asked in batches that follow one another, and what a hand told is sure", () => {
  const programme = [
    {
      id: "one",
      name: "First half",
      at: "17:00",
      minutes: 10,
      calls: [],
      place: null,
      setUp: 0,
      priority: 2 as const,
    },
    {
      id: "two",
      name: "Second half",
      at: "17:40",
      minutes: 10,
      calls: [],
      place: null,
      setUp: 0,
      priority: 2 as const,
    },
  ];
  const with2 = { ...outing, programme };
  const late = framesFrom(
    [0, 100, 300_000, 300_100].map((ms, i) => picture(`C${i}.JPG`, ms + 20 * 60_000)),
    [],
    ids(),
  ).frames;
  const found = matchedBursts(with2, frameBursts(late, clocks), [], []);
  expect(openBatches(found)).toMatchObject([{ frames: 4, between: ["one", "two"] }]);
  expect(certainties(found)).toEqual({ sure: 0, likely: 0, open: 4 });
  const told = late.map((f, i) => (i < 2 ? { ...f, told: { eventId: "one" } } : f));
  const after = matchedBursts(with2, frameBursts(told, clocks), [], []);
  expect(certainties(after)).toEqual({ sure: 2, likely: 0, open: 2 });
  const none = late.map((f) => ({ ...f, told: { eventId: null } }));
  expect(openBatches(matchedBursts(with2, frameBursts(none, clocks), [], []))).toEqual([]);
});

test("only bursts all of whose frames were judged are counted, each as a burst; perhaps is no keeper", () => {
  expect(judgedSeries(bursts(marked("keep", "away", undefined, "keep", "perhaps")))).toMatchObject([
    { taken: 2, kept: 1, bursts: [[2, 1]], shotId: outing.shots[0]!.id },
  ]);
  const all = judgedSeries(bursts(marked("keep", "away", "away", "keep", "keep")));
  expect(all).toMatchObject([
    {
      taken: 5,
      kept: 3,
      bursts: [
        [3, 1],
        [2, 2],
      ],
    },
  ]);
  const counted = countJudged(all)(outing);
  expect(counted.log).toHaveLength(outing.log.length + 1);
  expect(logWithJudged(counted.log, all)).toBe(counted.log);
  // Judged otherwise since: the new count stands in the place of the old one.
  const less = judgedSeries(bursts(marked("away", "away", "away", "away", "away")));
  expect(countJudged(less)(counted).log.filter((s) => s.bursts)).toMatchObject([{ kept: 0 }]);
});

test("the sheet lays frames in lines of their burst and leaves out what is not asked for", () => {
  const day = bursts(marked("keep", undefined, "away", "keep", "perhaps"));
  expect(sheetRows(day, 2, "all").map((r) => (r.kind === "head" ? "head" : r.frames.length))).toEqual([
    "head",
    2,
    1,
    "head",
    2,
  ]);
  expect(sheetRows(day, 2, "perhaps")).toHaveLength(2);
  expect(marksOf(day.flatMap((b) => b.frames))).toEqual({ keep: 2, perhaps: 1, away: 1, unjudged: 1 });
  const [first, , , fourth] = FRAMES;
  expect(besideFrame(day, first!.id, 1)?.id).toBe(FRAMES[1]!.id);
  expect(besideFrame(day, first!.id, -1)).toBeUndefined();
  expect(nextBurst(day, first!.id)?.id).toBe(fourth!.id);
  expect(nextBurst(day, fourth!.id)).toBeUndefined();
});

test("the first out are kept ones, one a burst before a second, in the order of their time", () => {
  const day = bursts(marked("keep", "keep", "away", "perhaps", "keep"));
  const name = (n: number) => firstOut(day, n).map(({ frame }) => FRAMES.findIndex((f) => f.id === frame.id));
  expect([name(1), name(2), name(3), name(9)]).toEqual([[0], [0, 4], [0, 1, 4], [0, 1, 3, 4]]);
});

test("frames of one exposure are one series, and a mark for a delivery is one for that alone", () => {
  const frames = framesIn(bursts(marked()));
  const names = [...seriesNames(outing, frames).values()];
  expect(names[0]).toMatch(/-a-001$/);
  expect(new Set(names).size).toBe(5);
  const darker = FRAMES.map((f, i) => ({ ...f, iso: i > 2 ? 6400 : 3200 }));
  const other = [...seriesNames(outing, framesIn(bursts(darker))).values()];
  expect(other.map((n) => n.slice(-5))).toEqual(["a-001", "a-002", "a-003", "b-001", "b-002"]);
  const one = withDeliverable(FRAMES[0]!, "paper", true);
  expect(markedFor(bursts([one, ...FRAMES.slice(1)]), "paper")).toHaveLength(1);
  expect(withDeliverable(one, "paper", false)).toEqual(FRAMES[0]);
});

test("a sidecar lies beside its picture: in its folder, of its name with the ending or without", () => {
  const sidecars = [{ name: "a/B1.xmp" }, { name: "a/B2.JPG.xmp" }, { name: "b/B3.XMP" }];
  const found = (name: string) => sidecarBeside(name, sidecars)?.name;
  expect(["a/B1.JPG", "a/B2.JPG", "b/B3.dng", "a/B3.dng", "B1.JPG"].map(found)).toEqual([
    "a/B1.xmp",
    "a/B2.JPG.xmp",
    "b/B3.XMP",
    undefined,
    undefined,
  ]);
  expect(sidecarName("a.b/B1.JPG")).toBe("a.b/B1.xmp");
});

test("the size of a delivery is read of its form, where it tells one", () => {
  expect(longEdgeOf("2000 px, captioned", 900)).toBe(2000);
  expect(longEdgeOf("long edge 3600px", 900)).toBe(3600);
  expect(longEdgeOf("captioned", 900)).toBe(900);
  expect(longEdgeOf("7 px", 900)).toBe(900);
});

test("a range goes on to where the event changes", () => {
  const day = bursts(marked());
  const two = day.map((b, i) => ({ ...b, eventId: i === 0 ? "one" : "two" }));
  expect(rangeFrom(day, day[0]!.id)).toHaveLength(2);
  expect(rangeFrom(two, two[0]!.id).map((b) => b.id)).toEqual([two[0]!.id]);
  expect(rangeFrom(day, "gone")).toEqual([]);
});
