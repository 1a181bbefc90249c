import { demoKit } from "../../../demo";
import { apertureFNumber, apertureNearest, isoSpeed, shutterSeconds } from "../exposure";
import { asSubject, SUBJECTS } from "../catalogue";
import type { Ground } from "../ground";
import type { Subject } from "../motion";
import { distanceForFill, effectiveLens, type Rig } from "../optics";
import { depthWishFor, sceneAt, type LightPlan, type Shot } from "../scene";
import { assess, type AssessInput, type Assessment } from ".";
import { partSizeOf } from "./sighting";

// What must hold for whatever the library knows, at whatever size, with whatever is in the demo's bag.

const NOON = Date.UTC(2026, 5, 20, 12);
const CLEAR: LightPlan = { cloudEighths: 0, readings: [] };
const OVERCAST: LightPlan = { cloudEighths: 8, readings: [] };
const LAMPS: LightPlan = {
  cloudEighths: 8,
  readings: [],
  roof: { daylightShare: 0 },
  lamps: { class: "III", kind: "hall", from: NOON - 1 },
};

const groundFor = (aimHeight: number, facing: number): Ground => ({
  anchor: { latitude: 53.2, longitude: -1.4, elevation: 100 },
  venue: { template: "open-ground", bearing: 0, centre: { x: 0, y: 0 } },
  zones: [{ id: "all", name: "All", offsetClicks: 0 }],
  spots: [{ id: "spot", name: "Spot", at: { x: 0, y: 0 }, aimHeight, facing, zoneId: "all" }],
  tracks: [],
  obstacles: [],
  masts: [],
  areas: [],
  positions: [],
});

const shotOf = (subject: Subject, fill: number): Shot => ({
  id: "shot",
  name: "Shot",
  intent: "freeze",
  subjectId: subject.id,
  spotId: "spot",
  technique: "tracked",
  part: "whole",
  orientation: "upright",
  along: subject.height >= (subject.length ?? 0) ? "height" : "width",
  fill,
  holdPartId: subject.parts.find((p) => p.partClass !== "tool")?.id ?? "body",
  tolerance: "print-sharp",
  deliveredLongEdgePx: 3000,
  wanted: 1,
});

const RIGS: readonly Rig[] = demoKit.bodies.flatMap((body) =>
  demoKit.lenses.flatMap((lens) =>
    [undefined, ...(lens.takesConverter ? demoKit.converters.slice(0, 1) : [])].map((converter) => ({
      body,
      lens,
      support: demoKit.supports[0]!,
      ...(converter ? { converter } : {}),
    })),
  ),
);

/** The question of one subject at one size with one rig, from the side or head-on, or nothing where it cannot focus. */
function inputFor(
  subject: Subject,
  rig: Rig,
  fill: number,
  faceTurn: number,
  light: LightPlan,
): AssessInput | undefined {
  const shot = shotOf(subject, fill);
  const optic = effectiveLens(rig);
  const away = distanceForFill({
    format: rig.body.format,
    orientation: shot.orientation,
    along: shot.along!,
    partSize: partSizeOf({ shot, subject }, faceTurn),
    fill,
    focalLengthMm: optic.maxFocalLengthMm,
    closestFocus: optic.closestFocus,
  });
  if (!away.ok) return undefined;
  const height = Math.max(0.05, subject.height / 2);
  return {
    shot,
    subject,
    rig,
    order: ["lift", "aperture", "shutter", "iso"],
    position: { id: "p", name: "P", at: { x: 0, y: -away.value }, lensHeight: height },
    scene: sceneAt(groundFor(height, 180 - faceTurn), light, NOON),
  };
}

/** What is wrong with the aperture that an assessment asks for: a mark that is none, or past what ends it. */
function apertureFault({ settings }: Assessment): string | undefined {
  const { aperture, shutter, iso } = settings.rails;
  const { depth } = settings;
  const tooBright = shutter.at >= shutter.last && iso.at <= iso.first;
  if (aperture.at < aperture.first || aperture.at > aperture.last) return "no such mark";
  if (tooBright) return undefined;
  if (aperture.at > aperture.to) return `past ${aperture.toReason}`;
  const free = depth.cappedBy === undefined && depth.givenUp === 0 && settings.taken.length === 0;
  if (free && apertureFNumber(aperture.at) < depth.fNumber * 2 ** (-1 / 12))
    return `f/${apertureFNumber(aperture.at)} for f/${depth.fNumber}`;
  return undefined;
}

/** What is wrong with the shutter found: it is not the one that the same question with the aperture held gives. */
function shutterFault(input: AssessInput, { settings, motion }: Assessment): string | undefined {
  const { shutter, aperture, iso } = settings.rails;
  const gave = settings.taken.find((t) => t.kind === "shutter")?.clicks ?? 0;
  const held = assess({ ...input, locked: { aperture: aperture.at } });
  if (!held.ok) return held.reason;
  const solved = Math.min(held.settings.rails.shutter.from, shutter.last);
  // Light to spare makes it faster, light that is missing slower by what is said to be given up; else it stands there.
  if (iso.at <= iso.from ? shutter.at < solved - gave : shutter.at !== solved - gave)
    return `${shutter.at} for ${solved}, given ${gave}`;
  const holds = gave === 0 && !motion.unmended && shutter.at < shutter.last;
  return holds && motion.held.blurUm > motion.held.toleranceUm * 1.0001 ? "blurred" : undefined;
}

/** Faults over every subject × size × rig × way of facing × light, as far as it can be focused. */
function sweep(): { visited: number; apertures: string[]; shutters: string[] } {
  const found = { visited: 0, apertures: [] as string[], shutters: [] as string[] };
  for (const entry of SUBJECTS)
    for (const rig of RIGS)
      for (const fill of [0.35, 0.8])
        for (const faceTurn of [0, 90])
          for (const light of [CLEAR, OVERCAST, LAMPS]) {
            const input = inputFor(asSubject(entry), rig, fill, faceTurn, light);
            if (!input) continue;
            const assessment = assess(input);
            if (!assessment.ok) throw new Error(`${entry.id}: ${assessment.reason}`);
            const name = `${entry.id} ${rig.body.id} ${rig.lens.id} ${fill} ${faceTurn}: `;
            const [aperture, shutter] = [apertureFault(assessment), shutterFault(input, assessment)];
            if (aperture) found.apertures.push(name + aperture);
            if (shutter) found.shutters.push(name + shutter);
            found.visited++;
          }
  return found;
}

describe("over every subject, size, rig of the demo, way of facing and light", () => {
  let found: ReturnType<typeof sweep>;
  beforeAll(() => {
    found = sweep();
  }, 120_000);

  test("depth was demanded: nothing asks past its lens, or past where diffraction takes the sharpness", () => {
    expect(found.apertures).toEqual([]);
    expect(found.visited).toBeGreaterThan(3000);
  });

  test("the shutter stood where another aperture had put it: it is the one solved for the aperture found", () => {
    expect(found.shutters).toEqual([]);
  });
});

test("what is nearer in its usual size needs no slower a shutter than what is smaller and farther", () => {
  let compared = 0;
  for (const entry of SUBJECTS) {
    const subject = asSubject(entry);
    const at = (fill: number) => {
      const input = inputFor(subject, RIGS[0]!, fill, 90, OVERCAST);
      const found = input && assess(input);
      return found?.ok ? found.motion.held.slowest : undefined;
    };
    const [near, far] = [at(0.8), at(0.35)];
    if (typeof near !== "number" || typeof far !== "number") continue;
    expect([entry.id, near <= far * 1.0001]).toEqual([entry.id, true]);
    compared++;
  }
  expect(compared).toBeGreaterThan(60);
});

test("every subject of the library has the depth of its kind: a person's and an animal's face, an insect's wings", () => {
  for (const entry of SUBJECTS) {
    const wanted = entry.group === "insects, spiders and weather" ? "plane" : "face";
    const { figure, ...unknown } = asSubject(entry);
    for (const subject of [{ ...unknown, figure }, unknown])
      expect([entry.id, depthWishFor(subject, { intent: "freeze" }).kind]).toEqual([entry.id, wanted]);
  }
  expect(depthWishFor(SUBJECTS[0]!, { intent: "context" }).kind).toBe("whole");
});

const FULL_FRAME = {
  ...demoKit.bodies[0]!,
  format: { widthMm: 36, heightMm: 24, widthPx: 6000 },
  baseIso: 100,
  isoFloor: 100,
  isoCeiling: 6400,
  maxIso: 51200,
  fastestShutter: 1 / 8000,
};

const prime = (focalLengthMm: number, widest: number, closestFocus: number) => ({
  ...demoKit.lenses[0]!,
  minFocalLengthMm: focalLengthMm,
  maxFocalLengthMm: focalLengthMm,
  widest,
  narrowest: 22,
  closestFocus,
  stabiliserStops: 4,
});

interface Case {
  readonly id: string;
  readonly lens: Rig["lens"];
  readonly away: number;
  readonly faceTurn: number;
  readonly light: LightPlan;
  readonly subject?: Partial<Subject>;
  readonly shot?: Partial<Shot>;
  readonly at?: number;
}

function caseOf({ id, lens, away, faceTurn, light, subject, shot, at = NOON }: Case): Assessment {
  const whole = { ...asSubject(SUBJECTS.find((s) => s.id === id)!), ...subject };
  const found = assess({
    shot: { ...shotOf(whole, 0.5), holdPartId: "body", ...shot },
    subject: whole,
    rig: { body: FULL_FRAME, lens, support: { id: "hand", name: "Hand", stops: 0 } },
    order: ["lift", "aperture", "shutter", "iso"],
    position: { id: "p", name: "P", at: { x: 0, y: -away }, lensHeight: 0.3 },
    scene: sceneAt(groundFor(0.3, 180 - faceTurn), light, at),
  });
  if (!found.ok) throw new Error(found.reason);
  return found;
}

const marks = ({ settings }: Assessment): readonly [number, number, number] => [
  Math.round(1 / shutterSeconds(settings.settings.shutter)),
  Math.round(10 * apertureFNumber(settings.settings.aperture)) / 10,
  isoSpeed(settings.settings.iso),
];
const holdsAt = ({ motion }: Assessment): number => Math.round(1 / Number(motion.held.slowest));

test("an insect close up under cloud was 1/8000 f/4 ISO 6400 and five stops missing: it is near 1/500 f/3.5 ISO 400", () => {
  const macro = { id: "butterfly-wind", lens: prime(100, 2.8, 0.3), away: 0.4, faceTurn: 0, light: OVERCAST };
  const swaying = {
    ...macro,
    subject: { bob: 0.04 },
    shot: { technique: "pre-framed", fill: 0.55 },
  } as const;
  // The hour of that day at which a closed sky gives EV 11.4.
  const hours = Array.from({ length: 200 }, (_, i) => NOON + i * 120_000);
  const at = hours.find((t) => caseOf({ ...swaying, at: t }).light.ev < 11.42)!;
  const found = caseOf({ ...swaying, at });
  expect(found.light.ev).toBeCloseTo(11.4, 1);
  expect(found.settings.missing).toBe(0);
  const [shutter, fNumber, iso] = marks(found);
  expect(Math.abs(Math.log2(shutter / 512))).toBeLessThan(0.34);
  expect(Math.abs(2 * Math.log2(fNumber / 3.56))).toBeLessThan(0.34);
  expect(iso).toBe(400);
});

test("a small bird at 4 m and noon was 1/3200 f/20 ISO 6400: depth is held as far as ISO 400 and diffraction let it", () => {
  const found = caseOf({
    id: "small-bird-singing",
    lens: prime(500, 4, 3.6),
    away: 4,
    faceTurn: 90,
    light: CLEAR,
    shot: { along: "width", orientation: "level" },
  });
  const { depth, missing } = found.settings;
  const [, fNumber, iso] = marks(found);
  expect(missing).toBe(0);
  expect(fNumber).toBeLessThan(8);
  expect(iso).toBeLessThanOrEqual(400);
  expect(depth.cappedBy).toBe("diffraction");
  expect(depth.givenUp).toBeGreaterThan(0);
});

test("an otter swimming head-on was 1/4000 for its whole length: its face asks little, and about 1/265 to 1/400 holds", () => {
  for (const away of [12, 20]) {
    const found = caseOf({
      id: "otter-swimming",
      lens: prime(500, 4, 3.6),
      away,
      faceTurn: 0,
      light: OVERCAST,
    });
    expect(found.settings.depth.asked).toBeLessThan(0.15);
    expect(holdsAt(found)).toBeGreaterThan(200);
    expect(holdsAt(found)).toBeLessThan(500);
  }
});

test("a swallow flying in at 9.6 m was 1/8000: it is focus, not shutter, and motion and shake want about 1/1138", () => {
  const found = caseOf({
    id: "swallow-flying",
    lens: prime(600, 4, 4),
    away: 9.6,
    faceTurn: 0,
    light: CLEAR,
  });
  expect(Math.abs(Math.log2(holdsAt(found) / 1138))).toBeLessThan(0.1);
  expect(marks(found)[0]).toBeLessThan(1500);
  expect(found.motion.unmended).toBe("focus");
  expect(found.judgement.map((j) => j.code)).toContain("focus-not-shutter");
});

test("focus that takes all but a sliver asked for a shutter that no body has: its wing too is that of motion and shake", () => {
  const wing = { holdPartId: asSubject(SUBJECTS.find((s) => s.id === "swallow-flying")!).parts[0]!.id };
  const lens = prime(600, 4, 4);
  const found = caseOf({ id: "swallow-flying", lens, away: 9.6, faceTurn: 0, light: CLEAR, shot: wing });
  expect(found.motion.unmended).toBe("focus");
  expect(holdsAt(found)).toBeLessThan(8192);
  expect(marks(found)[1]).toBe(4);
});

test("a crop so deep that lens and pixel alone blur it asked for the fastest shutter: none mends that, and it is said", () => {
  const shot = {
    technique: "pre-framed",
    deliveredLongEdgePx: 6000,
    along: "width",
    orientation: "level",
  } as const;
  const macro = { id: "butterfly-calm", lens: prime(100, 2.8, 0.3), away: 2, light: OVERCAST };
  const found = caseOf({ ...macro, faceTurn: 90, shot });
  expect(found.sighting.frame.kept).toBeLessThan(0.25);
  expect(found.motion.unmended).toBe("lens");
  expect(marks(found)[0]).toBeLessThan(4000);
  expect(found.judgement.map((j) => j.code)).toContain("no-shutter-holds");
});

test("a racing car head-on asked for the depth of its whole length: a lens wide open does", () => {
  const found = caseOf({ id: "racing-car", lens: prime(400, 2.8, 2.5), away: 40, faceTurn: 0, light: CLEAR });
  expect(found.settings.depth.asked).toBeLessThan(0.5);
  expect(found.settings.rails.aperture.from).toBe(apertureNearest(2.8));
});
