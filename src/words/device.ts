/** Why the device does not do what was asked. */
export type Absent =
  /** The browser has it only where the page came by https or from this machine. */
  | "needs-https"
  /** This browser or device has it not at all. */
  | "not-here"
  /** It has it, and refused. */
  | "refused";

const INSTEAD = {
  awake: "set the phone’s own screen time longer",
  vibration: "the calls are told on the screen",
  tone: "the calls are told on the screen",
  speech: "press a person or type a word instead",
} as const;

const NAMES = {
  awake: "keep the screen on",
  vibration: "vibrate",
  tone: "sound a tone",
  speech: "listen",
} as const;

/** What the phone cannot do, why, and what to do instead. */
export function absentSentence(what: keyof typeof NAMES, reason: Absent): string {
  const told = INSTEAD[what];
  if (reason === "needs-https")
    return `The page cannot ${NAMES[what]} over plain http: open it by https or on this machine, or ${told}.`;
  if (reason === "not-here") return `This browser cannot ${NAMES[what]}: ${told}.`;
  return what === "speech"
    ? "The microphone was refused: allow it in the browser’s settings for this page, or press a person instead."
    : `The browser refused to ${NAMES[what]}: touch the page and try again, or ${told}.`;
}
