/**
 * What stands on a ground, kind by kind, and how each acts. All rows: common practice, no source; measures are what such a
 * thing has until somebody has paced it out.
 *
 * - form: how its body is told (`solids.ts`).
 * - opaque: whether it hides what is behind it; mesh, nets and open fences are looked through.
 * - shades: whether its shade counts as shade; mesh and netting take a click or two and leave the sun.
 * - solid: whether one walks round it and never stands in it; a crowd and a far backdrop are not.
 * - detail: width in metres of what one would make out of it as a background; 0 where there is nothing to make out.
 * - usual: length, depth and height in metres, and the height of its underside.
 */
export interface ObstacleKindRow {
  readonly form: "block" | "tree" | "rod";
  readonly opaque: boolean;
  readonly shades: boolean;
  readonly solid: boolean;
  /** Metres, 0 or more. */
  readonly detail: number;
  readonly usual: {
    /** Metres, above 0. */
    readonly length: number;
    /** Metres, above 0. */
    readonly depth: number;
    /** Metres, above 0. */
    readonly height: number;
    /** Metres, 0 or more. */
    readonly base: number;
  };
}

const row = (
  form: ObstacleKindRow["form"],
  [opaque, shades, solid]: readonly [boolean, boolean, boolean],
  detail: number,
  [length, depth, height, base = 0]: readonly [number, number, number, number?],
): ObstacleKindRow =>
  Object.freeze({ form, opaque, shades, solid, detail, usual: { length, depth, height, base } });

const SOLID = [true, true, true] as const;
/** Netting: seen through, no shade worth the name, but nobody walks through it. */
const OPEN = [false, false, true] as const;

export const OBSTACLE_KINDS = Object.freeze({
  stand: row("block", SOLID, 0.16, [40, 8, 7]),
  building: row("block", SOLID, 0.3, [20, 10, 6]),
  wall: row("block", SOLID, 0.3, [20, 0.3, 2.5]),
  hedge: row("block", SOLID, 0.05, [30, 1, 2]),
  tree: row("tree", SOLID, 0.05, [8, 8, 12, 3]),
  trees: row("block", SOLID, 0.05, [40, 15, 12]),
  fence: row("block", OPEN, 0.05, [30, 0.2, 1.2]),
  mesh: row("block", OPEN, 0.05, [30, 0.1, 4]),
  net: row("block", OPEN, 0.05, [20, 0.1, 5]),
  boards: row("block", SOLID, 0.3, [30, 0.2, 0.9]),
  dugout: row("block", SOLID, 0.3, [6, 2, 2.2]),
  scoreboard: row("block", SOLID, 0.3, [6, 0.4, 5, 2.5]),
  bench: row("block", SOLID, 0.3, [4, 0.5, 0.5]),
  table: row("block", SOLID, 0.3, [4, 0.8, 0.8]),
  chair: row("block", SOLID, 0.3, [1, 0.8, 2]),
  goal: row("block", OPEN, 0.05, [4, 1.2, 2.2]),
  pole: row("rod", SOLID, 0.1, [0.1, 0.1, 5]),
  branch: row("rod", SOLID, 0.05, [2, 0.06, 1.6, 1.4]),
  bank: row("block", SOLID, 0.03, [30, 10, 2]),
  van: row("block", SOLID, 0.3, [5, 2, 2]),
  crowd: row("block", [true, true, false], 0.4, [20, 3, 1.7]),
  backdrop: row("block", [true, true, false], 0.05, [200, 2, 10]),
} satisfies Record<string, ObstacleKindRow>);

export type ObstacleKind = keyof typeof OBSTACLE_KINDS;
export const OBSTACLE_KIND_NAMES = Object.keys(OBSTACLE_KINDS) as readonly ObstacleKind[];

/** Kinds whose body stands on one or two points; every other kind has an outline. */
export const ROD_KINDS = ["pole", "branch"] as const;
export type RodKind = (typeof ROD_KINDS)[number];
export type TreeKind = "tree";
export type BlockKind = Exclude<ObstacleKind, RodKind | TreeKind>;
