import {
  briefGround,
  briefPlaces,
  lightOver,
  outingCard,
  searchPositions,
  type BriefGround,
  type BriefGroundInput,
  type BriefPlacesInput,
  type BriefScores,
  type LightOverInput,
  type LitPlace,
  type OutingCard,
  type OutingCardInput,
  type SearchInput,
  type SearchResult,
} from "@/core/judge";
import { displayBytes, renderPicture, type PictureInput } from "@/core/picture";
import { shadeOverYear, type ShadeStretch, type YearOfShadeInput } from "@/core/light";
import { coverage, type Coverage, type CoverageInput } from "@/core/schedule";
import { lightWindows, type LightWindow, type LightWindowsInput } from "@/core/year";
import type { Progress } from "@/core/units";

type Report = (progress: Progress) => void;

/** Milliseconds between two reports: more of them would keep the screen busy with drawing how far it is. */
const BETWEEN_REPORTS = 60;

/** Runs to the end and reports on the way. Nothing here knows that it runs in a worker. */
function run<Result>(work: Generator<Progress, Result, void>, report: Report): Result {
  let said = -Infinity;
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    const now = performance.now();
    if (now - said < BETWEEN_REPORTS) continue;
    said = now;
    report(step.value);
  }
}

/** A picture as a screen takes it. */
export interface RenderedPicture {
  readonly width: number;
  readonly height: number;
  readonly bytes: Uint8ClampedArray;
}

/** Several pictures one after the other, each as it is shown. */
function pictures(inputs: readonly PictureInput[], report: Report): RenderedPicture[] {
  return inputs.map((input, i) => {
    const picture = renderPicture(input);
    report({ done: i + 1, total: inputs.length });
    return { width: picture.width, height: picture.height, bytes: displayBytes(picture) };
  });
}

/** What takes long, each from its input to its result. */
export const longWork = {
  search: (input: SearchInput, report: Report): SearchResult => run(searchPositions(input), report),
  brief: (input: BriefPlacesInput, report: Report): BriefScores => run(briefPlaces(input), report),
  briefGround: (input: BriefGroundInput, report: Report): BriefGround => run(briefGround(input), report),
  pictures,
  coverage: (input: CoverageInput, report: Report): Coverage => run(coverage(input), report),
  card: (input: OutingCardInput, report: Report): OutingCard => run(outingCard(input), report),
  lightOver: (input: LightOverInput, report: Report): LitPlace[] => run(lightOver(input), report),
  shadeOverYear: (input: YearOfShadeInput, report: Report): ShadeStretch[][] =>
    run(shadeOverYear(input), report),
  lightWindows: (input: LightWindowsInput, report: Report): LightWindow[] => run(lightWindows(input), report),
};
