import type { Swatch } from "./swatches";

/**
 * What stands on a ground, kind by kind: how each acts, how it looks and what it is looked for under. All rows: common practice, no
 * source; measures are what such a thing has until somebody has paced it out, colours are assumed.
 *
 * - form: how its body is told (`solids.ts`).
 * - acts: "solid" hides, shades and is walked round; "open" is looked through, shades nothing worth the name, and nobody walks
 *   through it; "soft" hides and shades, and one may stand in it.
 * - detail: width in metres of what one would make out of it as a background; 0 where there is nothing to make out.
 * - usual: length, depth and height in metres, and the height of its underside.
 * - look: as what it is drawn.
 * - group: under what somebody looks for it who puts things on a ground.
 * - swatch: its colour where its own is not told.
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
  readonly look: ObstacleLook;
  readonly group: "built" | "netting" | "grows" | "behind";
  readonly swatch: Swatch;
  /** Set where people sit or stand in it: faces are made out, and a meter sees a dark crowd. */
  readonly seated: boolean;
  /** Set where its wires are drawn one by one and looked through from near. */
  readonly wires: boolean;
  /** Set where nothing of it is seen in a picture: a pane takes light, and that is all. */
  readonly clear: boolean;
  /** What it stops that flies, rolls or runs: everything; horses and runners alone; nothing. */
  readonly stops: "all" | "runners" | "nothing";
}

/** What a thing is drawn as: something built, thin, leaves, netting, a pane, people, a bank of earth. */
export type ObstacleLook = "built" | "thin" | "leaves" | "netting" | "glass" | "crowd" | "bank";

const ACTS = {
  solid: { opaque: true, shades: true, solid: true },
  open: { opaque: false, shades: false, solid: true },
  soft: { opaque: true, shades: true, solid: false },
} as const;

type Marks = Pick<ObstacleKindRow, "seated" | "wires" | "clear" | "stops">;

/** What is built and a bank stop what comes; a bush and a post do not. */
const STOPPING: readonly ObstacleLook[] = ["built", "bank"];

const row = (
  form: ObstacleKindRow["form"],
  acts: keyof typeof ACTS,
  detail: number,
  [length, depth, height, base = 0]: readonly [number, number, number, number?],
  look: ObstacleLook,
  group: ObstacleKindRow["group"],
  swatch: Swatch,
  { seated = false, wires = false, clear = false, stops }: Partial<Marks> = {},
): ObstacleKindRow =>
  Object.freeze({
    form,
    ...ACTS[acts],
    detail,
    usual: { length, depth, height, base },
    look,
    group,
    swatch,
    seated,
    wires,
    clear,
    stops:
      stops ?? (form === "block" && (STOPPING.includes(look) || group === "netting") ? "all" : "nothing"),
  });

const SEATED = { seated: true } as const;
const WIRES = { wires: true } as const;
const CLEAR = { clear: true } as const;
const RUNNERS = { stops: "runners" } as const;

// prettier-ignore
export const OBSTACLE_KINDS = Object.freeze({
  stand:      row("block", "solid", 0.16, [40, 8, 7],         "built",   "built",   "concrete", SEATED),
  building:   row("block", "solid", 0.3,  [20, 10, 6],        "built",   "built",   "stone"),
  wall:       row("block", "solid", 0.3,  [20, 0.3, 2.5],     "built",   "netting", "stone"),
  hedge:      row("block", "solid", 0.05, [30, 1, 2],         "leaves",  "grows",   "leaf"),
  tree:       row("tree",  "solid", 0.05, [8, 8, 12, 3],      "leaves",  "grows",   "dark-green"),
  trees:      row("block", "solid", 0.05, [40, 15, 12],       "leaves",  "grows",   "dark-green"),
  fence:      row("block", "open",  0.05, [30, 0.2, 1.2],     "netting", "netting", "stone"),
  mesh:       row("block", "open",  0.05, [30, 0.1, 4],       "netting", "netting", "stone", WIRES),
  net:        row("block", "open",  0.05, [20, 0.1, 5],       "netting", "netting", "stone", WIRES),
  boards:     row("block", "solid", 0.3,  [30, 0.2, 0.9],     "thin",    "netting", "white"),
  glass:      row("block", "open",  0,    [10, 0.02, 1.8, 1], "glass",   "netting", "white", CLEAR),
  rail:       row("block", "open",  0.05, [50, 0.1, 1.1],     "thin",    "netting", "white", RUNNERS),
  dugout:     row("block", "solid", 0.3,  [6, 2, 2.2],        "built",   "built",   "stone"),
  scoreboard: row("block", "solid", 0.3,  [6, 0.4, 5, 2.5],   "built",   "built",   "black"),
  bench:      row("block", "solid", 0.3,  [4, 0.5, 0.5],      "built",   "built",   "stone"),
  table:      row("block", "solid", 0.3,  [4, 0.8, 0.8],      "built",   "built",   "stone"),
  chair:      row("block", "solid", 0.3,  [1, 0.8, 2],        "built",   "built",   "stone"),
  goal:       row("block", "open",  0.05, [4, 1.2, 2.2],      "netting", "netting", "stone"),
  pole:       row("rod",   "solid", 0.1,  [0.1, 0.1, 5],      "thin",    "built",   "stone"),
  branch:     row("rod",   "solid", 0.05, [2, 0.06, 1.6, 1.4], "thin",   "grows",   "stone"),
  bank:       row("block", "solid", 0.03, [30, 10, 2],        "bank",    "grows",   "stone"),
  van:        row("block", "solid", 0.3,  [5, 2, 2],          "built",   "built",   "stone"),
  crowd:      row("block", "soft",  0.4,  [20, 3, 1.7],       "crowd",   "behind",  "stone", SEATED),
  backdrop:   row("block", "soft",  0.05, [200, 2, 10],       "leaves",  "behind",  "stone"),
} satisfies Record<string, ObstacleKindRow>);

export type ObstacleKind = keyof typeof OBSTACLE_KINDS;
export const OBSTACLE_KIND_NAMES = Object.keys(OBSTACLE_KINDS) as readonly ObstacleKind[];

/** Kinds whose body stands on one or two points; every other kind has an outline. */
export const ROD_KINDS = ["pole", "branch"] as const;
export type RodKind = (typeof ROD_KINDS)[number];
export type TreeKind = "tree";
export type BlockKind = Exclude<ObstacleKind, RodKind | TreeKind>;
