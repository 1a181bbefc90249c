/** What a part of a venue is for. */
export type AreaKind =
  | "field-of-play"
  | "run-off"
  | "baseline"
  | "lanes"
  | "infield"
  | "water"
  | "pool-deck"
  | "ice"
  | "mat"
  | "pit"
  | "landing-sector"
  | "range"
  | "course"
  | "escape"
  | "edge"
  | "enclosure"
  | "off-track"
  | "way";

/** The parts on which one may stand where leave was given; every other part but a way is never stood on. */
export const LEAVE_KINDS = ["run-off", "baseline", "infield", "pool-deck"] as const;
export type LeaveKind = (typeof LEAVE_KINDS)[number];

/** The part that is there for everybody to stand and drive on. */
export const WAY: AreaKind = "way";

/** Who decides at a venue where a photographer may stand (common practice). */
export type Official =
  | "umpires"
  | "referee"
  | "judges"
  | "meeting-officials"
  | "pool-referee"
  | "stewards"
  | "range-officer"
  | "commissaires"
  | "marshals"
  | "wardens";
