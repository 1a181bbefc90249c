import type { BodyInDepth } from "@/answers/frame/body-in-depth";
import type { PrintLine } from "@/answers/frame/print-sums";
import type { ReachLine } from "@/answers/frame/reach-sums";
import type {
  Alternative,
  FacesInRow,
  Lever,
  Parting,
  PrintFound,
  Reach,
  Sighting,
  StandsOut,
  TakeOver,
  WithBody,
  WithConverter,
} from "@/core/judge";
import type { Maybe } from "@/core/units";
import type { Variant } from "@/core/scene";
import {
  focalWords,
  fNumberWords,
  isoWords,
  metresWords,
  percentWords,
  shutterWords,
  stopsNoun,
} from "./format";
import { softnessWords } from "./judgements";
import { numberWords } from "./number";

/** Reach both ways, name and figure. */
export function reachLines(
  reach: Reach,
  wanted: number,
): { readonly line?: ReachLine; readonly name: string; readonly value: string }[] {
  const {
    focalLengthMm,
    distance,
    fillAtShort,
    closestFocus,
    marked,
    angleAcross,
    angleAtInfinity,
    breathesToMm,
    crop,
  } = reach;
  return [
    { line: "longer", name: `${percentWords(wanted)} from here wants`, value: focalWords(focalLengthMm) },
    {
      line: distance.ok ? "stand" : undefined,
      name: "This lens, drawn out, wants",
      value: distance.ok ? `you ${metresWords(distance.value)} away` : "nearer than it focuses",
    },
    {
      line: "short",
      name: "At its short end",
      value: fillAtShort > 1 ? "it does not fit" : `${percentWords(fillAtShort)} filled`,
    },
    {
      line: "here",
      name: "Across the frame",
      value: `${numberWords(angleAcross, 1)}°`,
    },
    { line: "infinity", name: "With the focus at infinity", value: `${numberWords(angleAtInfinity, 1)}°` },
    {
      line: "ring",
      name: "On the focus ring",
      value: `${metresWords(marked)} from the sensor; nearest ${metresWords(closestFocus)}`,
    },
    ...(breathesToMm === undefined
      ? []
      : [{ name: "It breathes: at its nearest it is", value: focalWords(breathesToMm) }]),
    {
      line: "crop",
      name: "Left of the crop",
      value: `${crop.keptPx} px of ${crop.wantedPx}${crop.ratio < 1 ? `, enlarged ${numberWords(1 / crop.ratio, 1)}×` : ""}`,
    },
  ];
}

const costs = ({ short, iso, background, keptPx }: Alternative): string =>
  [
    `${keptPx} px left`,
    short > 0 ? `${stopsNoun(short)} short of light` : isoWords(iso),
    `behind ${softnessWords(background)}`,
  ].join(", ");

export const converterTitle = ({ name, focalLengthMm, widest, loss }: WithConverter): string =>
  `${name}: ${focalWords(focalLengthMm)} ${fNumberWords(widest)}, ${numberWords(loss, 1)} stops of light`;
export const converterDetail = (there: WithConverter): string =>
  `${percentWords(there.fill)} filled, ${costs(there)}`;

export const bodyTitle = ({ name, fill }: WithBody): string => `${name}: ${percentWords(fill)} filled`;
export const bodyDetail = (there: WithBody): string =>
  `${costs(there)}; ${there.belowFullFrame < 0.05 ? "all the light of a 36×24" : `${numberWords(there.belowFullFrame, 1)} stops less light than a whole 36×24`}`;

export const sameOnFullFrameSentence = (same: {
  readonly focalLengthMm: number;
  readonly fNumber: number;
  readonly iso: number;
}): string =>
  `The same picture on 36×24, framing, blur behind and light: ${focalWords(same.focalLengthMm)}, ${fNumberWords(same.fNumber)}, ISO ${Math.round(same.iso)}.`;

const LEVERS: Readonly<Record<Lever["code"], string>> = {
  nearer: "Two steps nearer",
  kneel: "Kneel",
  open: "Open one stop",
  "farther-background": "Ask for 4 m more behind it",
  longer: "The next longer lens",
  "larger-sensor": "The larger sensor",
  "fill-not-crop": "Walk up until nothing is cropped",
};

export const leverTitle = ({ code }: Pick<Lever, "code">): string => LEVERS[code];
export const leverDetail = ({ background }: Lever): string => `behind it then ${softnessWords(background)}`;

/** How far a gain may lie from one and is nothing. */
const NOTHING = 0.02;

/** Whether a lever shows. */
export const isSofter = ({ gain }: Lever): boolean => gain === "plain" || gain > 1 + NOTHING;

/** A lever's gain in the figure of the background. */
export function leverGain({ gain }: Lever): string {
  if (gain === "plain") return "plain";
  return Math.abs(gain - 1) < NOTHING ? "nothing" : `× ${numberWords(gain, gain < 10 ? 2 : 0)}`;
}

const VARIANT_NAMES: Readonly<Record<Variant, string>> = {
  whole: "whole figure",
  half: "half figure",
  head: "head and shoulders",
  "small-in-its-place": "small in its place",
  silhouette: "silhouette against the light",
  "moving-into-the-frame": "moving into the frame",
  panned: "panned",
  "face-between": "face between actions",
};
export const variantWords = (variant: Variant): string => VARIANT_NAMES[variant];

/** Who of a group behind each other is sharp. */
export const groupSentence = (before: number, behind: number | "all"): string =>
  behind === "all"
    ? `The leader and all behind are sharp, and ${before} in front.`
    : `Sharp with the leader: ${before} in front, ${behind} behind.`;

/** A magnification as photographers of small things say it. */
export const magnificationWords = (m: number): string =>
  m >= 1 ? `${numberWords(m, 1)} : 1` : `1 : ${numberWords(1 / m, 1 / m < 10 ? 1 : 0)}`;

const PARTINGS: Readonly<Record<Parting, string>> = {
  "sinks-in": "sinks in",
  parts: "parts a little",
  "stands-out": "stands out",
};
export const partingWords = (parting: Parting): string => PARTINGS[parting];

/** Contrast and difference of colour, as numbers with their units. */
export function partingNumbers({ stops, difference }: StandsOut): string {
  const light =
    Math.abs(stops) < 0.1
      ? "as bright as what is behind"
      : `${numberWords(Math.abs(stops), 1)} stops ${stops > 0 ? "brighter" : "darker"}`;
  return `${light}, colour apart by ΔE ${Math.round(difference)}`;
}

/** How long what falls is in the picture at a shutter. */
export const fallingWords = (falling: "rain" | "snow", metres: number, shutter: number): string =>
  `At ${shutterWords(shutter)} each ${falling === "rain" ? "drop" : "flake"} is a line of ${metresWords(metres)}. ${
    falling === "rain"
      ? "Rain shows as lines against something dark; about 1/60 draws them long."
      : "Snow shows as flakes from about 1/500 and as lines under 1/125."
  } (Common practice.) A cover over the camera before it begins.`;

/** What holds several faces in a row. */
export const rowSentence = ({ onFirst, between, focusAt }: FacesInRow): string =>
  `${fNumberWords(onFirst)} holds them all with the focus on the first, ${fNumberWords(between)} with it ${metresWords(focusAt)} away, between them.`;

/** When the second camera takes over, or with one body alone another lens. */
export const takeOverSentence = ({ nearerThan, body, lens, fill }: TakeOver, bodies: number): string =>
  `Nearer than ${metresWords(nearerThan)} it no longer fits this lens: ${bodies > 1 ? `take the ${body.name} with the` : "change to the"} ${lens.name}, which fills ${percentWords(fill)} of the frame there.`;

/** The distance that a wished magnification asks, and what it costs. */
export const nearForSentence = (
  m: number,
  {
    distance,
    lost,
    tooNear,
  }: { readonly distance: number; readonly lost: number; readonly tooNear: boolean },
): string =>
  tooNear
    ? `${magnificationWords(m)} asks ${metresWords(distance)}, nearer than this lens focuses: a close-up lens, a tube or another lens.`
    : `${magnificationWords(m)} asks ${metresWords(distance)} from lens to subject and costs ${numberWords(lost, 1)} stops of light.`;

/** A distance read off the ring, against where the subject is. */
export function focusRingSentence(
  read: Maybe<number, "nearer-than-four-focal-lengths">,
  { distance, depth }: Pick<Sighting, "distance" | "depth">,
): string {
  if (!read.ok) return "So near a thin lens forms no image: read the ring again.";
  const off = read.value - distance;
  const sharp = read.value >= depth.near && (depth.far === "unbounded" || read.value <= depth.far);
  const where =
    Math.abs(off) < 0.01
      ? "on the subject"
      : `${metresWords(Math.abs(off))} ${off < 0 ? "before" : "behind"} it`;
  return `The ring holds ${metresWords(read.value)} from the lens, ${where}: ${sharp ? "within what is sharp" : "the subject is out of focus"}.`;
}

/** What a print asks of the picture, name and figure. */
export function printLines(
  { crop, circleMm, depth }: PrintFound,
  subject: number,
): { readonly line?: PrintLine; readonly name: string; readonly value: string }[] {
  const { keptPx, wantedPx, ratio } = crop;
  return [
    {
      line: "wanted",
      name: "Pixels along its long edge",
      value: `${wantedPx} wanted, ${keptPx} left of the crop${ratio < 1 ? `: enlarged ${numberWords(1 / ratio, 1)}×` : ""}`,
    },
    {
      line: "near",
      name: "Sharp as its viewer sees it from",
      value: `${metresWords(depth.near)}, ${metresWords(subject - depth.near)} before the eye`,
    },
    {
      line: depth.far === "unbounded" ? undefined : "far",
      name: "Sharp as its viewer sees it to",
      value:
        depth.far === "unbounded"
          ? "all behind"
          : `${metresWords(depth.far)}, ${metresWords(depth.far - subject)} behind`,
    },
    {
      line: "circle",
      name: "Circle of confusion on the sensor",
      value: `${numberWords(1000 * circleMm, 1)} µm`,
    },
  ];
}

/** How much of the frame is free ahead of what moves. */
export const roomWords = (room: number): string =>
  room === 0
    ? "It is cut off ahead: no room to move into."
    : `${percentWords(room)} of the frame is free ahead of it.`;

const FACE_SEEN: Readonly<Record<BodyInDepth["face"], string>> = {
  whole: "Its face looks at you.",
  most: "Most of its face is turned to you.",
  part: "A part of its face is turned to you.",
  hardly: "Its face is hardly seen.",
  none: "Its face looks away from you.",
};
/** Pieces that are named; more only say that there are more. */
const NAMED = 3;

/** How much of a face is seen, and what of the body lies outside the sharp zone. */
export function bodyInDepthSentence({ face, before, soft }: BodyInDepth): string {
  const named = soft.slice(0, NAMED).join(", ") + (soft.length > NAMED ? " and more" : "");
  const depth =
    soft.length === 0
      ? "Focused on its eyes, all of it is sharp."
      : `Focused on its eyes, this is soft: ${named}.`;
  return `${FACE_SEEN[face]}${before ? ` Its ${before} is before it.` : ""} ${depth}`;
}
