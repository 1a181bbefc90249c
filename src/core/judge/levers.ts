import { bearingTo, alongBearing, planDistance, type Point, type Spot } from "../ground";
import { effectiveLens, lensesFor, type Kit, type Rig } from "../optics";
import { assess } from "./assess";
import type { AssessInput, Assessment } from "./assessment";
import type { SeenBehind } from "./background-found";
import { sightOf } from "./sight-of";

/** What makes a background softer. */
export type LeverCode =
  "nearer" | "kneel" | "open" | "farther-background" | "longer" | "larger-sensor" | "fill-not-crop";

/** What a lever changes of what was asked. */
export interface LeverChange {
  readonly at?: Point;
  /** Metres of the lens above the ground. */
  readonly lensHeight?: number;
  /** Aperture click that is held. */
  readonly aperture?: number;
  readonly spotAt?: Point;
  readonly rig?: Rig;
}

/** A lever for a soft background, with what it brings from here. */
export interface Lever {
  readonly code: LeverCode;
  readonly change: LeverChange;
  readonly background: SeenBehind;
  /** How many times smoother the background gets, above 0; "plain" where nothing is left to be busy with. */
  readonly gain: number | "plain";
}

/** Metres: two steps; the eye of who kneels; how much farther the background is asked to be (common practice). */
const TWO_STEPS = 1.5;
const KNEELING = 0.9;
const FARTHER = 4;
/** Clicks of a stop. */
const STOP = 3;

/**
 * Seven levers for a soft background from here, each assessed by itself in the same figure, the strongest first. What the kit, the
 * ground or the shot do not give is not named; nothing where the background is plain.
 */
export function leversFor(
  input: AssessInput,
  found: Assessment,
  kit: Pick<Kit, "bodies" | "lenses">,
): Lever[] {
  const before = found.sighting.background.smoothness;
  if (before === "plain") return [];
  return changesOf(input, found, kit)
    .flatMap(([code, change]): Lever[] => {
      const there = assess(changedInput(input, change));
      if (!there.ok) return [];
      const { background } = there.sighting;
      const gain = background.smoothness === "plain" ? "plain" : background.smoothness / before;
      return [{ code, change, background, gain }];
    })
    .sort((a, b) => rank(b) - rank(a));
}

const rank = ({ gain }: Lever): number => (gain === "plain" ? Infinity : gain);

/** An input with what a lever changes. */
function changedInput(
  input: AssessInput,
  { at, lensHeight, aperture, spotAt, rig }: LeverChange,
): AssessInput {
  const { scene, shot } = input;
  const moved = (spot: Spot): Spot => (spot.id === shot.spotId && spotAt ? { ...spot, at: spotAt } : spot);
  return {
    ...input,
    position: {
      ...input.position,
      at: at ?? input.position.at,
      lensHeight: lensHeight ?? input.position.lensHeight,
    },
    rig: rig ?? input.rig,
    focalLengthMm: rig || at ? undefined : input.focalLengthMm,
    locked: aperture === undefined ? input.locked : { ...input.locked, aperture },
    scene: spotAt ? { ...scene, ground: { ...scene.ground, spots: scene.ground.spots.map(moved) } } : scene,
  };
}

function changesOf(
  input: AssessInput,
  { sighting, settings }: Assessment,
  kit: Pick<Kit, "bodies" | "lenses">,
): [LeverCode, LeverChange][] {
  const { position, rig } = input;
  const { spot } = sightOf(input);
  const away = planDistance(position.at, spot.at);
  const toward = alongBearing(bearingTo(position.at, spot.at));
  const from = (p: Point, by: number): Point => ({ x: p.x + by * toward.x, y: p.y + by * toward.y });
  const changes: [LeverCode, LeverChange][] = [];
  const { aperture } = settings.settings;
  if (away > 2 * TWO_STEPS) changes.push(["nearer", { at: from(position.at, TWO_STEPS) }]);
  if (position.lensHeight > KNEELING) changes.push(["kneel", { lensHeight: KNEELING }]);
  const open = Math.max(settings.rails.aperture.first, aperture - STOP);
  if (open < aperture) changes.push(["open", { aperture: open }]);
  if (away > 2 * FARTHER) changes.push(["farther-background", { spotAt: from(spot.at, -FARTHER) }]);
  const reach = effectiveLens(rig).maxFocalLengthMm;
  const longer = lensesFor(rig.body, kit.lenses)
    .filter((lens) => lens.maxFocalLengthMm > reach)
    .sort((a, b) => a.maxFocalLengthMm - b.maxFocalLengthMm)[0];
  if (longer) changes.push(["longer", { rig: { body: rig.body, support: rig.support, lens: longer } }]);
  const larger = kit.bodies
    .filter((body) => lensesFor(body, kit.lenses).some(({ id }) => id === rig.lens.id))
    .filter((body) => body.format.widthMm > 1.1 * rig.body.format.widthMm)
    .sort((a, b) => b.format.widthMm - a.format.widthMm)[0];
  if (larger) changes.push(["larger-sensor", { rig: { ...rig, body: larger } }]);
  const { kept } = sighting.frame;
  // Standing so near that nothing is cropped gives the same frame from kept × the distance.
  if (kept < 0.95 && away * kept > 2)
    changes.push(["fill-not-crop", { at: from(position.at, away * (1 - kept)) }]);
  return changes;
}
