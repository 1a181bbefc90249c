import type { Rail, Settings } from "./marks";

/** What may be given up when the light is short. */
export type Sacrifice = "lift" | "shutter" | "aperture" | "iso";

/** What light to spare is spent on. */
export type Surplus = "depth" | "shutter" | "even";

/** Stops of the light on the subject that are lost before the sensor, each 0 or more. */
export type LostLight = Readonly<Record<"close-up" | "netting" | "glass", number>>;

/** All limits in clicks of their scales; see `Settings`. */
export interface SolveInput {
  /** EV at ISO 100 on the subject. */
  readonly lightEv: number;
  /** What of it is lost on its way, stops. */
  readonly lost: LostLight;
  /** Widest and narrowest mark of the lens; the mark that holds the depth asked for; the narrowest before diffraction. */
  readonly lensWidest: number;
  /** Narrowest mark of the lens, clicks. */
  readonly lensNarrowest: number;
  /** The mark that holds the depth asked for, clicks. */
  readonly depthAperture: number;
  /** The narrowest mark before diffraction, clicks. */
  readonly diffractionAperture: number;
  /** Set where depth comes first: then it is given up in its turn, not before the others. */
  readonly depthFirst: boolean;
  /** Fastest mark of the body, clicks. */
  readonly fastestShutter: number;
  /**
   * Set for a pan or a streak: the shutter click that draws the wished lines. Then the shutter stays there, and too much
   * light goes into base ISO, a smaller aperture, and at last a neutral-density filter.
   */
  readonly streakShutter?: number;
  /** Slowest shutter click that holds the picture at an aperture click. */
  readonly slowestShutter: (aperture: number) => number;
  /** Slowest shutter click that movement and shake alone allow, whatever the aperture: no aperture goes slower. */
  readonly movingShutter: number;
  /** What light to spare is spent on. */
  readonly surplus: Surplus;
  /** Whether what does not move blurs more than a shutter can mend at an aperture click. */
  readonly unmended: (aperture: number) => boolean;
  /** ISO of the sensor's own sensitivity, clicks. */
  readonly isoBase: number;
  /** Lowest ISO that the owner allows, clicks. */
  readonly isoFloor: number;
  /** Up to here the light is not called short. */
  readonly isoPreferred: number;
  /** Highest ISO that the owner allows, clicks: nothing goes past it but an ISO that is held there by hand. */
  readonly isoCeiling: number;
  /** Highest ISO of the body, clicks. */
  readonly isoMax: number;
  /** Clicks of underexposure that may be lifted later. */
  readonly liftClicks: number;
  /** First what is given up first. */
  readonly order: readonly Sacrifice[];
  /**
   * Rails that the user locks, brought into what lens and body have. At most two have an effect on exposure; with
   * three the picture may be off.
   */
  readonly locked: Partial<Settings>;
}

export type EndReason =
  | "motion"
  | "streak"
  | "fastest-shutter"
  | "slowest-shutter"
  | "depth"
  | "widest-aperture"
  | "narrowest-aperture"
  | "diffraction"
  | "iso-floor"
  | "iso-ceiling";

/** The allowed stretch of a rail in clicks, what ends it on either side, and where it stands. */
export interface RailState {
  /** Where it stands, clicks. */
  readonly at: number;
  /** Where the allowed stretch begins, clicks. */
  readonly from: number;
  /** Where the allowed stretch ends, clicks; at least `from`. */
  readonly to: number;
  readonly fromReason: EndReason;
  readonly toReason: EndReason;
  /** First and last mark that lens and body have: the rail goes no further. */
  readonly first: number;
  /** Last mark that lens and body have, clicks. */
  readonly last: number;
  readonly locked: boolean;
  /** "inside", or by which end it is out. */
  readonly standing: "inside" | "below" | "above";
}

export interface LedgerLine {
  readonly code: "light" | keyof LostLight | "shutter" | "aperture" | "iso" | "filter" | "lift";
  /** Clicks: positive supplies light, negative spends it. The lines add up to the balance. */
  readonly clicks: number;
}

export interface Solution {
  readonly settings: Settings;
  /** What the limits alone would ask for, before anything is given up; its ISO may lie past the ceiling. */
  readonly asked: Settings;
  readonly rails: Readonly<Record<Rail, RailState>>;
  readonly ledger: readonly LedgerLine[];
  /** Clicks short at the ceiling before anything is given up; 0 when the light suffices. */
  readonly short: number;
  /** Clicks still missing after all that was given up: the picture comes out so much too dark. */
  readonly missing: number;
  /** Clicks by which the picture comes out too bright. */
  readonly over: number;
  /** Whole stops of neutral-density filter that a pan or a streak needs; 0 otherwise. */
  readonly filterStops: number;
  readonly taken: readonly {
    readonly kind: Sacrifice;
    /** Thirds of a stop that were given up, above 0. */ readonly clicks: number;
  }[];
  /** Clicks of depth that were given up for light, before the order of sacrifice. */
  readonly depthGiven: number;
  /** Which rail follows the light. */
  readonly follows: Rail;
}
