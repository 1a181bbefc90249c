import { apertureFNumber, isoSpeed, shutterSeconds } from "@/core/exposure";
import { FUNCTIONS } from "@/core/figures";
import { SUBJECTS } from "@/core/catalogue";
import {
  blurModelOf,
  busiestOf,
  EVEN_SHARE,
  framesApart,
  meshFound,
  previewAt,
  reasonsOf,
  weightsFor,
  type JudgementCode,
  type ReasonNumbers,
} from "@/core/judge";
import { NIGHT_LUX } from "@/core/scene";
import { blur } from "../expose/blur";
import { causeSum, mineSum } from "../expose/chance-sums";
import { instant } from "../expose/instant";
import { instantSums } from "../expose/instant-sums";
import { belowFullFrameSum, evOfSettingsSum, halvesSum } from "../expose/one-click-sums";
import { flicker } from "../expose/flicker";
import { flickerSums } from "../expose/flicker-sums";
import { pan } from "../expose/pan";
import { panSums } from "../expose/pan-sums";
import { betweenSum, edgeSum, modeSum, prioritySum, toneSum, zoneSum } from "../expose/place-light-sums";
import { stillSums } from "../expose/still-sums";
import { through } from "../expose/through";
import { worstSum } from "../expose/through-sums";
import { previewsOf } from "../frame/before-it-is-taken";
import { rowSum, servesSum, sharpBeforeSum, takeOverSum } from "../frame/group-sums";
import { print } from "../frame/print";
import { printSums } from "../frame/print-sums";
import { reachSums } from "../frame/reach-sums";
import { roomSum } from "../frame/room-sums";
import { sight } from "../ground/in-the-way";
import { behindSum } from "../ground/in-the-way-sums";
import { carriedSum, walkSum } from "../ground/walk-sums";
import { zones } from "../run/clicks-elsewhere";
import { comingNext } from "../run/changes";
import { supplies } from "../brief/supplies";
import { suppliesSums } from "../brief/supplies-sums";
import type { FigurePiece } from "@/core/picture";
import type { OutingView } from "@/outing/outing-view";
import { demoOutings } from "../../../demo";
import { BAGS, fromNothing, looked } from "../../../test/outings";
import { reasons } from "./reasons";
import { JUDGED } from "./judged";
import { explain, EXPLAINED, shownAt, type Explained } from "./explain";
import type { Shown } from "./pictured";
import { workedAgain, type Figure } from "./figure";

/** Every figure of a sum, the pressed one first; one that goes into several others comes once. */
function figuresOf(figure: Figure, met = new Set<Figure>()): Set<Figure> {
  if (met.has(figure)) return met;
  met.add(figure);
  for (const of of Object.values(figure.of)) if (of.kind === "figure") figuresOf(of, met);
  return met;
}

/** Every number that was chosen, measured or stands in a catalogue, as the question holds them. */
function givenIn(value: unknown, into = new Set<number>()): Set<number> {
  if (typeof value === "number") into.add(value);
  else if (typeof value === "object" && value) Object.values(value).forEach((v) => givenIn(v, into));
  return into;
}

/** One that goes into several sums is worked out again once. */
const CHECKED = new WeakSet<Figure>();

/** What is wrong with a figure of a sum: it comes out otherwise, or ends in what nobody chose; nothing where all is well. */
function wrongOf(figure: Figure, chosen: ReadonlySet<number>): string | undefined {
  const again = workedAgain(figure);
  const same =
    again === figure.value || Math.abs(again - figure.value) <= 1e-9 * Math.max(1, Math.abs(again));
  if (!same) return `${figure.by} is ${figure.value}, and ${again} when worked out again`;
  const parts = Object.values(figure.of);
  if (parts.length === 0) return `${figure.by} comes of nothing`;
  for (const part of parts)
    if (part.kind === "given" && !chosen.has(part.value)) return `${figure.by} ends in ${part.value}`;
  if (FUNCTIONS[figure.by].kind === "formula" && parts.some((p) => p.kind === "whole"))
    return `${figure.by} is a formula of something whole`;
  return undefined;
}

/** Walks the sums that are pressed: each figure comes out of its function again, and what ends a sum stands in the question. */
function walkAll(pressed: Readonly<Record<string, Figure | undefined>>, chosen: ReadonlySet<number>): number {
  const figures = new Set<Figure>();
  const wrong: string[] = [];
  for (const [which, sum] of Object.entries(pressed)) {
    if (!sum) continue;
    for (const figure of figuresOf(sum)) {
      figures.add(figure);
      if (CHECKED.has(figure)) continue;
      CHECKED.add(figure);
      const found = wrongOf(figure, chosen);
      if (found) wrong.push(`${which}: ${found}`);
    }
  }
  expect(wrong).toEqual([]);
  return figures.size;
}

/** The figures of a picture. */
function walk(view: Shown): number {
  if (!view.input) return 0;
  const { shot, scene, rig, locked, lightTurn, walk, weights = weightsFor(shot.intent) } = view.input;
  const chosen = givenIn([
    shot,
    rig,
    locked,
    lightTurn,
    walk,
    weights,
    scene.lamps?.flicker,
    NIGHT_LUX,
    EVEN_SHARE,
    0,
  ]);
  return walkAll(Object.fromEntries(EXPLAINED.map((which) => [which, explain(view, which)])), chosen);
}

const CAUSES = ["subject", "hand", "pan", "focus"] as const;

/** Faces in a row, and metres from one to the next. */
const ROW = { count: 4, spacing: 1.5 };

/** A metre of it to either side of its middle. */
const SQUARE = {
  part: "body",
  outline: [
    [-0.5, 0],
    [0.5, 0],
    [0.5, 1],
    [-0.5, 1],
  ],
} as unknown as FigurePiece;

function roomOf(view: OutingView): Figure | undefined {
  const made = previewsOf(view, [SQUARE]);
  return made && roomSum(made);
}

/** The figures that panels have beside those of a picture. */
const panelSums = (view: OutingView): Readonly<Record<string, Figure | undefined>> => ({
  ...instantSums(view),
  ...reachSums(view),
  ...printSums(view),
  ...suppliesSums(view, []),
  ...Object.fromEntries(CAUSES.map((cause) => [cause, causeSum(view, cause)])),
  mine: mineSum(view),
  belowFullFrame: belowFullFrameSum(view),
  evOfSettings: evOfSettingsSum(view),
  row: rowSum(view, ROW.spacing, ROW.count),
  takeOver: takeOverSum(view),
  sharpBefore: sharpBeforeSum(view, ROW.spacing),
  halves: halvesSum(view),
  ...panSums(view),
  ...stillSums(view),
  ...flickerSums(view),
  mode: modeSum(view),
  edge: edgeSum(view),
  between: betweenSum(view),
  priority: prioritySum(view),
  whites: toneSum(view, 0),
  middle: toneSum(view, 1),
  faces: toneSum(view, 2),
  carried: carriedSum(view),
  room: roomOf(view),
  ...Object.fromEntries(zones(view).others.map(({ id, clicks }) => [id, zoneSum(view, id, clicks)])),
  ...Object.fromEntries(view.outing.ground.positions.map(({ id }) => [`to ${id}`, walkSum(view, id)])),
  ...Object.fromEntries((sight(view)?.behind ?? []).map(({ thing: { id } }) => [id, behindSum(view, id)])),
  ...Object.fromEntries(view.bag.lenses.map((lens) => [lens.id, servesSum(view, lens)])),
});

/** Those that some view had. */
const MET = new Set<string>();

/** The figures of the panels: what ends a sum stands in the outing, in the kit, in the order for a print, or is one of the few that are assumed. */
function walkPanels(view: OutingView): number {
  const { input, outing, kit, frame, shot } = view;
  const { order } = print(view) ?? {};
  const supplied = supplies(view, []).input;
  const rise = instant(view)?.jump?.rise;
  const half = instant(view)?.event?.halfWidth;
  const weights = weightsFor(shot.intent);
  const chosen = [input?.rig, input?.locked, input?.shot, weights, outing, kit, frame?.aspect, order];
  const assumed = [pan(view)?.streaks, flicker(view), view.preferences.walkingPace];
  const sums = panelSums(view);
  for (const [name, sum] of Object.entries(sums)) if (sum) MET.add(name.replace(/^to .*/, "to"));
  return walkAll(sums, givenIn([chosen, supplied, rise, half, assumed, input?.subject, ROW, NIGHT_LUX, 0]));
}

test("every figure of the demo's shots that can be pressed comes out of its function again, step by step", () => {
  let walked = 0;
  for (const outing of demoOutings)
    for (const { id } of outing.shots) {
      const { view } = looked(outing).shot(id);
      walked += walk(view) + walkPanels(view);
      const { worst } = through(view);
      if (worst) walked += walkAll({ worst: worstSum(view) }, givenIn([view.kit, view.outing, NIGHT_LUX]));
      for (const position of outing.ground.positions)
        walked += walk(shownAt(view, { positionId: position.id }));
    }
  expect(walked).toBeGreaterThan(1000);
});

/** An outing from nothing of each subject, the bags in turn. */
const FROM_NOTHING = SUBJECTS.map(({ id }, i) => {
  const { kit } = BAGS[i % BAGS.length]!;
  return { id, view: looked(fromNothing(id, {}, kit), kit).view };
});

test("and so does every figure of an outing from nothing of each subject, whatever the bag", () => {
  let walked = 0;
  for (const { view } of FROM_NOTHING) walked += walk(view) + walkPanels(view);
  expect(walked).toBeGreaterThan(5000);
  expect([...MET]).toEqual(
    expect.arrayContaining(
      "swing rate along streak still left atNearest hand stabiliser sway drift bellows apart mode edge priority whites middle faces halves carried room to sharpBefore".split(
        " ",
      ),
    ),
  );
});

test("what the card says is what is explained: the three settings are the field card's own", () => {
  for (const outing of demoOutings) {
    const { view } = looked(outing);
    const { settings } = view.found!.settings;
    expect(explain(view, "shutter")!.of).toMatchObject({ clicks: { value: settings.shutter } });
    expect(explain(view, "aperture")!.of).toMatchObject({ clicks: { value: settings.aperture } });
    expect(explain(view, "iso")!.of).toMatchObject({ clicks: { value: settings.iso } });
  }
});

test("the blur that was opened was another than the one that is said: each figure opens to the number of its panel", () => {
  let unmended = 0;
  for (const { id, view } of FROM_NOTHING) {
    const { found } = view;
    if (!found) continue;
    const { held, budget } = found.motion;
    if (held.blurUm !== budget.totalUm) unmended++;
    const { frame, partSize, heightAngle, bearing } = found.sighting;
    const { lux } = found.light;
    const { body } = found.motion;
    // As the reasons say them.
    const told = Object.fromEntries(
      Object.values(reasonsOf(view.input!, found))
        .flat()
        .map(({ code, numbers }) => [code, numbers]),
    ) as Partial<ReasonNumbers>;
    const slowest = blurModelOf(view.input!, found).slowestExposure(found.settings.settings.aperture);
    const px = (um: number): number => um / found.motion.deliveredPixelUm;
    const lamps = view.input!.scene.lamps?.flicker;
    const mesh = meshFound(view.input!, found);
    const said: Record<Explained, number | undefined> = {
      bearing,
      beyond: found.sighting.background.beyond,
      sharp: found.settings.depth.sharp === "unbounded" ? undefined : found.settings.depth.sharp,
      peril: found.judgement.find((j) => j.code === "keep-off" || j.code === "with-care")?.numbers.away,
      faceTurn: found.sighting.faceTurn,
      hidden: found.sighting.hidden.share,
      busiest: busiestOf(found.sighting)?.smoothness,
      turn: found.light.turn,
      framesApart: lamps && framesApart(lamps, found.light, shutterSeconds(found.settings.settings.shutter)),
      meshAway: mesh?.away,
      meshLoss: mesh?.localLoss,
      meshVeil: mesh?.veil === "structured" ? undefined : mesh?.veil,
      meshGoneWithin: mesh?.goneWithin,
      meshGoneUpTo: mesh?.goneUpTo,
      short: found.settings.short,
      missing: found.settings.missing,
      over: found.settings.over,
      heightAngle,
      partSize,
      frameAcross: frame.frameAcross,
      frameUp: frame.frameUp,
      magnification: frame.magnification,
      keptPx: frame.keptLongEdgePx,
      evInCloud: found.light.evInCloud,
      exposedEv: told["exposed-for-sky"]?.ev ?? found.light.ev,
      lux: lux.total,
      sunLux: lux.sun,
      skyLux: lux.sky,
      groundLux: lux.ground,
      moonLux: lux.moon,
      lampsLux: lux.lamps,
      lost: found.settings.lostStops,
      closeUpLoss: 2 * Math.log2(1 + frame.magnification),
      nettingLoss: told["netting-takes"]?.stops ?? 0,
      glassLoss: told["glass-takes"]?.stops ?? 0,
      heldSpeed: told["part-speed"]!.speed,
      imageSpeed: told["part-speed"]!.speed * body.umPerMetre,
      slowest: typeof slowest === "number" ? slowest : undefined,
      streakExposure: told["streak-drawn"]?.seconds,
      blurPx: px(held.blurUm),
      tolerancePx: px(held.toleranceUm),
      filter: found.settings.filterStops,
      widest: told["lens-widest"]!.fNumber,
      diffraction: told["diffraction-from"]!.fNumber,
      depthFNumber: found.settings.depth.fNumber,
      shutter: shutterSeconds(found.settings.settings.shutter),
      aperture: apertureFNumber(found.settings.settings.aperture),
      iso: isoSpeed(found.settings.settings.iso),
      ev: found.light.ev,
      distance: found.sighting.distance,
      fill: found.sighting.fill,
      blur: held.blurUm,
      chance: held.chance,
      near: found.sighting.depth.near,
      far: found.sighting.depth.far === "unbounded" ? undefined : found.sighting.depth.far,
      softness:
        found.sighting.background.smoothness === "plain" ? undefined : found.sighting.background.smoothness,
      kept: found.sighting.frame.kept,
      focalLength: found.sighting.frame.focalLengthMm,
      tolerance: held.toleranceUm,
      score: found.score.value,
    };
    const opened = Object.fromEntries(EXPLAINED.map((which) => [which, explain(view, which)?.value]));
    expect([id, opened]).toEqual([id, said]);
  }
  expect(unmended).toBeGreaterThan(0);
});

test("a cell of the ladder opens to the smear that stands in it: of that part, at that shutter", () => {
  let cells = 0;
  for (const outing of demoOutings) {
    const { view } = looked(outing);
    const { found } = view;
    const ladder = blur(view)!;
    for (const { shutter, parts } of ladder.ladder)
      for (const { partId, blurUm } of parts) {
        if (view.shot.part === "head" && partId !== ladder.held.partId) continue;
        const there = shownAt(view, { locked: { ...found!.settings.settings, shutter }, partId });
        expect(explain(there, "blurPx")!.value).toBeCloseTo(blurUm / ladder.deliveredPixelUm, 9);
        cells++;
      }
  }
  expect(cells).toBeGreaterThan(30);
});

test("a picture at another shutter opens to the share of frames that stands under it", () => {
  for (const outing of demoOutings) {
    const { view } = looked(outing);
    const { aperture, shutter } = view.found!.settings.settings;
    for (const other of [shutter - 3, shutter, shutter + 3]) {
      const { iso, chance } = previewAt(view.input!, view.found!, other);
      const there = shownAt(view, { locked: { shutter: other, aperture, iso } });
      expect(explain(there, "chance")!.value).toBeCloseTo(chance, 9);
    }
  }
});

test("a position compared opens to the number of its cell, and another minute to what the timeline says of it", () => {
  for (const outing of demoOutings) {
    const { view } = looked(outing);
    for (const { id } of outing.ground.positions) {
      const there = view.from(id);
      if (!there?.ok) continue;
      const shown = shownAt(view, { positionId: id });
      expect(explain(shown, "iso")!.value).toBe(isoSpeed(there.settings.settings.iso));
      expect(explain(shown, "ev")!.value).toBe(there.light.ev);
    }
    for (const { at, ev } of view.timeline.points.slice(0, 3))
      expect(explain(shownAt(view, { at }), "ev")!.value).toBeCloseTo(ev, 3);
  }
});

/** The number of a judgement that its figure is. */
const JUDGED_BY: Readonly<Partial<Record<JudgementCode, string>>> = {
  "partly-hidden": "share",
  "out-of-reach": "fill",
  overfilled: "fill",
  "does-not-fit": "fill",
  "against-the-sun": "turn",
  flicker: "stops",
  "through-mesh": "away",
  "keep-off": "away",
  "with-care": "away",
  shimmer: "distance",
  haze: "distance",
  dust: "distance",
  "through-glass": "stops",
  "seen-from-behind": "turn",
  "background-busy": "smoothness",
  "pixels-short": "px",
  "light-short": "short",
  "light-over": "over",
  "motion-not-held": "chance",
  "filter-needed": "stops",
  "no-shutter-holds": "tolerance",
};

test("no step of why opens to nothing, and each names a figure or says what was given", () => {
  let steps = 0;
  const nothing: string[] = [];
  for (const { view } of FROM_NOTHING)
    for (const of of Object.values(reasons(view) ?? {}))
      for (const { reason, opens } of of) {
        if (!opens) continue;
        if (explain(view, opens) === undefined) nothing.push(`${reason.code}: ${opens}`);
        steps++;
      }
  expect(nothing).toEqual([]);
  expect(steps).toBeGreaterThan(1500);
});

test("what changes next opens to the setting that is said, and a limit that breaks to its clicks", () => {
  let said = 0;
  for (const outing of demoOutings)
    for (const { id } of outing.shots) {
      const { view } = looked(outing).shot(id);
      for (const { step, settings } of comingNext(view)) {
        const there = shownAt(view, { at: step });
        expect(explain(there, "iso")!.value).toBe(isoSpeed(settings.iso));
        expect(explain(there, "shutter")!.value).toBe(shutterSeconds(settings.shutter));
        said++;
      }
    }
  expect(said).toBeGreaterThan(10);
});

test("a judgement opens to the number that stands in its sentence", () => {
  expect(Object.keys(JUDGED).sort()).toEqual(Object.keys(JUDGED_BY).sort());
  const met = new Set<string>();
  const look = (shown: Shown): void => {
    for (const { code, numbers } of shown.found?.judgement ?? []) {
      const opens = JUDGED[code];
      if (!opens) continue;
      const said = (numbers as Readonly<Record<string, number>>)[JUDGED_BY[code]!]!;
      expect([code, explain(shown, opens)!.value]).toEqual([code, said]);
      met.add(code);
    }
  };
  for (const { view } of FROM_NOTHING) look(view);
  for (const outing of demoOutings) {
    const { view } = looked(outing);
    for (const shot of outing.shots)
      for (const { id } of outing.ground.positions)
        for (const at of [view.window.from, view.window.until])
          look(shownAt(view, { shotId: shot.id, positionId: id, at }));
  }
  expect(met.size).toBeGreaterThan(9);
});
