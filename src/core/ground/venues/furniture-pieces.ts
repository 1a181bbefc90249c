import { cosDeg, sinDeg } from "../../units";
import type { BlockKind } from "../obstacle-kinds";
import type { Point } from "../vector";
import { BEND, gatesOf } from "./courses";

/** A post, in a venue's own axes. */
export interface PostRow {
  readonly kind: "pole";
  readonly name: string;
  readonly at: Point;
  /** Metres above the ground. */
  readonly height: number;
  /** Metres, above 0. */
  readonly thickness: number;
}

/** A thing that stands on a venue, in its own axes. */
export type FurnitureRow = BlockRow | PostRow;

interface BlockRow {
  readonly kind: BlockKind;
  readonly name: string;
  readonly outline: readonly Point[];
  /** Metres above the ground. */
  readonly height: number;
  /** Metres above the ground of its underside, 0 or more. */
  readonly base: number;
  /** Bearing in degrees from the long axis in which its top rises from the ground; level when left out. */
  readonly rises?: number;
}

type Box = readonly [x: number, y: number, width: number, length: number];

export const rectangle = ([x, y, width, length]: Box): Point[] => [
  { x: x - width / 2, y: y + length / 2 },
  { x: x + width / 2, y: y + length / 2 },
  { x: x + width / 2, y: y - length / 2 },
  { x: x - width / 2, y: y - length / 2 },
];

export const block = (kind: BlockKind, name: string, at: Box, height: number, base = 0): BlockRow => ({
  kind,
  name,
  outline: rectangle(at),
  height,
  base,
});

/** A straight thing of so many metres thick from one place to another. */
export function along(
  kind: BlockKind,
  name: string,
  [x1, y1]: readonly [number, number],
  [x2, y2]: readonly [number, number],
  height: number,
  { thick = 0.1, base = 0 }: { readonly thick?: number; readonly base?: number } = {},
): BlockRow {
  const length = Math.hypot(x2 - x1, y2 - y1);
  const aside = { x: ((y2 - y1) / length) * (thick / 2), y: ((x1 - x2) / length) * (thick / 2) };
  return {
    kind,
    name,
    outline: [
      { x: x1 + aside.x, y: y1 + aside.y },
      { x: x2 + aside.x, y: y2 + aside.y },
      { x: x2 - aside.x, y: y2 - aside.y },
      { x: x1 - aside.x, y: y1 - aside.y },
    ],
    height,
    base,
  };
}

/** A closed line of straight things through places, so many metres high. */
export const about = (
  kind: BlockKind,
  name: string,
  places: readonly Point[],
  height: number,
  shape: { readonly thick?: number; readonly base?: number } = {},
): BlockRow[] =>
  places.flatMap((from, i) => {
    const to = places[(i + 1) % places.length]!;
    const apart = Math.hypot(to.x - from.x, to.y - from.y) > 1e-6;
    return apart ? [along(kind, name, [from.x, from.y], [to.x, to.y], height, shape)] : [];
  });

/** Both goals of a field so many metres long. */
export const goals = (length: number, width: number, height: number, depth: number): FurnitureRow[] =>
  [1, -1].map((end) => block("goal", "Goal", [0, (end * (length + depth)) / 2, width, depth], height));

/** Nets that stop balls behind both ends, so many metres from the middle (common practice). */
export const ballStops = (y: number, width: number): FurnitureRow[] =>
  [1, -1].map((end) => block("net", "Ball-stop net", [0, end * y, width, 0.05], 5));

/** A net across the middle, its lower edge so high over the ground. */
export const netAcross = (width: number, height: number, base = 0): FurnitureRow =>
  block("net", "Net", [0, 0, width, 0.05], height, base);

/** Chords that a round corner is cut in: within 5 cm of the curve of a rink. */
const CHORDS = 8;

/** A rectangle with round corners, counted clockwise from the far right. */
export function rounded(width: number, length: number, radius: number): Point[] {
  const [x, y] = [width / 2 - radius, length / 2 - radius];
  const corner = ([cx, cy]: readonly [number, number], from: number): Point[] =>
    Array.from({ length: CHORDS + 1 }, (_, i) => {
      const turn = from + (90 / CHORDS) * i;
      return { x: cx + radius * sinDeg(turn), y: cy + radius * cosDeg(turn) };
    });
  return [...corner([x, y], 0), ...corner([x, -y], 90), ...corner([-x, -y], 180), ...corner([-x, y], 270)];
}

/** Metres of a rink’s boards, and of the glass over them: along the sides, and about the ends. */
const BOARDS = { high: 1.07, side: 1, end: 1.8 };
/** Metres along a rink at which photographers have a hole in the glass of its sides, its width, its lower and its upper edge. */
const HOLE = { at: 14, width: 0.5, from: 1.3, to: 1.7 };

/**
 * The boards of a rink with the glass over them, higher about the ends than along the sides (IIHF, rules 4 and 5; from memory), and in
 * both sides two holes for a lens (common practice).
 */
export function rinkSide(width: number, length: number, radius: number): FurnitureRow[] {
  const outline = rounded(width + 0.1, length + 0.1, radius);
  const straight = length / 2 - radius;
  const { high, side, end } = BOARDS;
  const x = width / 2 + 0.05;
  const pane = (at: number, [from, to]: readonly [number, number], base: number, top: number): BlockRow =>
    along("glass", "Glass", [at, from], [at, to], top, { thick: 0.02, base });
  const [near, far] = [HOLE.at - HOLE.width / 2, HOLE.at + HOLE.width / 2];
  return [
    ...about("boards", "Boards", outline, high, { thick: 0.1 }),
    ...about("glass", "Glass", outline, high + end, { thick: 0.02, base: high }).filter(({ outline: pane }) =>
      pane.some(({ y }) => Math.abs(y) > straight + 0.1),
    ),
    ...[x, -x].flatMap((at) => [
      pane(at, [-near, near], high, high + side),
      ...[1, -1].flatMap((half) => [
        pane(at, [half * far, half * straight], high, high + side),
        pane(at, [half * near, half * far], high, HOLE.from),
        pane(at, [half * near, half * far], HOLE.to, high + side),
      ]),
    ]),
  ];
}

/** A rail about a rectangle. */
export const railed = (width: number, length: number, height: number): FurnitureRow[] =>
  about("rail", "Rail", rectangle([0, 0, width, length]), height);

/** A team’s bench on either side of a diamond with the fence before it, outward of the line to its base, by its metres from the plate. */
export const dugouts = (plate: number, on: number, out: number): FurnitureRow[] =>
  [1, -1].flatMap((side) => {
    const at = (along: number, aside: number): readonly [number, number] => [
      side * (along + aside) * Math.SQRT1_2,
      plate + (along - aside) * Math.SQRT1_2,
    ];
    const [from, to] = [on - 5, on + 5];
    return [
      along("dugout", "Dugout", at(from, out + 1.5), at(to, out + 1.5), 2.2, { thick: 2 }),
      along("fence", "Dugout fence", at(from, out), at(to, out), 1.2),
    ];
  });

/** Bends of a track of so many metres of straights between an inner and an outer radius, banked in pieces up to a height at the outer edge. */
export const banked = (
  straight: number,
  [inner, outer]: readonly [number, number],
  height: number,
): FurnitureRow[] =>
  [1, -1].flatMap((end) =>
    Array.from({ length: BENDS }, (_, i): BlockRow => {
      const [from, to] = [(180 * i) / BENDS - 90, (180 * (i + 1)) / BENDS - 90];
      const on = (turn: number, radius: number): Point => ({
        x: radius * sinDeg(turn),
        y: end * (straight / 2 + radius * cosDeg(turn)),
      });
      const middle = (from + to) / 2;
      return {
        kind: "bank",
        name: "Banking",
        outline: [on(from, inner), on(from, outer), on(to, outer), on(to, inner)],
        height,
        base: 0,
        rises: end > 0 ? middle : 180 - middle,
      };
    }),
  );
/** Pieces that a banked bend is drawn in. */
const BENDS = 6;

/**
 * The cage about a circle for discus and hammer, seen from above a U that opens to the sector: its back 3.5 m behind the middle, its sides
 * 4 m out, its mouth 6 m wide and 7 m ahead (World Athletics, rules 35 and 37; from memory; panels straightened).
 */
const CAGE: readonly (readonly [number, number])[] = [
  [-3, 5.5],
  [-4, 2],
  [-4, -1.5],
  [-1.8, -3.5],
  [1.8, -3.5],
  [4, -1.5],
  [4, 2],
  [3, 5.5],
];
export const cage = (x: number, y: number): FurnitureRow[] =>
  CAGE.slice(1).map(([bx, by], i) => {
    const [ax, ay] = CAGE[i]!;
    return along("net", "Cage", [x + ax, y + ay], [x + bx, y + by], 5);
  });

/** The backstop behind the plate: a net on an arc, as three straight pieces, so many metres behind it. */
export const backstop = (plate: number, behind: number): FurnitureRow[] => {
  const [near, far] = [0.5 * behind, 1.1 * behind];
  const y = plate - behind;
  return [
    along("mesh", "Backstop", [-far, plate - near], [-near, y], 6),
    along("mesh", "Backstop", [-near, y], [near, y], 6),
    along("mesh", "Backstop", [near, y], [far, plate - near], 6),
  ];
};

/** The raised end walls of a basin, 0.3 m over the water (World Aquatics, FR 2; from memory). */
export const endWalls = (width: number, length: number): FurnitureRow[] =>
  [1, -1].map((end) => block("wall", "End wall", [0, end * (length / 2 + 0.05), width, 0.1], 0.3));

/** Posts at both ends, so far from the middle, each so far to either side. */
export const posts = (
  y: number,
  asides: readonly (readonly [aside: number, height: number])[],
): FurnitureRow[] =>
  [1, -1].flatMap((end) =>
    asides.flatMap(([aside, height]) =>
      (aside === 0 ? [0] : [aside, -aside]).map((x): PostRow => ({
        kind: "pole",
        name: "Goal post",
        at: { x, y: end * y },
        height,
        thickness: 0.12,
      })),
    ),
  );

/** A table for those who keep score or time, beside the middle; its middle so many metres left of the venue's. */
export const scorers = (away: number, length = 4): FurnitureRow =>
  block("table", "Scorers’ table", [-away, 0, 0.8, length], 0.8);

/** Benches of both teams along one side, their middle so many metres left of the venue's. */
export const benches = (away: number, along: number, roofed = false): FurnitureRow[] =>
  [1, -1].map((end) =>
    roofed
      ? block("dugout", "Team bench", [-away, end * along, 1.5, 7], 2.2)
      : block("bench", "Team bench", [-away, end * along, 0.5, 6], 0.5),
  );

/** A starting block for each lane at both walls of a basin or at its one end. */
export const startingBlocks = (
  lanes: number,
  width: number,
  length: number,
  ends: readonly (1 | -1)[],
): FurnitureRow[] =>
  ends.flatMap((end) =>
    Array.from({ length: lanes }, (_, i) =>
      block(
        "bench",
        "Starting block",
        [((i + 0.5) / lanes - 0.5) * width, end * (length / 2 + 0.45), 0.5, 0.7],
        0.7,
      ),
    ),
  );

/** The posts of a course's gates, as they stand on snow or hang over water. */
export const gates = (venue: Parameters<typeof gatesOf>[0]): FurnitureRow[] =>
  gatesOf(venue).flatMap(({ x, y, half }) =>
    [x - half, x + half].map((at): PostRow => ({
      kind: "pole",
      name: "Gate",
      at: { x: at, y },
      height: 1.8,
      thickness: 0.04,
    })),
  );

/** Straight things along the right-hander of a circuit, at so far from the middle of its bend. */
export function bend(
  radius: number,
  piece: (from: readonly [number, number], to: readonly [number, number]) => BlockRow,
): BlockRow[] {
  const curve = Array.from({ length: BENDS + 1 }, (_, i): readonly [number, number] => {
    const turn = 270 + (90 * i) / BENDS;
    return [BEND.x + radius * sinDeg(turn), BEND.y + radius * cosDeg(turn)];
  });
  const all: readonly (readonly [number, number])[] = [
    [BEND.x - radius, -73],
    ...curve,
    [73, BEND.y + radius],
  ];
  return all.slice(1).map((to, i) => piece(all[i]!, to));
}

/** The outline of two straights joined by half circles, in chords: the near bend, then the far one. */
export const outsideOf = (straight: number, radius: number): Point[] =>
  [-1, 1].flatMap((end) =>
    Array.from({ length: 2 * CHORDS + 1 }, (_, i): Point => {
      const turn = (end > 0 ? -90 : 90) + (90 / CHORDS) * i;
      return { x: radius * sinDeg(turn), y: (end * straight) / 2 + radius * cosDeg(turn) };
    }),
  );
