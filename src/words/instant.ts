import type { InstantLine } from "@/answers/expose/instant-sums";
import type { Event, Flicker, Instant } from "@/core/judge";
import { ofHundred } from "./chance";
import { metresWords, shutterWords, speedWords } from "./format";
import { numberWords } from "./number";

const EVENTS: Readonly<Record<Event["code"], string>> = {
  "ball-on-bat": "The ball on the bat or stick",
  stride: "Both feet off the ground",
  "top-of-jump": "The top of the jump",
  "ball-leaves": "The ball leaving",
};

/** A short time given in seconds: "1.0 ms", "2.5 s". */
export const shortTimeWords = (s: number): string =>
  s < 0.1 ? `${numberWords(1000 * s, s < 0.01 ? 1 : 0)} ms` : `${numberWords(s, s < 10 ? 1 : 0)} s`;

/** The instant and what a burst is good for. */
export function eventSentence({ event, held }: Instant): string {
  if (!event) return "No single instant decides this picture.";
  const lasts = `${EVENTS[event.code]} lasts ${shortTimeWords(2 * event.halfWidth)}`;
  if (held === undefined)
    return `${lasts}. Tell the frames a second of the body in Kit to see what a burst holds.`;
  const burst = `a burst alone holds it in ${ofHundred(held)}`;
  if (held < 0.2) return `${lasts}; ${burst}: it is timing, not burst. Press on the swing, one frame.`;
  return held >= 1
    ? `${lasts}: a burst holds it once every time.`
    : `${lasts}; ${burst}: press early and let it run.`;
}

/** The same in a few words. */
export const eventWords = ({ event }: Instant): string =>
  event ? `${EVENTS[event.code]}, ${shortTimeWords(2 * event.halfWidth)}` : "none decides this picture";

/** The lines of the instant, name and figure. */
export function instantLines(
  found: Instant,
  pixelUm: number,
): { readonly line: InstantLine; readonly name: string; readonly value: string }[] {
  const { between, run, preBurst, leanUm, jump, lockedBurst, lockedPress, followed } = found;
  const runs =
    run && run.seconds === "unlimited"
      ? "never: the card keeps up"
      : run &&
        `after ${shortTimeWords(run.seconds as number)}, ${run.frames} frames; then ${shortTimeWords(run.clearSeconds)} to write`;
  const lines: ReturnType<typeof instantLines> = [
    {
      line: "between",
      name: "Between two frames it goes",
      value: between === undefined ? "" : metresWords(between),
    },
    { line: "run", name: "The buffer is full", value: runs ?? "" },
    {
      line: "preBurst",
      name: "Kept from before the press",
      value: preBurst ? `${shortTimeWords(preBurst.seconds)}, ${preBurst.frames} frames` : "",
    },
    {
      line: "jump",
      name: "For a rise of 60 cm one leaves the ground at",
      value: jump ? speedWords(jump.takeOff) : "",
    },
    {
      line: "lean",
      name: "Electronic shutter leans it by",
      value: leanUm === undefined ? "" : `${numberWords(leanUm / pixelUm, 1)} px`,
    },
    { line: "followed", name: "Focus following is off by", value: metresWords(followed) },
    {
      line: "lockedBurst",
      name: "Focus locked on the spot, in a burst",
      value: lockedBurst === undefined ? "" : `up to ${metresWords(lockedBurst)}`,
    },
    { line: "lockedPress", name: "Focus locked, one press", value: metresWords(lockedPress) },
  ];
  return lines.filter(({ value }) => value !== "");
}

/** What flicker does at the shutter in hand. */
export const flickerSentence = ({ apart }: Flicker): string =>
  apart <= 1 / 3
    ? "Frames agree: the lamps do no harm at this shutter."
    : `Frames differ by up to ${numberWords(apart, 1)} stops at this shutter.`;

/** What an electronic shutter makes of it; nothing where nobody would see it. */
export const bandsSentence = ({ bands }: Flicker): string | undefined =>
  !bands || bands.stops <= 1 / 3
    ? undefined
    : `The electronic shutter shows about ${numberWords(bands.count, 1)} bands of ${numberWords(bands.stops, 1)} stops: use the mechanical one.`;

/** What helps against flicker, the body's own help first; a safe shutter that smears what is to hold is none. */
export function calmWords({
  calm,
  smearing,
}: {
  calm: readonly number[];
  smearing: readonly number[];
}): string {
  const first = "Turn on the body's flicker reduction first.";
  if (calm.length > 0) return `${first} Safe without it: ${calm.map(shutterWords).join(", ")}.`;
  return smearing.length > 0
    ? `${first} Without it no safe shutter holds the movement: ${shutterWords(smearing[0]!)} would smear it.`
    : `${first} Without it no shutter from 1/30 up is safe.`;
}
