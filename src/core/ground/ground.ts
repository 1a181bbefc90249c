import type { BlockKind, RodKind, TreeKind } from "./obstacle-kinds";
import type { Surface } from "./surface";
import type { Swatch } from "./swatches";
import type { Point, Vector } from "./vector";
import type { LeaveKind } from "./venues/kinds";

/** The plan's origin on the earth: degrees, north and east positive; height in metres above the sea. */
export interface Anchor {
  /** Degrees, −90 … 90, north positive. */
  readonly latitude: number;
  /** Degrees, −180 … 180, east positive. */
  readonly longitude: number;
  /** Metres above the sea. */
  readonly elevation: number;
  /** Set where nobody has told where it lies, as of a hall: sun and moon over it mean nothing then. */
  readonly assumed?: boolean;
}

/** How a thing looks from afar: what a subject is seen against. */
export interface Look {
  readonly colour?: Swatch;
  /** Width in metres of what one makes out of it, 0 for nothing; that of its kind when left out. */
  readonly detail?: number;
}

/** Netting of a mesh, a net or a goal. */
export interface Mesh {
  /** Metres from wire to wire, above 0. */
  readonly pitch: number;
  /** Thickness of the wire in metres, above 0. */
  readonly wire: number;
}

/** The posts of a mesh or a net. */
export interface Posts {
  /** Metres from post to post, above 0. */
  readonly spacing: number;
  /** Thickness in metres, above 0. */
  readonly thickness: number;
}

interface Thing {
  readonly id: string;
  readonly name: string;
  readonly look?: Look;
}

/** An upright body over an outline; its top is level unless it rises. */
export interface Block extends Thing {
  readonly kind: BlockKind;
  /** Outline in plan metres that does not cross itself, three points or more. */
  readonly outline: readonly Point[];
  /** Height in metres of the top above the level of the plan; of its high side where it rises. */
  readonly height: number;
  /** Metres above the level of the plan of its underside, below `height`; 0 when left out. */
  readonly base?: number;
  /** A top that rises evenly over the outline: a bank, a stand. */
  readonly rise?: {
    /** Bearing in degrees toward the high side. */
    readonly toward: number;
    /** Height in metres of the low side, below `height`. */
    readonly from: number;
  };
  readonly mesh?: Mesh;
  readonly posts?: Posts;
}

/** A single tree: an upright trunk, and a crown as an ellipsoid round it. */
export interface Tree extends Thing {
  readonly kind: TreeKind;
  readonly at: Point;
  /** Metres above the level of the plan to the top of the crown. */
  readonly height: number;
  /** Metres, above 0. */
  readonly trunkRadius: number;
  /** Metres, above 0. */
  readonly crownRadius: number;
  /** Metres above the level of the plan at which the crown begins, below `height`. */
  readonly crownFrom: number;
}

/** A pole or a branch: a straight round thing between two points in space. */
export interface Rod extends Thing {
  readonly kind: RodKind;
  readonly from: Vector;
  readonly to: Vector;
  /** Metres, above 0. */
  readonly thickness: number;
}

/** What stands on the ground. */
export type Obstacle = Block | Tree | Rod;

/** Where the subject will be. */
export interface Spot {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  /** Height of the aim above the ground in metres. */
  readonly aimHeight: number;
  /** The way the subject faces and moves: a bearing in degrees. */
  readonly facing: number;
  /** Zone whose readings and offsets hold here, unless the spot lies within the outline of another. */
  readonly zoneId: string;
  /** Bearing in degrees of the way the subject moves, where that is not the way it faces. */
  readonly heading?: number;
  /** What happens here, in words. */
  readonly happens?: string;
  /** Height in metres of the ground here above the level of the plan; that of a bank, else 0, when left out. */
  readonly groundHeight?: number;
}

/** Bearing in degrees of the way that a subject moves at a spot. */
export const headingOf = ({ heading, facing }: Pick<Spot, "heading" | "facing">): number => heading ?? facing;

/** A line along which a subject moves, from its first point to its last. */
export interface Track {
  readonly id: string;
  readonly name: string;
  readonly points: readonly Point[];
  readonly kind?: TrackKind;
  /** What runs on it, in words. */
  readonly runs?: string;
  /** Metres a second along it, above 0. */
  readonly speed?: number;
  /** Metres above the ground, of a flight. */
  readonly height?: number;
}

/** What a track is: a lane of a race, a course, a flight through the air, a swing of play. */
export const TRACK_KINDS = ["lane", "course", "flight", "play"] as const;
export type TrackKind = (typeof TRACK_KINDS)[number];

/** How one is at a place; it says how high the lens usually is and what limits it. */
export const WAYS_OF_BEING = [
  "standing",
  "kneeling",
  "lying",
  "step",
  "tier",
  "tower",
  "car",
  "hide",
  "in-water",
  "window",
] as const;
export type WayOfBeing = (typeof WAYS_OF_BEING)[number];

/** The opening that one looks out of: the slit of a hide, the window of a car. */
export interface Slit {
  /** Bearing in degrees that the opening looks to. */
  readonly facing: number;
  /** Metres, above 0. */
  readonly width: number;
  /** Metres above the ground of its lower edge. */
  readonly sill: number;
  /** Metres above the ground of its upper edge, above the sill. */
  readonly top: number;
  /** Metres from the opening back to the lens's entrance pupil, 0 or more. */
  readonly back: number;
}

/** A pane between lens and subject. */
export interface Pane {
  /** Sheets of glass, 1 … 3: a triple glazing is six surfaces. */
  readonly sheets: number;
  /** Bearing in degrees that the pane looks to. */
  readonly facing: number;
}

/** Where the photographer stands. */
export interface Position {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  /** Height of the lens above the ground in metres. */
  readonly lensHeight: number;
  /** Standing or kneeling, by the height, when left out. */
  readonly way?: WayOfBeing;
  readonly slit?: Slit;
  readonly pane?: Pane;
  /** Height in metres of the ground here above the level of the plan; that of a bank, else 0, when left out. */
  readonly groundHeight?: number;
}

/** A part of the ground that shares its light, with its own offset in clicks from the ground at large. */
export interface Zone {
  readonly id: string;
  readonly name: string;
  /** Thirds of a stop by which the zone is brighter than the ground around it; darker is negative. */
  readonly offsetClicks: number;
  /** The spots within belong to the zone; when left out it is named by its spots alone. */
  readonly outline?: readonly Point[];
  /** What the offset holds for; the lamps alone when left out, since sun and shade are computed. */
  readonly holdsFor?: "lamps" | "all";
}

/** The walls of a hall: their outline in plan metres, and the height in metres of the roof above the floor. */
export interface Hall {
  readonly outline: readonly Point[];
  /** Metres from the floor to the roof, above 0. */
  readonly height: number;
}

/** A floodlight mast or a single lamp. Its class is set for the ground as a whole, unless every one tells its intensity. */
export interface Mast {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  /** Metres above level ground at that point. */
  readonly height: number;
  /** Intensity toward the field of play in candela, where it is known. */
  readonly candela?: number;
  /** The photometric file of its lamps, with the place on the ground that they look at. */
  readonly file?: { readonly id: string; readonly aim: Point };
}

/** A window that lights what is inside. */
export interface WindowOpening {
  readonly id: string;
  readonly name: string;
  /** The middle of its width, on the wall. */
  readonly at: Point;
  /** Bearing in degrees that it looks to, outward. */
  readonly facing: number;
  /** Metres, above 0. */
  readonly width: number;
  /** Metres, above 0. */
  readonly height: number;
  /** Metres above the floor of its lower edge. */
  readonly sill: number;
}

/** How the venue's template lies on the plan. */
export interface Venue {
  /** Id of a venue template. */
  readonly template: string;
  /** Bearing in degrees of the template's long axis, toward its far end. */
  readonly bearing: number;
  /** Centre of the template in plan metres. */
  readonly centre: Point;
  /** Parts of the template that lie otherwise here. */
  readonly changed?: readonly ChangedPart[];
}

/** A part of a venue's template as it lies at this venue. */
export interface ChangedPart {
  /** Index of the part in its template, 0 or more. */
  readonly part: number;
  /** In the venue's own axes, metres; absent where the venue has no such part. */
  readonly outline?: readonly Point[];
}

/** Where work can hurt somebody: closed to everybody, and said why. */
export const HAZARD_KINDS = [
  "throwing",
  "run-off",
  "ball-line",
  "horses",
  "vehicles",
  "water",
  "drop",
  "ice",
  "avalanche",
] as const;
export type HazardKind = (typeof HAZARD_KINDS)[number];

/** What a part of the ground that somebody drew is for. */
export const DRAWN_KINDS = [
  "surface",
  "canopy",
  "no-go",
  ...HAZARD_KINDS,
  "nest",
  "photographers-line",
  "cheer-side",
  "path",
] as const;
export type DrawnKind = (typeof DRAWN_KINDS)[number];

/** A part of the ground: made of something else than the rest, covered, closed, dangerous, or kept for somebody. */
export interface Area {
  readonly id: string;
  readonly name: string;
  readonly kind: DrawnKind;
  /** What it is made of; as the ground about it when left out. */
  readonly surface?: Surface;
  /** Share 0 … 1 of the daylight that a canopy lets through. */
  readonly daylightShare?: number;
  readonly outline: readonly Point[];
}

export interface Ground {
  readonly anchor: Anchor;
  /** What the ground at large is made of; grass when left out. */
  readonly surface?: Surface;
  readonly areas: readonly Area[];
  readonly venue: Venue;
  readonly zones: readonly Zone[];
  readonly spots: readonly Spot[];
  readonly tracks: readonly Track[];
  readonly obstacles: readonly Obstacle[];
  readonly masts: readonly Mast[];
  /** Photometric files (LM-63) that masts name by their ids. */
  readonly lampFiles?: readonly { readonly id: string; readonly name: string; readonly text: string }[];
  readonly windows?: readonly WindowOpening[];
  readonly positions: readonly Position[];
  /** The walls, where the ground lies in a hall. */
  readonly hall?: Hall;
  /** The parts of the venue, closed without leave, on which leave to stand was given. */
  readonly leave?: readonly LeaveKind[];
}
