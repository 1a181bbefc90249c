import { lengthAlong, rectangleOf } from "@/answers/plan/drawing";
import { standingThing } from "@/answers/plan/things";
import { wayBetween } from "@/answers/plan/way";
import type { Sort, Thing } from "@/outing/things/sorts";
import { shapeOf } from "@/outing/things/thing";
import {
  bearingWords,
  drawnKindWords,
  metresWords,
  obstacleWords,
  signedClicks,
  trackKindWords,
  wayWords,
} from "@/words";

/** What a sort of things is called. */
export const SORT_WORDS: Readonly<Record<Sort, string>> = {
  position: "position",
  spot: "spot",
  track: "track",
  obstacle: "thing",
  area: "area",
  zone: "light zone",
  mast: "lamps",
  window: "window",
  part: "part of the venue",
};

/** What kind of thing it is, in a word or two. */
export function kindOfThing<S extends Sort>(sort: S, thing: Thing<S>): string {
  const of: { readonly [K in Sort]: (t: Thing<K>) => string } = {
    position: (t) => (t.way ? wayWords(t.way).toLowerCase() : SORT_WORDS.position),
    spot: () => SORT_WORDS.spot,
    track: (t) => (t.kind ? trackKindWords(t.kind).toLowerCase() : SORT_WORDS.track),
    obstacle: (t) => obstacleWords(t.kind).toLowerCase(),
    area: (t) => drawnKindWords(t.kind).toLowerCase(),
    zone: (t) => `${SORT_WORDS.zone}, ${signedClicks(t.offsetClicks)} stops`,
    mast: () => SORT_WORDS.mast,
    window: () => SORT_WORDS.window,
    part: () => SORT_WORDS.part,
  };
  return (of[sort] as (t: Thing<S>) => string)(thing);
}

/** How high a thing is, where that says something. */
function heightOf<S extends Sort>(sort: S, thing: Thing<S>): number | undefined {
  if (sort === "obstacle") return standingThing(thing as Thing<"obstacle">).top;
  if (sort === "position") return (thing as Thing<"position">).lensHeight;
  if (sort === "spot") return (thing as Thing<"spot">).aimHeight;
  return sort === "mast" ? (thing as Thing<"mast">).height : undefined;
}

/** What a thing measures, in a line: its sides and the way it lies, and its height. */
export function measuresOf<S extends Sort>(sort: S, thing: Thing<S>): string {
  const { corners, form } = shapeOf(sort, thing);
  const height = heightOf(sort, thing);
  const high = height === undefined ? [] : [`${metresWords(height)} high`];
  if (form === "point") return high.join("");
  if (form === "line") {
    const way = bearingWords(wayBetween(corners[0]!, corners.at(-1)!).bearing);
    return [`${metresWords(lengthAlong(corners))} to ${way}`, ...high].join(", ");
  }
  const box = rectangleOf(corners, "long-side");
  return box
    ? [
        `${metresWords(box.length)} × ${metresWords(box.width)}`,
        `long side to ${bearingWords(box.bearing)}`,
        ...high,
      ].join(", ")
    : [
        `${corners.length} corners`,
        `${metresWords(lengthAlong([...corners, corners[0]!]))} round`,
        ...high,
      ].join(", ");
}
