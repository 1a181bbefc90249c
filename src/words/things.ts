import type { DrawnKind, ObstacleKind, Swatch, TrackKind, WayOfBeing } from "@/core/ground";

/** Names of what stands and lies on a ground, with a capital as on a button. */

const OBSTACLES: Readonly<Record<ObstacleKind, string>> = {
  stand: "Stand",
  building: "Building",
  wall: "Wall",
  hedge: "Hedge",
  tree: "Tree",
  trees: "Wood",
  fence: "Fence",
  mesh: "Mesh",
  net: "Net",
  boards: "Boards",
  glass: "Glass",
  rail: "Rail or rope",
  dugout: "Dugout",
  scoreboard: "Scoreboard",
  bench: "Bench",
  table: "Table",
  chair: "Referee’s chair",
  goal: "Goal",
  pole: "Pole",
  branch: "Branch",
  bank: "Bank or slope",
  van: "Parked van",
  crowd: "Crowd",
  backdrop: "Backdrop",
};
export const obstacleWords = (kind: ObstacleKind): string => OBSTACLES[kind];

const DRAWN: Readonly<Record<DrawnKind, string>> = {
  surface: "Surface",
  canopy: "Canopy or roof",
  "no-go": "No-go",
  throwing: "Throwing sector",
  "run-off": "Run-off",
  "ball-line": "Line of the ball",
  horses: "Horses",
  vehicles: "Vehicles",
  water: "Dangerous water",
  drop: "Drop",
  ice: "Thin ice",
  avalanche: "Avalanche run",
  nest: "Nest, den or haul-out",
  "photographers-line": "Photographers’ line",
  "cheer-side": "Cheer side",
  path: "Path or crossing",
};
export const drawnKindWords = (kind: DrawnKind): string => DRAWN[kind];

const TRACKS: Readonly<Record<TrackKind, string>> = {
  lane: "Lane",
  course: "Course",
  flight: "Flight",
  play: "Swing of play",
};
export const trackKindWords = (kind: TrackKind): string => TRACKS[kind];

const WAYS: Readonly<Record<WayOfBeing, string>> = {
  standing: "Standing",
  kneeling: "Kneeling",
  lying: "Lying",
  step: "On a step",
  tier: "On a tier",
  tower: "On a tower",
  car: "From a car",
  hide: "In a hide",
  "in-water": "In the water’s edge",
  window: "By a window",
};
export const wayWords = (way: WayOfBeing): string => WAYS[way];

const SWATCHES: Readonly<Record<Swatch, string>> = {
  "dark-green": "Dark green",
  leaf: "Leaf green",
  straw: "Straw",
  reed: "Reed",
  earth: "Earth",
  stone: "Stone",
  concrete: "Concrete",
  black: "Black",
  white: "White",
  snow: "Snow",
  sky: "Sky blue",
  "deep-water": "Deep water",
  red: "Red",
  orange: "Orange",
  yellow: "Yellow",
  blue: "Blue",
  violet: "Violet",
  skin: "Skin",
};
export const swatchWords = (swatch: Swatch): string => SWATCHES[swatch];
