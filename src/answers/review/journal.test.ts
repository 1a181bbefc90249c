import { windowOf } from "@/data";
import { frameBursts } from "@/outing/frames/bursts";
import { framesFrom } from "@/outing/frames/frames-from";
import { matchedBursts } from "@/outing/frames/matched";
import { journalSheet } from "@/outing/journal/sheet";
import { momentWords, openingWords } from "@/words/journal";
import { demoPast } from "../../../demo";
import { journalOf } from "./journal";

const { from, until } = windowOf(demoPast);
const MINUTE = 60_000;
let n = 0;
const frames = framesFrom(
  [70, 70.1, 71, 90].map((minute, i) => ({
    name: `J${i}.JPG`,
    size: 1000 + i,
    header: {
      taken: from + minute * MINUTE,
      hasSubSeconds: true,
      body: "Full-frame 24",
      exposureTime: 1 / 1000,
      fNumber: 2.8,
      iso: 800,
      focalLengthMm: 200,
    },
  })),
  [],
  () => `f${n++}`,
).frames.map((f, i) => ({ ...f, mark: i === 1 ? ("keep" as const) : ("away" as const) }));
const clock = { body: "Full-frame 24", ahead: 0, error: 0.5, drift: 0, at: from, by: "picture" as const };
const bursts = matchedBursts(demoPast, frameBursts(frames, [clock]), [], []);

test("the story of a day is in its order, begins with being there and ends with leaving, and loses no frame", () => {
  const { moments } = journalOf(demoPast, bursts);
  moments.forEach((m, i) => i > 0 && expect(m.at).toBeGreaterThanOrEqual(moments[i - 1]!.at));
  expect(moments[0]).toEqual({ at: from, kind: "there" });
  expect(moments.at(-1)).toEqual({ at: until, kind: "left" });
  expect(moments.filter((m) => m.kind === "event")).toHaveLength(demoPast.programme!.length);
  const series = moments.flatMap((m) => (m.kind === "series" ? [m] : []));
  expect(series.reduce((sum, s) => sum + s.taken, 0)).toBe(frames.length);
  expect(series.reduce((sum, s) => sum + s.kept, 0)).toBe(1);
});

test("its counts are those of the log, which the other panels count by too", () => {
  const journal = journalOf(demoPast, bursts);
  expect(journal.taken).toBe(demoPast.log.reduce((sum, s) => sum + s.taken, 0));
  expect(journal.kept).toBe(demoPast.log.reduce((sum, s) => sum + s.kept, 0));
  expect(openingWords(journal)).toContain(
    `${journal.taken} frames were counted, ${journal.kept} of them kept.`,
  );
  expect(openingWords(journalOf({ ...demoPast, log: [] }, []))).toContain("Nothing was counted yet.");
});

test("every kind of moment has its words, and a reading says how far it was off", () => {
  expect(momentWords({ at: 0, kind: "reading", zone: "Pitch", brighter: -1 })).toMatch(
    /Pitch: −1.* stops against the plan/,
  );
  expect(momentWords({ at: 0, kind: "reading", zone: "Pitch", brighter: 0.1 })).toContain("as planned");
  expect(momentWords({ at: 0, kind: "event", name: "Final", taken: 12, kept: 3 })).toBe(
    "Final: 12 frames, 3 kept",
  );
});

test("the page holds what it is told and nothing of it is read as markup", () => {
  const html = journalSheet({
    title: "A <b>day</b>",
    under: "Here & there",
    opening: "It was.",
    light: {
      points: [
        { x: 0, y: 0 },
        { x: 1, y: 1 },
      ],
      from: "13:00",
      until: "15:00",
      words: "EV 9 to 11",
    },
    moments: [{ time: "13:00", words: '"There"', isEvent: false }],
    pictures: [{ jpeg: "AAAA", words: "Who <script>" }],
    shots: [{ name: "Flick", words: "3 of 12", taken: 12, kept: 3 }],
    notes: "One\nTwo",
  });
  expect(html).toContain("<title>A &lt;b&gt;day&lt;/b&gt;</title>");
  expect(html).not.toContain("<script");
  expect(html.match(/<li[ >]/g)).toHaveLength(1);
  expect(html).toContain('src="data:image/jpeg;base64,AAAA"');
  // Bars to one scale: a quarter of the frames is a quarter of the bar.
  const [all, had] = [...html.matchAll(/<rect[^>]* width="([\d.]+)"/g)].map((m) => Number(m[1]));
  expect(had! / all!).toBeCloseTo(0.25, 2);
  expect(html).toContain("<p>One</p><p>Two</p>");
});
