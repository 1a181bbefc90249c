import type { KeeperChance } from "@/core/motion";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { chanceOf, keptBy } from "../explain/sums";
import { chance } from "./chance";

/** What one cause alone leaves of the frames, or takes of what they may blur. */
export type Cause = "subject" | "hand" | "pan" | "focus";

const FIELD: Readonly<Record<Cause, Exclude<keyof KeeperChance, "chance">>> = {
  subject: "subject",
  hand: "hand",
  pan: "pan",
  focus: "taken",
};

/** A cause of the chance in hand with its sum; nothing while there is no picture. */
export function causeSum(view: OutingView, cause: Cause): Figure | undefined {
  const answer = chance(view);
  const of = picturedOf(view);
  if (!answer || !of) return undefined;
  const field = FIELD[cause];
  return figure(answer.here[field], `keeperChance.${field}`, keptBy(of));
}

/** The chance in hand with one's own count of this shot at this shutter; nothing where none was counted. */
export function mineSum(view: OutingView): Figure | undefined {
  const mine = chance(view)?.mine;
  const of = picturedOf(view);
  if (!mine || !of) return undefined;
  return figure(mine.chance, "chanceFromLog", {
    chance: chanceOf(of),
    kept: given(mine.kept, "frames", "measured"),
    taken: given(mine.taken, "frames", "measured"),
  });
}
