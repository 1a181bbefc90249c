import { seenAs } from "./figure-of";
import { bodySeenFrom } from "./body-figure";
import { answered } from "../answered";

/** How much of a face is seen, from face on to none of it. */
export type FaceTurned = "whole" | "most" | "part" | "hardly" | "none";

/** A body in its moment against the zone that is sharp. */
export interface BodyInDepth {
  readonly face: FaceTurned;
  /** What of it lies before its eyes though its face is turned this way, such as a wing; absent where nothing does. */
  readonly before?: string;
  /** Which pieces lie outside the sharp zone when its eyes are in focus, each once; none where all is sharp. */
  readonly soft: readonly string[];
}

/** The least of the face that is turned this way for each word, as the cosine between its look and the view. */
const FACE: readonly (readonly [least: number, share: FaceTurned])[] = [
  [0.9, "whole"],
  [0.5, "most"],
  [0.2, "part"],
  [1e-6, "hardly"],
];

/** Solids that are one piece to whoever looks. */
const ONE: readonly (readonly [RegExp, string])[] = [
  [/eye$|^nose$|^hair$|^helmet$|^cap$|^peak$|^head$|^neck$|^beak$|^bill$/, "head"],
  [/flank$|^ribs$|^shoulders$|^hips$|shorts$|^number$|^trunk$|^belly$/, "trunk"],
];
const pieceOf = (name: string): string => ONE.find(([is]) => is.test(name))?.[1] ?? name;

/** What of the subject's face and body the picture in hand shows sharp; nothing while there is no picture. */
export const bodyInDepth = answered(
  ({ input, found, frame }) => [input, found, frame] as const,
  (input, found, frame): BodyInDepth | undefined => {
    if (!input || !found || !frame) return undefined;
    const {
      faceShare,
      eyes: seenEyes,
      toward,
      size,
    } = bodySeenFrom(input.subject, seenAs(input, found, frame));
    const eyes = toward.filter(({ name }) => /eye$/.test(name));
    const focus = Math.max(...(eyes.length > 0 ? eyes : toward).map((s) => s.toward));
    const { near, far } = found.sighting.depth;
    const before = found.sighting.distance - near;
    const beyond = far === "unbounded" ? Infinity : far - found.sighting.distance;
    const soft = toward.filter((s) => {
      const nearer = (s.toward - focus) * size;
      return nearer > before || -nearer > beyond;
    });
    const face = FACE.find(([least]) => faceShare >= least)?.[1] ?? "none";
    const covers = seenEyes.map(({ hiddenBy }) => hiddenBy && pieceOf(hiddenBy));
    const other = covers.every(Boolean) ? covers.find((piece) => piece !== "head") : undefined;
    return {
      face,
      ...(face !== "none" && other && { before: other }),
      soft: [...new Set(soft.map((s) => pieceOf(s.name)))],
    };
  },
);
