import fc from "fast-check";
import { ledgerBalance } from "../exposure";
import {
  DRAWN_KINDS,
  OBSTACLE_KIND_NAMES,
  OBSTACLE_KINDS,
  SURFACES,
  VENUES,
  type BlockKind,
  type Ground,
  type Obstacle,
} from "../ground";
import type { Rig } from "../optics";
import { FIGURES, type Subject } from "../motion";
import { sceneAt, type LightPlan, type Shot } from "../scene";
import { assess, timeline, type AssessInput } from ".";

/** Ranges as `data/schema` admits them, with the ends themselves drawn often. */
const between = (min: number, max: number) =>
  fc.oneof(
    fc.constantFrom(min, max),
    fc.double({ min, max, noNaN: true }),
    fc.integer({ min: 0, max: 1000 }).map((share) => min + ((max - min) * share) / 1000),
  );
const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined });
const point = fc.record({ x: between(-5000, 5000), y: between(-5000, 5000) });
const nearPoint = fc.record({ x: between(-60, 60), y: between(-60, 60) });
const place = fc.oneof(nearPoint, nearPoint, point);
const bearing = between(0, 359.999);

const spotOf = (id: string) =>
  fc.record({
    id: fc.constant(id),
    name: fc.constant("S"),
    at: place,
    aimHeight: between(0, 60),
    facing: bearing,
    zoneId: fc.constant("z"),
  });

const standing = { id: fc.constantFrom("a", "b"), name: fc.constant("O") };
const space = fc.record({ x: between(-60, 60), y: between(-60, 60), z: between(-200, 200) });
const block: fc.Arbitrary<Obstacle> = fc.record(
  {
    ...standing,
    kind: fc.constantFrom(
      ...OBSTACLE_KIND_NAMES.filter((k): k is BlockKind => OBSTACLE_KINDS[k].form === "block"),
    ),
    outline: fc.array(place, { minLength: 3, maxLength: 6 }),
    height: between(0.001, 200),
    base: fc.constant(0.0005),
    rise: fc.record({ toward: bearing, from: fc.constant(0.0005) }),
    look: fc.record({ detail: between(0, 10) }),
  },
  { requiredKeys: ["id", "name", "kind", "outline", "height"] },
);
const tree: fc.Arbitrary<Obstacle> = fc.record({
  ...standing,
  kind: fc.constant("tree" as const),
  at: place,
  height: between(1, 200),
  trunkRadius: between(0.001, 20),
  crownRadius: between(0.1, 40),
  crownFrom: between(0, 0.9),
});
const rod: fc.Arbitrary<Obstacle> = fc.record({
  ...standing,
  kind: fc.constantFrom("pole" as const, "branch" as const),
  from: space,
  to: space,
  thickness: between(0.001, 20),
});

const ground: fc.Arbitrary<Ground> = fc.record({
  anchor: fc.record({
    latitude: between(-90, 90),
    longitude: between(-180, 180),
    elevation: between(-500, 9000),
  }),
  surface: maybe(fc.constantFrom(...SURFACES)),
  venue: fc.record({
    template: fc.constantFrom("open-ground", ...VENUES.map((v) => v.id)),
    bearing,
    centre: nearPoint,
  }),
  hall: maybe(
    fc.record({ outline: fc.array(place, { minLength: 3, maxLength: 5 }), height: between(2, 100) }),
  ),
  leave: maybe(fc.constant(["run-off", "pool-deck"] as const)),
  zones: fc.constant([{ id: "z", name: "Z", offsetClicks: -12 }]),
  spots: fc.tuple(spotOf("s"), spotOf("t")),
  tracks: fc.constant([]),
  obstacles: fc.array(fc.oneof(block, tree, rod), { maxLength: 4 }),
  masts: fc.array(
    fc.record({
      id: fc.constant("m"),
      name: fc.constant("M"),
      at: place,
      height: between(0.001, 100),
      candela: maybe(between(0.001, 1e8)),
    }),
    { maxLength: 3 },
  ),
  windows: maybe(
    fc.tuple(
      fc.record({
        id: fc.constant("w"),
        name: fc.constant("W"),
        at: nearPoint,
        facing: bearing,
        width: between(0.1, 100),
        height: between(0.1, 50),
        sill: between(0, 60),
      }),
    ),
  ),
  areas: fc.array(
    fc.record({
      id: fc.constant("n"),
      name: fc.constant("N"),
      kind: fc.constantFrom(...DRAWN_KINDS),
      daylightShare: maybe(between(0, 1)),
      surface: maybe(fc.constantFrom(...SURFACES)),
      outline: fc.array(place, { minLength: 3, maxLength: 5 }),
    }),
    { maxLength: 2 },
  ),
  positions: fc.constant([]),
});

const subject: fc.Arbitrary<Subject> = fc.record({
  id: fc.constant("subject"),
  name: fc.constant("Subject"),
  height: between(0.002, 40),
  depth: between(0.0005, 40),
  length: maybe(between(0.0005, 60)),
  span: maybe(between(0.0005, 60)),
  round: maybe(fc.boolean()),
  lying: maybe(fc.boolean()),
  head: maybe(between(0.0005, 10)),
  figure: maybe(fc.constantFrom(...FIGURES)),
  bodySpeed: between(0, 120),
  bob: between(0, 20),
  parts: fc.tuple(
    fc.record({
      id: fc.constant("p"),
      name: fc.constant("P"),
      partClass: fc.constantFrom("body", "limb", "tool", "wing"),
      speed: between(0, 150),
      halfWidth: maybe(between(0.0005, 5)),
    }),
  ),
  known: fc.constant("invented"),
});

const rig: fc.Arbitrary<Rig> = fc
  .record({
    width: between(1, 200),
    height: between(1, 200),
    px: fc.integer({ min: 100, max: 60000 }),
    isos: fc.tuple(between(1, 1e6), between(1, 1e6), between(1, 1e6), between(1, 1e6)),
    fastest: between(1e-6, 1),
    lift: fc.integer({ min: 0, max: 9 }),
    readout: maybe(between(0.0001, 1)),
    focal: fc.tuple(between(1, 5000), between(1, 5000)),
    fNumbers: fc.tuple(between(1, 64), between(1, 64), between(1, 64)),
    closest: between(0.001, 100),
    stops: between(0, 8),
    support: between(-3, 8),
    factor: maybe(between(1, 4)),
  })
  .map((r) => {
    const [baseIso, isoFloor, isoCeiling, maxIso] = [...r.isos].sort((a, b) => a - b) as typeof r.isos;
    const [minFocalLengthMm, maxFocalLengthMm] = [...r.focal].sort((a, b) => a - b) as typeof r.focal;
    const [widest, widestAtLong, narrowest] = [...r.fNumbers].sort((a, b) => a - b) as typeof r.fNumbers;
    return {
      body: {
        id: "b",
        name: "B",
        format: { widthMm: r.width, heightMm: r.height, widthPx: r.px },
        baseIso,
        maxIso,
        isoCeiling,
        isoFloor,
        fastestShutter: r.fastest,
        liftClicks: r.lift,
        readout: r.readout,
      },
      lens: {
        id: "l",
        name: "L",
        minFocalLengthMm,
        maxFocalLengthMm,
        widest,
        widestAtLong,
        narrowest,
        closestFocus: r.closest,
        stabiliserStops: r.stops,
        takesConverter: true,
      },
      support: { id: "h", name: "H", stops: r.support },
      converter: r.factor === undefined ? undefined : { id: "k", name: "K", factor: r.factor },
    };
  });

const shot: fc.Arbitrary<Shot> = fc.record({
  id: fc.constant("shot"),
  name: fc.constant("Shot"),
  intent: fc.constantFrom("freeze", "pan", "streak", "still", "reaction", "context"),
  subjectId: fc.constant("subject"),
  spotId: fc.constant("s"),
  technique: fc.constantFrom("pre-framed", "tracked", "panned"),
  part: fc.constantFrom("whole", "three-quarter", "half", "head"),
  orientation: fc.constantFrom("upright", "level"),
  along: maybe(fc.constantFrom("height", "width")),
  streakShare: maybe(between(0.001, 1)),
  depth: maybe(
    fc.oneof(
      fc.record({ kind: fc.constantFrom("eye", "face", "whole") }),
      fc.record({ kind: fc.constant("plane"), turnDeg: between(0, 90) }),
      fc.record({ kind: fc.constant("two-things"), otherSpotId: fc.constantFrom("s", "t") }),
    ),
  ),
  circleRule: maybe(fc.constantFrom("diagonal", "delivered-pixel", "arc-minute")),
  fill: between(0.02, 1),
  holdPartId: fc.constantFrom("body", "p"),
  tolerance: fc.constantFrom("print-sharp", "web", "pixel-sharp"),
  deliveredLongEdgePx: fc.integer({ min: 200, max: 30000 }),
  wanted: fc.integer({ min: 1, max: 999 }),
});

const START = Date.UTC(2000, 0, 1);
const CENTURY = 100 * 365.25 * 86_400_000;
const light: fc.Arbitrary<LightPlan> = fc.record({
  cloudEighths: fc.integer({ min: 0, max: 8 }),
  passing: maybe(fc.boolean()),
  roof: maybe(fc.record({ daylightShare: between(0, 1) })),
  leaves: maybe(fc.record({ daylightShare: between(0, 1) })),
  lamps: maybe(
    fc.record({
      class: fc.constantFrom("broadcast", "I", "II", "III"),
      from: fc.constant(START),
      until: maybe(fc.constant(START + CENTURY)),
      flicker: maybe(fc.record({ mainsHz: fc.constantFrom(50, 60), modulation: between(0, 1) })),
    }),
  ),
  readings: fc.array(
    fc.record({
      id: fc.constant("r"),
      zoneId: fc.constant("z"),
      spotId: fc.constant("s"),
      positionId: fc.constant("p"),
      at: between(START, START + CENTURY),
      settingsEv: between(-15, 30),
      offClicks: fc.integer({ min: -30, max: 30 }),
      modelEv: between(-15, 30),
      dayShare: between(0, 1),
    }),
    { maxLength: 2 },
  ),
});

const clicks = fc.integer({ min: -30, max: 60 });
const input: fc.Arbitrary<{ input: AssessInput; plan: LightPlan }> = fc
  .record({
    ground,
    plan: light,
    at: fc.double({ min: START, max: START + CENTURY, noNaN: true }),
    shot,
    subject,
    rig,
    position: fc.record({
      id: fc.constant("p"),
      name: fc.constant("P"),
      at: place,
      lensHeight: between(0.05, 60),
    }),
    focalLengthMm: maybe(between(1, 5000)),
    held: fc.record({ shutter: maybe(clicks), aperture: maybe(clicks), iso: maybe(clicks) }),
    order: fc.shuffledSubarray(["lift", "shutter", "aperture", "iso"] as const, { minLength: 4 }),
  })
  .map(({ ground: g, plan, at, ...rest }) => ({ plan, input: { ...rest, scene: sceneAt(g, plan, at) } }));

/** Paths in plain data at which a number is missing or has no bound. */
function broken(value: unknown, path = ""): string[] {
  if (typeof value === "number") return Number.isFinite(value) ? [] : [`${path}: ${value}`];
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => broken(inner, `${path}.${key}`));
}

test("whatever the schemas admit is assessed without a throw, and every number in it is a number", () => {
  let pictures = 0;
  fc.assert(
    fc.property(input, ({ input: asked }) => {
      const found = assess(asked);
      expect(broken(found)).toEqual([]);
      if (!found.ok) {
        expect(found.reason).toBe("nearer-than-focus");
        return;
      }
      pictures++;
      for (const { score } of found.score.parts) {
        expect(score).toBeGreaterThanOrEqual(0);
        expect(score).toBeLessThanOrEqual(1);
      }
      expect(ledgerBalance(found.settings.ledger)).toBe(found.settings.over - found.settings.missing);
    }),
    { numRuns: 800, endOnFailure: true },
  );
  expect(pictures).toBeGreaterThan(100);
});

test("the same input gives the same assessment, and a timeline of it has no broken number either", () => {
  fc.assert(
    fc.property(input, ({ input: asked, plan }) => {
      expect(assess(asked)).toEqual(assess(asked));
      const { at, ground: on } = asked.scene;
      const course = timeline({
        ...asked,
        ground: on,
        light: plan,
        from: at,
        until: at + 3_600_000,
        step: 1_200_000,
      });
      expect(broken(course)).toEqual([]);
    }),
    { numRuns: 40, endOnFailure: true },
  );
});
