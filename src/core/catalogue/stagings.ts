import { grownOf } from "./subjects/grown";

/**
 * Where each subject of the library is met: its venues, the usual one first; where on that venue and which way it goes. Places in the
 * venue's own axes (x to the right, y along its long axis, metres), ways as bearings from the long axis, z the height in metres of the
 * figure's foot above the ground. Common practice, no source; measures chosen.
 */
export interface Staging {
  readonly subjectId: string;
  /** Ids of venue templates. */
  readonly venues: readonly string[];
  /** Metres to the right of the venue's middle. */
  readonly x: number;
  /** Metres along the venue from its middle. */
  readonly y: number;
  /** Metres above the ground. */
  readonly z: number;
  /** Bearing in degrees in the venue's own axes. */
  readonly facing: number;
  /** What it happens on in open ground; see `Scenery`. */
  readonly scenery: Scenery;
  /** Where on another of its venues it is met, as x and y, where that is not the same place by the measures of the two; and its way there, where it is another. */
  readonly elsewhere?: Readonly<Record<string, readonly [x: number, y: number, facing?: number]>>;
}

/**
 * The ground about a subject that is met in the open: a course along which it comes, closed to everybody, between rails
 * where horses race; water with a shore near or, of the sea, beyond the break; snow; a wall that is climbed; or nothing but
 * the ground.
 */
export type Scenery =
  "venue" | "road" | "field-course" | "racecourse" | "water" | "sea" | "snow-course" | "wall" | "plain";

type Row = readonly [
  venues: string,
  place: readonly [number, number, number, number?],
  scenery: Scenery,
  elsewhere?: Staging["elsewhere"],
];

const OPEN = "open-ground";

// prettier-ignore
const ROWS: Readonly<Record<string, Row>> = {
  "hockey-runner": ["field-hockey", [16, 30, 0], "venue"],
  "hockey-drag-flicker": ["field-hockey", [2, 31, 0], "venue"],
  "hockey-goalkeeper": ["field-hockey", [0, 45, 180], "venue"],
  "ice-hockey-skater": ["ice-hockey", [6, 16, 30], "venue"],
  "ice-hockey-goalkeeper": ["ice-hockey", [0, 25, 180], "venue"],
  "football-runner": ["football", [20, 30, 0], "venue"],
  "football-runner-youth": ["football-7 football-9 football", [9, 16, 0], "venue"],
  "football-kick": ["football", [12, 38, 0], "venue"],
  "football-goalkeeper": ["football", [0, 51, 180], "venue"],
  "football-goalkeeper-youth": ["football-7 football-9 football", [0, 26.5, 180], "venue"],
  "football-header": ["football", [4, 45, 20], "venue"],
  "rugby-runner": ["rugby-union rugby-league", [22, 34, 0], "venue"],
  "rugby-lineout": ["rugby-union", [30, 28, 90], "venue"],
  "rugby-tackle": ["rugby-union rugby-league", [22, 34, 0], "venue"],
  "gridiron-runner": ["gridiron", [14, 30, 0], "venue"],
  "gridiron-passer": ["gridiron", [0, 20, 0], "venue"],
  "gridiron-receiver": ["gridiron", [16, 42, 180], "venue"],
  "australian-mark": ["australian-football", [25, 55, 180], "venue"],
  "gaelic-football-runner": ["gaelic-field", [22, 42, 0], "venue"],
  "gaelic-football-catch": ["gaelic-field", [8, 30, 180], "venue"],
  "hurling-striker": ["gaelic-field", [25, 45, 0], "venue"],
  "lacrosse-shot": ["lacrosse", [14, 32, 0], "venue"],
  "futsal-player": ["futsal gym-hall", [4, 12, 10], "venue"],
  "floorball-player": ["floorball gym-hall", [4, 11, 10], "venue"],
  "basketball-drive": ["basketball basketball-outdoor basketball-3x3 gym-hall", [3, 7, 10], "venue", { "basketball-3x3": [3, 0.5], "gym-hall": [3, 7] }],
  "basketball-jump-shot": ["basketball basketball-outdoor basketball-3x3 gym-hall", [3, 8, 0], "venue", { "basketball-3x3": [3, 1], "gym-hall": [3, 7] }],
  "basketball-dunk": ["basketball basketball-outdoor basketball-3x3", [0.8, 12, 0], "venue", { "basketball-3x3": [0.8, 3.8] }],
  "wheelchair-basketball": ["basketball basketball-outdoor gym-hall", [3, 8, 10], "venue"],
  "wheelchair-rugby": ["basketball gym-hall", [4, 9, 20], "venue"],
  "handball-throw": ["handball", [-2, 12, 0], "venue"],
  "handball-goalkeeper": ["handball futsal", [0, 19.3, 180], "venue"],
  "volleyball-attack": ["volleyball beach-volleyball gym-hall", [2, -1, 0], "venue", { "gym-hall": [2, -1] }],
  "volleyball-block": ["volleyball beach-volleyball gym-hall", [1, 0.6, 180], "venue", { "gym-hall": [1, 0.6] }],
  "volleyball-dig": ["volleyball beach-volleyball gym-hall", [-2, -6, 0], "venue", { "gym-hall": [-2, -6] }],
  "netball-shot": ["netball netball-outdoor", [1, 13, 0], "venue"],
  "korfball-shot": ["korfball", [2, 10, 0], "venue"],
  "baseball-batter": ["baseball", [-0.9, -61, 90], "venue"],
  "baseball-batter-youth": ["baseball-youth baseball", [-0.9, -30.5, 90], "venue", { baseball: [-0.9, -61] }],
  "baseball-pitcher": ["baseball baseball-youth", [0, -42.6, 180], "venue", { "baseball-youth": [0, -16.5] }],
  "baseball-fielder": ["baseball softball baseball-youth", [-14, -33, 135], "venue", { softball: [-9, -14], "baseball-youth": [-9, -12] }],
  "baseball-catcher": ["baseball softball baseball-youth", [0, -62, 0], "venue", { softball: [0, -34.6], "baseball-youth": [0, -31.6] }],
  "baseball-slide": ["baseball baseball-youth softball", [19.4, -41.6, 45], "venue", { "baseball-youth": [12.9, -17.6], softball: [12.9, -20.6] }],
  "softball-batter": ["softball", [-0.9, -33.5, 90], "venue"],
  "softball-pitcher": ["softball", [0, -20.4, 180], "venue"],
  "cricket-batter": ["cricket", [0, 8.6, 180], "venue"],
  "cricket-bowler": ["cricket", [1, -9.5, 0], "venue"],
  "cricket-fielder": ["cricket", [30, 20, 270], "venue"],
  "cricket-wicketkeeper": ["cricket", [0, 14, 180], "venue"],
  "tennis-serve": ["tennis tennis-hard", [1, -12, 350], "venue"],
  "tennis-stroke": ["tennis tennis-hard", [-2, -11, 0], "venue"],
  "wheelchair-tennis": ["tennis-hard tennis", [-2, -11, 0], "venue"],
  "padel-stroke": ["padel", [-2, -6.5, 0], "venue"],
  "badminton-smash": ["badminton gym-hall", [1, -4, 0], "venue", { "gym-hall": [1, -4] }],
  "badminton-net": ["badminton gym-hall", [-1, -1.5, 0], "venue", { "gym-hall": [-1, -1.5] }],
  "table-tennis": ["table-tennis", [0, -2.2, 0], "venue"],
  "squash-stroke": ["squash", [-1.5, -2, 110], "venue"],
  "golf-swing": [`${OPEN} golf-hole`, [0, 0, 270], "plain", { "golf-hole": [0, -78, 90] }],
  sprinter: ["athletics-400 indoor-track-200", [39, 30, 0], "venue", { "indoor-track-200": [1.8, 20] }],
  "sprint-start": ["athletics-400 indoor-track-200", [39, -56.5, 0], "venue", { "indoor-track-200": [1.8, -29] }],
  "distance-runner": ["athletics-400 indoor-track-200", [37.3, 20, 0], "venue", { "indoor-track-200": [18.5, 5] }],
  "road-runner": [OPEN, [0, 0, 180], "road"],
  "cross-country-runner": [OPEN, [0, 0, 180], "field-course"],
  "triathlete-exit": ["beach open-ground", [0, -13, 180], "venue"],
  "trail-runner": [OPEN, [0, 0, 180], "field-course"],
  "high-hurdler": ["athletics-400 indoor-track-200", [40, 10, 0], "venue", { "indoor-track-200": [1.8, 0] }],
  "low-hurdler": ["athletics-400", [38, 20, 0], "venue"],
  steeplechaser: ["athletics-400", [37.5, 30, 0], "venue"],
  "race-walker": ["athletics-400", [38, 20, 0], "venue"],
  "long-jumper": ["athletics-400 indoor-track-200", [-50.5, 13, 0], "venue", { "indoor-track-200": [-12, 14] }],
  "high-jumper": ["athletics-400", [25, -50, 180, 1.5], "venue"],
  "pole-vaulter": ["athletics-400", [30, -30, 180, 4], "venue"],
  "shot-putter": ["athletics-400", [20, 56, 180], "venue"],
  "discus-thrower": ["throwing-sector athletics-400", [0, -45, 0], "venue", { "athletics-400": [0, -42.2] }],
  "hammer-thrower": ["throwing-sector athletics-400", [0, -45, 0], "venue", { "athletics-400": [0, -42.2] }],
  "javelin-thrower": ["javelin-sector athletics-400", [0, -44, 0], "venue", { "athletics-400": [0, -44.2] }],
  archer: ["archery-70", [3, -40.5, 0], "venue"],
  "relay-exchange": ["athletics-400", [40, -35, 0], "venue"],
  "swimmer-crawl": ["pool-25 pool-50 pool-50-outdoor pool-10", [6.25, 4, 0], "venue"],
  "swimmer-breast": ["pool-25 pool-50 pool-50-outdoor pool-10", [6.25, 4, 0], "venue"],
  "swimmer-fly": ["pool-25 pool-50 pool-50-outdoor pool-10", [6.25, 4, 0], "venue"],
  "swimmer-back": ["pool-25 pool-50 pool-50-outdoor pool-10", [6.25, 4, 0], "venue"],
  "open-water-swimmer": [`${OPEN} beach`, [0, 0, 110], "water", { beach: [0, 8] }],
  "swim-start": ["pool-25 pool-50 pool-50-outdoor", [6.25, -10.5, 0, 0.5], "venue"],
  diver: ["diving-pool pool-25 pool-50", [7, 9.5, 180, 3], "venue", { "pool-25": [4, 8], "pool-50": [4, 16] }],
  "water-polo-throw": ["water-polo", [4, 9, 0], "venue"],
  rower: ["rowing-course", [33, 900, 0], "venue"],
  "canoe-slalom": ["canoe-slalom open-ground", [2.5, -10, 190], "water"],
  "canoe-sprint": ["rowing-course", [33, 900, 0], "venue"],
  surfer: [`${OPEN} beach`, [0, 0, 110], "sea", { beach: [0, 45] }],
  kitesurfer: [`${OPEN} beach`, [0, 0, 90, 3], "sea", { beach: [0, 40] }],
  windsurfer: [`${OPEN} beach`, [0, 0, 90], "sea", { beach: [0, 40] }],
  "paddle-boarder": [`${OPEN} harbour beach`, [0, 0, 110], "water", { harbour: [5, -14], beach: [0, 12] }],
  "dinghy-sailor": [`${OPEN} harbour beach`, [0, 0, 90], "sea", { harbour: [0, 5], beach: [0, 40] }],
  "road-cyclist": [OPEN, [0, 0, 180], "road"],
  "track-cyclist": ["velodrome", [31.5, 0, 0], "venue"],
  "mountain-biker": [`${OPEN} jump-line`, [0, 0, 180], "field-course", { "jump-line": [0, -24, 0] }],
  "bmx-rider": [`${OPEN} jump-line skate-park`, [0, 0, 120, 1.5], "field-course", { "jump-line": [0, -10, 0], "skate-park": [0, 12, 0] }],
  "cyclocross-rider": [OPEN, [0, 0, 180], "field-course"],
  skateboarder: ["skate-park open-ground", [5, 10, 120, 0.5], "plain"],
  "wheelchair-racer": ["athletics-400", [38, 20, 0], "venue"],
  skier: [`${OPEN} ski-piste`, [0, 0, 180], "snow-course", { "ski-piste": [6, 0] }],
  "slalom-skier": ["slalom-hill open-ground", [1.5, 0, 180], "snow-course"],
  "ski-jumper": ["jump-hill open-ground", [0, 40, 180, 3], "snow-course"],
  "cross-country-skier": [OPEN, [0, 0, 180], "snow-course"],
  snowboarder: ["half-pipe open-ground", [7, -40, 160, 6.5], "snow-course"],
  "freestyle-skier": ["half-pipe open-ground", [7, -40, 160, 6.5], "snow-course"],
  "speed-skater": ["ice-hockey", [6, 14, 0], "venue"],
  "figure-skater": ["ice-hockey", [4, 8, 60], "venue"],
  "curling-delivery": ["curling-sheet", [0, -14, 0], "venue"],
  "curling-sweepers": ["curling-sheet", [0, 8, 0], "venue"],
  climber: ["lead-wall open-ground", [2, 2.2, 120, 5], "wall"],
  boulderer: ["boulder-wall open-ground", [3, 2.2, 120, 2], "wall"],
  "climber-fall": ["lead-wall open-ground", [2, 1.5, 120, 6], "wall"],
  "speed-climber": ["speed-climbing", [1.5, 2, 0, 4], "venue"],
  gymnast: ["gymnastics-floor gym-hall", [0, 0, 60], "venue"],
  "gymnast-bars": ["gymnastics-floor gym-hall", [0, 0, 90, 1.5], "venue"],
  "gymnast-beam": ["gymnastics-floor gym-hall", [0, 0, 60, 1.2], "venue"],
  trampolinist: ["gymnastics-floor gym-hall", [0, 0, 90, 3], "venue"],
  "cheer-stunt": ["gym-hall gymnastics-floor", [0, 2, 180], "venue"],
  "cheer-toss": ["gym-hall gymnastics-floor", [0, 2, 180, 3], "venue"],
  "dancer-leap": ["gym-hall", [0, 3, 180, 0.4], "venue"],
  "dancer-turn": ["gym-hall", [0, 3, 180], "venue"],
  judoka: ["judo-mat", [0, 0, 60], "venue"],
  wrestler: ["wrestling-mat", [0, 0, 60], "venue"],
  "martial-arts-kick": ["karate-mat", [0, 0, 60], "venue"],
  fencer: ["fencing-piste", [0, 1, 0], "venue"],
  boxer: ["boxing-ring", [0, 0, 60, 1], "venue"],
  "cross-country-horse": [OPEN, [0, 0, 180], "field-course"],
  "jumping-horse": ["show-jumping", [5, 10, 0], "venue"],
  "dressage-horse": ["dressage", [0, 10, 0], "venue"],
  "galloping-horse": [`${OPEN} racecourse`, [0, 0, 180], "racecourse", { racecourse: [0, 120] }],
  "harness-racer": ["racecourse open-ground", [0, 120, 180], "racecourse"],
  "polo-player": ["polo open-ground", [30, 60, 0], "field-course"],
  "racing-car": [`${OPEN} motor-bend`, [0, 0, 180], "road", { "motor-bend": [-49.4, 49.4, 45] }],
  "rally-car": [OPEN, [0, 0, 180], "road"],
  "road-racing-motorcycle": [`${OPEN} motor-bend`, [0, 0, 180], "road", { "motor-bend": [-49.4, 49.4, 45] }],
  "motocross-rider": [`${OPEN} jump-line`, [0, 0, 120, 2], "road", { "jump-line": [0, -10, 0] }],
  "speedway-rider": ["speedway", [22.5, 48, 330], "venue"],
  kart: [`${OPEN} motor-bend`, [0, 0, 180], "road", { "motor-bend": [-49.4, 49.4, 45] }],
  "aircraft-jet": [OPEN, [0, 0, 90, 100], "plain"],
  "aircraft-propeller": [OPEN, [0, 0, 90, 60], "plain"],
  helicopter: [OPEN, [0, 0, 100, 30], "plain"],
  "person-reacting": [OPEN, [0, 0, 180], "plain"],
  "team-celebrating": ["football field-hockey handball volleyball rugby-union gaelic-field ice-hockey basketball", [24, 40, 0], "venue", { "field-hockey": [18, 36], handball: [6, 14], volleyball: [0, -4], "rugby-union": [24, 40], "gaelic-field": [28, 50], "ice-hockey": [8, 20], basketball: [0, 8] }],
  "person-standing": [OPEN, [0, 0, 180], "plain"],
  "dog-running": [OPEN, [0, 0, 180], "plain"],
  "dog-agility": ["dog-agility open-ground", [-4, 7, 180], "plain"],
  "dog-disc": [OPEN, [0, 0, 150, 0.6], "plain"],
  sheepdog: [OPEN, [0, 0, 150], "plain"],
  "deer-standing": [`${OPEN} wood`, [0, 0, 120], "plain", { wood: [0, 10] }],
  "deer-running": [OPEN, [0, 0, 100], "plain"],
  "roe-deer-walking": [`${OPEN} wood`, [0, 0, 120], "plain", { wood: [0, 10] }],
  "wild-boar": [`${OPEN} wood`, [0, 0, 120], "plain", { wood: [0, 16] }],
  "bear-walking": [OPEN, [0, 0, 120], "plain"],
  "wolf-trotting": [OPEN, [0, 0, 120], "plain"],
  "fox-trotting": [OPEN, [0, 0, 120], "plain"],
  "hare-running": [OPEN, [0, 0, 110], "plain"],
  "otter-bank": [OPEN, [0, 0, 120], "plain"],
  "otter-swimming": [OPEN, [0, 0, 120], "water"],
  seal: [`${OPEN} beach`, [0, 0, 150], "plain", { beach: [0, -12] }],
  "dolphin-leaping": [`${OPEN} harbour`, [0, 0, 110, 0.8], "sea", { harbour: [0, 60] }],
  "whale-surfacing": [OPEN, [0, 0, 110], "sea"],
  squirrel: [`${OPEN} wood`, [0, 0, 110, 1.5], "plain", { wood: [0, 4] }],
  "squirrel-feeding": ["garden-feeder wood open-ground", [2.5, 1, 150], "plain"],
  "rabbit-feeding": [OPEN, [0, 0, 120], "plain"],
  hedgehog: ["garden-feeder open-ground", [3, 3, 150], "plain"],
  badger: [`${OPEN} wood`, [0, 0, 150], "plain", { wood: [0, 12] }],
  "bat-flying": [`${OPEN} wood`, [0, 0, 110, 3], "plain", { wood: [0, -10] }],
  "monkey-branch": [`${OPEN} zoo`, [0, 0, 130, 3], "plain", { zoo: [2, 4] }],
  "elephant-walking": ["savanna zoo open-ground", [10, 15, 200], "plain", { zoo: [4, 8] }],
  "antelope-running": ["savanna open-ground", [10, 5, 240], "plain"],
  "big-cat-walking": ["savanna zoo open-ground", [0, 56, 190], "plain", { zoo: [2, 6] }],
  "kangaroo-hopping": [OPEN, [0, 0, 110], "plain"],
  "swan-flying": [OPEN, [0, 0, 110, 4], "plain"],
  "duck-flying": [OPEN, [0, 0, 110, 5], "plain"],
  "gull-flying": [`${OPEN} harbour cliff beach`, [0, 0, 110, 6], "plain", { harbour: [0, 10], cliff: [0, 12], beach: [0, 10] }],
  "flock-flying": ["estuary open-ground", [0, 35, 110, 12], "plain"],
  "gull-feeding": ["harbour beach open-ground", [0, -16, 130, 3], "plain", { beach: [0, -8] }],
  "harrier-hunting": [`${OPEN} reed-bed`, [0, 0, 110, 4], "plain", { "reed-bed": [0, 30] }],
  "tern-flying": [`${OPEN} beach`, [0, 0, 110, 5], "plain", { beach: [0, 10] }],
  "tern-diving": [OPEN, [0, 0, 120, 2], "water"],
  "gannet-flying": ["cliff open-ground", [0, 8, 110, 3], "plain"],
  "gannet-diving": [`${OPEN} cliff`, [0, 0, 120, 3], "sea", { cliff: [0, 30] }],
  "puffin-flying": ["cliff open-ground", [0, 7, 110, 2], "plain"],
  "puffin-standing": ["cliff open-ground", [4, 1, 130], "plain"],
  "eagle-gliding": [OPEN, [0, 0, 110, 12], "plain"],
  "buzzard-soaring": [OPEN, [0, 0, 110, 10], "plain"],
  "osprey-flying": [OPEN, [0, 0, 110, 6], "plain"],
  "osprey-diving": [OPEN, [0, 0, 120, 1.5], "water"],
  "falcon-stooping": [OPEN, [0, 0, 110, 10], "plain"],
  "kestrel-hovering": [OPEN, [0, 0, 150, 8], "plain"],
  "owl-flying": [OPEN, [0, 0, 130, 2], "plain"],
  "heron-flying": [OPEN, [0, 0, 110, 5], "plain"],
  "heron-standing": [`${OPEN} reed-bed estuary`, [0, 0, 120], "water", { "reed-bed": [0, 3], estuary: [0, 22] }],
  "swallow-flying": [OPEN, [0, 0, 110, 3], "plain"],
  "kingfisher-diving": [OPEN, [0, 0, 120, 0.5], "water"],
  "tit-flying": [`${OPEN} garden-feeder`, [0, 0, 110, 1.5], "plain", { "garden-feeder": [0.8, 0] }],
  "hummingbird-hovering": [OPEN, [0, 0, 120, 1.4], "plain"],
  "small-bird-singing": [`${OPEN} wood garden-feeder reed-bed`, [0, 0, 140, 2], "plain", { wood: [-6, 0], "garden-feeder": [5, 4], "reed-bed": [8, -4] }],
  "small-bird-feeder": [`${OPEN} garden-feeder`, [0, 0, 130, 1.5], "plain", { "garden-feeder": [0.6, 0] }],
  "duck-swimming": [`${OPEN} reed-bed`, [0, 0, 120], "water", { "reed-bed": [0, 8] }],
  "duck-feeding": [`${OPEN} reed-bed`, [0, 0, 120], "water", { "reed-bed": [0, 8] }],
  "duck-standing": [OPEN, [0, 0, 120], "plain"],
  "swan-swimming": [`${OPEN} reed-bed`, [0, 0, 120], "water", { "reed-bed": [0, 8] }],
  "swan-feeding": [`${OPEN} reed-bed`, [0, 0, 120], "water", { "reed-bed": [0, 8] }],
  "grebe-swimming": [`${OPEN} reed-bed`, [0, 0, 120], "water", { "reed-bed": [0, 8] }],
  "coot-swimming": [`${OPEN} reed-bed`, [0, 0, 120], "water", { "reed-bed": [0, 8] }],
  "gull-standing": [`${OPEN} estuary harbour beach`, [0, 0, 120], "plain", { estuary: [0, 16], harbour: [0, -22], beach: [0, -12] }],
  "raptor-perched": [OPEN, [0, 0, 140, 3], "plain"],
  "raptor-feeding": [OPEN, [0, 0, 130], "plain"],
  "owl-perched": [OPEN, [0, 0, 140, 3], "plain"],
  "kingfisher-perched": [OPEN, [0, 0, 120, 1], "water"],
  "woodpecker-trunk": [`${OPEN} wood`, [0, 0, 120, 3], "plain", { wood: [4, 10] }],
  "wader-feeding": [`${OPEN} estuary`, [0, 0, 120], "plain", { estuary: [0, 18] }],
  "goose-landing": [`${OPEN} estuary`, [0, 0, 130, 2], "plain", { estuary: [0, 10] }],
  "goose-grazing": [OPEN, [0, 0, 130], "plain"],
  "butterfly-calm": [OPEN, [0, 0, 120, 0.5], "plain"],
  "butterfly-wind": [OPEN, [0, 0, 120, 0.5], "plain"],
  "butterfly-flying": [OPEN, [0, 0, 110, 0.8], "plain"],
  "dragonfly-hovering": [OPEN, [0, 0, 110, 0.7], "plain"],
  "dragonfly-perched": [OPEN, [0, 0, 90, 0.5], "plain"],
  "bee-flower": [OPEN, [0, 0, 110, 0.5], "plain"],
  "frog-calling": [`${OPEN} reed-bed`, [0, 0, 130], "plain", { "reed-bed": [2, -2] }],
  "lizard-basking": [OPEN, [0, 0, 120, 0.2], "plain"],
  "snake-basking": [OPEN, [0, 0, 120], "plain"],
  "spider-web": [OPEN, [0, 0, 120, 0.8], "plain"],
  snowflake: [OPEN, [0, 0, 0, 1.5], "plain"],
  raindrop: [OPEN, [0, 0, 0, 1.5], "plain"],
};

/** Ids of the subjects that have a staging of their own; a young player without one has that of the grown one. */
export const STAGED: readonly string[] = Object.freeze(Object.keys(ROWS));

const known = new Map<string, Staging>();

/** How a subject of the library is met; absent for one that it does not have. The same object for the same subject. */
export function stagingOf(subjectId: string): Staging | undefined {
  const row = ROWS[subjectId] ?? ROWS[grownOf(subjectId)];
  if (!row) return undefined;
  const before = known.get(subjectId);
  if (before) return before;
  const [venues, [x, y, facing, z = 0], scenery, elsewhere] = row;
  const staging = Object.freeze({
    subjectId,
    venues: venues.split(" "),
    x,
    y,
    z,
    facing,
    scenery,
    ...(elsewhere && { elsewhere }),
  });
  known.set(subjectId, staging);
  return staging;
}

/** The subject by which a venue is known, if the library has one for it: the first that is met there before anywhere else. */
export function usualSubject(venueId: string): string | undefined {
  const all = STAGED.map((id) => stagingOf(id)!);
  const first = all.find((s) => s.venues[0] === venueId) ?? all.find((s) => s.venues.includes(venueId));
  return first?.subjectId;
}
