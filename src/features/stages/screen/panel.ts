import type { ComponentType } from "react";
import type { Named } from "@/answers/explain/how";
import type { OutingView } from "@/outing/outing-view";

/**
 * Where a panel stands.
 * - `fill`: a drawing that takes the room that is left
 * - `lead`: open, without a head of its own
 * - `open`, `folded`: under a head that opens and folds it, with a line that says its answer
 * - `foot`: always in view, under the thumb
 * - `none`: not at this size
 *
 * On a wide screen `fill`, `main` and `half` stand in the broad column, the rest in the column of figures beside it; two
 * that are `half` stand side by side where there is room.
 */
export type PhoneSlot = "fill" | "lead" | "open" | "folded" | "foot" | "none";

export type WideSlot = "fill" | "main" | "half" | "lead" | "open" | "folded" | "foot" | "none";

/** With the stage, or from a module of its own when it is first seen. */
export type Load =
  | { readonly when: "with-stage"; readonly Body: ComponentType }
  | { readonly when: "first-seen"; readonly load: () => Promise<ComponentType> };

/** A part of a stage: a question of the outing, and a component that answers it. */
export interface Panel {
  readonly id: string;
  readonly title: string;
  readonly phone: PhoneSlot;
  readonly wide: WideSlot;
  /** On a phone that lies on its side, where it stands there otherwise than on a wide screen. */
  readonly lying?: WideSlot;
  /** For which outings, shots and pictures it applies. */
  readonly when: (view: OutingView) => boolean;
  /** One line that says what is in it while it is folded. */
  readonly answer?: (view: OutingView) => string;
  readonly load: Load;
  /** Few shots need it: where it would stand folded it stands among the further tools, behind one press. */
  readonly further?: true;
  /** The functions that its figures come from: their formulas and sources are a press away. */
  readonly worked?: readonly Named[];
}

export const withStage = (Body: ComponentType): Load => ({ when: "with-stage", Body });

export const whenSeen = (load: () => Promise<ComponentType>): Load => ({ when: "first-seen", load });

/** Conditions that panels share. */
export const always = (): boolean => true;
export const withPicture = (view: OutingView): boolean => view.found !== undefined;
/** For outings with something on. */
export const withProgramme = ({ outing }: OutingView): boolean => (outing.programme?.length ?? 0) > 0;
