import { countWords, minutesWords } from "./format";

/** What one knows somebody by. */
interface Known {
  readonly number?: string;
  readonly lane?: string;
  readonly colour?: string;
  readonly club?: string;
  readonly breathes?: "left" | "right" | "both";
  readonly takeOff?: "left" | "right";
  readonly hand?: "left" | "right";
}

/** How to know somebody, and what to expect of them, in a line. */
export const knownByWords = ({ number, lane, colour, club, breathes, takeOff, hand }: Known): string =>
  [
    number && `number ${number}`,
    lane && `lane ${lane}`,
    colour,
    club,
    breathes && (breathes === "both" ? "breathes to both sides" : `breathes to the ${breathes}`),
    takeOff && `takes off from the ${takeOff}`,
    hand && `${hand}-handed`,
  ]
    .filter(Boolean)
    .join(" · ");

export const CONSENT_WORDS = {
  "not-asked": "Not asked",
  given: "May be shown",
  refused: "No pictures",
} as const;

/** How somebody is known to be in an event, where that is not plain. */
export const byWords = (by: "name" | "number" | "hand" | "earlier-round"): string =>
  ({
    name: "",
    number: "by the number",
    hand: "put in by hand",
    "earlier-round": "if they get that far",
  })[by];

/** How long until something begins, both epoch milliseconds: "in 4 min", "in 2 h 10 min"; it is on once it has begun. */
export function untilWords(starts: number, at: number): string {
  if (starts <= at) return "on now";
  const minutes = Math.round((starts - at) / 60_000);
  if (minutes < 60) return `in ${minutesWords((starts - at) / 1000)}`;
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  return `in ${hours}\u00a0h${rest > 0 ? ` ${rest}\u00a0min` : ""}`;
}

/** How much named somebody who was forgotten. */
export function forgottenWords(count: {
  readonly outings: number;
  readonly states: number;
  readonly tags: number;
  readonly sounds: number;
}): string {
  const { outings, states, tags, sounds } = count;
  return `Forgotten in ${countWords(outings, "outing")}, ${countWords(states, "state")} of them, ${countWords(tags, "tag")} and ${countWords(sounds, "spoken note")}. Exported files are out of reach.`;
}
