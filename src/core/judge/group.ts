import { creatureOf } from "../motion";
import { distanceForFill, effectiveLens, fNumberForTurned, type Lens } from "../optics";
import type { AssessInput, Assessment } from "./assessment";
import { reachWish } from "./reach-found";
import { keptCircleMm } from "./sighting";

/** Who is sharp of a group that stands one behind the other, the focus on its leader. */
export interface GroupSharp {
  /** How many in front of the leader, 0 or more. */
  readonly before: number;
  /** How many behind it, 0 or more. */
  readonly behind: number | "all";
}

/** A longer group than this is not counted. */
const MOST = 99;

/** Of a group with so many metres between one and the next, above 0. */
export function groupSharp({ sighting: { depth, distance } }: Assessment, spacing: number): GroupSharp {
  const steps = (metres: number): number => Math.min(MOST, Math.floor(metres / spacing));
  return {
    before: steps(distance.value - depth.near),
    behind: depth.far === "unbounded" ? "all" : steps(depth.far - distance.value),
  };
}

/** Up to which distance a lens gives the wished fill. */
export interface LensServes {
  readonly lens: Lens;
  /** Metres, drawn out to its longest. */
  readonly to: number;
}

/** Each lens with the distance up to which it fills the frame as wished, on the body in hand, the farthest first. */
export const lensesServe = (input: AssessInput, found: Assessment, lenses: readonly Lens[]): LensServes[] =>
  lenses
    .flatMap((lens) => {
      const { maxFocalLengthMm, closestFocus } = effectiveLens({ lens });
      const to = distanceForFill({
        ...reachWish(input, found),
        focalLengthMm: maxFocalLengthMm,
        closestFocus,
      });
      return to.ok ? [{ lens, to: to.value }] : [];
    })
    .sort((a, b) => b.to - a.to);

/** Where the lens in hand becomes too long, and what takes over there. */
export interface TakeOver {
  /** Metres nearer than which the subject no longer fits at the short end. */
  readonly nearerThan: number;
  readonly lens: Lens;
  /** Fill that the other lens gives there, drawn out, on the body in hand. */
  readonly fill: number;
}

/** The distance at which a second camera with a shorter lens takes over; undefined where none of the lenses is shorter. */
export function takeOver(
  input: AssessInput,
  found: Assessment,
  lenses: readonly Lens[],
): TakeOver | undefined {
  const { minFocalLengthMm } = effectiveLens(input.rig);
  const wish = { ...reachWish(input, found), fill: 1 };
  const there = distanceForFill({ ...wish, focalLengthMm: minFocalLengthMm, closestFocus: 0 });
  const shorter = lenses
    .filter((l) => l.minFocalLengthMm < minFocalLengthMm)
    .sort((a, b) => b.maxFocalLengthMm - a.maxFocalLengthMm)[0];
  if (!there.ok || !shorter) return undefined;
  const longest = Math.min(minFocalLengthMm, shorter.maxFocalLengthMm);
  return { nearerThan: there.value, lens: shorter, fill: longest / minFocalLengthMm };
}

/** Where the eye lies along a body, from its nearer end (assumed). */
const EYE = { person: 0.5, animal: 0.15, insect: 0.2 };

/** The f-number that would hold the whole subject, turned by so many degrees out of the plane of focus, focused on its eye. */
export const fNumberEndToEnd = (input: AssessInput, { sighting }: Assessment, turnDeg: number): number =>
  fNumberForTurned({
    focalLengthMm: sighting.frame.focalLengthMm,
    subjectDistance: sighting.distance.value,
    length: input.subject.length ?? input.subject.span ?? input.subject.height,
    turnDeg,
    nearShare: EYE[creatureOf(input.subject)],
    circleOfConfusionMm: keptCircleMm(input, sighting.frame.kept),
  });
