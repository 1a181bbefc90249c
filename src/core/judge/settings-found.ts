import { depthOfField, effectiveLens, sharpBetween, widestAt } from "../optics";
import { creatureOf, diffractionLimit, keptVerdict } from "../motion";
import {
  apertureFNumber,
  apertureNearest,
  apertureNoNarrower,
  apertureNoWider,
  isoNearest,
  isoNoHigher,
  lostStops,
  SCALE,
  shutterNearest,
  shutterNoSlower,
  solveSettings,
  waysOut,
  type WayOut,
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

/** Which settings follow from light, blur, depth and kit, and what each of them rests on. */
export function findSettings(
  input: AssessInput,
  sighting: SightingFound,
  light: LightFound,
  blur: BlurModel,
): SettingsFound {
  const depth = depthAsked(input, depthSeen(sighting));
  const solve = solveInput(input, sighting, light.ev, blur, depth);
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
    subjectDistance: distance,
    circleOfConfusionMm: keptCircleMm(input, frame.kept),
  });
  const wanted = asked.fNumber > 0 ? apertureNoWider(asked.fNumber) : 0;
  const capped = wanted > Math.min(solve.diffractionAperture, solve.lensNarrowest);
  const cappedBy = solve.lensNarrowest < solve.diffractionAperture ? "lens" : "diffraction";
  return {
    kind: asked.kind,
    asked: asked.far - asked.near,
    fNumber: asked.fNumber,
    sharp: far === "unbounded" ? far : sharpBetween(near, far),
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
