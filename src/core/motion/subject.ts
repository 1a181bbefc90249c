import { cosDeg, sinDeg } from "../units";
import type { Swatch } from "../ground";

/** The classes of part that the tolerance table knows. */
export type PartClass = "body" | "limb" | "tool" | "wing";

/** A part of a subject that moves on its own. */
export interface SubjectPart {
  readonly id: string;
  readonly name: string;
  readonly partClass: PartClass;
  /** Speed in m/s; of a limb against the body, of a tool or ball against the ground. */
  readonly speed: number;
  /** m/s when it goes fast, as one time in twenty; unknown when left out. */
  readonly fast?: number;
  /** Half the width in metres of a tool or a ball: what its picture may smear. */
  readonly halfWidth?: number;
}

/** The figures by which subjects are drawn at their true size; a posture, not a species. */
export const FIGURES = [
  "standing",
  "running",
  "low-stick",
  "throwing",
  "javelin",
  "jumping",
  "leaping",
  "kicking",
  "keeping",
  "crouching",
  "diving",
  "batting",
  "racket",
  "climbing",
  "swimming",
  "boat",
  "sail",
  "board",
  "cycling",
  "wheelchair",
  "skiing",
  "riding",
  "vehicle",
  "motorcycle",
  "aircraft",
  "deer",
  "beast",
  "otter",
  "fox",
  "dog",
  "hare",
  "seal",
  "whale",
  "frog",
  "lizard",
  "snake",
  "flying",
  "stooping",
  "perched",
  "wading",
  "afloat",
  "insect",
  "spider",
  "drop",
] as const;

export type Silhouette = (typeof FIGURES)[number];

/** Who or what is photographed. */
export interface Subject {
  readonly id: string;
  readonly name: string;
  /** Height of the upright figure in metres. */
  readonly height: number;
  /** Depth from front to back in metres that should be sharp about the eye. */
  readonly depth: number;
  /** Length of the head in metres; by the figure and the size when left out: see `headOf`. */
  readonly head?: number;
  /** Length in metres along the way it faces, where that is more than its depth: a horse, a boat, a bird. */
  readonly length?: number;
  /** Width in metres across the way it faces, wings spread; for pictures framed along the width. */
  readonly span?: number;
  /** Set for what lies along the ground or the water, and is lit as a long body: a swimmer, an otter, a car. */
  readonly lying?: boolean;
  /** Set for what is lit as a ball from every side: a bird in flight, a ball. */
  readonly round?: boolean;
  /** Speed of the body over the ground in m/s. */
  readonly bodySpeed: number;
  /** The same when it goes fast, as one time in twenty; unknown when left out. */
  readonly fastSpeed?: number;
  /** Up-and-down of the body in m/s that no following takes out. */
  readonly bob: number;
  readonly parts: readonly SubjectPart[];
  /** How the speeds are known. */
  readonly known: "published" | "from memory" | "common practice" | "estimated" | "invented";
  /** How it is drawn; a standing figure when left out. */
  readonly figure?: Silhouette;
  /** The subject of the library whose body it has: of which it was made. */
  readonly like?: string;
  /** Colour of its kit, coat or plumage; not told when left out. */
  readonly colour?: Swatch;
}

/** What kind of creature a figure is: that decides what of it should be sharp, and how long its head is. */
export type Creature = "person" | "animal" | "insect";

const ANIMALS: readonly Silhouette[] = [
  "deer",
  "beast",
  "otter",
  "fox",
  "dog",
  "hare",
  "seal",
  "whale",
  "frog",
  "lizard",
  "snake",
  "flying",
  "stooping",
  "perched",
  "wading",
  "afloat",
];
const INSECTS: readonly Silhouette[] = ["insect", "spider", "drop"];
/** Heights from which something without a figure is taken for a person, largest sizes from which for an animal (assumed). */
const AS_LARGE_AS = { person: 0.9, animal: 0.1 };

/** What tells the kind of creature. */
export type Stature = Pick<Subject, "figure" | "height" | "length" | "span">;

/** Person, animal or insect, by the figure; by the size where none is set: a flying swallow is low but wide. */
export function creatureOf({ figure, height, length = 0, span = 0 }: Stature): Creature {
  if (figure && INSECTS.includes(figure)) return "insect";
  if (figure) return ANIMALS.includes(figure) ? "animal" : "person";
  if (height >= AS_LARGE_AS.person) return "person";
  return Math.max(height, length, span) >= AS_LARGE_AS.animal ? "animal" : "insect";
}

/** Whether it moves straight down: a drop of rain, a flake of snow. */
export const isFalling = ({ figure }: Pick<Subject, "figure">): boolean => figure === "drop";

/** Length in metres of a grown person's head from chin to crown (handbooks of anatomy: an eighth to a seventh of the height; from memory). */
const PERSON_HEAD = 0.24;
/** Share of an animal's or insect's length that is its head (assumed). */
const ANIMAL_HEAD = 0.25;

/** Length of the head in metres. */
export function headOf(subject: Stature & Pick<Subject, "head">): number {
  if (subject.head !== undefined) return subject.head;
  if (creatureOf(subject) === "person") return PERSON_HEAD;
  return ANIMAL_HEAD * (subject.length ?? subject.height);
}

/**
 * Width in metres that is seen of a subject which faces `turnDeg` away from the camera (0 face on, 90 from the side): the
 * shadow of an ellipse of its length and its span, or its depth where it has none.
 */
export function widthSeen(
  { length, span, depth }: Pick<Subject, "length" | "span" | "depth">,
  turnDeg: number,
): number {
  const along = (length ?? depth) * sinDeg(turnDeg);
  const aside = (span ?? depth) * cosDeg(turnDeg);
  return Math.sqrt(along * along + aside * aside);
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
