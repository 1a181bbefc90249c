import {
  assess,
  backgroundOf,
  beyondInFrame,
  blurModelOf,
  bodyMotionOf,
  busiestOf,
  depthAsked,
  facesInRow,
  faceTurnOf,
  findLight,
  findSighting,
  frameOf,
  frameView,
  guardedOf,
  heldPartOf,
  keptCircleMm,
  lostLight,
  meltOf,
  partSizeOf,
  reachWish,
  settingsAsked,
  sightOf,
  spreadOf,
  sunToFrame,
  type AssessInput,
  type DepthSeen,
} from "../judge";
import { mayStand } from "../guard";
import {
  keeperChance,
  panKeeperChance,
  partSpeed,
  rollingShutterLeanMm,
  toleranceUm,
  unmendedBy,
  USUAL_HANDS,
  type BlurInput,
  type KeeperChance,
} from "../motion";
import {
  angleOfViewAt,
  distanceForFill,
  effectiveLens,
  focalLengthForFill,
  heldSidesMm,
  stabiliserStopsOf,
} from "../optics";
import { solveSettings } from "../exposure";
import { method } from "../units/formula";

/** What was asked as a whole: plan, sky and minute, subject, shot and kit. Whatever was worked out from it comes as a figure beside it. */
interface Asked {
  readonly asked: AssessInput;
}

interface Lit extends Asked {
  /** Degrees from the lens to the aim, up positive. */
  readonly heightAngle: number;
}

interface Framed extends Asked {
  /** Metres. */
  readonly partSize: number;
  /** Metres. */
  readonly distance: number;
}

interface Imaged extends Asked {
  /** Millimetres behind the lens. */
  readonly imageDistanceMm: number;
}

interface Solved extends Asked {
  /** EV of the light on the subject. */
  readonly light: number;
}

const foundLight = ({ asked, heightAngle }: Lit) =>
  findLight({
    scene: asked.scene,
    spot: sightOf(asked).spot,
    subject: asked.subject,
    position: asked.position,
    heightAngle,
  });

const lightOf = (of: Lit) => foundLight(of).lux;

const sightingOf = (asked: AssessInput) => {
  const { spot, lens, aim } = sightOf(asked);
  return findSighting(asked, spot, lens, aim);
};

const oneIf = (is: boolean): number => (is ? 1 : 0);

const motionOf = ({ asked, imageDistanceMm }: Imaged) => bodyMotionOf(asked, sightOf(asked), imageDistanceMm);

const solution = ({ asked, light }: Solved) => solveSettings(settingsAsked(asked, light));
const solved = (of: Solved) => solution(of).settings;

interface Kept extends Asked {
  /** µm a second. */
  readonly motion: number;
  /** µm a second. */
  readonly shake: number;
  /** µm. */
  readonly defocus: number;
  /** Working f-number. */
  readonly workingFNumber: number;
  /** µm. */
  readonly pixel: number;
  /** µm. */
  readonly tolerance: number;
  /** Seconds. */
  readonly exposure: number;
  /** µm of the lines of a pan; absent where nothing is panned. */
  readonly streak?: number;
}

function chanceOf({ asked, tolerance, exposure, streak, ...of }: Kept): KeeperChance {
  const blur: BlurInput = {
    motionUmPerSecond: of.motion,
    shakeUmPerSecond: of.shake,
    shakeAlongUmPerSecond: asked.shot.technique === "panned" ? 0 : undefined,
    defocusUm: of.defocus,
    workingFNumber: of.workingFNumber,
    pixelUm: of.pixel,
  };
  return keeperChance({
    blur,
    toleranceUm: tolerance,
    exposure,
    spread: spreadOf(asked, heldPartOf(asked)),
    movingOnly:
      asked.shot.tolerance === "pixel-sharp" ||
      unmendedBy(blur, tolerance, asked.rig.body.fastestShutter) !== undefined,
    pan:
      streak === undefined ? undefined : { streakUm: streak, spread: (asked.hands ?? USUAL_HANDS).panSpread },
  });
}

interface Melted extends Asked {
  readonly focalLengthMm: number;
  readonly fNumber: number;
  /** Metres. */
  readonly distance: number;
  /** Metres; 0 where nothing is panned. */
  readonly streak: number;
}

function melted({ asked, focalLengthMm, fNumber, distance, streak }: Melted): number {
  const { ground } = asked.scene;
  const melt = { ground, focalLengthMm, fNumber, away: distance, streak };
  const { smoothness } = meltOf(backgroundOf(asked), melt);
  return smoothness === "plain" ? Infinity : smoothness;
}

interface Tolerated extends Asked {
  /** Millimetres. */
  readonly circle: number;
  /** µm. */
  readonly pixel: number;
  /** µm. */
  readonly deliveredPixel: number;
  /** µm on the sensor for a metre at the subject. */
  readonly umPerMetre: number;
}

/** The softness of the busiest of all that stands behind and about; without end where all is plain. */
function busiest({ asked, focalLengthMm, fNumber, distance, streak }: Melted): number {
  const { background, around } = sightingOf(asked);
  const melt = { ground: asked.scene.ground, focalLengthMm, fNumber, away: distance, streak };
  const melted = { background: meltOf(background, melt), around: around.map((seen) => meltOf(seen, melt)) };
  return busiestOf(melted)?.smoothness ?? Infinity;
}

interface Panned extends Asked {
  /** µm. */
  readonly tolerance: number;
  /** µm of what does not move. */
  readonly still: number;
  /** µm. */
  readonly streak: number;
}

const panned = ({ asked, tolerance, still, streak }: Panned): number =>
  panKeeperChance(
    Math.sqrt(Math.max(0, tolerance ** 2 - still ** 2)),
    streak,
    (asked.hands ?? USUAL_HANDS).panSpread,
  );

interface Sized extends Asked {
  /** Metres. */
  readonly partSize: number;
}

/** Metres at which a lens gives the wished fill, or another; not a number where it would have to focus nearer than it can. */
function distanceFilling(
  { asked, partSize }: Sized,
  change: Partial<Parameters<typeof distanceForFill>[0]>,
): number {
  const { maxFocalLengthMm, closestFocus } = effectiveLens(asked.rig);
  const wish = reachWish(asked, { sighting: { partSize } });
  const found = distanceForFill({ ...wish, focalLengthMm: maxFocalLengthMm, closestFocus, ...change });
  return found.ok ? found.value : NaN;
}

/** Metres from which the whole of the part fits the frame at the shortest focal length. */
const fitsFrom = (of: Sized): number =>
  distanceFilling(of, {
    fill: 1,
    focalLengthMm: effectiveLens(of.asked.rig).minFocalLengthMm,
    closestFocus: 0,
  });

/** Metres from the subject to a thing that the frame shows behind it. */
function beyondOfThing({ asked }: { readonly asked: AssessInput & { readonly thingId: string } }): number {
  const found = assess(asked);
  return (found.ok && beyondInFrame(frameView(asked, found)).get(asked.thingId)) || NaN;
}

/** Metres to what is dangerous there. */
function awayFromPeril({ asked }: Asked): number {
  const may = mayStand(asked.scene.ground, guardedOf(asked), asked.position);
  return (may.rule !== "yes" && may.rule !== "off-line" && may.peril?.away) || 0;
}

interface Row extends Asked {
  /** Faces. */
  readonly count: number;
  /** Metres from one to the next. */
  readonly spacing: number;
}

const rowOf = ({ asked, count, spacing }: Row) =>
  facesInRow(asked, { sighting: sightingOf(asked) }, count, spacing);

/** Public functions that search, look up or need the plan as a whole: each is called itself, what was worked out before it as a number. */
export const JUDGE_METHODS = {
  "aimOf.x": method<Asked>("m", ({ asked }) => sightOf(asked).aim.x, "common-practice"),
  "aimOf.y": method<Asked>("m", ({ asked }) => sightOf(asked).aim.y, "common-practice"),
  "aimOf.z": method<Asked>("m", ({ asked }) => sightOf(asked).aim.z, "common-practice"),
  "lensOf.x": method<Asked>("m", ({ asked }) => sightOf(asked).lens.x, "common-practice"),
  "lensOf.y": method<Asked>("m", ({ asked }) => sightOf(asked).lens.y, "common-practice"),
  "lensOf.z": method<Asked>("m", ({ asked }) => sightOf(asked).lens.z, "common-practice"),
  faceTurnOf: method<Asked>("°", ({ asked }) => faceTurnOf(sightOf(asked)), "common-practice"),
  partSizeOf: method<Asked & { readonly faceTurn: number }>(
    "m",
    ({ asked, faceTurn }) => partSizeOf(asked, faceTurn),
    "common-practice",
  ),
  "frameSubject.focalLengthMm": method<Framed>(
    "mm",
    (of) => frameOf(of.asked, of).focalLengthMm,
    "handbook-optics",
  ),
  "frameSubject.kept": method<Framed>("", (of) => frameOf(of.asked, of).kept, "handbook-optics"),
  "frameSubject.keptLongEdgePx": method<Framed>(
    "px",
    (of) => frameOf(of.asked, of).keptLongEdgePx,
    "handbook-optics",
  ),
  "frameSubject.frameUp": method<Framed>("m", (of) => frameOf(of.asked, of).frameUp, "handbook-optics"),
  "frameSubject.frameAcross": method<Framed>(
    "m",
    (of) => frameOf(of.asked, of).frameAcross,
    "handbook-optics",
  ),
  "backgroundBehind.beyond": method<Asked>("m", ({ asked }) => backgroundOf(asked).beyond, "common-practice"),
  beyondInFrame: method<{ readonly asked: AssessInput & { readonly thingId: string } }>(
    "m",
    beyondOfThing,
    "common-practice",
  ),
  "mayStand.away": method<Asked>("m", awayFromPeril, "common-practice"),
  "takeOver.nearerThan": method<Sized>("m", fitsFrom, "handbook-optics"),
  "facesInRow.onFirst": method<Row>("f-number", (of) => rowOf(of).onFirst, "handbook-optics"),
  focalLengthForFill: method<Framed>(
    "mm",
    ({ asked, partSize, distance }) =>
      focalLengthForFill({ ...reachWish(asked, { sighting: { partSize } }), distance }),
    "handbook-optics",
  ),
  distanceForFill: method<Sized>("m", (of) => distanceFilling(of, {}), "handbook-optics"),
  "effectiveLens.minFocalLengthMm": method<Asked>(
    "mm",
    ({ asked }) => effectiveLens(asked.rig).minFocalLengthMm,
    "handbook-optics",
  ),
  angleOfViewAt: method<Asked & { readonly focalLengthMm: number; readonly distance: number }>(
    "°",
    ({ asked, focalLengthMm, distance }) =>
      angleOfViewAt(
        focalLengthMm,
        heldSidesMm(asked.rig.body.format, asked.shot.orientation).across,
        distance,
      ),
    "handbook-optics",
  ),
  "findMotion.skewUm": method<Asked & { readonly imageSpeed: number }>(
    "µm",
    ({ asked, imageSpeed }) =>
      1000 *
      rollingShutterLeanMm({ imageMmPerSecond: imageSpeed / 1000, readout: asked.rig.body.readout ?? 0 }),
    "common-practice",
  ),
  stabiliserStopsOf: method<Asked>("stops", ({ asked }) => stabiliserStopsOf(asked.rig), "cipa-dc-011"),
  keptCircleMm: method<Asked & { readonly kept: number }>(
    "mm",
    ({ asked, kept }) => keptCircleMm(asked, kept),
    "handbook-optics",
  ),
  "bodyMotion.radialSpeed": method<Imaged>(
    "m/s",
    (of) => Math.abs(motionOf(of).radialSpeed),
    "common-practice",
  ),
  "bodyMotion.transverseSpeed": method<Imaged>(
    "m/s",
    (of) => motionOf(of).transverseSpeed,
    "common-practice",
  ),
  partSpeed: method<Imaged>("m/s", (of) => partSpeed(motionOf(of), heldPartOf(of.asked)), "common-practice"),
  nettingStops: method<Asked>("stops", ({ asked }) => lostLight(asked, 0).netting, "handbook-optics"),
  paneLoss: method<Asked>("stops", ({ asked }) => lostLight(asked, 0).glass, "handbook-optics"),
  meltOf: method<Melted>("", melted, "handbook-optics"),
  "findLight.sun": method<Lit>("lx", (of) => lightOf(of).sun, "ies-daylight"),
  "findLight.sky": method<Lit>("lx", (of) => lightOf(of).sky, "ies-daylight"),
  "findLight.ground": method<Lit>("lx", (of) => lightOf(of).ground, "ies-daylight"),
  "findLight.moon": method<Lit>("lx", (of) => lightOf(of).moon, "usno-171"),
  "findLight.lamps": method<Lit>("lx", (of) => lightOf(of).lamps, "en-12193"),
  "findLight.evInCloud": method<Lit>("EV", (of) => foundLight(of).evInCloud ?? NaN, "ies-daylight"),
  "settingsAsked.lensWidest": method<Asked>(
    "clicks",
    ({ asked }) => settingsAsked(asked, 0).lensWidest,
    "exif-2-32",
  ),
  "settingsAsked.diffractionAperture": method<Asked>(
    "clicks",
    ({ asked }) => settingsAsked(asked, 0).diffractionAperture,
    "handbook-optics",
  ),
  "settingsAsked.lightEv": method<Solved>(
    "EV",
    ({ asked, light }) => settingsAsked(asked, light).lightEv,
    "common-practice",
  ),
  "solveSettings.filterStops": method<Solved>("stops", (of) => solution(of).filterStops, "exif-2-32"),
  streakExposure: method<Asked>(
    "s",
    ({ asked }) => blurModelOf(asked, { sighting: sightingOf(asked) }).streakExposure ?? NaN,
    "handbook-optics",
  ),
  depthAsked: method<Asked & DepthSeen>(
    "f-number",
    ({ asked, ...seen }) => depthAsked(asked, seen).fNumber,
    "handbook-optics",
  ),
  toleranceUm: method<Tolerated>(
    "µm",
    ({ asked, circle, pixel, deliveredPixel, umPerMetre }) =>
      toleranceUm({
        kind: asked.shot.tolerance,
        part: heldPartOf(asked),
        circleOfConfusionUm: 1000 * circle,
        pixelUm: pixel,
        deliveredPixelUm: deliveredPixel,
        umPerMetre,
      }),
    "common-practice",
  ),
  "keeperChance.chance": method<Kept>("", (of) => chanceOf(of).chance, "variance-rule"),
  "keeperChance.subject": method<Kept>("", (of) => chanceOf(of).subject, "variance-rule"),
  "keeperChance.hand": method<Kept>("", (of) => chanceOf(of).hand, "variance-rule"),
  "keeperChance.pan": method<Kept>("", (of) => chanceOf(of).pan, "variance-rule"),
  "keeperChance.taken": method<Kept>("", (of) => chanceOf(of).taken, "variance-rule"),
  "figureHidden.share": method<Asked>("", ({ asked }) => sightingOf(asked).hidden.share, "common-practice"),
  "figureHidden.head": method<Asked>(
    "",
    ({ asked }) => oneIf(sightingOf(asked).hidden.head),
    "common-practice",
  ),
  "sunToFrame.inFrame": method<Asked>(
    "",
    ({ asked }) => oneIf(sunToFrame(asked, sightingOf(asked)).inFrame),
    "common-practice",
  ),
  "findLight.turn": method<Lit>("°", (of) => foundLight(of).turn, "ies-daylight"),
  "findLight.ownShadow": method<Lit>("", (of) => oneIf(foundLight(of).ownShadow), "handbook-optics"),
  busiestOf: method<Melted>("", busiest, "handbook-optics"),
  panKeeperChance: method<Panned>("", panned, "variance-rule"),
  "solveSettings.short": method<Solved>("clicks", (of) => solution(of).short, "exif-2-32"),
  "solveSettings.missing": method<Solved>("clicks", (of) => solution(of).missing, "exif-2-32"),
  "solveSettings.over": method<Solved>("clicks", (of) => solution(of).over, "exif-2-32"),
  "solveSettings.shutter": method<Solved>("clicks", (of) => solved(of).shutter, "exif-2-32"),
  "solveSettings.aperture": method<Solved>("clicks", (of) => solved(of).aperture, "exif-2-32"),
  "solveSettings.iso": method<Solved>("clicks", (of) => solved(of).iso, "exif-2-32"),
} as const;
