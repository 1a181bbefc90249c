/** What of an outing is a list of named things. */
export type Thing =
  "position" | "spot" | "track" | "obstacle" | "mast" | "area" | "window" | "light zone" | "shot" | "subject";

/** A part of an outing that is changed as a whole. */
export type Part =
  | "name"
  | "date and times"
  | "place"
  | "access"
  | "cautions"
  | "bag"
  | "ground"
  | "light"
  | "lamp files"
  | "notes"
  | "programme"
  | "people"
  | "weather"
  | "packing"
  | "arrangements"
  | "what is learnt"
  | "timed walks"
  | "own entries"
  | "the place"
  | "order of the shots"
  | "archive";

/** What was done to an outing, as it is told in the list of its states. */
export type OutingChange =
  | {
      readonly code: "moved";
      readonly thing: Thing;
      readonly name: string;
      /** Metres on the plan, 0 or more. */
      readonly metres: number;
    }
  | { readonly code: "renamed"; readonly thing: Thing; readonly name: string; readonly from: string }
  | { readonly code: "added" | "removed" | "changed"; readonly thing: Thing; readonly name: string }
  | { readonly code: "planned" | "locked"; readonly shot: string }
  | {
      readonly code: "readings" | "counts";
      /** How many came in, 0 or more. */
      readonly added: number;
      /** How many went, 0 or more; where both are 0 one was changed. */
      readonly removed: number;
    }
  | { readonly code: "part"; readonly part: Part };

/** What was done to kit, library or preferences, as it is told in the list of their states. */
export type RecordChange =
  | { readonly code: "added" | "removed" | "changed"; readonly name: string }
  /** A member that is changed as a whole, such as "units". */
  | { readonly code: "setting"; readonly key: string };
