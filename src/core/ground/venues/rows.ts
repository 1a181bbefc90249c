import { absent, present, type Maybe } from "../../units";
import type { Surface } from "../surface";
import type { Official } from "./kinds";

/** A venue as its governing body lays it out; metres. */
export interface VenueTemplate {
  readonly id: string;
  readonly name: string;
  /** Extent of the boundary: across and along. */
  readonly width: number;
  /** Metres along the long axis, above 0. */
  readonly length: number;
  /** Clear run-off beyond the boundary, where nobody should stand, at the sides and at the ends. */
  readonly runOff: { readonly side: number; readonly end: number };
  readonly official: Official;
  /** How its measures are known; by which document, `VENUE_SOURCES` tells. */
  readonly known: "published" | "from memory" | "common practice" | "estimated" | "invented";
  /** What its ground is made of; grass when left out. */
  readonly surface?: Surface;
  /** Set for a venue in a hall: metres from the run-off to the walls, and from the floor to the roof (assumed). */
  readonly hall?: { readonly beyond: number; readonly height: number };
  /** Where it is played by attempts to gain ground: metres from the middle of a field to the line that is a goal, and of one yard. */
  readonly downs?: { readonly goalLine: number; readonly yard: number };
}

const row = (
  id: string,
  name: string,
  [width, length]: readonly [number, number],
  [side, end]: readonly [number, number],
  official: Official,
  known: VenueTemplate["known"],
  more: Pick<VenueTemplate, "surface" | "hall" | "downs"> = {},
): VenueTemplate =>
  Object.freeze({ id, name, width, length, runOff: { side, end }, official, known, ...more });

/**
 * Every venue that can be laid on a plan: name, metres across and along, of run-off at the sides and the ends, who decides there, how it
 * is known. Its lines and parts stand apart (`lines.ts`), what stands on it too (`furniture.ts`): a list of outings needs neither.
 */
// prettier-ignore
export const VENUES: readonly VenueTemplate[] = Object.freeze([
  row("field-hockey", "Field hockey pitch", [55, 91.4], [3, 5], "umpires", "from memory"),
  row("football", "Football pitch", [68, 105], [3, 3], "referee", "from memory"),
  row("rugby-union", "Rugby union pitch", [70, 122], [5, 5], "referee", "from memory"),
  row("rugby-league", "Rugby league field", [68, 116], [5, 5], "referee", "from memory"),
  row("gridiron", "Gridiron field", [48.77, 109.73], [3.66, 3.66], "referee", "from memory", { downs: { goalLine: 45.72, yard: 0.9144 } }),
  row("australian-football", "Australian football oval", [135, 165], [4, 4], "umpires", "from memory"),
  row("gaelic-field", "Gaelic football and hurling field", [85, 140], [3, 3], "referee", "from memory"),
  row("lacrosse", "Lacrosse field", [60, 110], [4, 4], "referee", "from memory"),
  row("cricket", "Cricket ground", [130, 130], [3, 3], "umpires", "from memory"),
  row("baseball", "Baseball field", [172.5, 122], [18, 18], "umpires", "from memory"),
  row("baseball-youth", "Baseball field, youth", [86.3, 61], [9, 9], "umpires", "from memory"),
  row("softball", "Softball field", [94.84, 67.06], [9, 9], "umpires", "from memory", { surface: "grass" }),
  row("athletics-400", "Athletics track, 400 m", [92.52, 176.91], [1, 1], "meeting-officials", "from memory", { surface: "grass" }),
  row("throwing-sector", "Discus and hammer sector", [54, 90], [10, 20], "meeting-officials", "from memory"),
  row("javelin-sector", "Javelin sector", [50, 100], [10, 20], "meeting-officials", "from memory"),
  row("basketball", "Basketball court", [15, 28], [2, 2], "referee", "from memory", { surface: "floor", hall: { beyond: 4, height: 9 } }),
  row("handball", "Handball court", [20, 40], [1, 2], "referee", "from memory", { surface: "floor", hall: { beyond: 4, height: 9 } }),
  row("futsal", "Futsal court", [20, 40], [1, 1], "referee", "from memory", { surface: "floor", hall: { beyond: 4, height: 9 } }),
  row("korfball", "Korfball field", [20, 40], [1, 2], "referee", "from memory", { surface: "floor", hall: { beyond: 4, height: 9 } }),
  row("netball", "Netball court", [15.25, 30.5], [3, 3], "umpires", "from memory", { surface: "floor", hall: { beyond: 3, height: 9 } }),
  row("volleyball", "Volleyball court", [9, 18], [3, 3], "referee", "from memory", { surface: "floor", hall: { beyond: 4, height: 9 } }),
  row("beach-volleyball", "Beach volleyball court", [8, 16], [3, 3], "referee", "from memory", { surface: "sand" }),
  row("badminton", "Badminton court", [6.1, 13.4], [2, 2], "umpires", "from memory", { surface: "floor", hall: { beyond: 4, height: 9 } }),
  row("tennis", "Tennis court", [10.97, 23.77], [3.66, 6.4], "umpires", "from memory", { surface: "clay" }),
  row("table-tennis", "Table tennis playing space", [7, 14], [0, 0], "umpires", "from memory", { surface: "floor", hall: { beyond: 5, height: 7 } }),
  row("squash", "Squash court", [6.4, 9.75], [0, 0], "referee", "from memory", { surface: "floor", hall: { beyond: 5, height: 7 } }),
  row("ice-hockey", "Ice hockey rink", [30, 60], [0, 0], "referee", "from memory", { surface: "floor", hall: { beyond: 8, height: 12 } }),
  row("pool-50", "Swimming pool, 50 m", [25, 50], [4, 4], "pool-referee", "from memory", { surface: "floor", hall: { beyond: 6, height: 10 } }),
  row("pool-25", "Swimming pool, 25 m", [20, 25], [4, 4], "pool-referee", "from memory", { surface: "floor", hall: { beyond: 6, height: 8 } }),
  row("pool-10", "Teaching pool, 10 m", [6, 10], [2, 2], "pool-referee", "common practice", { surface: "floor", hall: { beyond: 5, height: 5 } }),
  row("water-polo", "Water polo field", [20, 30], [4, 4], "pool-referee", "from memory", { surface: "floor", hall: { beyond: 6, height: 8 } }),
  row("rowing-course", "Rowing course, 2000 m", [81, 2000], [5, 100], "umpires", "from memory"),
  row("show-jumping", "Show jumping arena", [50, 80], [5, 5], "stewards", "from memory", { surface: "sand" }),
  row("dressage", "Dressage arena", [20, 60], [10, 10], "stewards", "from memory", { surface: "sand" }),
  row("velodrome", "Velodrome, 250 m", [70.02, 107.02], [4, 4], "commissaires", "from memory", { surface: "floor", hall: { beyond: 8, height: 14 } }),
  row("gymnastics-floor", "Gymnastics floor", [14, 14], [2, 2], "judges", "from memory", { surface: "floor", hall: { beyond: 10, height: 10 } }),
  row("fencing-piste", "Fencing piste", [2, 18], [1, 1], "referee", "from memory", { surface: "floor", hall: { beyond: 8, height: 8 } }),
  row("judo-mat", "Judo mat", [16, 16], [0, 0], "referee", "from memory", { surface: "floor", hall: { beyond: 8, height: 8 } }),
  row("speed-climbing", "Speed climbing wall, base", [6, 5], [2, 2], "judges", "from memory", { surface: "floor" }),
  row("archery-70", "Archery range, 70 m", [20, 90], [10, 20], "range-officer", "from memory"),
  row("football-7", "Football pitch, seven a side", [37, 55], [2, 2], "referee", "from memory"),
  row("football-9", "Football pitch, nine a side", [46, 73], [3, 3], "referee", "from memory"),
  row("polo", "Polo field", [146.3, 274.32], [9.14, 27.43], "umpires", "from memory"),
  row("golf-hole", "Golf hole, par three", [60, 180], [0, 0], "marshals", "common practice"),
  row("dog-agility", "Dog agility ring", [24, 40], [2, 2], "judges", "from memory"),
  row("racecourse", "Racecourse, a straight with rails", [30, 400], [3, 0], "stewards", "common practice"),
  row("motor-bend", "Motor circuit, a bend with barriers", [146, 146], [0, 0], "marshals", "from memory", { surface: "track" }),
  row("speedway", "Speedway track", [78, 138], [3, 3], "marshals", "from memory", { surface: "clay" }),
  row("slalom-hill", "Slalom hill", [40, 180], [0, 0], "marshals", "from memory", { surface: "snow" }),
  row("ski-piste", "Ski piste with nets", [40, 200], [0, 0], "marshals", "from memory", { surface: "snow" }),
  row("half-pipe", "Half-pipe", [22, 170], [4, 10], "judges", "from memory", { surface: "snow" }),
  row("jump-hill", "Ski jumping hill, the landing", [25, 220], [3, 0], "judges", "from memory", { surface: "snow" }),
  row("canoe-slalom", "Canoe slalom course", [12, 250], [0, 0], "judges", "from memory"),
  row("skate-park", "Skate park", [25, 45], [2, 2], "judges", "common practice", { surface: "floor" }),
  row("jump-line", "Line of dirt jumps", [12, 60], [3, 5], "marshals", "common practice", { surface: "clay" }),
  row("basketball-outdoor", "Basketball court, outdoors", [15, 28], [2, 2], "referee", "from memory", { surface: "track" }),
  row("basketball-3x3", "Half court for three a side", [15, 11], [1.5, 1.5], "referee", "from memory", { surface: "track" }),
  row("netball-outdoor", "Netball court, outdoors", [15.25, 30.5], [3, 3], "umpires", "from memory", { surface: "track" }),
  row("tennis-hard", "Tennis court, hard", [10.97, 23.77], [3.66, 6.4], "umpires", "from memory", { surface: "track" }),
  row("padel", "Padel court", [10, 20], [0, 0], "referee", "from memory", { surface: "floor" }),
  row("floorball", "Floorball rink", [20, 40], [1, 1], "referee", "from memory", { surface: "floor", hall: { beyond: 4, height: 9 } }),
  row("gym-hall", "School gym hall", [15, 27], [0, 0], "referee", "from memory", { surface: "floor", hall: { beyond: 2.5, height: 5.5 } }),
  row("curling-sheet", "Curling sheet", [5, 45.72], [0, 0], "umpires", "from memory", { surface: "floor", hall: { beyond: 6, height: 6 } }),
  row("boxing-ring", "Boxing ring", [7.8, 7.8], [1.5, 1.5], "referee", "from memory", { surface: "floor", hall: { beyond: 10, height: 8 } }),
  row("wrestling-mat", "Wrestling mat", [12, 12], [1, 1], "referee", "from memory", { surface: "floor", hall: { beyond: 8, height: 8 } }),
  row("karate-mat", "Mat for karate or taekwondo", [12, 12], [1, 1], "referee", "from memory", { surface: "floor", hall: { beyond: 8, height: 8 } }),
  row("indoor-track-200", "Indoor athletics track, 200 m", [45.2, 90.22], [1, 1], "meeting-officials", "from memory", { surface: "floor", hall: { beyond: 6, height: 9 } }),
  row("pool-50-outdoor", "Swimming pool outdoors, 50 m", [25, 50], [4, 4], "pool-referee", "from memory", { surface: "floor" }),
  row("diving-pool", "Diving pool", [25, 25], [4, 6], "pool-referee", "from memory", { surface: "floor", hall: { beyond: 6, height: 15 } }),
  row("lead-wall", "Climbing wall, lead", [16, 6], [2, 2], "judges", "from memory", { surface: "floor" }),
  row("boulder-wall", "Bouldering wall", [24, 6], [2, 2], "judges", "from memory", { surface: "floor" }),
  row("garden-feeder", "Garden with a feeder", [24, 24], [0, 0], "wardens", "invented"),
  row("wood", "Wood with a glade", [80, 80], [0, 0], "wardens", "invented"),
  row("reed-bed", "Reed bed with open water", [90, 90], [0, 0], "wardens", "invented"),
  row("cliff", "Sea cliff with its path", [120, 100], [0, 0], "wardens", "invented"),
  row("estuary", "Estuary with a sea wall", [240, 160], [0, 0], "wardens", "invented", { surface: "sand" }),
  row("beach", "Beach with surf", [240, 200], [0, 0], "wardens", "invented", { surface: "sand" }),
  row("harbour", "Harbour with a mole", [200, 160], [0, 0], "wardens", "invented", { surface: "track" }),
  row("savanna", "Savanna from a vehicle", [300, 240], [0, 0], "wardens", "invented"),
  row("zoo", "Zoo enclosure with its visitors’ way", [40, 40], [0, 0], "wardens", "invented"),
]);

/** Ground on which nothing is painted: a place in nature, a road, a course. Its extent is only the first look at it. */
export const OPEN_GROUND: VenueTemplate = row(
  "open-ground",
  "Open ground, no markings",
  [100, 100],
  [0, 0],
  "stewards",
  "invented",
);

/** The template of a venue by its id; absent when there is none of that name. */
export function venueTemplate(id: string): Maybe<VenueTemplate, "no-such-venue"> {
  const found = id === OPEN_GROUND.id ? OPEN_GROUND : VENUES.find((v) => v.id === id);
  return found ? present(found) : absent("no-such-venue");
}

/** The walls of a venue's hall in its own axes, as wide as its run-off and what lies beyond; absent outdoors. */
export function venueHall(
  id: string,
):
  | { readonly outline: readonly { readonly x: number; readonly y: number }[]; readonly height: number }
  | undefined {
  const found = venueTemplate(id);
  if (!found.ok || !found.value.hall) return undefined;
  const { width, length, runOff, hall } = found.value;
  const [x, y] = [width / 2 + runOff.side + hall.beyond, length / 2 + runOff.end + hall.beyond];
  const outline = [
    { x: -x, y },
    { x, y },
    { x, y: -y },
    { x: -x, y: -y },
  ];
  return { outline, height: hall.height };
}
