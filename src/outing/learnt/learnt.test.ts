import { isoNearest, isoSpeed } from "@/core/exposure";
import { USUAL_HANDS } from "@/core/motion";
import type { Outing, Preferences } from "@/data";
import { outingSchema } from "@/data";
import { preferencesSchema } from "@/data/schema/preferences";
import { chance } from "@/answers/expose/chance";
import { demoPast, demoPreferences } from "../../../demo";
import { anOuting } from "../../../test/outings";
import { askWith } from "../ask";
import { arrived, learnFrom, leaving, undoWalk } from "../edits";
import { paceOf } from "../pace";
import { keptBefore } from "./kept-before";
import { asNow, learntFrom, switched, walkedOf } from "./learnt";

const hockey = anOuting("hockey-semi-final");
const { outing, preferences, shot, subject, rig } = hockey.view;

/** Smears as a hand leaves them that follows to a tenth of the crossing speed. */
const tracked = Array.from({ length: 24 }, (_, i) => ({
  smearUm: 1000 * 8000 * 0.001 * 0.1 * [0.3, 0.8, 1.1, 1.4][i % 4]! * 0.001,
  restUm: 0.1,
  exposure: 0.001,
  umPerMetre: 1000,
  transverseSpeed: 8,
  bob: 0,
}));
const series = (n: number, iso: number, taken: number, kept: number): Outing["log"][number] => ({
  id: `frames-${n}`,
  shotId: shot.id,
  settings: { shutter: 30, aperture: 9, iso },
  taken,
  kept,
  bursts: [[taken, kept]],
});
const judged: Outing = {
  ...outing,
  id: "before",
  log: [series(0, 15, 10, 9), series(1, 18, 10, 8), series(2, 21, 10, 1)],
};
const behind = learnFrom({ tracked, panned: [] })(judged);

test("nothing is learnt of an outing without a press, and nothing of what was counted by hand", () => {
  expect(learntFrom([judged])).toMatchObject({
    tracking: { ok: false },
    iso: { ok: false },
    keepers: [],
    from: [],
  });
  const byHand = learnFrom({ tracked: [], panned: [] })({
    ...outing,
    log: [{ ...series(0, 15, 40, 40), bursts: undefined }],
  });
  expect(learntFrom([byHand])).toMatchObject({ iso: { ok: false }, keepers: [] });
});

test("what is learnt tells its interval, its frames and its outings", () => {
  const all = learntFrom([behind]);
  expect(all.tracking).toMatchObject({ ok: true, value: { frames: 24, outings: 1 } });
  if (!all.tracking.ok || !all.iso.ok) throw new Error("nothing learnt");
  const { value, low, high } = all.tracking.value;
  expect(value).toBeGreaterThan(0.07);
  expect(value).toBeLessThan(0.13);
  expect(low).toBeLessThan(value);
  expect(high).toBeGreaterThan(value);
  // Eighteen kept: nine of ten at or under ISO 1600 times two.
  expect(all.iso.value).toMatchObject({ value: 18, frames: 18 });
  expect(all.keepers).toMatchObject([{ subjectId: shot.subjectId, taken: 30, kept: 18 }]);
  expect(all.from.map((o) => o.id)).toEqual(["before"]);
});

const asked = (learnt: Preferences["learnt"]) =>
  askWith({ shot, subject, rig: rig!, weather: undefined }, { ...preferences, ...(learnt && { learnt }) });

test("it enters by the one door, each by its own switch, and leaves no trace once it is off", () => {
  const all = learntFrom([behind]);
  const on = switched({}, "tracking", all, true);
  expect(asked(on).hands).toEqual({
    trackingResidual: all.tracking.ok && all.tracking.value.value,
    panSpread: USUAL_HANDS.panSpread,
  });
  expect(asked(switched(on, "tracking", all, false))).toEqual(asked(undefined));
  const iso = asked(switched({}, "iso", all, true));
  expect(isoNearest(iso.rig.body.preferredIso!)).toBe(18);
  expect(iso.rig.body.preferredIso).toBe(isoSpeed(18));
  expect(asked(undefined).hands).toBeUndefined();
  // What cannot be learnt is not switched on.
  expect(switched({}, "pan", all, true)).toEqual({});
});

test("a steadier hand of one's own is seen in every panel: the blur falls and the chance rises", () => {
  const all = learntFrom([behind]);
  const learnt = switched({}, "tracking", all, true);
  const { view } = hockey.with({ preferences: { ...preferences, learnt } });
  if (shot.technique !== "tracked") throw new Error("the first shot is followed");
  expect(view.input?.hands?.trackingResidual).toBeLessThan(USUAL_HANDS.trackingResidual);
  expect(view.found!.motion.body.residual).toBeLessThan(hockey.view.found!.motion.body.residual);
  const chances = (v: typeof view): number => chance(v)!.curve.reduce((sum, p) => sum + p.chance, 0);
  expect(chances(view)).toBeGreaterThan(chances(hockey.view));
});

test("keepers of other outings count beside one's own of the same kind and shutter, and not twice", () => {
  const all = learntFrom([behind, learnFrom({ tracked: [], panned: [] })({ ...judged, id: "another" })]);
  const inUse = switched({}, "keepers", all, true);
  expect(keptBefore(inUse, shot, 30, "today")).toEqual({ taken: 60, kept: 36 });
  expect(keptBefore(inUse, shot, 30, "another")).toEqual({ taken: 30, kept: 18 });
  expect(keptBefore(inUse, shot, 29, "today")).toEqual({ taken: 0, kept: 0 });
  expect(keptBefore(undefined, shot, 30, "today")).toEqual({ taken: 0, kept: 0 });
});

test("what is forgotten is used no longer, and what is left is what the rest says", () => {
  const all = learntFrom([behind]);
  const inUse = switched(switched({}, "tracking", all, true), "keepers", all, true);
  const without = learntFrom([learnFrom(undefined)(behind)]);
  expect(asNow(inUse, without)).toEqual({});
  expect(asNow(inUse, all)).toEqual(inUse);
  expect(learnFrom(undefined)(behind)).not.toHaveProperty("evidence");
});

test("evidence and what is in use pass their schemas", () => {
  const all = learntFrom([behind]);
  const learnt = switched(
    switched(switched({}, "tracking", all, true), "iso", all, true),
    "keepers",
    all,
    true,
  );
  expect(preferencesSchema.parse({ ...preferences, learnt }).learnt).toEqual(learnt);
  expect(outingSchema.parse(behind).evidence).toEqual(behind.evidence);
});

test("what is in use of what was learnt is what the outing that is over says", () => {
  const { pan } = learntFrom([demoPast]);
  expect(pan.ok && pan.value).toEqual(demoPreferences.learnt?.pan);
});

test("lifting is learnt of frames whose lifting was told, and a body that may be pushed further is not", () => {
  const told = learnFrom({
    tracked: [],
    panned: [],
    lifted: [
      { click: 1, kept: 12 },
      { click: 5, kept: 1 },
    ],
  })(judged);
  const lift = switched({}, "lift", learntFrom([told]), true);
  expect(lift.lift).toMatchObject({ value: 1, frames: 13, outings: 1 });
  const lifting = { ...preferences, school: "lift" } as const;
  const of = (ways: Preferences) => askWith({ shot, subject, rig: rig!, weather: undefined }, ways).rig.body;
  expect(of({ ...lifting, learnt: lift }).liftClicks).toBe(1);
  // Who exposes fully lifts nothing, whatever was learnt.
  expect(of({ ...preferences, school: "full", learnt: lift }).liftClicks).toBe(0);
  expect(switched({}, "lift", learntFrom([behind]), true)).toEqual({});
});

test("a pace is learnt of timed walks of an outing that one learns of, and every way on foot takes it", () => {
  const walked = Array.from({ length: 6 }, (_, i) => [
    leaving({ metres: 120, grams: 0, left: 1e6 * i }),
    arrived(1e6 * i + 120_000 + 2000 * i),
  ])
    .flat()
    .reduce((o, edit) => edit(o), outing);
  expect(learntFrom([walked]).pace.ok).toBe(false);
  const pace = switched({}, "pace", learntFrom([learnFrom({ tracked: [], panned: [] })(walked)]), true);
  expect(pace.pace?.value).toBeGreaterThan(0.9);
  expect(pace.pace?.value).toBeLessThan(1);
  const slower = hockey.with({ preferences: { ...preferences, learnt: pace } }).view;
  expect(paceOf(slower) / paceOf(hockey.view)).toBeCloseTo(pace.pace!.value / preferences.walkingPace, 9);
  expect(outingSchema.parse(walked).walks).toHaveLength(6);
});

test("one walk is timed at a time, and one that is taken back leaves nothing", () => {
  const leave = leaving({ metres: 100, grams: 0, left: 1000 });
  expect(leave(leave(outing)).walks).toHaveLength(1);
  expect(undoWalk(leave(outing)).walks).toEqual([]);
  expect(walkedOf(leave(outing))).toEqual([]);
  expect(walkedOf(arrived(81_000)(leave(outing)))).toEqual([{ metres: 100, grams: 0, seconds: 80 }]);
});
