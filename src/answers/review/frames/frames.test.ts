import type { Frame } from "@/data/schema/frame";
import { frameBursts } from "@/outing/frames/bursts";
import { matchedBursts, type MatchedBurst } from "@/outing/frames/matched";
import { lessonWords } from "@/words/frames";
import { demoPast, demoPreferences } from "../../../../demo";
import { demoBesides } from "../../../../demo/beside";
import { looked } from "../../../../test/outings";
import { cameOut } from "./came-out";
import { lessonsOf } from "./lessons";
import { clockByPicture } from "./clocks";
import { evidenceOf } from "./evidence";
import { plannedShots } from "./planned";
import { measuredSmear } from "./smears";

const { view } = looked(demoPast);
const [{ framed, tagged }] = demoBesides as [(typeof demoBesides)[number]];
const burstsOf = (frames: readonly Frame[]): MatchedBurst[] =>
  matchedBursts(demoPast, frameBursts(frames, framed!.clocks), tagged!.tags, plannedShots(view));
const bursts = burstsOf(framed!.frames);

test("what came out adds up: every kept frame is a shot's, the log has the same, and the plan's curve rises", () => {
  const out = cameOut(view, bursts);
  const kept = framed!.frames.filter((f) => f.mark === "keep").length;
  expect(out.frames).toBe(78);
  expect(out.judged).toBe(78);
  expect(out.shots.reduce((sum, s) => sum + s.kept, 0)).toBe(kept);
  expect(out.byShutter.reduce((sum, r) => sum + r.kept, 0)).toBe(kept);
  expect(demoPast.log.reduce((sum, s) => sum + s.kept, 0)).toBe(kept);
  for (const by of ["lens", "light", "place", "minute"] as const)
    expect([by, out.by[by].reduce((sum, r) => sum + r.taken, 0)]).toEqual([by, 78]);
  out.model.slice(1).forEach((p, i) => expect(p.chance).toBeGreaterThanOrEqual(out.model[i]!.chance - 1e-9));
  // Nobody who refused is counted by name.
  expect(out.people.map((p) => p.id)).toEqual(["ines", "tova", "runa"]);
});

test("nothing is told of bursts that were not judged as a whole", () => {
  const firsts = new Set(bursts.map((b) => b.frames[0]!.id));
  const some = framed!.frames.map(({ mark, ...frame }) =>
    firsts.has(frame.id) || !mark ? frame : { ...frame, mark },
  );
  const out = cameOut(view, burstsOf(some));
  expect(out.byShutter).toEqual([]);
  expect(out.smears.length).toBeGreaterThan(0);
  expect(evidenceOf(view, burstsOf(some))).toEqual({ tracked: [], panned: [] });
});

test("at most three sentences for next time, what was promised and not kept first; none where nothing differs", () => {
  const lessons = lessonsOf(view, cameOut(view, bursts));
  expect(lessons.length).toBeGreaterThan(0);
  expect(lessons.length).toBeLessThanOrEqual(3);
  expect(lessons[0]).toMatchObject({ code: "promise-missed", shot: { id: "coach-after-a-goal" } });
  expect(lessonWords(lessons[0]!)).toBe(
    "Coach after a goal was promised and none was kept of 4 frames: take it first.",
  );
  const faster = lessons.find((l) => l.code === "faster-shutter");
  expect(faster && faster.better.click > faster.worse.click && faster.better.low > faster.worse.high).toBe(
    true,
  );
  const alike = framed!.frames.map((f): Frame => ({ ...f, mark: "keep" }));
  expect(lessonsOf(view, cameOut(view, burstsOf(alike))).filter((l) => l.code === "faster-shutter")).toEqual(
    [],
  );
});

test("the evidence of a pan is its measured smears with the streak and the rest that the model has", () => {
  const { panned, tracked } = evidenceOf(view, bursts);
  expect(tracked).toEqual([]);
  expect(panned).toEqual(demoPast.evidence!.panned);
  for (const { smearUm, restUm, streakUm } of panned) {
    expect(smearUm).toBeGreaterThanOrEqual(restUm - 1);
    expect(streakUm).toBeGreaterThan(restUm);
  }
});

test("a measured smear is told in pixels of the delivery, beside the model's where the frame has a plan", () => {
  const frame = bursts[0]!.frames[0]!;
  const ramp = new Uint8ClampedArray(4 * 80 * 40).fill(255);
  for (let y = 0; y < 40; y++)
    for (let x = 0; x < 80; x++)
      ramp.fill(60 + 14 * Math.min(10, Math.max(0, x - 35)), 4 * (80 * y + x), 4 * (80 * y + x) + 3);
  const taps = {
    pixels: { data: ramp, width: 80, height: 40 },
    from: { x: 30, y: 20 },
    to: { x: 50, y: 20 },
  };
  const size = { width: 6000, height: 4000 };
  const planned = measuredSmear(view, bursts[0]!.shotId, frame, size, taps);
  expect(planned.ok && planned.expectedPx).toBeGreaterThan(0);
  expect(planned.ok && planned.deliveredPx).toBeLessThan(planned.ok ? planned.px : 0);
  const none = measuredSmear(view, undefined, frame, size, taps);
  expect(none.ok && none.expectedPx).toBeUndefined();
  const even = { ...taps, pixels: { ...taps.pixels, data: new Uint8ClampedArray(ramp.length).fill(120) } };
  expect(measuredSmear(view, undefined, frame, size, even)).toEqual({ ok: false, reason: "no-edge" });
});

test("two pictures of a clock, hours apart, tell its drift; one after a tag tells none", () => {
  const at = view.window.starts;
  const first = { body: "a", ...clockByPicture({ taken: at + 5000, seen: at }, undefined) };
  const later = at + 4 * 3_600_000;
  expect(clockByPicture({ taken: later + 6000, seen: later }, first)).toMatchObject({
    ahead: 5,
    drift: 6,
    by: "picture",
  });
  expect(clockByPicture({ taken: later + 6000, seen: later }, { ...first, by: "tag" })).toMatchObject({
    ahead: 6,
    drift: 0,
  });
});

test("what is planned with is the demo's own: the spread of the pan stands in its preferences", () => {
  expect(demoPreferences.learnt?.pan?.frames).toBe(12);
});
