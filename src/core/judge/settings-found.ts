import { because, type Because } from "../units";
import { bellowsLoss, effectiveLens, fNumberForDepth, turnedDepth, widestAt } from "../optics";
import { blurVerdict, diffractionLimit } from "../motion";
import {
  apertureFNumber,
  apertureNearest,
  apertureNoNarrower,
  apertureNoWider,
  isoNearest,
  isoSpeed,
  SCALE,
  shutterNearest,
  shutterNoSlower,
  shutterSeconds,
  solveSettings,
  waysOut,
  type WayOut,
  type Settings,
  type SolveInput,
  type Solution,
} from "../exposure";
import type { AssessInput, LightFound, PricedWay, SettingsFound, Sighting } from "./assessment";
import type { BlurModel } from "./motion-found";
import { keptCircleMm } from "./sighting";

/** Which settings follow from light, blur, depth and kit, and what each of them rests on. */
export function findSettings(
  input: AssessInput,
  sighting: Sighting,
  light: LightFound,
  blur: BlurModel,
): SettingsFound {
  const depth = depthFNumber(input, sighting);
  const solve = solveInput(input, sighting, light, blur, depth);
  const solution = solveSettings(solve);
  const priced = (way: WayOut): PricedWay => {
    const blurUm = blur.blurUm(way.settings);
    return Object.assign({ blurUm, verdict: blurVerdict(blurUm, blur.toleranceUm) }, way);
  };
  return {
    settings: solution.settings,
    asked: solution.asked,
    rails: solution.rails,
    ledger: solution.ledger,
    missing: solution.missing,
    filterStops: solution.filterStops,
    taken: solution.taken,
    off: solution.off,
    follows: solution.follows,
    ways: waysOut(solve, solution).map(priced),
    because: reasons({ input, sighting, light, blur, solve, depth }, solution),
  };
}

/** Clicks past the ceiling that a face between actions is worth (assumed: one stop). */
const REACTION_ISO = 3;

function solveInput(
  input: AssessInput,
  sighting: Sighting,
  light: LightFound,
  blur: BlurModel,
  depth: number,
): SolveInput {
  const { body } = input.rig;
  const optic = effectiveLens(input.rig);
  const { magnification, focalLengthMm, kept } = sighting.frame;
  const isoMax = isoNearest(body.maxIso);
  const ceiling = isoNearest(body.isoCeiling) + (input.shot.intent === "reaction" ? REACTION_ISO : 0);
  const diffractionAperture = apertureNoNarrower(
    diffractionLimit(1000 * keptCircleMm(input, kept)) / (1 + magnification),
  );
  const depthAperture = apertureNoWider(depth);
  return {
    lightEv: light.ev.value - bellowsLoss(magnification),
    lensWidest: apertureNearest(widestAt(optic, focalLengthMm)),
    lensNarrowest: apertureNearest(optic.narrowest),
    // Depth first goes as far as sharpness itself allows, and no further.
    depthAperture:
      input.shot.intent === "context" ? Math.min(depthAperture, diffractionAperture) : depthAperture,
    diffractionAperture,
    fastestShutter: shutterNearest(body.fastestShutter),
    streakShutter: blur.streakExposure === undefined ? undefined : shutterNearest(blur.streakExposure),
    slowestShutter: (aperture) => slowestClick(blur.slowestExposure(aperture), body.fastestShutter),
    isoFloor: isoNearest(Math.max(body.baseIso, body.isoFloor)),
    isoCeiling: Math.min(isoMax, ceiling),
    isoMax,
    liftClicks: body.liftClicks,
    order: input.order,
    held: input.held ?? {},
  };
}

/** Depth in metres along the view that the subject itself takes: its own, or its length as it is turned. */
const subjectDepth = ({ subject }: AssessInput, sighting: Sighting): number =>
  Math.max(subject.depth, turnedDepth(subject.length ?? 0, 90 - sighting.faceTurn));

/**
 * f-number that the depth asks for: half the subject's depth on either side of the eye; for a picture of the subject in
 * its place, from there to the background.
 */
function depthFNumber(input: AssessInput, sighting: Sighting): number {
  const eye = sighting.distance.value;
  const half = Math.min(subjectDepth(input, sighting) / 2, eye / 2);
  const place = input.shot.intent === "context" ? sighting.background.beyond : 0;
  return fNumberForDepth({
    focalLengthMm: sighting.frame.focalLengthMm,
    subject: eye,
    near: eye - half,
    far: eye + Math.max(half, place),
    circleOfConfusionMm: keptCircleMm(input, sighting.frame.kept),
  });
}

function slowestClick(exposure: number | "none" | "any", fastest: number): number {
  if (exposure === "any") return SCALE.shutter.first;
  if (exposure === "none") return shutterNearest(fastest);
  return shutterNoSlower(exposure);
}

/** What the settings were worked out from. */
interface Given {
  readonly input: AssessInput;
  readonly sighting: Sighting;
  readonly light: LightFound;
  readonly blur: BlurModel;
  readonly solve: SolveInput;
  readonly depth: number;
}

const reasons = (given: Given, solution: Solution): SettingsFound["because"] => ({
  shutter: { value: shutterSeconds(solution.settings.shutter), because: shutterReasons(given, solution) },
  aperture: { value: apertureFNumber(solution.settings.aperture), because: apertureReasons(given) },
  iso: { value: isoSpeed(solution.settings.iso), because: isoReasons(given, solution) },
});

function shutterReasons({ sighting, blur, solve }: Given, { settings }: Solution): Because[] {
  const { body, heldSpeed } = blur;
  const moving = [
    because("part-speed", { speed: heldSpeed, crossing: body.crossing }, "common-practice"),
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
        crossing: body.crossing,
        mmPerSecond: (body.crossing * body.umPerMetre) / 1000,
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

function apertureReasons({ input, sighting, solve, depth }: Given): Because[] {
  const place = input.shot.intent === "context";
  return [
    because("lens-widest", { fNumber: apertureFNumber(solve.lensWidest) }),
    because(
      place ? "depth-to-the-place" : "depth-needs",
      { depth: place ? sighting.background.beyond : subjectDepth(input, sighting), fNumber: depth },
      "handbook-optics",
    ),
    because("diffraction-from", { fNumber: apertureFNumber(solve.diffractionAperture) }),
  ];
}

function isoReasons({ input, light, solve }: Given, solution: Solution): Because[] {
  const { settings, missing, off, filterStops } = solution;
  return [
    because("ev-from-lux", { lux: light.lux.total, ev: light.ev.value }, "iso-2720"),
    because("iso-follows", isoNumbers(settings, solve.lightEv - filterStops), "exif-2-32"),
    ...(filterStops > 0 ? [because("filter-takes", { stops: filterStops })] : []),
    ...(input.shot.intent === "reaction"
      ? [because("ceiling-for-a-face", { iso: isoSpeed(solve.isoCeiling) }, "assumed")]
      : []),
    because("ceiling-of-body", { iso: input.rig.body.isoCeiling, missing: missing / 3, off: off / 3 }),
  ];
}

const isoNumbers = (settings: Settings, ev: number): Record<string, number> => ({
  shutter: settings.shutter / 3,
  aperture: settings.aperture / 3,
  light: ev,
  iso: settings.iso / 3,
});
