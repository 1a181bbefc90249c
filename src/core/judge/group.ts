import { creatureOf } from "../motion";
import {
  distanceForFill,
  effectiveLens,
  fNumberForTurned,
  heldSidesMm,
  type Body,
  type Lens,
} from "../optics";
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
    before: steps(distance - depth.near),
    behind: depth.far === "unbounded" ? "all" : steps(depth.far - distance),
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
  readonly body: Body;
  readonly lens: Lens;
  /** Fill that the other lens gives there, drawn out, on its own body. */
  readonly fill: number;
}

/**
 * The distance at which the second camera takes over, with what is left for it: the lenses but the one in hand, on its own body.
 * Absent where none of them sees wider.
 */
export function takeOver(
  input: AssessInput,
  found: Assessment,
  second: { readonly body: Body; readonly lenses: readonly Lens[] },
): TakeOver | undefined {
  const { rig, shot } = input;
  const { minFocalLengthMm } = effectiveLens(rig);
  const wish = { ...reachWish(input, found), fill: 1 };
  const there = distanceForFill({ ...wish, focalLengthMm: minFocalLengthMm, closestFocus: 0 });
  const side = ({ format }: Body): number =>
    heldSidesMm(format, shot.orientation)[shot.along === "width" ? "across" : "up"];
  // The focal length that sees on the body in hand as this one does on the second.
  const asSeen = (mm: number): number => (mm * side(rig.body)) / side(second.body);
  const wider = second.lenses
    .filter((l) => l.id !== rig.lens.id && asSeen(l.minFocalLengthMm) < minFocalLengthMm)
    .sort((a, b) => asSeen(b.maxFocalLengthMm) - asSeen(a.maxFocalLengthMm))[0];
  if (!there.ok || !wider) return undefined;
  const longest = Math.min(minFocalLengthMm, asSeen(wider.maxFocalLengthMm));
  return { nearerThan: there.value, body: second.body, lens: wider, fill: longest / minFocalLengthMm };
}

/** Where the eye lies along a body, from its nearer end (assumed). */
const EYE = { person: 0.5, animal: 0.15, insect: 0.2 };

/** The f-number that would hold the whole subject, turned by so many degrees out of the plane of focus, focused on its eye. */
export const fNumberEndToEnd = (input: AssessInput, { sighting }: Assessment, turnDeg: number): number =>
  fNumberForTurned({
    focalLengthMm: sighting.frame.focalLengthMm,
    subjectDistance: sighting.distance,
    length: input.subject.length ?? input.subject.span ?? input.subject.height,
    turnDeg,
    nearShare: EYE[creatureOf(input.subject)],
    circleOfConfusionMm: keptCircleMm(input, sighting.frame.kept),
  });
