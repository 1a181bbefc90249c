/** c in mm for a kept diagonal in mm: a fifteen-hundredth of it (0.0288 for 36×24; common practice). */
export const circleOfConfusionMm = (keptDiagonalMm: number): number => keptDiagonalMm / 1500;

export interface DepthInput {
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** f-number, above 0. */
  readonly fNumber: number;
  /** Focused distance in metres from the front principal plane. */
  readonly subjectDistance: number;
  /** Circle of confusion on the sensor in mm, above 0. */
  readonly circleOfConfusionMm: number;
}

/** Hyperfocal distance in metres: f²/(N·c) + f. */
export function hyperfocal({
  focalLengthMm: f,
  fNumber,
  circleOfConfusionMm: c,
}: Omit<DepthInput, "subjectDistance">): number {
  return (f * f) / (fNumber * c * 1000) + f / 1000;
}

export interface DepthOfField {
  /** Metres from the lens to the nearest point that is sharp, above 0. */
  readonly near: number;
  /** Absent when the depth has no far end: the focus is at or beyond the hyperfocal distance. */
  readonly far: number | "unbounded";
  /** Hyperfocal distance in metres. */
  readonly hyperfocal: number;
}

/** Near and far limit in metres (handbook): s(H − f)/(H + s − 2f) and s(H − f)/(H − s). */
export function depthOfField(input: DepthInput): DepthOfField {
  const H = hyperfocal(input);
  const f = input.focalLengthMm / 1000;
  const s = input.subjectDistance;
  const near = (s * (H - f)) / (H + s - 2 * f);
  return { near, far: s >= H ? "unbounded" : (s * (H - f)) / (H - s), hyperfocal: H };
}

export interface DiscInput {
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** f-number, above 0. */
  readonly fNumber: number;
  /** Focused distance and the point's distance, both in metres from the front principal plane. */
  readonly subjectDistance: number;
  /** Metres from the front principal plane to the point, above 0. */
  readonly point: number;
}

/** Blur disc on the sensor in micrometres of a point out of focus: (f²/N)·|x − s|/(x·(s − f)). */
export function blurDiscUm({
  focalLengthMm: f,
  fNumber,
  subjectDistance: subject,
  point,
}: DiscInput): number {
  const s = subject * 1000;
  const x = point * 1000;
  return ((f * f) / fNumber) * (Math.abs(x - s) / (x * (s - f))) * 1000;
}

/** The f-number that keeps points at `near` and `far` metres within c of a focus at `subject`. */
export function fNumberForDepth(
  input: Omit<DepthInput, "fNumber"> & { readonly near: number; readonly far: number },
): number {
  const { focalLengthMm, subjectDistance: subject, circleOfConfusionMm: c } = input;
  const disc = (point: number) => blurDiscUm({ focalLengthMm, fNumber: 1, subjectDistance: subject, point });
  return Math.max(disc(input.near), disc(input.far)) / (c * 1000);
}

/**
 * How well a background melts: its blur disc over the image of a detail `detail` metres wide. Independent of the
 * sensor. 3 and more is smooth, 1 to 3 soft, under 1 busy (common practice).
 */
export function smoothness(input: DiscInput & { readonly detail: number }): number {
  const { focalLengthMm: f, fNumber, subjectDistance: s, point: x, detail } = input;
  return ((f / 1000 / fNumber) * Math.abs(x - s)) / (s * detail);
}

/** Metres from where it begins to be sharp to where it ends; both in metres from the lens. */
export const sharpBetween = (near: number, far: number): number => far - near;
