import { performance } from "node:perf_hooks";
import { pictureOf, renderPicture } from "../../src/core/picture";
import { besideOf, figureOf } from "../../src/answers/frame/figure-of";
import { anOuting } from "../../test/outings";

/** As asked of a picture on a phone and on a wide screen: the middle of twenty after three to warm up. */
const RUNS = 20;
const WARM = 3;
const WIDTHS = [480, 1200];
/** Who else is in the picture. */
const OTHERS = 6;

/** The picture of a shot of the demo before it is taken, its subject a body of some twenty-five pieces and six others about it: milliseconds by its width. */
export function benchPicture(): void {
  const { view } = anOuting("hockey-semi-final");
  const { input, found, frame } = view;
  if (!input || !found || !frame) return;
  const figure = figureOf(view);
  const beside = besideOf(view).slice(0, OTHERS);
  for (const width of WIDTHS) {
    const make = () =>
      renderPicture(
        pictureOf({
          input,
          found,
          view: frame,
          figure,
          beside,
          shutter: found.settings.settings.shutter,
          width,
        }),
      );
    for (let i = 0; i < WARM; i++) make();
    const times = Array.from({ length: RUNS }, () => {
      const began = performance.now();
      make();
      return performance.now() - began;
    }).sort((a, b) => a - b);
    const { height } = make();
    console.log(
      `a picture of ${width} × ${height} px: ${times[RUNS / 2]!.toFixed(0)} ms (at most ${times.at(-1)!.toFixed(0)})`,
    );
  }
}
