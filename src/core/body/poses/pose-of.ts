import type { ArmPose, LegPose, PersonPose } from "../pose";
import type { Tool } from "../tools";

/** A leg: hip, knee, then toes, aside and turned where they matter; degrees. */
export const leg = (hip: number, knee: number, toes = 0, aside = 0, turned = 0): LegPose => ({
  hip,
  knee,
  toes,
  aside,
  turned,
});

/** A leg with what slides under its foot: the sole lies level. */
export const onSnow = (...joints: Parameters<typeof leg>): LegPose => ({ ...leg(...joints), level: true });

/** An arm: raised, elbow, then aside and turned where they matter; degrees. */
export const arm = (raised: number, elbow: number, aside = 0, turned = 0): ArmPose => ({
  raised,
  elbow,
  aside,
  turned,
});

/** Legs left and right, arms left and right, and what else the body does. */
export const pose = (
  left: LegPose,
  right: LegPose,
  leftArm: ArmPose,
  rightArm: ArmPose,
  more: Omit<PersonPose, "left" | "right" | "leftArm" | "rightArm"> = {},
): PersonPose => ({ left, right, leftArm, rightArm, ...more });

/** How a discipline moves: what is held, and its poses in the order of the movement. */
export interface Discipline {
  readonly tools: readonly Tool[];
  /** From how it begins to how it ends, at least three. */
  readonly poses: readonly { readonly name: string; readonly pose: PersonPose }[];
  /** Which of them is the peak that a picture waits for. */
  readonly peak: number;
  /** What is worn on the body. */
  readonly wears: Wears;
  /** What is on the head, where that is more than hair. */
  readonly head?: Headgear;
}

/** A helmet, a helmet with bars before the face, or a cap with its peak. */
export type Headgear = "helmet" | "barred helmet" | "cap";

/**
 * Shirt, shorts and bare legs; shorts and long socks; trousers and sleeves; trunks alone; a suit with bare limbs and feet; trunks and shoes.
 */
export type Wears = "shorts" | "socks" | "trousers" | "trunks" | "suit" | "gloves";

/** A discipline whose second pose is its peak, and which is played in shorts, unless told. */
export const discipline = (
  poses: Readonly<Record<string, PersonPose>>,
  { tools = [], peak = 1, wears = "shorts", head }: Partial<Omit<Discipline, "poses">> = {},
): Discipline => ({
  tools,
  peak,
  wears,
  ...(head && { head }),
  poses: Object.entries(poses).map(([name, pose]) => ({ name, pose })),
});
