/** A place in a figure: x the way it faces, y up from the ground, in units of the figure's own measure. */
export type At = readonly [x: number, y: number];

/** A limb, a body, a stick: a line through joints, as thick as the thing itself, with round ends. */
export interface Stroke {
  readonly through: readonly At[];
  readonly width: number;
}

/** A silhouette made of thick strokes, discs and closed outlines, drawn at its true size. */
export interface Silhouette {
  /** Which measure of the subject is 1 here. */
  readonly unit: "height" | "length" | "span";
  /** Extent along x, so that a picture can be centred on it. */
  readonly from: number;
  readonly to: number;
  /** Height at which it is centred when it is off the ground. */
  readonly middle: number;
  readonly strokes: readonly Stroke[];
  readonly discs?: readonly { readonly at: At; readonly radius: number }[];
  readonly outlines?: readonly (readonly At[])[];
}

/** A smooth closed path through points (Catmull and Rom 1974, as Bézier curves). `place` turns a point into pixels. */
export function smoothPath(points: readonly At[], place: (at: At) => At): string {
  const n = points.length;
  const p = points.map(place);
  const wrap = (i: number): At => p[(i + n) % n]!;
  const text = ([x, y]: At): string => `${x.toFixed(1)} ${y.toFixed(1)}`;
  const handle = (a: At, b: At, from: At, sign: 1 | -1): At => [
    from[0] + (sign * (b[0] - a[0])) / 6,
    from[1] + (sign * (b[1] - a[1])) / 6,
  ];
  const curves = p.map((from, i) => {
    const to = wrap(i + 1);
    return `C${text(handle(wrap(i - 1), to, from, 1))} ${text(handle(from, wrap(i + 2), to, -1))} ${text(to)}`;
  });
  return `M${text(p[0]!)}${curves.join("")}Z`;
}
