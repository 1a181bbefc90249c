import { headingOf, levelVelocity, type Spot, type Vector } from "../ground";
import {
  blurDiscUm,
  deliveredPixelUm as deliveredPixel,
  heldSidesMm,
  imageDistanceMm,
  pixelPitchUm,
  stabiliserStopsOf,
  workingFNumber,
} from "../optics";
import {
  blurBudget,
  blurLengthUm,
  bodyMotion,
  focusDrift,
  focusedAt,
  imageSpeedUm,
  isFalling,
  keeperChance,
  keptVerdict,
  panKeeperChance,
  partSpeed,
  partsOf,
  shakeUmPerSecond,
  rollingShutterLeanMm,
  slowestExposure,
  speedSpread,
  streakLength,
  toleranceUm,
  unmendedBy,
  USUAL_HANDS,
  type BlurInput,
  type BodyMotion,
  type KeeperChance,
  type SubjectPart,
  type Unmended,
} from "../motion";
import { apertureFNumber, shutterSeconds, type Settings } from "../exposure";
import type { AssessInput, MotionFound, PanFound, PartMotion, SightingFound } from "./assessment";
import { heldPartOf } from "./held-part";
import { sightOf } from "./sight-of";
import { keptCircleMm } from "./sighting";

/** The blur of a shot as a function of its settings; made once, asked for many settings. */
export interface BlurModel {
  readonly body: BodyMotion;
  /** Speed in m/s of the part that must hold, after following. */
  readonly heldSpeed: number;
  /** Tolerance in µm of the part that must hold, and one delivered pixel on the sensor. */
  readonly toleranceUm: number;
  /** One delivered pixel on the sensor, µm. */
  readonly deliveredPixelUm: number;
  /** Exact slowest exposure for the part that must hold at an aperture click. */
  readonly slowestExposure: (aperture: number) => number | "none" | "any";
  /** Slowest exposure by movement and shake alone, whatever the aperture. */
  readonly slowestMoving: number | "none" | "any";
  /** What blurs more than a shutter can mend at an aperture click. */
  readonly unmended: (aperture: number) => Unmended | undefined;
  /** Exposure in seconds that draws the wished streak; absent for a shot that wants none, or when nothing crosses. */
  readonly streakExposure?: number;
  /** What softens the part that must hold, at an aperture click. */
  readonly softens: (aperture: number) => BlurInput;
  /** Smear in µm of the part that must hold. */
  readonly blurUm: (settings: Settings) => number;
  readonly at: (settings: Settings) => MotionFound;
  /** How often a frame holds its part. */
  readonly chance: (settings: Settings) => KeeperChance;
}

/** The shots whose shutter is chosen by the lines that it draws. */
export const drawsLines = ({ intent }: AssessInput["shot"]): boolean =>
  intent === "pan" || intent === "streak";

const USUAL_STREAK = 0.1;
/** Below this transverse speed in m/s nothing draws a line. */
const STANDS = 0.01;
export const crossesView = ({ transverseSpeed }: BodyMotion): boolean => transverseSpeed >= STANDS;

/** The blur model of a picture that was assessed, for what is asked beside it. */
export function blurModelOf(
  input: AssessInput,
  { sighting }: { readonly sighting: SightingFound },
): BlurModel {
  const { spot, ...sight } = sightOf(input);
  return findMotion(input, spot, sight, sighting);
}

/** What stays the same for every part and every setting of a shot. */
interface Blurring {
  readonly body: BodyMotion;
  readonly still: Omit<BlurInput, "motionUmPerSecond" | "defocusUm" | "workingFNumber">;
  readonly magnification: number;
  /** Diameter in µm of the disc by the lag of the focus at f/1; it falls with the f-number. */
  readonly lagDiscUm: number;
  readonly movingOnly: boolean;
  /** Shortest exposure in seconds that the body has. */
  readonly fastest: number;
  /** Spread of the turn as a share of its rate, for a shot that is panned. */
  readonly panSpread?: number;
}

/** How fast the picture of each part moves, and what that leaves of the shutter. */
export function findMotion(
  input: AssessInput,
  spot: Spot,
  sight: { readonly lens: Vector; readonly aim: Vector },
  sighting: SightingFound,
): BlurModel {
  const { shot, subject, rig } = input;
  const blurring = blurringOf(input, spot, sight, sighting);
  const { body } = blurring;
  const pixelUm = pixelPitchUm(rig.body.format);
  const { kept, keptLongEdgePx } = sighting.frame;
  const deliveredPixelUm = deliveredPixel({
    pixelUm,
    keptLongEdgePx,
    deliveredLongEdgePx: shot.deliveredLongEdgePx,
  });
  const circleOfConfusionUm = 1000 * keptCircleMm(input, kept);
  const ofPart = (part: SubjectPart): PartModel => {
    const tolerance = toleranceUm({
      kind: shot.tolerance,
      part,
      circleOfConfusionUm,
      pixelUm,
      deliveredPixelUm,
      umPerMetre: body.umPerMetre,
    });
    return partModel(blurring, part, tolerance, spreadOf(input, part));
  };
  const held = ofPart(heldPartOf(input));
  const streakExposure = drawsLines(shot) ? streakExposureOf(input, body, kept) : undefined;
  return {
    body,
    heldSpeed: held.speed,
    toleranceUm: held.toleranceUm,
    deliveredPixelUm,
    slowestExposure: held.slowest,
    slowestMoving: slowestExposure(held.blur(0), held.toleranceUm, true),
    unmended: held.unmended,
    streakExposure,
    softens: held.blur,
    blurUm: held.smear,
    chance: held.chance,
    at: (settings) => {
      const parts = partsOf(subject).map((part) =>
        part.id === held.part.id ? held.at(settings) : ofPart(part).at(settings),
      );
      const blur = held.blur(settings.aperture);
      const readout = rig.body.readout;
      return {
        body,
        pan: shot.technique === "panned" ? panFound(input, body, held, sighting, settings) : undefined,
        skewUm:
          readout &&
          1000 * rollingShutterLeanMm({ imageMmPerSecond: blur.motionUmPerSecond / 1000, readout }),
        unmended: held.unmended(settings.aperture),
        // A disc of diameter c has the variance of a straight smear of √(12/16)·c.
        focusBlurUm: blur.defocusUm * Math.sqrt(0.75),
        parts,
        held: held.at(settings),
        budget: blurBudget(blur, shutterSeconds(settings.shutter)),
        deliveredPixelUm,
      };
    },
  };
}

/** How the body of a shot's subject moves for a camera whose image lies so many mm behind its lens. */
export function bodyMotionOf(
  { shot, subject, hands }: Pick<AssessInput, "shot" | "subject" | "hands">,
  { spot, lens, aim }: ReturnType<typeof sightOf>,
  imageDistanceMm: number,
): BodyMotion {
  // What is taken at rest sways, but does not run.
  const speed = shot.intent === "still" ? 0 : subject.bodySpeed;
  return bodyMotion({
    camera: { lens, aim, imageDistanceMm },
    subject,
    bodyVelocity: isFalling(subject) ? { x: 0, y: 0, z: -speed } : levelVelocity(headingOf(spot), speed),
    technique: shot.technique,
    hands,
  });
}

function blurringOf(
  input: AssessInput,
  spot: Spot,
  sight: { readonly lens: Vector; readonly aim: Vector },
  sighting: SightingFound,
): Blurring {
  const { shot, rig, hands } = input;
  const { focalLengthMm, magnification } = sighting.frame;
  const subjectAt = sighting.distance;
  const body = bodyMotionOf(input, { spot, ...sight }, imageDistanceMm(focalLengthMm, subjectAt));
  const drift = focusDrift(Math.abs(body.radialSpeed), "predictive");
  return {
    body,
    still: {
      motionDirection: body.direction,
      shakeUmPerSecond: shakeUmPerSecond({
        focalLengthMm,
        stabiliserStops: stabiliserStopsOf(rig),
        supportStops: rig.support.stops,
      }),
      // Along a pan the stabiliser lets go, and the hand's unsteadiness is what the spread of its turn measures.
      shakeAlongUmPerSecond: shot.technique === "panned" ? 0 : undefined,
      pixelUm: pixelPitchUm(rig.body.format),
    },
    magnification,
    lagDiscUm: blurDiscUm({
      focalLengthMm,
      fNumber: 1,
      subjectDistance: subjectAt,
      point: focusedAt(subjectAt, drift),
    }),
    movingOnly: shot.tolerance === "pixel-sharp",
    panSpread: shot.technique === "panned" ? (hands ?? USUAL_HANDS).panSpread : undefined,
    fastest: rig.body.fastestShutter,
  };
}

/** One part of the subject: how it smears at any settings. */
interface PartModel {
  readonly part: SubjectPart;
  readonly speed: number;
  readonly toleranceUm: number;
  readonly blur: (aperture: number) => BlurInput;
  readonly unmended: (aperture: number) => Unmended | undefined;
  /** Whether the tolerance is that of motion and shake alone. */
  readonly byMotion: (aperture: number) => boolean;
  readonly slowest: (aperture: number) => number | "none" | "any";
  readonly smear: (settings: Settings) => number;
  readonly chance: (settings: Settings) => KeeperChance;
  readonly at: (settings: Settings) => PartMotion;
}

function partModel(blurring: Blurring, part: SubjectPart, tolerance: number, spread: number): PartModel {
  const { body, still, magnification, lagDiscUm, movingOnly, fastest, panSpread } = blurring;
  const speed = partSpeed(body, part);
  const blur = (aperture: number): BlurInput => {
    const fNumber = apertureFNumber(aperture);
    return {
      motionUmPerSecond: imageSpeedUm(speed, body.umPerMetre),
      motionDirection: still.motionDirection,
      shakeUmPerSecond: still.shakeUmPerSecond,
      shakeAlongUmPerSecond: still.shakeAlongUmPerSecond,
      defocusUm: lagDiscUm / fNumber,
      workingFNumber: workingFNumber(fNumber, magnification),
      pixelUm: still.pixelUm,
    };
  };
  const unmended = (aperture: number): Unmended | undefined =>
    movingOnly ? undefined : unmendedBy(blur(aperture), tolerance, fastest);
  // Where no shutter mends what focus or lens blur, the shutter is that of motion and shake.
  const byMotion = (aperture: number): boolean => movingOnly || unmended(aperture) !== undefined;
  const slowest = (aperture: number): number | "none" | "any" => {
    const whole = slowestExposure(blur(aperture), tolerance, movingOnly);
    // Most of the time the body has that shutter, and nothing more is asked.
    if (whole === "any" || (whole !== "none" && whole >= fastest)) return whole;
    return byMotion(aperture) ? slowestExposure(blur(aperture), tolerance, true) : whole;
  };
  const smear = ({ aperture, shutter }: Settings): number =>
    blurLengthUm(blur(aperture), shutterSeconds(shutter), byMotion(aperture));
  const chance = ({ aperture, shutter }: Settings): KeeperChance => {
    const exposure = shutterSeconds(shutter);
    const streakUm = streakLength(body.transverseSpeed, exposure) * body.umPerMetre;
    return keeperChance({
      blur: blur(aperture),
      toleranceUm: tolerance,
      exposure,
      spread,
      movingOnly: byMotion(aperture),
      pan: panSpread === undefined ? undefined : { streakUm, spread: panSpread },
    });
  };
  return {
    part,
    speed,
    toleranceUm: tolerance,
    blur,
    unmended,
    byMotion,
    slowest,
    smear,
    chance,
    at: (settings) => {
      const kept = chance(settings).chance;
      return {
        partId: part.id,
        name: part.name,
        speed,
        toleranceUm: tolerance,
        slowest: slowest(settings.aperture),
        blurUm: smear(settings),
        chance: kept,
        verdict: keptVerdict(kept),
      };
    },
  };
}

/** Width in µm on the sensor of the frame that is delivered, across which lines are drawn. */
const deliveredUm = ({ rig, shot }: AssessInput, kept: number): number =>
  1000 * kept * heldSidesMm(rig.body.format, shot.orientation).across;

/** Exposure in seconds that draws the wished streak; absent when nothing crosses the view. */
function streakExposureOf(input: AssessInput, body: BodyMotion, kept: number): number | undefined {
  if (!crossesView(body)) return undefined;
  return (
    ((input.shot.streakShare ?? USUAL_STREAK) * deliveredUm(input, kept)) /
    (body.transverseSpeed * body.umPerMetre)
  );
}

/** A pan at its settings: what focus, diffraction and pixel leave of the tolerance decides how often it comes off. */
function panFound(
  input: AssessInput,
  { transverseSpeed, umPerMetre }: BodyMotion,
  held: PartModel,
  sighting: SightingFound,
  settings: Settings,
): PanFound {
  const exposure = shutterSeconds(settings.shutter);
  const streak = streakLength(transverseSpeed, exposure);
  const streakUm = streak * umPerMetre;
  const rest = blurLengthUm(
    { ...held.blur(settings.aperture), motionUmPerSecond: 0, shakeUmPerSecond: 0 },
    exposure,
  );
  const left = Math.sqrt(Math.max(0, held.toleranceUm ** 2 - rest ** 2));
  const length = input.subject.length ?? input.subject.depth;
  return {
    streak,
    streakUm,
    streakShare: streakUm / deliveredUm(input, sighting.frame.kept),
    keeperChance: panKeeperChance(left, streakUm, (input.hands ?? USUAL_HANDS).panSpread),
    endsUm: streakUm * (length / (2 * sighting.distance)) ** 2,
  };
}

/** Spread of the speed of a part: its own where a fast one is known, else that of the body that carries it. */
export function spreadOf({ subject }: Pick<AssessInput, "subject">, part: SubjectPart): number {
  if (part.fast !== undefined) return speedSpread(part.speed, part.fast);
  return speedSpread(subject.bodySpeed, subject.fastSpeed);
}
