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

/** How many frames came in at an event, and whom tags name beside them. */
export const framesAtEvent = (frames: number, event: string, who: readonly string[]): string =>
  `${countWords(frames, "frame")} at ${event}${who.length > 0 ? `: ${who.slice(0, 4).join(", ")}${who.length > 4 ? ` and ${who.length - 4} more` : ""}` : ""}`;

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
