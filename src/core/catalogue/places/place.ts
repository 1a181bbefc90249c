/**
 * Where the trade stands: places of practice by discipline and situation. All of it common practice, no source; measures are
 * chosen so that the place lies where it is told to be.
 */
export interface TradePlace {
  readonly id: string;
  readonly discipline: string;
  /** What happens, as it is called: "right-handed shooter", "long third attempt". */
  readonly situation: string;
  /** Ids of the subjects that it is for. */
  readonly subjects: readonly string[];
  /** Ids of the venues that it is told for, the one that its measures are of first; none in open ground. */
  readonly venues: readonly string[];
  readonly lies: LiesAt | LiesFrom;
  /** Metres of the lens above the ground; that of the aim when left out. */
  readonly height?: number;
  /** Focal length in mm on 36 × 24 mm that serves there. */
  readonly lensMm: number;
  /** The side of those whom it is for, as a shot tells it; left out where it is no matter. */
  readonly side?: "left" | "right";
  readonly why: string;
  /** What can hurt somebody there. */
  readonly hazard?: string;
}

/** In the venue's own axes. */
export interface LiesAt {
  readonly of: "venue";
  /** Metres to the right of the venue's middle. */
  readonly x: number;
  /** Metres along the venue from its middle. */
  readonly y: number;
}

/** From the spot where it happens. */
export interface LiesFrom {
  readonly of: "spot";
  /** Degrees clockwise from the way the subject faces. */
  readonly turn: number;
  /** Metres from the spot, above 0. */
  readonly distance: number;
}

type Row = Omit<TradePlace, "discipline" | "subjects" | "venues" | "lies"> & {
  readonly subjects: string;
  readonly at?: readonly [x: number, y: number];
  readonly from?: readonly [turn: number, distance: number];
};

/** Rows of a discipline, with what they share. */
export const placesOf = (discipline: string, venues: string, rows: readonly Row[]): TradePlace[] =>
  rows.map(({ at, from, subjects, ...row }) => ({
    ...row,
    discipline,
    subjects: subjects.split(" "),
    venues: venues.split(" ").filter(Boolean),
    lies: at
      ? { of: "venue", x: at[0], y: at[1] }
      : { of: "spot", turn: from?.[0] ?? 0, distance: from?.[1] ?? 10 },
  }));
