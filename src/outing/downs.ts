import { TRADE_PLACES } from "@/core/catalogue";
import {
  bearingTo,
  fromVenue,
  standingAt,
  toVenue,
  venueTemplate,
  type Point,
  type Venue,
} from "@/core/ground";
import { editSpot, movePosition, type Edit } from "./edits";
import type { Outing } from "@/data";
import { toCentimetre } from "./rounded";

/** An attempt to gain ground: which one, where the ball is, how far it has to go. */
export type Downs = NonNullable<Outing["downs"]>;

/** Yards of the whole field, of a first attempt, and attempts until the others have the ball. */
export const FIELD = 100;
const FIRST = 10;
const ATTEMPTS = 4;
/** A third attempt over so many yards is long (common practice). */
const LONG = 7;
/** Yards to the goal line within which one goes to the end zone (common practice). */
const NEAR_GOAL = 10;

/** Metres in the venue's own frame at which practice stands, by its place there (common practice). */
const placeAt = (placeId: string): Point => {
  const { lies } = TRADE_PLACES.find((p) => p.id === placeId)!;
  if (lies.of !== "venue") throw new Error(`the place ${placeId} is told for no venue`);
  return { x: lies.x, y: lies.y };
};

/** Yards to the goal line that is attacked. */
const left = ({ ball }: Downs): number => FIELD - ball;

/** What is played on a venue that has attempts; nothing on any other. */
export function downsOf({ template }: Venue) {
  const found = venueTemplate(template);
  return found.ok ? found.value.downs : undefined;
}

/** The first attempt at the ball, never beyond the goal line. */
const firstAt = (downs: Downs, ball: number): Downs => {
  const kept = Math.max(1, Math.min(FIELD - 1, Math.round(ball)));
  return { ...downs, ball: kept, down: 1, toGo: Math.min(FIRST, FIELD - kept) };
};

/** The other team has the ball where it lies. */
export const turnedOver = (downs: Downs): Downs =>
  firstAt({ ...downs, toward: downs.toward === 1 ? -1 : 1 }, FIELD - downs.ball);

/**
 * After an attempt that gained so many yards, or lost them: a first one where enough was gained, the next where it was not, and after the fourth
 * the others have the ball.
 */
export function afterGain(downs: Downs, yards: number): Downs {
  const ball = Math.max(1, Math.min(FIELD - 1, downs.ball + yards));
  const gained = ball - downs.ball;
  if (gained >= downs.toGo) return firstAt(downs, ball);
  if (downs.down === ATTEMPTS) return turnedOver({ ...downs, ball });
  return { ...downs, ball, down: downs.down + 1, toGo: downs.toGo - gained };
}

/** The ball at another place: a first attempt from there. */
export const ballAt = firstAt;

/** Where one stands for an attempt, and why (common practice). */
export type Stand = "line-to-gain" | "deep" | "end-zone";

export function standFor(downs: Downs): Stand {
  if (left(downs) <= NEAR_GOAL) return "end-zone";
  return downs.down === ATTEMPTS - 1 && downs.toGo >= LONG ? "deep" : "line-to-gain";
}

/** Metres beyond the line to be gained at which a long pass comes down. */
const DEEP = 10;

/** Metres beyond the run-off at which one stands who has no leave to stand in it. */
const BEYOND = 0.5;

/** Ball, line to be gained and position of an attempt, metres in the venue's own frame; `side` is 1 or −1, where the position is. */
export function laidOut(
  downs: Downs,
  { goalLine, yard }: { readonly goalLine: number; readonly yard: number },
  side: 1 | -1,
) {
  const along = (yards: number): number => downs.toward * (yards * yard - goalLine);
  const gain = along(Math.min(FIELD, downs.ball + downs.toGo));
  const stand = standFor(downs);
  const [endZone, line] = [placeAt("gridiron-end-zone"), placeAt("gridiron-line-to-gain")];
  const position: Point =
    stand === "end-zone"
      ? { x: side * endZone.x, y: downs.toward * endZone.y }
      : {
          x: side * line.x,
          y: stand === "deep" ? downs.toward * Math.min(endZone.y, downs.toward * gain + DEEP) : gain,
        };
  return { ball: along(downs.ball), gain, stand, position };
}

/** A place beside or behind a field as far out as its run-off reaches, in the venue's own frame. */
function outside(venue: Venue, { x, y }: Point): Point {
  const found = venueTemplate(venue.template);
  if (!found.ok) return { x, y };
  const { width, length, runOff } = found.value;
  const [wide, long] = [width / 2 + runOff.side + BEYOND, length / 2 + runOff.end + BEYOND];
  return Math.abs(x) > width / 2
    ? { x: Math.sign(x) * Math.max(Math.abs(x), wide), y }
    : { x, y: Math.sign(y) * Math.max(Math.abs(y), long) };
}

/** On which side of the field a place lies. */
const sideOf = (venue: Venue, at: Point): 1 | -1 => (toVenue(venue, at).x < 0 ? -1 : 1);

/** An attempt written down: the spot goes to the ball and looks where it is played, the position follows the line to be gained on its side. */
export const playDown =
  (downs: Downs): Edit =>
  (outing) => {
    const { venue, spots, positions } = outing.ground;
    const field = downsOf(venue);
    const spot = spots.find((s) => s.id === downs.spotId);
    const position = positions.find((p) => p.id === downs.positionId);
    if (!field || !spot || !position) return outing;
    const laid = laidOut(downs, field, sideOf(venue, position.at));
    const way = bearingTo(fromVenue(venue, { x: 0, y: 0 }), fromVenue(venue, { x: 0, y: downs.toward }));
    const at = toCentimetre(fromVenue(venue, { x: toVenue(venue, spot.at).x, y: laid.ball }));
    const turned = { facing: way, ...(spot.heading !== undefined && { heading: way }) };
    const stands = fromVenue(venue, laid.position);
    const needsLeave = standingAt(outing.ground, stands).rule === "by-leave";
    const stood = needsLeave ? fromVenue(venue, outside(venue, laid.position)) : stands;
    const moved = editSpot(spot.id, { at, ...turned })(outing);
    return {
      ...movePosition(position.id, { at: toCentimetre(stood) })(moved),
      downs,
    };
  };

/** The attempts of an outing as they begin, at the spot and the position in hand: a first one where the spot is; nothing where none are played. */
export function downsBegun(
  { ground, downs }: Pick<Outing, "ground" | "downs">,
  spotId: string,
  positionId: string,
): Downs | undefined {
  const field = downsOf(ground.venue);
  const spot = ground.spots.find((s) => s.id === spotId);
  if (!field || !spot) return undefined;
  if (downs?.spotId === spotId && downs.positionId === positionId) return downs;
  const y = toVenue(ground.venue, spot.at).y;
  const toward = downs?.toward ?? 1;
  const begun = { spotId, positionId, toward, ball: 1, toGo: FIRST, down: 1 } as const;
  return firstAt(begun, (toward * y + field.goalLine) / field.yard);
}
