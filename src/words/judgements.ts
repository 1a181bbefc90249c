import type {
  Assessment,
  Moment,
  FaceSeen,
  JudgementCode,
  JudgementOf,
  NoPicture,
  SeenBehind,
  Softness,
} from "@/core/judge";
import type { EndReason, Rail, Sacrifice } from "@/core/exposure";
import type { BlurSource } from "@/core/motion";
import { ofHundred } from "./chance";
import { lengthShown, lengthUnit } from "./display";
import { atLeastWords, metresWords, percentWords, shutterWords, stopsNoun, twoFigures } from "./format";
import {
  keepOffSentence,
  needsLeaveSentence,
  neverSentence,
  onLeaveSentence,
  withCareSentence,
} from "./standing";
import { obstacleWords } from "./things";

/** Metres beyond which nobody is told to go higher. */
const HIGHEST_STEP = 12;
/** Metres from which dust hangs in the line rather than on the lens. */
const DUST_NEAR = 50;

/** A focal length as a lens is called: to two figures. */
const lensWords = (mm: number): string => `${Number(mm.toPrecision(2))} mm`;

/** What a judgement says, each ending in what to do. */
const JUDGEMENTS: {
  readonly [Code in JudgementCode]: (v: JudgementOf<Code>["numbers"], said: JudgementOf<Code>) => string;
} = {
  "no-standing": (_, said) => neverSentence(said),
  "needs-leave": (_, said) => needsLeaveSentence(said),
  "on-leave": (_, said) => onLeaveSentence(said),
  "keep-off": (_, said) => keepOffSentence(said),
  "with-care": (_, said) => withCareSentence(said),
  blocked: (v) =>
    `Something ${metresWords(v.at)} ahead hides the subject. ${v.raise === undefined || v.raise > HIGHEST_STEP ? "Step aside" : `Go ${atLeastWords(v.raise)} higher, or step aside`}.`,
  "partly-hidden": (v, { head }) =>
    `Something in front hides ${percentWords(v.share)} of it${head ? ", its head" : ""}. Step aside, or go up or down.`,
  "off-line": () =>
    "Not on the photographers’ line. Stand within it, or take it off the plan if you are let elsewhere.",
  "in-water": () =>
    "You stand in the water’s edge. Test its depth, keep electrics dry, tell somebody where you are.",
  "cheer-side": () =>
    "The cheer side: people jump up before you, and players land here. Take the other side.",
  "outside-slit": (v) =>
    v.aside > 0
      ? `The opening does not look there: ${Math.ceil(v.aside)}° too far round. Turn it, widen it, or come nearer to it.`
      : `The ${v.above > 0 ? "upper edge" : "sill"} is in the way by ${Math.ceil(Math.abs(v.above))}°. Move the lens up or down.`,
  "through-glass": (v) =>
    `Through ${v.surfaces} surfaces of glass${v.angle > 5 ? `, ${Math.round(v.angle)}° off square` : ""}: ${v.stops.toFixed(1)} stops lost, and it softens. Open it, take its hole, or stand square to it.`,
  shimmer: (v) =>
    `Hot ground and ${metresWords(v.distance)} of air: it shimmers. Go nearer, higher, or come early or late.`,
  haze: (v) => `${metresWords(v.distance)} of air takes contrast. Go nearer; no lens mends haze.`,
  dust: ({ distance }) =>
    distance > DUST_NEAR
      ? `Loose ground ${metresWords(distance)} away: its dust hangs in the line and takes contrast. Let the wind blow across, and take the first of a field.`
      : "Loose ground: it throws dust. Stand upwind, and keep the lens covered between actions.",
  "through-mesh": (v, { structure }) =>
    structure === "gone"
      ? `Through a mesh ${metresWords(v.away)} off: its wires are gone${v.veil > 0 ? `, a veil takes ${Math.round(v.veil)} %` : ""}. Keep it in shade.`
      : `Through a mesh ${metresWords(v.away)} off: a wire takes ${Math.round(v.loss)} % and is ${structure}. Go nearer to it, open up, keep it in shade.`,
  "inside-obstacle": () =>
    "This place lies inside something solid. Move out, or set a lens height above its top.",
  "out-of-reach": (v, { shy }) =>
    `Only ${percentWords(v.fill)} of the frame for ${percentWords(v.wished)} wanted: this wants ${lensWords(v.wants)}. ${shy ? "A longer lens, or wait until it comes" : "Go nearer, mount it, or take a wider picture"}.`,
  overfilled: (v) =>
    `It fills ${percentWords(v.fill)} for ${percentWords(v.wished)} wanted: this wants ${lensWords(v.wants)}. Step back, or zoom out.`,
  "does-not-fit": (v) =>
    `Too near: it takes ${percentWords(v.fill)} of the frame. Step back, or mount ${lensWords(v.wants)}.`,
  "sun-in-frame": () => "The sun is in or near the frame. Never look at it through an optical finder.",
  "against-the-sun": () => "Against the light. Expose for the face or take the silhouette.",
  "own-shadow": () => "Your own shadow falls on the subject. Step aside.",
  "seen-from-behind": () => "You see the back. Move round for the face.",
  "background-busy": (v, { behind }) =>
    `${behind === "ground" ? "" : `${behindName(behind)} `}${metresWords(v.beyond)} behind: busy. Lower, longer or wider open softens it.`,
  "pixels-short": (v) => `${v.px} px are left of ${v.wanted} ordered. Go nearer.`,
  "light-short": (v) =>
    v.missing > 0
      ? `${stopsNoun(v.missing)} too dark after everything you give up. Wait for light or go where it is brighter.`
      : `${stopsNoun(v.short)} short at your ISO ceiling, made up by what you give up.`,
  "light-over": (v) => `${stopsNoun(v.over)} too bright: use a neutral-density filter.`,
  "focus-not-shutter": () =>
    "Focus, not shutter: it comes too fast for the autofocus to hold. Prefocus on a spot, or shoot as it passes.",
  "motion-not-held": (v) => `It moves: ${ofHundred(v.chance)} frames hold. Take a faster shutter.`,
  flicker: (v, { calm }) =>
    `The lamps flicker, ${stopsNoun(Math.round(3 * v.stops))} between frames: flicker reduction on. ${calm === undefined ? "No safe shutter holds this." : `Else ${shutterWords(calm)}.`}`,
  "flicker-untold": () =>
    "Lamps in a hall may flicker: turn flicker reduction on, and look at ten frames in a row.",
  "lamps-untold": () =>
    "Dark, and no lamps are told. A club’s ground has class III: tell it under Ground and light, or come earlier.",
  "filter-needed": (v) => `Mount a neutral-density filter of ${v.stops} stops.`,
  "nothing-crosses": () =>
    "Nothing crosses your view from here, so no lines are drawn. Stand to the side of its way.",
  "no-shutter-holds": () =>
    "No shutter makes so deep a crop sharp: lens and pixels blur more than you allow. Go nearer, or deliver it smaller.",
};

export const judgementSentence = <Code extends JudgementCode>(said: JudgementOf<Code>): string =>
  JUDGEMENTS[said.code](said.numbers, said);

/** Nearer than the lens focuses: by how much to step back, never less than it takes. */
export function noPictureSentence({ numbers }: NoPicture): string {
  const { distance = 0, closest = 0 } = numbers ?? {};
  return `Too near: this lens focuses no nearer than ${atLeastWords(closest)}. Step back ${atLeastWords(Math.max(0.01, closest - distance))}.`;
}

/** What keeps the sun off, wherever it is told: of a subject, and of the whole ground. */
export const NO_SUN_WORDS = {
  roof: "under a roof",
  "sun-down": "sun is down",
  leaves: "under leaves",
  shaded: "out of the sun",
  cloud: "no direct sun",
} as const;

export function lightSideWords(light: Assessment["light"]): { value: string; label: string } {
  if (light.direct === "roof")
    return { value: light.lux.lamps > 0 ? "lamps" : "daylight", label: NO_SUN_WORDS.roof };
  if (light.direct === "sun-down") {
    // The sun rises in the east on all the earth: below the horizon there it is morning.
    const twilight = light.sun.azimuth < 180 ? "dawn" : "dusk";
    const natural = light.lux.moon > 0.05 * light.lux.total ? "moonlight" : twilight;
    return { value: light.lux.lamps > 0 ? "lamps" : natural, label: NO_SUN_WORDS["sun-down"] };
  }
  if (light.direct === "leaves") return { value: "even", label: NO_SUN_WORDS.leaves };
  if (light.direct === "shaded") return { value: "shade", label: NO_SUN_WORDS.shaded };
  if (light.direct === "cloud" || light.side === "even") return { value: "even", label: NO_SUN_WORDS.cloud };
  const side = { front: "front-lit", side: "side-lit", back: "back-lit" }[light.side];
  return { value: side, label: `sun ${Math.round(light.turn)}° round` };
}

const MOMENTS: Readonly<Record<Moment["code"], string>> = {
  "shade-begins": "shade",
  "shade-ends": "sun again",
  "sun-down": "sunset",
  "sun-up": "sunrise",
  "lamps-on": "lamps on",
  "lamps-off": "lamps off",
  "past-ceiling": "past ceiling",
  "within-ceiling": "within ceiling",
};
export const momentWords = (code: Moment["code"]): string => MOMENTS[code];

/** What a limit that breaks at a place means, after "from 18:40". */
const BREAKING: Readonly<Partial<Record<JudgementCode, string>>> = {
  "light-short": "the light is short",
  "sun-in-frame": "the sun is in the frame",
  "own-shadow": "your shadow falls on it",
  "motion-not-held": "movement is not held",
};
export const breakingWords = (code: JudgementCode): string => BREAKING[code] ?? "a limit breaks";

const ENDS: Readonly<Record<EndReason, string>> = {
  motion: "movement",
  streak: "streak you want",
  "fastest-shutter": "fastest this body has",
  "slowest-shutter": "slowest there is",
  depth: "depth you ask for",
  "widest-aperture": "lens wide open",
  "narrowest-aperture": "smallest aperture",
  diffraction: "diffraction",
  "iso-floor": "your ISO floor",
  "iso-ceiling": "your ISO ceiling",
};
export const endWords = (reason: EndReason): string => ENDS[reason];

/** Why a rail goes no further: what the kit has, in a few words. */
const ENDS_OF_RAILS: Readonly<Record<Rail, Readonly<Record<"first" | "last", string>>>> = {
  shutter: { first: "The scale ends here", last: "This body goes no faster" },
  aperture: { first: "This lens opens no wider", last: "This lens stops down no further" },
  iso: { first: "This body goes no lower", last: "This body goes no higher" },
};
export const endOfRailWords = (rail: Rail, end: "first" | "last"): string => ENDS_OF_RAILS[rail][end];

const SOURCES_OF_BLUR: Readonly<Record<BlurSource, string>> = {
  motion: "movement",
  shake: "shake",
  defocus: "focus",
  diffraction: "diffraction",
  pixel: "pixel",
};
export const blurSourceWords = (source: BlurSource): string => SOURCES_OF_BLUR[source];

const SACRIFICES: Readonly<Record<Sacrifice, string>> = {
  lift: "Push in post",
  shutter: "Slower shutter",
  aperture: "Wider aperture",
  iso: "Higher ISO",
};
export const sacrificeWords = (kind: Sacrifice): string => SACRIFICES[kind];

type Behind = SeenBehind["kind"];
const PLACES_BEHIND = ["ground", "skyline", "sky"] as const;
const isPlaceBehind = (kind: Behind): kind is (typeof PLACES_BEHIND)[number] =>
  (PLACES_BEHIND as readonly Behind[]).includes(kind);

/** What stands behind, with a capital. */
const behindName = (kind: Behind): string =>
  isPlaceBehind(kind) ? { ground: "Open ground", skyline: "Skyline", sky: "Sky" }[kind] : obstacleWords(kind);
const behindNoun = (kind: Behind): string => (kind === "ground" ? "open" : behindName(kind).toLowerCase());

export const backgroundWords = ({ kind, beyond }: Assessment["sighting"]["background"]): string =>
  kind === "skyline" || kind === "sky"
    ? behindNoun(kind)
    : `${behindNoun(kind)} ${Math.round(lengthShown(beyond))} ${lengthUnit()}`;

export const softnessWords = ({ softness }: Pick<SeenBehind, "softness">): Softness => softness;

/** What of a background one would make out if it were sharp. */
const DETAILS: Readonly<Partial<Record<Behind, string>>> = {
  stand: "a face",
  crowd: "a spectator",
  trees: "a leaf",
  tree: "a leaf",
  hedge: "a leaf",
  branch: "a twig",
  backdrop: "a leaf",
  bank: "a tuft",
  ground: "a tuft",
  fence: "the rails",
  mesh: "the mesh",
  net: "the net",
  goal: "the net",
};

/** What the background does to the picture, in a sentence. */
export function softnessSentence(background: SeenBehind, what: string): string {
  const { kind, smoothness, softness } = background;
  if (kind === "sky") return "Open sky behind it: plain.";
  if (kind === "skyline") return "The skyline is far behind it, and soft.";
  const name =
    kind === "ground"
      ? `Ground ${metresWords(background.beyond)} on`
      : what.charAt(0).toUpperCase() + what.slice(1);
  if (smoothness === "plain") return `${name} behind it: plain.`;
  const times = `${DETAILS[kind] ?? "lettering"} there blurs to ${twoFigures(smoothness)} times its size`;
  return `${name} behind it: ${softness}, ${times}.${softness === "busy" ? " Get lower, or open up." : ""}`;
}

const FACES: Readonly<Record<FaceSeen, string>> = { toward: "toward you", profile: "profile", away: "away" };
export const faceWords = (face: FaceSeen): string => FACES[face];
