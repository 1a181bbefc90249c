import type { PartClass } from "@/core/motion";
import { sinDeg } from "./turn";

/** A place in a figure: x the way it faces, y up from the ground, in units of the figure's own measure. */
export type At = readonly [x: number, y: number];

/** A closed outline of a figure, and which part of the subject it belongs to: what moves with it in a picture. */
export interface Piece {
  readonly part: PartClass;
  readonly outline: readonly At[];
  /** Where something swung is held. */
  readonly hub?: At;
}

/** Where in its movement a figure is drawn. */
export type Phase = "start" | "peak" | "end" | "recovery";

/** A silhouette of closed outlines, drawn at its true size. */
export interface Silhouette {
  /** Which measure of the subject is 1 here. */
  readonly unit: "height" | "length" | "span";
  /** Extent along x seen from the side, so that a picture can be centred on it. */
  readonly from: number;
  readonly to: number;
  /** Height at which it is centred when it is off the ground. */
  readonly middle: number;
  /** Its outlines, seen at an angle between the way it faces and the camera: 0 face on, 90 from the side, 180 from behind. */
  readonly pieces: (turnDeg: number, phase: Phase) => readonly Piece[];
}

const between = (a: At, b: At, share: number): At => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
];

/** Points on an arc of a circle, from one angle to another in radians. */
const arc = (at: At, radius: number, from: number, to: number, steps = 6): At[] =>
  Array.from({ length: steps + 1 }, (_, i): At => {
    const angle = from + ((to - from) * i) / steps;
    return [at[0] + radius * Math.cos(angle), at[1] + radius * Math.sin(angle)];
  });

/** Steps between two joints of a limb, so that its sides swell evenly. */
const STEPS = 4;

/**
 * A limb through joints, at each as wide as is given: rounded at both ends, its muscles a little fuller above the middle of each
 * stretch than a straight taper.
 */
export function limb(through: readonly At[], widths: readonly number[], swell = 0.1): At[] {
  const spine: { at: At; half: number }[] = [];
  through.forEach((joint, i) => {
    const next = through[i + 1];
    if (!next) return spine.push({ at: joint, half: widths[i]! / 2 });
    for (let k = 0; k < STEPS; k++) {
      const share = k / STEPS;
      const half = (widths[i]! + (widths[i + 1]! - widths[i]!) * share) / 2;
      spine.push({
        at: between(joint, next, share),
        half: half * (1 + swell * Math.sin(Math.PI * Math.min(1, share * 1.4))),
      });
    }
  });
  const headings = spine.map((_, i) => {
    const [a, b] = [spine[Math.max(0, i - 1)]!.at, spine[Math.min(spine.length - 1, i + 1)]!.at];
    return Math.atan2(b[1] - a[1], b[0] - a[0]);
  });
  const side = (sign: 1 | -1): At[] =>
    spine.map(({ at, half }, i): At => {
      const normal = headings[i]! + (sign * Math.PI) / 2;
      return [at[0] + half * Math.cos(normal), at[1] + half * Math.sin(normal)];
    });
  const [first, last] = [spine[0]!, spine.at(-1)!];
  const [begins, ends] = [headings[0]!, headings.at(-1)!];
  return [
    ...side(1),
    ...arc(last.at, last.half, ends + Math.PI / 2, ends - Math.PI / 2),
    ...side(-1).reverse(),
    ...arc(first.at, first.half, begins - Math.PI / 2, begins - (3 * Math.PI) / 2),
  ];
}

/** An ellipse turned by an angle in radians. */
export const ellipse = (at: At, long: number, wide: number, angle = 0, steps = 24): At[] =>
  Array.from({ length: steps }, (_, i): At => {
    const [x, y] = [long * Math.cos((2 * Math.PI * i) / steps), wide * Math.sin((2 * Math.PI * i) / steps)];
    return [
      at[0] + x * Math.cos(angle) - y * Math.sin(angle),
      at[1] + x * Math.sin(angle) + y * Math.cos(angle),
    ];
  });

/** Points between two corners of a smooth outline. */
const SMOOTH = 6;

/** A smooth closed outline through points (Catmull and Rom 1974), as points. */
export function smooth(points: readonly At[]): At[] {
  const n = points.length;
  const p = (i: number): At => points[(i + n) % n]!;
  return points.flatMap((_, i) =>
    Array.from({ length: SMOOTH }, (__, k): At => {
      const t = k / SMOOTH;
      const [a, b, c, d] = [p(i - 1), p(i), p(i + 1), p(i + 2)];
      const at = (axis: 0 | 1): number =>
        0.5 *
        (2 * b[axis] +
          (c[axis] - a[axis]) * t +
          (2 * a[axis] - 5 * b[axis] + 4 * c[axis] - d[axis]) * t * t +
          (3 * b[axis] - a[axis] - 3 * c[axis] + d[axis]) * t ** 3);
      return [at(0), at(1)];
    }),
  );
}

/** How much of its length something long shows at least, seen end on. */
export const END_ON = 0.34;

/** What is drawn from the side, seen at an angle: its length is foreshortened to what it shows end on, its height is not. */
export function turned(outline: readonly At[], turnDeg: number, endOn = END_ON): At[] {
  const share = Math.max(endOn, sinDeg(turnDeg));
  return outline.map(([x, y]): At => [x * share, y]);
}
