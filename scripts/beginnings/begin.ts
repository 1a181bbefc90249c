import { stagingOf, SUBJECTS } from "../../src/core/catalogue";
import { toVenue, type Ground, type Point, type Spot } from "../../src/core/ground";
import { searchPositions, type SearchResult } from "../../src/core/judge";
import { searchOf } from "../../src/answers/ground/other-positions";
import type { StoredKit } from "../../src/data";
import { BAGS, fromNothing, looked } from "../../test/outings";
import { dangerByHand, type Place } from "./by-hand";

/** When an outing begins, of a day in April: at noon, late under the same sky, after dark. */
const TIMES = {
  noon: { from: "11:00", starts: "12:00", until: "14:00" },
  late: { from: "16:30", starts: "17:30", until: "19:00" },
  dark: { from: "20:30", starts: "21:30", until: "22:30" },
} as const;
export type Time = keyof typeof TIMES;

/** A subject on one of its venues, with a bag, at a time, somewhere north or south. */
export interface Begun {
  readonly subjectId: string;
  readonly venueId: string;
  readonly bag: number;
  readonly time: Time;
  readonly latitude: number;
}

/** "said": the lens in the bag cannot do it from where one may stand, and the beginning names the one that could. */
export type Class = "dangerous" | "impossible" | "silly" | "no place" | "said" | "good";

export interface Row extends Begun {
  readonly class: Class;
  readonly why: string;
  /** Metres to the spot. */
  readonly away: number;
}

/** Metres above the ground of somebody’s eyes. */
const EYES = 1.6;

/** A place as the rules by hand have it. */
export function placeOf({ venue }: Pick<Ground, "venue">, spot: Spot, at: Point): Place {
  const { x, y } = toVenue(venue, at);
  const way = ((spot.heading ?? spot.facing) * Math.PI) / 180;
  const [east, north] = [at.x - spot.at.x, at.y - spot.at.y];
  return {
    x,
    y,
    ahead: east * Math.sin(way) + north * Math.cos(way),
    right: east * Math.cos(way) - north * Math.sin(way),
    away: Math.hypot(east, north),
    up: Math.max(0, spot.aimHeight - EYES),
  };
}

/** What no beginning should be told, of the judgement's codes. */
const IMPOSSIBLE = [
  "inside-obstacle",
  "blocked",
  "does-not-fit",
  "out-of-reach",
  "outside-slit",
  "no-standing",
  "keep-off",
];
/** Subjects that may be met from behind: through the glass of the back wall, insects, and what falls. */
const FROM_BEHIND = [
  "squash-stroke",
  "snowflake",
  "raindrop",
  "bee-flower",
  "butterfly-flying",
  "butterfly-calm",
  "butterfly-wind",
  "dragonfly-hovering",
  "dragonfly-perched",
];

/** Begins an outing as the application does, and holds its place against the rules by hand. */
export function begin(begun: Begun, kit: StoredKit = BAGS[begun.bag]!.kit): Row {
  const { subjectId, venueId, time, latitude } = begun;
  const outing = fromNothing(subjectId, { template: venueId, latitude, ...TIMES[time] }, kit);
  const [spot, position] = [outing.ground.spots[0]!, outing.ground.positions[0]!];
  const place = placeOf(outing.ground, spot, position.at);
  const row = (found: Class, why = ""): Row => ({ ...begun, class: found, why, away: place.away });
  const danger = dangerByHand(subjectId, venueId, place);
  if (danger) return row("dangerous", danger);
  const { view } = looked(outing, kit);
  const { found } = view;
  if (!found)
    return row("impossible", view.inHand && !view.inHand.ok ? view.inHand.reason : "nothing mounted");
  const times = found.sighting.frame.fill / outing.shots[0]!.fill;
  const wants = found.judgement.find((j) => "wants" in j.numbers);
  if (wants && (wants.code === "out-of-reach" || times > 1.35))
    return row("said", `${times.toFixed(2)} times as wished`);
  const veto = found.judgement.find((j) => j.weight === "veto" && IMPOSSIBLE.includes(j.code));
  if (veto) return row("impossible", veto.code);
  if (times > 1.35) return row("silly", `filled ${times.toFixed(2)} times as wished`);
  if (found.sighting.faceTurn > 100 && !FROM_BEHIND.includes(subjectId)) return row("silly", "from behind");
  return row("good");
}

/** Every pair of a subject and a venue that the library offers. */
const PAIRS: readonly Pick<Begun, "subjectId" | "venueId">[] = SUBJECTS.flatMap(({ id }) =>
  (stagingOf(id)?.venues ?? []).map((venueId) => ({ subjectId: id, venueId })),
);

/**
 * Searches as the application does from a beginning, on a grid so many times as wide; what of its list nobody may be sent to, or that nothing
 * was found.
 */
export function searched(begun: Begun, coarser = 1): Row {
  const { kit } = BAGS[begun.bag]!;
  const outing = fromNothing(
    begun.subjectId,
    { template: begun.venueId, latitude: begun.latitude, ...TIMES[begun.time] },
    kit,
  );
  const spot = outing.ground.spots[0]!;
  const input = searchOf(looked(outing, kit).view);
  const row = (found: Class, why = "", away = 0): Row => ({
    ...begun,
    class: found,
    why: `search: ${why}`,
    away,
  });
  if (!input) return row("impossible", "nothing to search");
  const walk = searchPositions({ ...input, step: input.step * coarser });
  let step = walk.next();
  while (!step.done) step = walk.next();
  const { list }: SearchResult = step.value;
  for (const { at } of list) {
    const place = placeOf(outing.ground, spot, at);
    const danger = dangerByHand(begun.subjectId, begun.venueId, place);
    if (danger) return row("dangerous", danger, place.away);
  }
  return list.length === 0 ? row("no place", "no place at all") : row("good", `${list.length} places`);
}

const HALVES = [52, -34];

/** What is begun by hand: every pair with every bag, at every time, on both halves of the earth. */
export const ALL: readonly Begun[] = PAIRS.flatMap((pair) =>
  BAGS.flatMap((_, bag) =>
    (Object.keys(TIMES) as Time[]).flatMap((time) =>
      HALVES.map((latitude) => ({ ...pair, bag, time, latitude })),
    ),
  ),
);

/** What every check begins: each subject on its own venue at noon, with the demo's bag. */
export const OWN: readonly Begun[] = SUBJECTS.map(({ id }) => ({
  subjectId: id,
  venueId: stagingOf(id)!.venues[0]!,
  bag: 0,
  time: "noon",
  latitude: 52,
}));
