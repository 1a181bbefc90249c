import { countWords } from "./format";
import { numberWords } from "./number";

type State = "off" | "joining" | "on" | "cut-off" | "over" | "failed" | "not-kept";

/** How a line to something outside stands, and what to do where it does not. */
export const lineWords = (what: string, state: State): string =>
  ({
    off: `No ${what}.`,
    joining: "Joining …",
    on: "On the line.",
    "cut-off": "The line was cut: it comes back by itself, and nothing is lost.",
    over: `The ${what} is over.`,
    failed: `The ${what} does not answer: look whether the server has it switched on, then join again.`,
    "not-kept": "A change could not be kept here: make room, then join again.",
  })[state];

/** Seconds by which a camera's clock is off the device's. */
export const clockWords = (ahead: number): string =>
  Math.abs(ahead) < 1
    ? "The camera’s clock is right."
    : `The camera’s clock is ${numberWords(Math.abs(ahead), 0)} s ${ahead > 0 ? "ahead" : "behind"}.`;

/** How many frames came in for a shot, against what was promised of it. */
export const framesForShot = (frames: number, shot: string, wanted: number): string =>
  `${countWords(frames, "frame")} for ${shot}, ${wanted} promised`;

/** Names told one by one before the rest is counted. */
const MOST_NAMES = 4;

/** How many frames came in at an event, from where, and whom tags name beside them. */
export function framesAtEvent(
  frames: number,
  event: string,
  who: readonly string[],
  from: readonly string[],
): string {
  const rest = who.length - MOST_NAMES;
  const names = `${who.slice(0, MOST_NAMES).join(", ")}${rest > 0 ? ` and ${rest} more` : ""}`;
  const where = from.length > 0 ? `, from ${from.join(" and ")}` : "";
  return `${countWords(frames, "frame")} at ${event}${where}${who.length > 0 ? `: ${names}` : ""}`;
}

/** What a meet said last of what changes the day. */
export function meetSaid(
  said:
    | {
        readonly name: "delay";
        readonly data: { readonly eventIds: readonly string[]; readonly minutes: number };
      }
    | { readonly name: "scratch"; readonly data: { readonly eventId: string; readonly name: string } }
    | {
        readonly name: "result";
        readonly data: { readonly eventId: string; readonly places: readonly string[] };
      },
  nameOf: (id: string) => string,
): string {
  if (said.name === "delay")
    return `From ${nameOf(said.data.eventIds[0] ?? "")} on all is ${said.data.minutes} min later.`;
  if (said.name === "scratch") return `${said.data.name} does not start in ${nameOf(said.data.eventId)}.`;
  return `${nameOf(said.data.eventId)} is over${said.data.places[0] ? `: ${said.data.places[0]} won` : ""}.`;
}
