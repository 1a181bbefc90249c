import type { SourceId } from "../units";

/** Public functions that search, weigh or look up and give more than one number: a panel tells what they do, and how near they come. */
export const TOLD = Object.freeze({
  coverage: "assumed",
  worthFrom: "assumed",
  wayOnFoot: "common-practice",
  timeline: "common-practice",
  renderPicture: "variance-rule",
  meshFound: "handbook-optics",
  leversFor: "handbook-optics",
  standsOut: "assumed",
  panLeft: "variance-rule",
  setUpFor: "common-practice",
  stillFound: "common-practice",
  chooseSets: "assumed",
  toneAdvice: "common-practice",
  noiseOf: "variance-rule",
  onHalfStops: "exif-2-32",
  solveSettings: "exif-2-32",
  subjectLight: "ies-daylight",
} as const satisfies Readonly<Record<string, SourceId>>);

export type ToldName = keyof typeof TOLD;
