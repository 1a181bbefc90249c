import type { BlockKind } from "../obstacle-kinds";
import type { Point } from "../vector";

/** A thing that stands on a venue, in its own axes. */
export interface FurnitureRow {
  readonly kind: BlockKind;
  readonly name: string;
  readonly outline: readonly Point[];
  /** Metres above the ground. */
  readonly height: number;
  /** Metres above the ground of its underside, 0 or more. */
  readonly base: number;
}

type Box = readonly [x: number, y: number, width: number, length: number];

const rectangle = ([x, y, width, length]: Box): Point[] => [
  { x: x - width / 2, y: y + length / 2 },
  { x: x + width / 2, y: y + length / 2 },
  { x: x + width / 2, y: y - length / 2 },
  { x: x - width / 2, y: y - length / 2 },
];

const block = (kind: BlockKind, name: string, at: Box, height: number, base = 0): FurnitureRow => ({
  kind,
  name,
  outline: rectangle(at),
  height,
  base,
});

/** A straight thing of so many metres thick from one place to another. */
function along(
  kind: BlockKind,
  name: string,
  [x1, y1]: readonly [number, number],
  [x2, y2]: readonly [number, number],
  height: number,
  thick = 0.1,
): FurnitureRow {
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
    base: 0,
  };
}

/** Both goals of a field so many metres long. */
const goals = (length: number, width: number, height: number, depth: number): FurnitureRow[] =>
  [1, -1].map((end) => block("goal", "Goal", [0, (end * (length + depth)) / 2, width, depth], height));

/** A net across the middle, its lower edge so high over the ground. */
const netAcross = (width: number, height: number, base = 0): FurnitureRow =>
  block("net", "Net", [0, 0, width, 0.05], height, base);

/** A wall of boards about a rectangle. */
const boards = (width: number, length: number, height: number): FurnitureRow[] => [
  ...[1, -1].map((side) => block("boards", "Boards", [(side * (width + 0.2)) / 2, 0, 0.2, length], height)),
  ...[1, -1].map((end) =>
    block("boards", "Boards", [0, (end * (length + 0.2)) / 2, width + 0.4, 0.2], height),
  ),
];

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
const cage = (x: number, y: number): FurnitureRow[] =>
  CAGE.slice(1).map(([bx, by], i) => {
    const [ax, ay] = CAGE[i]!;
    return along("net", "Cage", [x + ax, y + ay], [x + bx, y + by], 5);
  });

/** The backstop behind the plate: a net on an arc, as three straight pieces, so many metres behind it. */
const backstop = (plate: number, behind: number): FurnitureRow[] => {
  const [near, far] = [0.5 * behind, 1.1 * behind];
  const y = plate - behind;
  return [
    along("mesh", "Backstop", [-far, plate - near], [-near, y], 6),
    along("mesh", "Backstop", [-near, y], [near, y], 6),
    along("mesh", "Backstop", [near, y], [far, plate - near], 6),
  ];
};

/** The posts that carry the baskets, behind the end lines, and the scorer's table beside the middle. */
const BASKETBALL: readonly FurnitureRow[] = [
  ...[1, -1].map((end) => block("chair", "Basket post", [0, end * 15.6, 0.6, 0.8], 3.05)),
  block("table", "Scorer’s table", [-10, 0, 0.8, 6], 0.8),
];

/**
 * What stands on a venue by its id, at the sizes of its rules (from memory of the rule books, where they name one; else common practice).
 * A venue that is left out has nothing that stands in the way.
 */
export const FURNITURE: Readonly<Record<string, readonly FurnitureRow[]>> = {
  "field-hockey": goals(91.4, 3.66, 2.14, 1.2),
  football: goals(105, 7.32, 2.44, 2),
  handball: goals(40, 3, 2, 1),
  futsal: goals(40, 3, 2, 1),
  basketball: BASKETBALL,
  volleyball: [netAcross(9.5, 2.43, 1.43), block("chair", "Referee’s chair", [5.5, 0, 0.8, 0.8], 2)],
  "beach-volleyball": [netAcross(8.5, 2.43, 1.43)],
  badminton: [netAcross(6.1, 1.55, 0.79)],
  tennis: [netAcross(12.8, 0.91), block("chair", "Umpire’s chair", [-7.3, 0, 0.8, 0.8], 2)],
  "table-tennis": [block("table", "Table", [0, 0, 1.525, 2.74], 0.76)],
  // The back wall is glass, through which one looks; the others are not.
  squash: [
    along("wall", "Front wall", [-3.3, 4.95], [3.3, 4.95], 4.57, 0.2),
    ...[1, -1].map((side) => along("wall", "Side wall", [side * 3.3, -4.9], [side * 3.3, 4.9], 4.57, 0.2)),
  ],
  "ice-hockey": boards(30, 60, 1.07),
  "throwing-sector": cage(0, -45),
  // At the point of the sector in the infield.
  "athletics-400": cage(0, -42.2),
  baseball: backstop(-61, 18),
  "baseball-youth": backstop(-30.5, 7.6),
  softball: backstop(-33.53, 7.6),
};

/** A part of a venue that one walks over, in its own axes. */
export interface CrossingRow {
  readonly name: string;
  readonly outline: readonly Point[];
}

/** Where one is let over the lanes of a venue that lie all about it (common practice). */
export const CROSSINGS: Readonly<Record<string, readonly CrossingRow[]>> = {
  // At the height of both bends; the sector of the throws ends before the northern one.
  "athletics-400": [1, -1].map((end) => ({
    name: end > 0 ? "Crossing, far bend" : "Crossing, near bend",
    outline: rectangle([0, end * 84.1, 4, 16]),
  })),
  // Under the track and up again within it.
  velodrome: [{ name: "Tunnel", outline: rectangle([29.5, 0, 15, 3]) }],
};
