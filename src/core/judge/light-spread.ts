import {
  aimOf,
  fromVenue,
  heightAngle,
  isInside,
  lensOf,
  OBSTACLE_KINDS,
  toVenue,
  venueAreasOf,
  zoneIdOf,
  type Ground,
  type Obstacle,
  type Point,
  type Spot,
} from "../ground";
import { changed, type Rail } from "../exposure";
import { evFromLux, offsetsFrom } from "../light";
import type { AssessInput, Assessment, LightFound } from "./assessment";
import { dayOffsetOf, findLight } from "./light-found";
import { sightOf } from "./sight-of";

/** A light zone, as a picture there would be lit. */
export interface ZoneLight {
  readonly id: string;
  readonly name: string;
  /** EV at ISO 100 in this zone, of the light that the spot in hand has. */
  readonly ev: number;
  /** Clicks by which it is brighter (+) or darker (−) than the zone of the spot in hand. */
  readonly clicks: number;
  /** Whether it is the zone of the spot in hand. */
  readonly own: boolean;
}

/**
 * What each zone of the ground makes of the light at the spot in hand: its lamps and, where it holds for all light, its daylight, with
 * what was read there. The spot's own zone is the one whose outline holds it, and its light has that zone in it already.
 */
export function zonesLight(input: AssessInput, { light }: Pick<Assessment, "light">): ZoneLight[] {
  const { scene } = input;
  const { spot } = sightOf(input);
  const ownId = zoneIdOf(scene.ground, spot);
  const stopsOf = (id: string): { readonly day: number; readonly lamps: number } => {
    const read = offsetsFrom(scene.readings, id, scene.at, scene.sky, scene.taken);
    const zone = scene.ground.zones.find((z) => z.id === id);
    return {
      day: read.day + dayOffsetOf(scene.ground, id),
      lamps: read.lamps + (zone?.offsetClicks ?? 0) / 3,
    };
  };
  const own = stopsOf(ownId);
  const { lamps, total } = light.lux;
  return scene.ground.zones.map(({ id, name }) => {
    const there = stopsOf(id);
    const lux = (total - lamps) * 2 ** (there.day - own.day) + lamps * 2 ** (there.lamps - own.lamps);
    const ev = id === ownId ? light.ev : evFromLux(lux);
    return { id, name, ev, clicks: Math.round(3 * (ev - light.ev)) + 0, own: id === ownId };
  });
}

/** Where the rail that follows the light stands once it is so many clicks brighter (+) or darker (−). */
export function railAt({ settings, follows }: Assessment["settings"], brighter: number): number {
  // Less light: a higher ISO, a slower shutter, a wider aperture.
  return changed(settings, follows, follows === "iso" ? -brighter : brighter)[follows];
}

/** One setting for all zones of a ground. */
export interface BetweenZones {
  readonly rail: Rail;
  /** The click of that rail. */
  readonly click: number;
  /** Clicks by which the brightest or the darkest zone is then off. */
  readonly off: number;
}

/** The setting between the brightest and the darkest zone, within what shot, kit and owner allow; none where they hardly differ. */
export function betweenZones(
  { settings: found }: Pick<Assessment, "settings">,
  zones: readonly ZoneLight[],
): BetweenZones | undefined {
  const { rails, follows } = found;
  const clicks = [0, ...zones.filter((z) => !z.own).map((z) => z.clicks)];
  const [least, most] = [Math.min(...clicks), Math.max(...clicks)];
  if (most - least < 2) return undefined;
  const { from, to } = rails[follows];
  // Not past what is allowed: there it is the darker end that comes out darker.
  const click = Math.max(from, Math.min(to, railAt(found, Math.round((least + most) / 2))));
  const off = Math.max(...clicks.map((c) => Math.abs(railAt(found, c) - click)));
  return { rail: follows, click, off };
}

/** How the light differs over the ground that play may reach, at an instant. */
export interface LightSpread {
  /** EV at ISO 100 at places of play, the spot in hand first. */
  readonly evs: readonly number[];
  /** Thirds of a stop between sun and shade where the edge of a standing shadow lies over play; absent where none does. */
  readonly edge?: number;
  /** Whether the spot lies in a pocket of light: a stop over most of the ground, and little of the ground as bright. */
  readonly pocket: boolean;
}

/** Places along the longer and the shorter side of play that are looked at. */
const PLACES = { long: 6, short: 4 };
/** Metres about the spot that play takes where no field bounds it. */
const ABOUT = 12;
/** A pocket of light is so much over the middle of the ground in stops, and so little of it. */
const POCKET = { stops: 1, share: 0.25, alike: 0.5 };

/** Light over the ground of play on the side that the position sees, what stands about with its shade, zones with their lamps. */
export function lightSpread(input: AssessInput, { light }: Pick<Assessment, "light">): LightSpread {
  const { ground } = input.scene;
  const { spot } = sightOf(input);
  const lit = placesOfPlay(ground, spot).map((at) => lightAt(input, spot, at));
  const evs = [light.ev, ...lit.map((l) => l.ev)];
  const inSun = [light, ...lit].filter((l) => l.direct === "sun");
  const shaded = [light, ...lit].filter((l) => l.direct === "shaded");
  const edge =
    inSun.length > 0 && shaded.length > 0
      ? Math.round(3 * (middleOf(inSun.map((l) => l.ev)) - middleOf(shaded.map((l) => l.ev))))
      : 0;
  const alike = evs.filter((ev) => Math.abs(ev - light.ev) <= POCKET.alike).length / evs.length;
  return {
    evs,
    ...(edge >= 1 ? { edge } : {}),
    pocket: light.ev - middleOf(evs) >= POCKET.stops && alike <= POCKET.share,
  };
}

const middleOf = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;

function lightAt({ scene, subject, position }: AssessInput, spot: Spot, at: Point): LightFound {
  const here: Spot = { ...spot, at };
  const angle = heightAngle(lensOf(scene.ground, position), aimOf(scene.ground, here));
  return findLight({ scene, spot: here, subject, position, heightAngle: angle });
}

/** A grid over the part of the venue that holds the spot, or about it; none within what keeps the light out. */
function placesOfPlay(ground: Ground, spot: Spot): Point[] {
  const { venue } = ground;
  const field = venueAreasOf(venue).findLast((a) => a.holds(spot.at));
  const corners = field
    ? field.outline.map((p) => toVenue(venue, p))
    : [-ABOUT, ABOUT].flatMap((x) =>
        [-ABOUT, ABOUT].map((y) => toVenue(venue, { x: spot.at.x + x, y: spot.at.y + y })),
      );
  const [xs, ys] = [corners.map((p) => p.x), corners.map((p) => p.y)];
  const [west, east, south, north] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const wide = east - west > north - south;
  const [across, along] = wide ? [PLACES.long, PLACES.short] : [PLACES.short, PLACES.long];
  return Array.from({ length: across * along }, (_, i) =>
    fromVenue(venue, {
      x: west + ((east - west) * ((i % across) + 0.5)) / across,
      y: south + ((north - south) * (Math.floor(i / across) + 0.5)) / along,
    }),
  ).filter((p) => !isWithinSolid(ground.obstacles, p));
}

/** Whether a place lies within a body that keeps the light out: nobody plays there. */
export const isWithinSolid = (obstacles: readonly Obstacle[], place: Point): boolean =>
  obstacles.some(
    (o) => "outline" in o && !o.base && OBSTACLE_KINDS[o.kind].shades && isInside(place, o.outline),
  );
