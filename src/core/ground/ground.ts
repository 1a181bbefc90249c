import type { Surface } from "./surface";
import type { Point } from "./vector";
import type { LeaveKind } from "./venues/mark";

/** The plan's origin on the earth: degrees, north and east positive; height in metres above the sea. */
export interface Anchor {
  /** Degrees, −90 … 90, north positive. */
  readonly latitude: number;
  /** Degrees, −180 … 180, east positive. */
  readonly longitude: number;
  /** Metres above the sea. */
  readonly elevation: number;
}

/** What stands on the ground: an upright prism on level ground, with a convex outline. */
export interface Obstacle {
  readonly id: string;
  readonly name: string;
  readonly kind: "stand" | "building" | "fence" | "boards" | "trees" | "goal";
  /** Convex outline in plan metres, three points or more. */
  readonly outline: readonly Point[];
  /** Height of the top above the ground in metres. */
  readonly height: number;
}

/** Where the subject will be. */
export interface Spot {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  /** Height of the aim above the ground in metres. */
  readonly aimHeight: number;
  /** The way the subject faces and moves: a bearing in degrees. */
  readonly facing: number;
  /** Zone whose readings and offsets hold here. */
  readonly zoneId: string;
}

/** A line along which a subject moves, from its first point to its last. */
export interface Track {
  readonly id: string;
  readonly name: string;
  readonly points: readonly Point[];
}

/** Where the photographer stands. */
export interface Position {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  /** Height of the lens above the ground in metres. */
  readonly lensHeight: number;
}

/** A part of the ground that shares its light, with its own offset in clicks from the ground at large. */
export interface Zone {
  readonly id: string;
  readonly name: string;
  /** Thirds of a stop by which the zone is brighter than the ground around it; darker is negative. */
  readonly offsetClicks: number;
}

/** The walls of a hall: their outline in plan metres, and the height in metres of the roof above the floor. */
export interface Hall {
  readonly outline: readonly Point[];
  /** Metres from the floor to the roof, above 0. */
  readonly height: number;
}

/** A floodlight mast. Its class is set for the ground as a whole, unless every mast tells its intensity. */
export interface Mast {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  /** Metres above level ground at that point. */
  readonly height: number;
  /** Intensity toward the field of play in candela, where it is known. */
  readonly candela?: number;
}

/** Where nobody may stand: run-off, a throwing sector, the team benches. */
export interface NoGo {
  readonly id: string;
  readonly name: string;
  readonly outline: readonly Point[];
}

/** How the venue's template lies on the plan. */
export interface Venue {
  /** Id of a venue template. */
  readonly template: string;
  /** Bearing in degrees of the template's long axis, toward its far end. */
  readonly bearing: number;
  /** Centre of the template in plan metres. */
  readonly centre: Point;
}

/** A part of the ground that is made of something else than the rest: a pond, a track, a sand pit. */
export interface Area {
  readonly id: string;
  readonly name: string;
  readonly surface: Surface;
  readonly outline: readonly Point[];
}

export interface Ground {
  readonly anchor: Anchor;
  /** What the ground at large is made of; grass when left out. */
  readonly surface?: Surface;
  readonly areas?: readonly Area[];
  readonly venue: Venue;
  readonly zones: readonly Zone[];
  readonly spots: readonly Spot[];
  readonly tracks: readonly Track[];
  readonly obstacles: readonly Obstacle[];
  readonly masts: readonly Mast[];
  readonly noGo: readonly NoGo[];
  readonly positions: readonly Position[];
  /** The walls, where the ground lies in a hall. */
  readonly hall?: Hall;
  /** The parts of the venue, closed without leave, on which leave to stand was given. */
  readonly leave?: readonly LeaveKind[];
}
