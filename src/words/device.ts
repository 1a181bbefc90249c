/** Why the device does not do what was asked. */
export type Absent =
  /** The browser has it only where the page came by https or from this machine. */
  | "needs-https"
  /** This browser or device has it not at all. */
  | "not-here"
  /** It has it, and refused. */
  | "refused"
  /** It has it, and cannot tell just now. */
  | "not-now";

const INSTEAD = {
  awake: "set the phone’s own screen time longer",
  vibration: "the calls are told on the screen",
  tone: "the calls are told on the screen",
  speech: "press a person or type a word instead",
  notice: "keep this page in front: the calls are told on it",
  place: "go by the plan",
  coordinates: "type the coordinates",
  heading: "the arrow is drawn with north up: turn the phone to the sun or a known line",
  turning: "follow with the finger",
} as const;

const NAMES = {
  awake: "keep the screen on",
  vibration: "vibrate",
  tone: "sound a tone",
  speech: "listen",
  notice: "show notices",
  place: "tell where you are",
  coordinates: "tell where you are",
  heading: "tell which way it is turned",
  turning: "tell how fast it is turned",
} as const;

/** What the browser asks the user about by itself, and keeps the answer to. */
const REFUSED: Partial<Record<keyof typeof NAMES, string>> = {
  speech: "The microphone was",
  notice: "Notices were",
  place: "The place was",
  coordinates: "The place was",
  heading: "The compass was",
  turning: "Turning was",
};

/** What the phone cannot do, why, and what to do instead. */
export function absentSentence(what: keyof typeof NAMES, reason: Absent): string {
  const told = INSTEAD[what];
  if (reason === "needs-https")
    return `The page cannot ${NAMES[what]} over plain http: open it by https or on this machine, or ${told}.`;
  if (reason === "not-here") return `This browser cannot ${NAMES[what]}: ${told}.`;
  if (reason === "not-now") return `It cannot ${NAMES[what]} just now: step out under the sky, or ${told}.`;
  const refused = REFUSED[what];
  return refused
    ? `${refused} refused: allow it in the browser’s settings for this page, or ${told}.`
    : `The browser refused to ${NAMES[what]}: touch the page and try again, or ${told}.`;
}
