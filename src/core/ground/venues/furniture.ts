import type { Point } from "../vector";
import { BEND } from "./courses";
import {
  about,
  along,
  backstop,
  ballStops,
  banked,
  benches,
  bend,
  block,
  cage,
  dugouts,
  endWalls,
  gates,
  goals,
  netAcross,
  outsideOf,
  posts,
  railed,
  rectangle,
  rinkSide,
  rounded,
  scorers,
  startingBlocks,
  type FurnitureRow,
} from "./furniture-pieces";

const TENNIS: readonly FurnitureRow[] = [
  netAcross(12.8, 0.91),
  block("chair", "Umpire’s chair", [-7.3, 0, 0.8, 0.8], 2),
];

/** The posts that carry the baskets, behind the end lines, the scorers' table, benches, and seats along the one side. */
const BASKETBALL: readonly FurnitureRow[] = [
  ...[1, -1].map((end) => block("chair", "Basket post", [0, end * 15.6, 0.6, 0.8], 3.05)),
  scorers(10, 6),
  ...benches(10, 7),
  block("stand", "Seats", [-12.5, 0, 1.6, 28], 1.5),
];

/**
 * What stands on a venue by its id, at the sizes of its rules (from memory of the rule books, where they name one; else common practice).
 * A venue that is left out has nothing that stands in the way.
 */
export const FURNITURE: Readonly<Record<string, readonly FurnitureRow[]>> = {
  "field-hockey": [
    ...goals(91.4, 3.66, 2.14, 1.2),
    ...ballStops(54, 40),
    scorers(32),
    ...benches(32, 9, true),
  ],
  football: [...goals(105, 7.32, 2.44, 2), ...benches(38.5, 10, true)],
  "rugby-union": posts(50, [[2.8, 12]]),
  "rugby-league": posts(50, [[2.75, 12]]),
  gridiron: posts(54.86, [[2.82, 10]]),
  "australian-football": posts(82.5, [
    [3.2, 15],
    [9.6, 10],
  ]),
  "gaelic-field": [...goals(140, 6.5, 2.5, 1.5), ...posts(70, [[3.25, 7]])],
  lacrosse: [
    ...[1, -1].map((end) => block("goal", "Goal", [0, end * 42.2, 1.83, 1.8], 1.83)),
    ...ballStops(60, 30),
  ],
  cricket: [
    ...[1, -1].flatMap((end) => [
      block("backdrop", "Sight screen", [0, end * 69, 9, 0.5], 4),
      block("chair", "Stumps", [0, end * 10.06, 0.23, 0.05], 0.71),
    ]),
    ...about("rail", "Boundary rope", rounded(130, 130, 65), 0.1),
  ],
  handball: [...goals(40, 3, 2, 1), scorers(11.8), ...benches(11.8, 7)],
  futsal: [...goals(40, 3, 2, 1), scorers(11.8), ...benches(11.8, 7)],
  korfball: [...posts(13.33, [[0, 3.5]]), scorers(11.8)],
  netball: [...posts(15.1, [[0, 3.05]]), scorers(11.4), ...benches(11.4, 7)],
  basketball: BASKETBALL,
  volleyball: [
    netAcross(9.5, 2.43, 1.43),
    block("chair", "Referee’s chair", [5.5, 0, 0.8, 0.8], 2),
    scorers(8, 3),
  ],
  "beach-volleyball": [netAcross(8.5, 2.43, 1.43)],
  badminton: [netAcross(6.1, 1.55, 0.79), block("chair", "Umpire’s chair", [-4.2, 0, 0.8, 0.8], 1.9)],
  tennis: TENNIS,
  "table-tennis": [block("table", "Table", [0, 0, 1.525, 2.74], 0.76)],
  // The back wall is glass up to the line of the outs, through which one looks; the others are not.
  squash: [
    along("wall", "Front wall", [-3.3, 4.95], [3.3, 4.95], 4.57, { thick: 0.2 }),
    ...[1, -1].map((side) =>
      along("wall", "Side wall", [side * 3.3, -4.9], [side * 3.3, 4.9], 4.57, { thick: 0.2 }),
    ),
    along("glass", "Glass back wall", [-3.2, -4.9], [3.2, -4.9], 2.13, { thick: 0.02 }),
  ],
  "ice-hockey": rinkSide(30, 60, 8.5),
  "pool-50": [...startingBlocks(10, 25, 50, [1, -1]), ...endWalls(25, 50)],
  "pool-25": [...startingBlocks(8, 20, 25, [-1]), ...endWalls(20, 25)],
  "show-jumping": railed(50, 80, 1.2),
  // Low boards, which a horse leaves at one gate alone.
  dressage: about("boards", "Arena boards", rectangle([0, 0, 20, 60]), 0.3),
  // Banked to 42° in its bends, and the rail over the outer edge.
  velodrome: [
    ...banked(37, [28.01, 35.01], 4.7),
    ...[1, -1].map((side) => along("rail", "Rail", [side * 35.1, -18.5], [side * 35.1, 18.5], 0.9)),
  ],
  "water-polo": [...goals(30, 3, 0.9, 0.5), scorers(12, 3)],
  "fencing-piste": [scorers(3, 2)],
  "judo-mat": [scorers(9.2, 3)],
  "speed-climbing": [block("wall", "Wall", [0, 2.7, 6, 0.4], 15.5)],
  "archery-70": [-5, 0, 5].map((x) => block("boards", "Target butt", [x, 30.3, 1.3, 0.3], 1.9)),
  "throwing-sector": cage(0, -45),
  // At the point of the sector in the infield.
  "athletics-400": [
    ...cage(0, -42.2),
    block("bench", "Landing mat", [25, -53, 6, 4], 0.7),
    block("bench", "Landing mat", [30, -34, 6, 6], 0.8),
  ],
  baseball: [...backstop(-61, 18), ...dugouts(-61, 20, 18)],
  "baseball-youth": [...backstop(-30.5, 7.6), ...dugouts(-30.5, 14, 7.6)],
  softball: [...backstop(-33.53, 7.6), ...dugouts(-33.53, 14, 7.6)],
  "football-7": goals(55, 3.66, 1.83, 1),
  "football-9": goals(73, 4.88, 2.13, 1.5),
  // Boards of 0.28 m along the sides, posts that give way.
  polo: [
    ...posts(137.16, [[3.66, 3]]),
    ...[1, -1].map((side) => along("boards", "Side boards", [side * 73.2, -137], [side * 73.2, 137], 0.28)),
  ],
  // Hurdles 0.6 m high and 1.3 m wide, on a serpentine.
  "dog-agility": [-14, -7, 0, 7, 14].map((y, i) =>
    block("rail", "Hurdle", [i % 2 === 0 ? 4 : -4, y, 1.3, 0.3], 0.6),
  ),
  racecourse: [1, -1].map((side) =>
    along("rail", "Running rail", [side * 15.2, -200], [side * 15.2, 200], 1.1),
  ),
  // A barrier within and without, with a debris fence over the outer one.
  "motor-bend": [
    ...bend(BEND.radius - 15, (a, b) => along("wall", "Barrier", a, b, 1.1, { thick: 0.3 })),
    ...bend(BEND.radius + 27, (a, b) => along("wall", "Barrier", a, b, 1.1, { thick: 0.3 })),
    ...bend(BEND.radius + 27.5, (a, b) => along("mesh", "Debris fence", a, b, 3.5, { base: 1.1 })),
  ],
  // Open where the riders come out of the pits.
  speedway: about(
    "boards",
    "Safety fence",
    [{ x: 39.3, y: -3 }, ...outsideOf(60, 39.3), { x: 39.3, y: 3 }],
    1.2,
    { thick: 0.4 },
  ).slice(0, -1),
  "slalom-hill": gates("slalom-hill"),
  "ski-piste": [
    ...gates("ski-piste"),
    ...[1, -1].map((side) => along("net", "Safety net", [side * 18.5, -100], [side * 18.5, 100], 2)),
  ],
  // The walls rise to both sides.
  "half-pipe": [1, -1].map((side): FurnitureRow => ({
    ...block("bank", "Wall of the pipe", [side * 9.5, 0, 3, 170], 6.7),
    rises: side * 90,
  })),
  "jump-hill": [
    ...[1, -1].map((side) => along("boards", "Side boards", [side * 12.6, -50], [side * 12.6, 110], 0.8)),
    block("stand", "Coaches’ stand", [-19, 60, 4, 8], 3),
  ],
  "canoe-slalom": gates("canoe-slalom"),
  // A quarter pipe at either end, and a box in the middle.
  "skate-park": [
    ...[1, -1].map((end): FurnitureRow => ({
      ...block("bank", "Quarter pipe", [0, end * 21, 20, 3], 1.8),
      rises: end > 0 ? 0 : 180,
    })),
    block("bench", "Box", [0, 0, 4, 6], 0.5),
  ],
  "jump-line": [-15, 5].flatMap((y): FurnitureRow[] => [
    { ...block("bank", "Take-off", [0, y, 3, 4], 1.6), rises: 0 },
    { ...block("bank", "Landing", [0, y + 10, 3, 5], 1.5), rises: 180 },
  ]),
  "basketball-outdoor": [1, -1].map((end) => block("chair", "Basket post", [0, end * 15.6, 0.3, 0.3], 3.05)),
  "basketball-3x3": [block("chair", "Basket post", [0, 6.9, 0.6, 0.8], 3.05)],
  "netball-outdoor": posts(15.1, [[0, 3.05]]),
  "tennis-hard": TENNIS,
  // Glass behind and round the corners, mesh between; the net in the middle.
  padel: [
    netAcross(10, 0.92),
    ...[1, -1].flatMap((end) => [
      along("glass", "Glass", [-5, end * 10.05], [5, end * 10.05], 3, { thick: 0.02 }),
      ...[1, -1].flatMap((side) => [
        along("glass", "Glass", [side * 5.05, end * 6], [side * 5.05, end * 10], 3, { thick: 0.02 }),
        along("mesh", "Mesh", [side * 5.05, end * 1], [side * 5.05, end * 6], 3),
      ]),
    ]),
  ],
  floorball: [
    ...about("boards", "Board", rounded(20, 40, 3), 0.5, { thick: 0.05 }),
    ...[1, -1].map((end) => block("goal", "Goal", [0, end * 16.35, 1.6, 0.6], 1.15)),
    scorers(12.2),
  ],
  "gym-hall": [block("bench", "Benches", [-6.9, 0, 0.4, 12], 0.4)],
  // Ropes in four lines up to 1.3 m over a floor of 1 m.
  "boxing-ring": about("rail", "Ropes", rectangle([0, 0, 6.1, 6.1]), 2.3, { thick: 0.05, base: 1.4 }),
  "wrestling-mat": [scorers(7.6, 3)],
  "karate-mat": [scorers(7.6, 3)],
  "pool-50-outdoor": [...startingBlocks(10, 25, 50, [1, -1]), ...endWalls(25, 50)],
  // Springboards at 1 and 3 m, and the tower with its platform at 10.
  "diving-pool": [
    block("bench", "1 m board", [-7, 13.6, 0.6, 4.6], 1.05, 0.9),
    block("bench", "3 m board", [7, 13.6, 0.6, 4.6], 3.05, 2.9),
    block("building", "Tower", [0, 15.2, 3, 4], 10),
  ],
  "lead-wall": [block("wall", "Wall", [0, 3.2, 16, 0.4], 15.5)],
  "boulder-wall": [block("wall", "Wall", [0, 3.2, 24, 0.4], 4.5)],
  "garden-feeder": [
    { kind: "pole", name: "Feeder", at: { x: 0, y: 0.4 }, height: 1.7, thickness: 0.06 },
    block("hedge", "Hedge", [0, 11, 22, 1.2], 1.8),
    block("building", "House", [0, -16, 12, 8], 6),
  ],
  wood: [
    block("trees", "Trees", [0, 30, 80, 18], 16),
    block("trees", "Trees", [-31, -4, 16, 46], 16),
    block("trees", "Trees", [31, -4, 16, 46], 16),
  ],
  "reed-bed": [
    block("hedge", "Reeds", [-28, 2, 30, 6], 2.2),
    block("hedge", "Reeds", [28, 2, 30, 6], 2.2),
    block("boards", "Screen", [0, -14, 8, 0.1], 1.1),
  ],
  estuary: [block("bank", "Sea wall", [0, -40, 240, 6], 2)],
  harbour: [block("building", "Sheds", [-50, -50, 60, 12], 7)],
  savanna: [
    block("trees", "Thorn trees", [-70, 60, 20, 12], 6),
    block("trees", "Thorn trees", [80, 80, 24, 12], 6),
  ],
  // A mesh before the visitors' way, a pane at its middle, a wall behind.
  zoo: [
    along("mesh", "Mesh", [-18, -2.2], [-3, -2.2], 3),
    along("mesh", "Mesh", [3, -2.2], [18, -2.2], 3),
    along("glass", "Pane", [-3, -2.2], [3, -2.2], 2.4, { thick: 0.04 }),
    block("wall", "Wall", [0, 18.2, 36, 0.4], 3),
  ],
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
  "indoor-track-200": [1, -1].map((end) => ({
    name: end > 0 ? "Crossing, far bend" : "Crossing, near bend",
    outline: rectangle([0, end * 42.5, 4, 9]),
  })),
  // Where the riders come out of the pits.
  speedway: [{ name: "Pit gate", outline: rectangle([33, 0, 18, 4]) }],
  // Under the track and up again within it.
  velodrome: [{ name: "Tunnel", outline: rectangle([29.5, 0, 15, 3]) }],
};
