import { isShownAgain, lastDayOf, wallTimeOf, type Outing } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { dateWords, timeWords } from "@/words";

/** The shot in hand and where it is looked at from. */
export const shotTitle = ({ shot, position }: OutingView): string =>
  position ? `${shot.name} from ${position.name}` : `${shot.name}: no position yet`;

/** An instant by the clock of the outing's place. */
export const wallOf = ({ outing }: Pick<OutingView, "outing">, at: number): string =>
  timeWords(wallTimeOf(at, outing.timeZone)) + (isShownAgain(at, outing.timeZone) ? " again" : "");

/** Spans of the outing by its clock. */
export const spansWords = (
  view: Pick<OutingView, "outing">,
  spans: readonly { readonly from: number; readonly until: number }[],
): string =>
  spans.length === 0
    ? "at no time of the outing"
    : spans
        .map(({ from, until }) =>
          from === until ? wallOf(view, from) : `${wallOf(view, from)}–${wallOf(view, until)}`,
        )
        .join(", ");

/** From when until when one is there; with the day of leaving where that is another. */
export function spanWords(outing: Outing): string {
  const { date, from, until } = outing;
  const lastDay = lastDayOf(outing);
  const end = lastDay === date ? timeWords(until) : `${dateWords(lastDay)}, ${timeWords(until)}`;
  return `${dateWords(date)} ${date.slice(0, 4)}, ${timeWords(from)} to ${end}`;
}

/** Whether the minute is the device's or a chosen one, and which. */
export const timeNote = (view: OutingView): string =>
  `${view.live ? "now" : "planned for"} ${wallOf(view, view.at)}`;
