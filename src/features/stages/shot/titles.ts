import { wallTimeOf } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { timeWords } from "@/words";

/** The shot in hand and where it is looked at from. */
export const shotTitle = ({ shot, position }: OutingView): string =>
  position ? `${shot.name} from ${position.name}` : `${shot.name}: no position yet`;

/** An instant by the clock of the outing's place. */
export const wallOf = ({ outing }: Pick<OutingView, "outing">, at: number): string =>
  timeWords(wallTimeOf(at, outing.timeZone));

/** Whether the minute is the device's or a chosen one, and which. */
export const timeNote = (view: OutingView): string =>
  `${view.live ? "now" : "planned for"} ${wallOf(view, view.at)}`;
