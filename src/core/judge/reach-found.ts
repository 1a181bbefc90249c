import { sinDeg, type Maybe } from "../units";
import {
  closestFocalLength,
  angleOfView,
  angleOfViewAt,
  converterLoss,
  cropFactor,
  cropLeft,
  distanceForFill,
  effectiveLens,
  focalLengthForFill,
  fullFrameEquivalent,
  heldSidesMm,
  lightStopsBelowFullFrame,
  markedDistance,
  stackConverters,
  type Body,
  type Converter,
  type CropLeft,
  type Kit,
  type ReachInput,
} from "../optics";
import { apertureFNumber, isoSpeed } from "../exposure";
import { assess } from "./assess";
import type { AssessInput, Assessment } from "./assessment";
import type { SeenBehind } from "./background-found";

/** What a lens gives from here, and what the wished fill asks. */
export interface Reach {
  /** mm that would give the wished fill from here. */
  readonly focalLengthMm: number;
  /** Metres from which the lens in hand, drawn out, gives the wished fill. */
  readonly distance: Maybe<number, "nearer-than-focus">;
  /** Fill at the shortest focal length: above 1 it does not fit from here. */
  readonly fillAtShort: number;
  /** Fill at the longest focal length. */
  readonly fillAtLong: number;
  /** Metres from the front of the lens to the nearest that it focuses. */
  readonly closestFocus: number;
  /** Metres from the sensor mark to the subject, as the focus ring counts. */
  readonly marked: number;
  /** Degrees across the frame at the focused distance. */
  readonly angleAcross: number;
  /** Degrees across the frame with the focus at infinity, as lens tables tell it. */
  readonly angleAtInfinity: number;
  /** mm that a lens which breathes really has at its closest focus; absent where its largest magnification is not told. */
  readonly breathesToMm?: number;
  /** Pixels left of the crop against the deliverable. */
  readonly crop: CropLeft;
}

/** The wished fill of a shot as reach asks for it. */
export const reachWish = (
  { rig, shot }: Pick<AssessInput, "rig" | "shot">,
  { sighting }: { readonly sighting: { readonly partSize: number } },
): ReachInput => ({
  format: rig.body.format,
  orientation: shot.orientation,
  along: shot.along ?? "height",
  partSize: sighting.partSize,
  fill: shot.fill,
});

/** The fill at another focal length from the same place: the image grows with it, as far as the subject is far away. */
export const fillAt = (fill: number, focalLengthMm: number, otherMm: number): number =>
  (fill * otherMm) / focalLengthMm;

/** Reach both ways from where one stands. */
export function reachFound(input: AssessInput, found: Assessment): Reach {
  const { rig, shot } = input;
  const { sighting } = found;
  const optic = effectiveLens(rig);
  const { focalLengthMm, kept, fill } = sighting.frame;
  const wish = reachWish(input, found);
  const distance = sighting.distance;
  const { across } = heldSidesMm(rig.body.format, shot.orientation);
  const { largestMagnification } = rig.lens;
  return {
    focalLengthMm: focalLengthForFill({ ...wish, distance }),
    distance: distanceForFill({
      ...wish,
      focalLengthMm: optic.maxFocalLengthMm,
      closestFocus: optic.closestFocus,
    }),
    fillAtShort: fillAt(fill, focalLengthMm, optic.minFocalLengthMm),
    fillAtLong: fillAt(fill, focalLengthMm, optic.maxFocalLengthMm),
    closestFocus: optic.closestFocus,
    marked: markedDistance(focalLengthMm, distance),
    angleAcross: angleOfViewAt(focalLengthMm, across, distance),
    angleAtInfinity: angleOfView(focalLengthMm, across),
    breathesToMm:
      largestMagnification === undefined
        ? undefined
        : closestFocalLength(rig.lens.closestFocus, largestMagnification),
    crop: cropLeft(rig.body.format, kept, { kind: "pixels", longEdgePx: shot.deliveredLongEdgePx }),
  };
}

/** Metres over level ground from the spot at which the lens in hand, drawn out, gives the wished fill; undefined where it cannot. */
export function fillRing(input: AssessInput, found: Assessment): number | undefined {
  const { distance } = reachFound(input, found);
  if (!distance.ok) return undefined;
  const rise = distance.value * sinDeg(found.sighting.heightAngle);
  return Math.sqrt(Math.max(0, distance.value ** 2 - rise ** 2));
}

/** A converter or a body in place of the one in hand, from the same place. */
export interface Alternative {
  readonly id: string;
  readonly name: string;
  /** Fill of the delivered frame's side, 0 … */
  readonly fill: number;
  /** Pixels along the long edge that are left of the crop. */
  readonly keptPx: number;
  /** ISO click that the light asks for, and clicks short at the ceiling. */
  readonly iso: number;
  /** Clicks that the light is short at the ceiling, 0 or more. */
  readonly short: number;
  readonly background: SeenBehind;
  /** Stops of light that the kept frame collects less than a whole 36×24 at the same exposure. */
  readonly belowFullFrame: number;
}

function alternativeOf(
  input: AssessInput,
  rig: AssessInput["rig"],
  { id, name }: { readonly id: string; readonly name: string },
): Alternative[] {
  const there = assess({ ...input, rig, focalLengthMm: undefined });
  if (!there.ok) return [];
  const { frame, background } = there.sighting;
  return [
    {
      id,
      name,
      fill: frame.fill,
      keptPx: frame.keptLongEdgePx,
      iso: there.settings.settings.iso,
      short: there.settings.short,
      background,
      belowFullFrame: lightStopsBelowFullFrame(rig.body.format, frame.kept),
    },
  ];
}

/** A converter with its price: stops of light lost, and what is seen with it. */
export interface WithConverter extends Alternative {
  /** Stops of light that it takes. */
  readonly loss: number;
  /** mm at the long end with it, and its widest f-number there. */
  readonly focalLengthMm: number;
  /** Its widest f-number at the long end with it. */
  readonly widest: number;
}

/** The lens in hand with each converter of the bag, and with two of them on each other; none where it takes no converter. */
export function withConverters(input: AssessInput, kit: Pick<Kit, "converters">): WithConverter[] {
  const { lens } = input.rig;
  if (!lens.takesConverter) return [];
  const stacks = kit.converters.flatMap((one, i): Converter[] => [
    one,
    ...kit.converters.slice(i + 1).map((other) => stackConverters([one, other])),
  ]);
  return stacks.flatMap((converter) => {
    const rig = { ...input.rig, converter };
    const { maxFocalLengthMm, widestAtLong } = effectiveLens(rig);
    return alternativeOf(input, rig, converter).map((there) => ({
      ...there,
      loss: converterLoss(converter.factor),
      focalLengthMm: maxFocalLengthMm,
      widest: widestAtLong,
    }));
  });
}

/** A body from the same place, and what on 36×24 would make the picture that the body in hand makes. */
export interface WithBody extends Alternative {
  /** Of its sensor by the diagonal, 1 for 36×24. */
  readonly cropFactor: number;
}

/** Each body from the same place with the lens in hand, with what it gives and costs. */
export const withBodies = (input: AssessInput, bodies: readonly Body[]): WithBody[] =>
  bodies.flatMap((body) =>
    alternativeOf(input, { ...input.rig, body }, body).map((there) => ({
      ...there,
      cropFactor: cropFactor(body.format),
    })),
  );

/** Focal length, f-number and ISO on 36×24 that would make the same picture as found. */
export const sameOnFullFrame = (
  { rig }: Pick<AssessInput, "rig">,
  { sighting, settings }: Pick<Assessment, "sighting" | "settings">,
): ReturnType<typeof fullFrameEquivalent> =>
  fullFrameEquivalent({
    format: rig.body.format,
    focalLengthMm: sighting.frame.focalLengthMm,
    fNumber: apertureFNumber(settings.settings.aperture),
    iso: isoSpeed(settings.settings.iso),
  });
