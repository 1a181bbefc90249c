import type { DepthFound } from "@/core/judge";
import { fNumberWords, metresWords, stopsNoun } from "./format";
import type { DepthWish, Intent, Shot } from "@/core/scene";
import type { Technique, ToleranceKind } from "@/core/motion";

/** The sentences of the brief. */

const DONE: Readonly<Record<Intent, string>> = {
  freeze: "frozen",
  pan: "panned",
  streak: "streaked",
  still: "still",
  reaction: "a reaction",
  context: "in its place",
};

/** A shot as one sentence: "Footballer, frozen, whole, upright · 3 wanted, a must". */
export function shotSentence(
  shot: Pick<Shot, "intent" | "part" | "orientation" | "wanted"> & { readonly priority: number },
  subject: string,
): string {
  const matters = shot.priority === 2 ? "" : `, ${priorityWords(shot.priority).toLowerCase()}`;
  return `${subject}, ${DONE[shot.intent]}, ${shot.part}, ${shot.orientation} · ${shot.wanted} wanted${matters}`;
}

const PRIORITIES = ["", "Must have", "Should have", "Nice to have"];
export const priorityWords = (priority: number): string => PRIORITIES[priority] ?? "";

const TECHNIQUES: Readonly<Record<Technique, string>> = {
  tracked: "Track it",
  "pre-framed": "Pre-frame and wait",
  panned: "Pan with it",
};
export const techniqueWords = (technique: Technique): string => TECHNIQUES[technique];

const TOLERANCES: Readonly<Record<ToleranceKind, string>> = {
  "print-sharp": "Sharp in print",
  web: "Sharp on a screen",
  "pixel-sharp": "Sharp to the pixel",
};
export const toleranceWords = (kind: ToleranceKind): string => TOLERANCES[kind];

/** Who lets one in, and what is still open of it. */
export function accessSentence(access: {
  readonly allowedBy: string;
  readonly mayStand: string;
  readonly fallBack: string;
}): { readonly words: string; readonly settled: boolean } {
  const { allowedBy, mayStand, fallBack } = access;
  if (allowedBy === "" || mayStand === "")
    return { words: "Not settled: ask who allows it and where you may stand.", settled: false };
  const other = fallBack === "" ? "no fallback yet" : `if not, ${fallBack}`;
  return { words: `${allowedBy} lets you stand ${mayStand}; ${other}.`, settled: true };
}

const DEPTHS: Readonly<Record<DepthWish["kind"], string>> = {
  eye: "Eye only",
  face: "Face",
  plane: "Flat subject",
  whole: "Whole subject",
  "two-things": "Two things",
};
/** What should be sharp from front to back. */
export const depthWords = (kind: DepthWish["kind"]): string => DEPTHS[kind];

/** No lens opens wider than this f-number: a depth that needs no more is held by any. */
const WIDEST = 1;

/** Whether every aperture holds a depth for which so much would do. */
export const holdsAnyway = (fNumber: number): boolean => fNumber <= WIDEST;

/** What depth was asked, what is held, and what was given up for light: one line under the settings. */
export function depthSentence({
  kind,
  asked,
  sharp: held,
  fNumber,
  cappedBy,
  givenUp,
  notSharp,
}: DepthFound): string {
  const all = held === "unbounded" ? "everything from there on is sharp" : `${metresWords(held)} is sharp`;
  const sharp =
    kind === "two-things" && notSharp.length > 0
      ? `${all}: ${notSharp.map((end) => (end === "near" ? "the nearer" : "the farther")).join(" and ")} thing is not`
      : all;
  if (kind === "eye" || asked === 0) return `Only the eye is asked for; ${sharp}.`;
  const by = holdsAnyway(fNumber) ? "which any aperture holds" : fNumberWords(fNumber);
  const wish = `${DEPTHS[kind]} asks for ${metresWords(asked)}, ${by}; ${sharp}.`;
  if (givenUp > 0) return `${wish} ${stopsNoun(givenUp)} of depth given up for light.`;
  if (cappedBy === "diffraction") return `${wish} Stopping down further would blur everything.`;
  return cappedBy === "lens" ? `${wish} This lens stops down no further.` : wish;
}

/** How many are owed and until when they can be had: "2 owed, before 17:35". */
export function owedWords(
  left: number,
  kind: "any-time" | "too-dark" | "unplanned" | "before" | "from",
  time: string,
): string {
  const when = {
    "any-time": "",
    "too-dark": "too dark from where it is planned: give something up, or stand where it is brighter",
    unplanned: "no position yet",
    before: `before ${time}`,
    from: `from ${time}, when there is light enough`,
  }[kind];
  return [`${left} owed`, when].filter(Boolean).join(", ");
}

/** Pictures that somebody waits for, as they are told. */
interface Delivery {
  readonly delivery: { readonly by: string; readonly form?: string };
  readonly events: readonly object[];
  /** The last of its events that is not over, epoch milliseconds. */
  readonly waitsFor?: { readonly name: string; readonly starts: number; readonly ends: number };
  readonly late?: boolean;
}

/** "by 22:00; 1200 px; after 17:00 100 m final". */
export function deliveryWords(
  { delivery: { by, form }, events, waitsFor, late }: Delivery,
  wall: (at: number) => string,
): string {
  const over =
    events.length === 1 ? "its event is over: pick and send" : "all its events are over: pick and send";
  const lateWords = waitsFor && late ? `, over only at ${wall(waitsFor.ends)}: say so now` : "";
  const after = waitsFor && `after ${wall(waitsFor.starts)} ${waitsFor.name}${lateWords}`;
  return [by && `by ${by}`, form, events.length > 0 ? (after ?? over) : ""].filter(Boolean).join("; ");
}
