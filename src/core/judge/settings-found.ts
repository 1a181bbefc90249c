import { depthOfField, effectiveLens, widestAt } from "../optics";
import { creatureOf, diffractionLimit, keptVerdict } from "../motion";
import {
  apertureFNumber,
  apertureNearest,
  apertureNoNarrower,
  apertureNoWider,
  isoNearest,
  isoNoHigher,
  isoSpeed,
  lostStops,
  SCALE,
  shutterNearest,
  shutterNoSlower,
  shutterSeconds,
  solveSettings,
  waysOut,
  type WayOut,
  type Settings,
  type Surplus,
  type SolveInput,
  type Solution,
} from "../exposure";
import { heldPartOf } from "./held-part";
import type {
  AssessInput,
  DepthFound,
  LightFound,
  PricedWay,
  SettingsFound,
  SightingFound,
} from "./assessment";
import { depthAsked, depthSeen, type DepthAsked } from "./depth-asked";
import { findMotion, type BlurModel } from "./motion-found";
import { lostLight } from "./lost-light";
import { meshBetween } from "./mesh-found";
import { sightOf } from "./sight-of";
import { findSighting, keptCircleMm } from "./sighting";
import { skyEv } from "./sky-behind";
import { because, type Reason, type ReasonNumbers } from "./reasons";

/** Which settings follow from light, blur, depth and kit, and what each of them rests on. */
export function findSettings(
  input: AssessInput,
  sighting: SightingFound,
  light: LightFound,
  blur: BlurModel,
): SettingsFound {
  const depth = depthAsked(input, depthSeen(sighting));
  const solve = solveInput(input, sighting, light.ev.value, blur, depth);
  const solution = solveSettings(solve);
  const priced = (way: WayOut): PricedWay => {
    const blurUm = blur.blurUm(way.settings);
    const { chance } = blur.chance(way.settings);
    return Object.assign({ blurUm, chance, verdict: keptVerdict(chance) }, way);
  };
  return {
    settings: solution.settings,
    asked: solution.asked,
    rails: solution.rails,
    ledger: solution.ledger,
    short: solution.short,
    missing: solution.missing,
    over: solution.over,
    filterStops: solution.filterStops,
    lostStops: lostStops(solve.lost),
    taken: solution.taken,
    depthGiven: solution.depthGiven,
    depth: depthFound(input, sighting, depth, solve, solution),
    follows: solution.follows,
    ways: waysOut(solve, solution).map(priced),
    because: reasons({ input, sighting, light, blur, solve, depth }, solution),
  };
}

/** What is asked of the solver for a question in a light of so many EV. Throws as `sightOf` does. */
export function settingsAsked(input: AssessInput, lightEv: number): SolveInput {
  const { spot, lens, aim } = sightOf(input);
  const sighting = findSighting(input, spot, lens, aim);
  const blur = findMotion(input, spot, { lens, aim }, sighting);
  return solveInput(input, sighting, lightEv, blur, depthAsked(input, depthSeen(sighting)));
}

/** Up to four times the base ISO nobody calls the light short (assumed; the owner of a body may say otherwise). */
const PREFERRED_OVER_BASE = 4;

function solveInput(
  input: AssessInput,
  sighting: SightingFound,
  lightEv: number,
  blur: BlurModel,
  depth: DepthAsked,
): SolveInput {
  const { body } = input.rig;
  const optic = effectiveLens(input.rig);
  const { magnification, focalLengthMm, kept } = sighting.frame;
  const isoMax = isoNearest(body.maxIso);
  const diffractionAperture = apertureNoNarrower(
    diffractionLimit(1000 * keptCircleMm(input, kept)) / (1 + magnification),
  );
  const isoCeiling = Math.min(isoMax, isoNoHigher(body.isoCeiling));
  // A face between actions is worth all the ISO that its owner allows, before anything of it is given up.
  const preferred =
    input.shot.intent === "reaction"
      ? body.isoCeiling
      : (body.preferredIso ?? PREFERRED_OVER_BASE * body.baseIso);
  return {
    lightEv: skyEv(input, sighting) ?? lightEv,
    lost: lostLight(input, magnification),
    lensWidest: apertureNearest(widestAt(optic, focalLengthMm)),
    lensNarrowest: apertureNearest(optic.narrowest),
    // Depth is asked as far as sharpness itself allows, and no further.
    depthAperture: depth.fNumber > 0 ? Math.min(apertureNoWider(depth.fNumber), diffractionAperture) : 0,
    diffractionAperture,
    depthFirst: input.shot.intent === "context",
    fastestShutter: shutterNearest(body.fastestShutter),
    streakShutter: blur.streakExposure === undefined ? undefined : shutterNearest(blur.streakExposure),
    slowestShutter: (aperture) => slowestClick(blur.slowestExposure(aperture), body.fastestShutter),
    movingShutter: slowestClick(blur.slowestMoving, body.fastestShutter),
    surplus: surplusFor(input, depth),
    unmended: (aperture) => blur.unmended(aperture) !== undefined,
    isoBase: isoNearest(body.baseIso),
    isoFloor: isoNearest(Math.max(body.baseIso, body.isoFloor)),
    isoPreferred: Math.min(isoCeiling, isoNearest(preferred)),
    isoCeiling,
    isoMax,
    liftClicks: body.liftClicks,
    order: input.order,
    locked: input.locked ?? {},
  };
}

/**
 * What light to spare is for (common practice): depth for insects, for several at once and for two things; the shutter for wings and
 * tools, and through netting, which only a wide opening makes disappear.
 */
function surplusFor(input: AssessInput, depth: DepthAsked): Surplus {
  if (depth.kind === "two-things" || depth.kind === "whole" || creatureOf(input.subject) === "insect")
    return "depth";
  const held = heldPartOf(input).partClass;
  return held === "wing" || held === "tool" || meshBetween(input) ? "shutter" : "even";
}

/** Metres to which the end of a depth is told. */
const SHARP_WITHIN = 0.001;

/** What was asked of the depth, what the aperture found holds of it, and what was given up. */
function depthFound(
  input: AssessInput,
  { distance, frame }: SightingFound,
  asked: DepthAsked,
  solve: SolveInput,
  { settings, depthGiven }: Solution,
): DepthFound {
  const { near, far } = depthOfField({
    focalLengthMm: frame.focalLengthMm,
    fNumber: apertureFNumber(settings.aperture),
    subjectDistance: distance.value,
    circleOfConfusionMm: keptCircleMm(input, frame.kept),
  });
  const wanted = asked.fNumber > 0 ? apertureNoWider(asked.fNumber) : 0;
  const capped = wanted > Math.min(solve.diffractionAperture, solve.lensNarrowest);
  const cappedBy = solve.lensNarrowest < solve.diffractionAperture ? "lens" : "diffraction";
  return {
    kind: asked.kind,
    asked: asked.far - asked.near,
    fNumber: asked.fNumber,
    sharp: far === "unbounded" ? far : far - near,
    notSharp: [
      ...(asked.near < near - SHARP_WITHIN ? (["near"] as const) : []),
      ...(far !== "unbounded" && asked.far > far + SHARP_WITHIN ? (["far"] as const) : []),
    ],
    cappedBy: capped ? cappedBy : undefined,
    givenUp: depthGiven,
  };
}

function slowestClick(exposure: number | "none" | "any", fastest: number): number {
  if (exposure === "any") return SCALE.shutter.first;
  if (exposure === "none") return shutterNearest(fastest);
  return shutterNoSlower(exposure);
}

/** What the settings were worked out from. */
interface Given {
  readonly input: AssessInput;
  readonly sighting: SightingFound;
  readonly light: LightFound;
  readonly blur: BlurModel;
  readonly solve: SolveInput;
  readonly depth: DepthAsked;
}

const reasons = (given: Given, solution: Solution): SettingsFound["because"] => ({
  shutter: { value: shutterSeconds(solution.settings.shutter), because: shutterReasons(given, solution) },
  aperture: { value: apertureFNumber(solution.settings.aperture), because: apertureReasons(given, solution) },
  iso: { value: isoSpeed(solution.settings.iso), because: isoReasons(given, solution) },
});

function shutterReasons({ sighting, blur, solve }: Given, { settings }: Solution): Reason[] {
  const { body, heldSpeed } = blur;
  const moving = [
    because("part-speed", { speed: heldSpeed }, "common-practice"),
    because("speed-on-sensor", {
      mmPerSecond: (heldSpeed * body.umPerMetre) / 1000,
      distance: sighting.distance.value,
      focalLengthMm: sighting.frame.focalLengthMm,
    }),
  ];
  if (solve.streakShutter !== undefined)
    return [
      ...moving,
      because("streak-drawn", {
        seconds: blur.streakExposure!,
        transverseSpeed: body.transverseSpeed,
        mmPerSecond: (body.transverseSpeed * body.umPerMetre) / 1000,
      }),
    ];
  const slowest = blur.slowestExposure(settings.aperture);
  return [
    ...moving,
    because("tolerance", { um: blur.toleranceUm, px: blur.toleranceUm / blur.deliveredPixelUm }),
    typeof slowest === "number"
      ? because("slowest-exposure", { seconds: slowest }, "variance-rule")
      : because(`slowest-${slowest}`, {}, "variance-rule"),
  ];
}

function apertureReasons({ solve, depth }: Given, { depthGiven }: Solution): Reason[] {
  return [
    because("lens-widest", { fNumber: apertureFNumber(solve.lensWidest) }),
    depth.fNumber > 0
      ? because(
          `depth-of-${depth.kind}`,
          { depth: depth.far - depth.near, fNumber: depth.fNumber },
          "handbook-optics",
        )
      : because("depth-of-eye", {}),
    ...(depthGiven > 0 ? [because("depth-given-up", { clicks: depthGiven })] : []),
    because("diffraction-from", { fNumber: apertureFNumber(solve.diffractionAperture) }),
  ];
}

/** Stops lost close up from which it is worth saying. */
const CLOSE_UP_TOLD = 0.15;

function isoReasons({ input, light, solve }: Given, solution: Solution): Reason[] {
  const { settings, short, filterStops } = solution;
  return [
    because("ev-from-lux", { lux: light.lux.total, ev: light.ev.value }, "iso-2720"),
    ...(solve.lightEv === light.ev.value ? [] : [because("exposed-for-sky", { ev: solve.lightEv })]),
    ...(solve.lost["close-up"] > CLOSE_UP_TOLD
      ? [because("close-up-loses", { stops: solve.lost["close-up"] }, "handbook-optics")]
      : []),
    ...(solve.lost.netting > 0 ? [because("netting-takes", { stops: solve.lost.netting })] : []),
    ...(solve.lost.glass > 0 ? [because("glass-takes", { stops: solve.lost.glass }, "handbook-optics")] : []),
    because(
      "iso-follows",
      isoNumbers(settings, solve.lightEv - lostStops(solve.lost) - filterStops),
      "exif-2-32",
    ),
    ...(filterStops > 0 ? [because("filter-takes", { stops: filterStops })] : []),
    ...(input.shot.intent === "reaction"
      ? [because("ceiling-for-a-face", { iso: isoSpeed(solve.isoCeiling) }, "assumed")]
      : []),
    because("ceiling-of-body", { iso: input.rig.body.isoCeiling, short }),
  ];
}

const isoNumbers = (settings: Settings, ev: number): ReasonNumbers["iso-follows"] => ({
  shutter: settings.shutter / 3,
  aperture: settings.aperture / 3,
  light: ev,
  iso: settings.iso / 3,
});
