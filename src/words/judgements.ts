import type { Assessment, Break, Judgement, JudgementCode, NoPicture } from "@/core/judge";
import type { EndReason, Sacrifice } from "@/core/exposure";
import type { BlurSource, BlurVerdict } from "@/core/motion";
import { lengthShown, lengthUnit } from "./display";
import { metresWords, percentWords, stopsNoun, twoFigures } from "./format";

const clicks = (stops: number | undefined): number => Math.round((stops ?? 0) * 3);

/** What a judgement says, each ending in what to do. */
const JUDGEMENTS: Readonly<Record<JudgementCode, (v: Judgement["numbers"]) => string>> = {
  "in-no-go": () => "Nobody may stand here. Move outside the marked area.",
  "on-water": () => "This place lies on the water. Move to the bank.",
  blocked: (v) =>
    `Something ${metresWords(v.at ?? 0)} ahead hides the subject. Go ${metresWords(v.short ?? 0)} higher or aside.`,
  "inside-obstacle": () =>
    "This place lies inside something solid. Move out, or set a lens height above its top.",
  "out-of-reach": (v) =>
    `Only ${percentWords(v.fill ?? 0)} of the frame for ${percentWords(v.wished ?? 0)} wished. Go nearer or mount a longer lens.`,
  "does-not-fit": (v) =>
    `Too near: it takes ${percentWords(v.fill ?? 0)} of the frame. Step back or zoom out.`,
  "sun-in-frame": () => "The sun is in or near the frame. Never look at it through an optical finder.",
  "against-the-sun": () => "Against the light. Expose for the face or take the silhouette.",
  "own-shadow": () => "Your own shadow falls on the subject. Step aside.",
  "seen-from-behind": () => "You see the back. Move round for the face.",
  "background-busy": (v) =>
    `Busy ${metresWords(v.beyond ?? 0)} behind. Lower, longer or wider open softens it.`,
  "pixels-short": (v) => `${v.px ?? 0} px are left of ${v.wanted ?? 0} ordered. Go nearer.`,
  "light-short": (v) =>
    clicks(v.off) > 0
      ? `Still ${stopsNoun(clicks(v.off))} dark after all you give up.`
      : `${stopsNoun(clicks(v.missing))} missing at your ceiling.`,
  "light-over": (v) => `${stopsNoun(clicks(v.off))} too bright: mount a neutral-density filter.`,
  "motion-not-held": (v) =>
    `It smears ${twoFigures(v.times ?? 0)} times what you allow. Take a faster shutter.`,
  flicker: (v) =>
    `The lamps flicker: frames differ by ${stopsNoun(clicks(v.stops))}. Take 1/100 where mains are 50 Hz, 1/120 at 60, or flicker reduction.`,
  "filter-needed": (v) => `Mount a neutral-density filter of ${v.stops ?? 0} stops.`,
  "nothing-crosses": () =>
    "Nothing crosses your view from here, so no lines are drawn. Stand to the side of its way.",
  "no-shutter-holds": () => "No shutter holds it: it is focus, not movement. Stop down or wait for it.",
};

export const judgementSentence = ({ code, numbers }: Judgement): string => JUDGEMENTS[code](numbers);

export const noPictureSentence = ({ numbers }: NoPicture): string =>
  `${metresWords(numbers?.distance ?? 0)} is nearer than this lens focuses. Step back to ${metresWords(numbers?.closest ?? 0)}.`;

export function lightSideWords(light: Assessment["light"]): { value: string; label: string } {
  if (light.direct === "roof")
    return { value: light.lux.lamps > 0 ? "lamps" : "daylight", label: "under a roof" };
  if (light.direct === "sun-down")
    return { value: light.lux.lamps > 0 ? "lamps" : "dusk", label: "sun is down" };
  if (light.direct === "shaded") return { value: "shade", label: "out of the sun" };
  if (light.direct === "cloud" || light.side === "even") return { value: "even", label: "no direct sun" };
  const side = { front: "front-lit", side: "side-lit", back: "back-lit" }[light.side];
  return { value: side, label: `sun ${Math.round(light.turn)}° round` };
}

const BREAKS: Readonly<Record<Break["code"], string>> = {
  "shade-begins": "shade",
  "shade-ends": "sun again",
  "sun-down": "sunset",
  "sun-up": "sunrise",
  "lamps-on": "lamps on",
  "lamps-off": "lamps off",
  "past-ceiling": "past ceiling",
  "within-ceiling": "within ceiling",
};
export const breakWords = (code: Break["code"]): string => BREAKS[code];

const ENDS: Readonly<Record<EndReason, string>> = {
  motion: "movement",
  streak: "lines wished",
  "fastest-shutter": "fastest of the body",
  "slowest-shutter": "slowest of the scale",
  depth: "depth of the subject",
  "widest-aperture": "lens wide open",
  "narrowest-aperture": "lens closed",
  diffraction: "diffraction",
  "iso-floor": "your floor",
  "iso-ceiling": "your ceiling",
};
export const endWords = (reason: EndReason): string => ENDS[reason];

const SOURCES_OF_BLUR: Readonly<Record<BlurSource, string>> = {
  motion: "movement",
  shake: "shake",
  defocus: "focus",
  diffraction: "diffraction",
  pixel: "pixel",
};
export const blurSourceWords = (source: BlurSource): string => SOURCES_OF_BLUR[source];

const VERDICTS: Readonly<Record<BlurVerdict, string>> = {
  held: "held",
  "a-little": "moves a little",
  "clearly-moved": "clearly moved",
};
export const verdictWords = (verdict: BlurVerdict): string => VERDICTS[verdict];

const SACRIFICES: Readonly<Record<Sacrifice, string>> = {
  lift: "Lift later",
  shutter: "Slower shutter",
  aperture: "Wider aperture",
  iso: "Higher ISO",
};
export const sacrificeWords = (kind: Sacrifice): string => SACRIFICES[kind];

const BACKGROUNDS: Readonly<Record<Assessment["sighting"]["background"]["kind"], string>> = {
  stand: "stand",
  building: "building",
  fence: "fence",
  boards: "boards",
  trees: "trees",
  goal: "goal",
  ground: "open",
  skyline: "skyline",
};
const OBSTACLES: Readonly<Record<Exclude<keyof typeof BACKGROUNDS, "ground" | "skyline">, string>> = {
  stand: "Stand",
  building: "Building",
  fence: "Fence",
  boards: "Boards",
  trees: "Trees",
  goal: "Goal",
};
export const obstacleWords = (kind: keyof typeof OBSTACLES): string => OBSTACLES[kind];

export const backgroundWords = ({ kind, beyond }: Assessment["sighting"]["background"]): string =>
  kind === "skyline" ? "skyline" : `${BACKGROUNDS[kind]} ${Math.round(lengthShown(beyond))} ${lengthUnit()}`;

/** Smooth from 3, soft from 1, busy below (common practice); turf and skyline have no faces to be busy with. */
export function softnessWords({ kind, smoothness }: Assessment["sighting"]["background"]): string {
  if (kind === "ground" || kind === "skyline") return "plain";
  if (smoothness >= 3) return "smooth";
  return smoothness >= 1 ? "soft" : "busy";
}

/** What the background does to the picture, in a sentence. */
export function softnessSentence(background: Assessment["sighting"]["background"], what: string): string {
  const { kind, smoothness } = background;
  if (kind === "skyline") return "The skyline is behind it, and that is soft.";
  if (kind === "ground") return `Open ground, ${metresWords(background.beyond)} of it: plain.`;
  const name = what.charAt(0).toUpperCase() + what.slice(1);
  const times = `a face there blurs to ${twoFigures(smoothness)} times its size`;
  if (smoothness >= 3) return `${name} behind: smooth, ${times}.`;
  return smoothness >= 1
    ? `${name} behind: soft, ${times}.`
    : `${name} behind: busy, ${times}. Lower or wider open helps.`;
}

export function faceWords(turn: number): string {
  if (turn < 60) return "toward you";
  return turn <= 110 ? "profile" : "away";
}
