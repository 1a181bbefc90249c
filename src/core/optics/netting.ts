import { cosDeg, sinDeg, tanDeg } from "../units";

/** A netting between the lens and the subject: pitch and wire in metres, seen square on. */
export interface Netting {
  /** Metres from wire to wire, above 0. */
  readonly pitch: number;
  /** Thickness of the wire in metres, above 0. */
  readonly wire: number;
  /** Metres from the entrance pupil; nearer than the subject. */
  readonly distance: number;
}

export interface NettingInput {
  readonly netting: Netting;
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** f-number, above 0. */
  readonly fNumber: number;
  /** Metres from the lens. */
  readonly subjectDistance: number;
  /** Width in metres of the frame at the subject. */
  readonly frameWidth: number;
}

export interface NettingEffect {
  /** Width in metres of the cone of light of one point where it passes the netting. */
  readonly footprint: number;
  /** Worst local loss of one wire, share 0 … 1 of the light. */
  readonly wireLoss: number;
  /** Worst local loss, at a knot of two wires while a footprint has room for one alone, share 0 … 1. */
  readonly localLoss: number;
  /** Mean loss of light in stops, 0 or more: to be exposed for. */
  readonly stops: number;
  /** Under 5 % gone, to 15 % faint, above seen (common practice). */
  readonly structure: "gone" | "faint" | "seen";
  /** Loss of the even veil, share 0 … 1; told once no structure is left, from a footprint of 1.2 pitches. */
  readonly veil: number | "structured";
  /** Whether one opening serves the whole frame: no wire anywhere in it. */
  readonly oneOpening: boolean;
}

/** Local loss under which no structure is left, and above which it is seen (common practice). */
const GONE = 0.05;
const FAINT = 0.15;
/** From a footprint of so many pitches no place of the frame has a knot for itself. */
const EVEN_FROM = 1.2;

/** The footprint in metres from which a netting leaves no structure: by a knot of two wires while there is room for one, else by one wire. */
export function footprintWhereGone({ pitch, wire }: Pick<Netting, "pitch" | "wire">): number {
  // (4/π)·x·(2 − x) = 5 %, x = w/F.
  const byKnot = wire / (1 - Math.sqrt(1 - (GONE * Math.PI) / 4));
  const byWire = ((4 / Math.PI) * wire) / GONE;
  return byKnot < EVEN_FROM * pitch ? byKnot : Math.max(byWire, EVEN_FROM * pitch);
}

/** Stops of light that a netting takes on the whole, seen square on: −2·log2(1 − w/p). */
export const nettingStops = ({ pitch, wire }: Pick<Netting, "pitch" | "wire">): number =>
  -2 * Math.log2(Math.max(1e-6, 1 - wire / pitch));

/**
 * What a netting in front of the lens does: footprint D(1 − d/s), worst loss of one wire (4/π)·w/F of a round pupil, (2 − w/F)
 * times that at a knot of two while F < 1.2 p, even veil 1 − (1 − w/p)². Geometry of the pupil's cone; exact for one straight wire thin against the footprint.
 */
export function nettingEffect({
  netting,
  focalLengthMm,
  fNumber,
  subjectDistance: subject,
  frameWidth,
}: NettingInput): NettingEffect {
  const { pitch, wire, distance } = netting;
  const pupil = focalLengthMm / fNumber / 1000;
  const footprint = pupil * (1 - distance / subject);
  const wireLoss = Math.min(1, ((4 / Math.PI) * wire) / footprint);
  const knot = footprint < EVEN_FROM * pitch ? Math.max(1, 2 - wire / footprint) : 1;
  const localLoss = Math.min(1, knot * wireLoss);
  return {
    footprint,
    wireLoss,
    localLoss,
    stops: nettingStops(netting),
    structure: localLoss < GONE ? "gone" : localLoss <= FAINT ? "faint" : "seen",
    veil: footprint >= EVEN_FROM * pitch ? 1 - (1 - wire / pitch) ** 2 : "structured",
    oneOpening: footprint + (frameWidth * distance) / subject <= pitch - wire,
  };
}

export interface PostShadowInput {
  /** Metres by which a flat post stands in front of the netting, or the radius of a round one that touches it. */
  readonly depth: number;
  readonly round: boolean;
  /** Angle in degrees between the sun's direction and the plane of the netting, 0 … 90, on the plan. */
  readonly angle: number;
  /** Whether the sun stands on the post's side of the netting. */
  readonly sameSide: boolean;
}

/** Width in metres of the shade that a post throws on the netting beyond its own edge; 0 with the sun on the other side. */
export function postShade({ depth, round, angle, sameSide }: PostShadowInput): number {
  if (!sameSide || angle >= 90) return 0;
  return round ? depth * (1 / tanDeg(angle / 2) - 1) : (depth * cosDeg(angle)) / sinDeg(angle);
}

/** Height in metres up to which a post of a height shades the netting: post height − q·tan h/sin β; 0 when it does not reach. */
export const postShadeTop = (input: {
  readonly postHeight: number;
  /** Metres by which the post stands in front of the netting, and the sun's angle to the netting's plane, 0 … 90 degrees. */
  readonly depth: number;
  readonly angle: number;
  readonly sunAltitude: number;
}): number => Math.max(0, input.postHeight - (input.depth * tanDeg(input.sunAltitude)) / sinDeg(input.angle));
