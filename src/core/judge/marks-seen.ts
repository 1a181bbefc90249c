import {
  fromVenue,
  OPEN_GROUND,
  venueMarks,
  venueTemplate,
  type Ground,
  type Point,
  type Vector,
} from "../ground";
import { cutAhead } from "./cut-ahead";
import type { InFrame } from "./in-frame";

/** Something painted or mown on the ground as the frame shows it. */
export interface MarkSeen {
  readonly kind: "line" | "mown";
  readonly outline: readonly InFrame[];
  /** Metres from the lens to its middle. */
  readonly distance: number;
  /** Diameter of its blur disc as a share of the frame's width. */
  readonly disc: number;
}

/** Metres that a line is wide (most rule books: 5 to 12 cm). */
const LINE = 0.1;
/** Metres of a stretch of a line that is drawn as one: blur and distance change along it. */
const STRETCH = 4;
/** Metres that a mower goes wide, there and back (common practice). */
export const MOWN = 5.5;
/** Metres from the lens beyond which a line is thinner than anything drawn, and within which it would fill the frame as a blur. */
const FARTHEST = 160;
const NEAREST = 1;
/** Shares of the frame beyond its edges within which a mark may still reach in by its blur. */
const EDGE = 0.7;
const PAINTED = ["boundary", "line", "circle", "broken"];

/** A lens on the plan: how far ahead a place lies, where it shows, and how soft. */
export interface Lens {
  readonly at: Point;
  /** The unit vector of the view on the plan. */
  readonly ahead: Point;
  readonly point: (p: Vector) => InFrame;
  readonly disc: (metres: number) => number;
}

/** The lines of a venue and, on mown grass, every other band of the mower, as far as they show; bands before lines, the farthest first. */
export function marksSeen({ venue, surface = "grass" }: Ground, lens: Lens): MarkSeen[] {
  const template = venueTemplate(venue.template);
  if (!template.ok || venue.template === OPEN_GROUND.id) return [];
  const lines = venueMarks(venue.template)
    .filter((mark) => PAINTED.includes(mark.kind))
    .flatMap(({ points }) => points.slice(1).flatMap((to, i) => stretches(points[i]!, to)))
    .map((quad) => ({ kind: "line" as const, quad }));
  const { width, length } = template.value;
  const isMown = (template.value.surface ?? surface) === "grass";
  const bands = isMown
    ? Array.from({ length: Math.floor(length / (2 * MOWN)) }, (_, i) => {
        const from = -length / 2 + 2 * i * MOWN;
        const [x, until] = [width / 2, from + MOWN];
        return {
          kind: "mown" as const,
          quad: [
            { x: -x, y: from },
            { x, y: from },
            { x, y: until },
            { x: -x, y: until },
          ],
        };
      })
    : [];
  return [...bands, ...lines]
    .flatMap(({ kind, quad }) => {
      const seen = seenOf(
        quad.map((p) => fromVenue(venue, p)),
        lens,
      );
      return seen ? [{ kind, ...seen }] : [];
    })
    .sort((a, b) => (a.kind === b.kind ? b.distance - a.distance : a.kind === "mown" ? -1 : 1));
}

/** A line between two places as quads, each a stretch of it. */
function stretches(from: Point, to: Point): Point[][] {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const long = Math.hypot(dx, dy);
  if (long < 1e-6) return [];
  const n = Math.ceil(long / STRETCH);
  const aside = { x: (-dy / long) * (LINE / 2), y: (dx / long) * (LINE / 2) };
  return Array.from({ length: n }, (_, i) => {
    const [a, b] = [i / n, (i + 1) / n].map((t) => ({ x: from.x + t * dx, y: from.y + t * dy })) as [
      Point,
      Point,
    ];
    return [
      { x: a.x + aside.x, y: a.y + aside.y },
      { x: b.x + aside.x, y: b.y + aside.y },
      { x: b.x - aside.x, y: b.y - aside.y },
      { x: a.x - aside.x, y: a.y - aside.y },
    ];
  });
}

/** What of a piece of ground lies ahead of the lens, where it shows at all. */
function seenOf(
  quad: readonly Point[],
  { at, ahead, point, disc }: Lens,
): Omit<MarkSeen, "kind"> | undefined {
  const depth = (p: Point): number => (p.x - at.x) * ahead.x + (p.y - at.y) * ahead.y;
  const deep = quad.map(depth);
  if (Math.max(...deep) < NEAREST || Math.min(...deep) > FARTHEST) return undefined;
  const outline = cutAhead(quad, (p) => depth(p) - NEAREST).map((p) => point({ ...p, z: 0 }));
  const touches = (of: (p: InFrame) => number): boolean =>
    outline.some((p) => of(p) > -EDGE) && outline.some((p) => of(p) < EDGE);
  if (outline.length < 3 || !touches((p) => p.across) || !touches((p) => p.up)) return undefined;
  const distance = Math.max(NEAREST, deep.reduce((sum, d) => sum + d, 0) / deep.length);
  return { outline, distance, disc: disc(distance) };
}
