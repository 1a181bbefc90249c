import { because } from "../units";
import { bellowsLoss, effectiveLens, fNumberForDepth } from "../optics";
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
  type Settings,
  type SolveInput,
  type Solution,
} from "../exposure";
import type { AssessInput, LightFound, SettingsFound, Sighting } from "./assessment";
import type { BlurModel } from "./motion-found";
import { keptCircleMm } from "./sighting";

/** Which settings follow from light, blur, depth and kit, and what each of them rests on. */
export function findSettings(
  input: AssessInput,
  sighting: Sighting,
  light: LightFound,
  blur: BlurModel,
): SettingsFound {
  const solve = solveInput(input, sighting, light, blur);
  const solution = solveSettings(solve);
  return {
    ...solution,
    ways: waysOut(solve, solution).map((way) => {
      const blurUm = blur.blurUm(way.settings);
      return { ...way, blurUm, verdict: blurVerdict(blurUm, blur.toleranceUm) };
    }),
    because: reasons(input, sighting, light, blur, solution, solve),
  };
}

function solveInput(input: AssessInput, sighting: Sighting, light: LightFound, blur: BlurModel): SolveInput {
  const { body } = input.rig;
  const optic = effectiveLens(input.rig);
  const { magnification } = sighting.frame;
  return {
    lightEv: light.ev.value - bellowsLoss(magnification),
    lensWidest: apertureNearest(optic.widest),
    lensNarrowest: apertureNearest(optic.narrowest),
    depthAperture: apertureNoWider(depthFNumber(input, sighting)),
    diffractionAperture: apertureNoNarrower(
      diffractionLimit(1000 * keptCircleMm(input, sighting.frame.kept)) / (1 + magnification),
    ),
    fastestShutter: shutterNearest(body.fastestShutter),
    slowestShutter: (aperture) => slowestClick(blur.slowestExposure(aperture), body.fastestShutter),
    isoFloor: isoNearest(Math.max(body.baseIso, body.isoFloor)),
    isoCeiling: isoNearest(body.isoCeiling),
    isoMax: isoNearest(body.maxIso),
    liftClicks: body.liftClicks,
    order: input.order,
    held: input.held ?? {},
  };
}

/** f-number that holds half the subject's depth on either side of the eye. */
function depthFNumber({ subject, ...input }: AssessInput, sighting: Sighting): number {
  const eye = sighting.distance.value;
  const half = Math.min(subject.depth / 2, eye / 2);
  return fNumberForDepth({
    focalLengthMm: sighting.frame.focalLengthMm,
    subject: eye,
    near: eye - half,
    far: eye + half,
    circleOfConfusionMm: keptCircleMm({ subject, ...input }, sighting.frame.kept),
  });
}

function slowestClick(exposure: number | "none" | "any", fastest: number): number {
  if (exposure === "any") return SCALE.shutter.first;
  if (exposure === "none") return shutterNearest(fastest);
  return shutterNoSlower(exposure);
}

function reasons(
  input: AssessInput,
  sighting: Sighting,
  light: LightFound,
  blur: BlurModel,
  { settings, missing, off }: Solution,
  solve: SolveInput,
): SettingsFound["because"] {
  const slowest = blur.slowestExposure(settings.aperture);
  const found = blur.at(settings);
  return {
    shutter: {
      value: shutterSeconds(settings.shutter),
      because: [
        because("part-speed", { speed: found.held.speed, crossing: found.body.crossing }, "common-practice"),
        because("speed-on-sensor", {
          mmPerSecond: (found.held.speed * found.body.umPerMetre) / 1000,
          distance: sighting.distance.value,
          focalLengthMm: sighting.frame.focalLengthMm,
        }),
        because("tolerance", {
          um: found.held.toleranceUm,
          px: found.held.toleranceUm / found.deliveredPixelUm,
        }),
        typeof slowest === "number"
          ? because("slowest-exposure", { seconds: slowest }, "variance-rule")
          : because(`slowest-${slowest}`, {}, "variance-rule"),
      ],
    },
    aperture: {
      value: apertureFNumber(settings.aperture),
      because: [
        because("lens-widest", { fNumber: apertureFNumber(solve.lensWidest) }),
        because(
          "depth-needs",
          { depth: input.subject.depth, fNumber: depthFNumber(input, sighting) },
          "handbook-optics",
        ),
        because("diffraction-from", { fNumber: apertureFNumber(solve.diffractionAperture) }),
      ],
    },
    iso: {
      value: isoSpeed(settings.iso),
      because: [
        because("ev-from-lux", { lux: light.lux.total, ev: light.ev.value }, "iso-2720"),
        because("iso-follows", isoNumbers(settings, solve.lightEv), "exif-2-32"),
        because("ceiling-of-body", { iso: input.rig.body.isoCeiling, missing: missing / 3, off: off / 3 }),
      ],
    },
  };
}

const isoNumbers = (settings: Settings, ev: number): Record<string, number> => ({
  shutter: settings.shutter / 3,
  aperture: settings.aperture / 3,
  light: ev,
  iso: settings.iso / 3,
});
