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
  /** What is on the legs. */
  readonly wears: Wears;
}

/**
 * Shirt, shorts and bare legs; shorts and long socks; trousers and sleeves; trunks alone; a suit with bare limbs and feet; trunks and shoes.
 */
export type Wears = "shorts" | "socks" | "trousers" | "trunks" | "suit" | "gloves";

/** A discipline whose second pose is its peak, and which is played in shorts, unless told. */
export const discipline = (
  poses: Readonly<Record<string, PersonPose>>,
  {
    tools = [],
    peak = 1,
    wears = "shorts",
  }: { readonly tools?: readonly Tool[]; readonly peak?: number; readonly wears?: Wears } = {},
): Discipline => ({
  tools,
  peak,
  wears,
  poses: Object.entries(poses).map(([name, pose]) => ({ name, pose })),
});
