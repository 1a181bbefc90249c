/** The classes of part that the tolerance table knows. */
export type PartClass = "body" | "limb" | "tool" | "wing";

/** A part of a subject that moves on its own. */
export interface SubjectPart {
  readonly id: string;
  readonly name: string;
  readonly partClass: PartClass;
  /** Speed in m/s; of a limb against the body, of a tool or ball against the ground. */
  readonly speed: number;
  /** Half the width in metres of a tool or a ball: what its picture may smear. */
  readonly halfWidth?: number;
}

/** The figures by which subjects are drawn at their true size; a posture, not a species. */
export const FIGURES = [
  "standing",
  "running",
  "low-stick",
  "throwing",
  "jumping",
  "kicking",
  "keeping",
  "diving",
  "batting",
  "climbing",
  "swimming",
  "boat",
  "cycling",
  "skiing",
  "riding",
  "vehicle",
  "deer",
  "beast",
  "otter",
  "flying",
  "stooping",
  "perched",
  "wading",
  "insect",
] as const;

export type Figure = (typeof FIGURES)[number];

/** Who or what is photographed. */
export interface Subject {
  readonly id: string;
  readonly name: string;
  /** Height of the upright figure in metres. */
  readonly height: number;
  /** Depth from front to back in metres that should be sharp about the eye. */
  readonly depth: number;
  /** Length in metres along the way it faces, where that is more than its depth: a horse, a boat, a bird. */
  readonly length?: number;
  /** Width in metres across the way it faces, wings spread; for pictures framed along the width. */
  readonly span?: number;
  /** Set for what is lit as a ball from every side: a bird in flight, a ball. */
  readonly round?: boolean;
  /** Speed of the body over the ground in m/s. */
  readonly bodySpeed: number;
  /** Up-and-down of the body in m/s that no following takes out. */
  readonly bob: number;
  readonly parts: readonly SubjectPart[];
  /** How the speeds are known. */
  readonly known: "published" | "from memory" | "common practice" | "estimated" | "invented";
  /** How it is drawn; a standing figure when left out. */
  readonly figure?: Figure;
}

/** The body itself as a part. */
export const BODY_PART: SubjectPart = Object.freeze({
  id: "body",
  name: "body",
  partClass: "body",
  speed: 0,
});

/** The body and every part of a subject. */
export const partsOf = (subject: Subject): readonly SubjectPart[] => [BODY_PART, ...subject.parts];
