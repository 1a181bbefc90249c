import { windowOf, type Outing, type Place, type Sighting, type StoredKit } from "@/data";
import { newOuting, type NewOuting } from "../begin/new-outing";
import { lampsMeasured, zonesMeasured } from "./measured";
import { nestAreas, outsideOf } from "./keep-off";

/** What is asked of an outing at a place that is known: when and of whom; and what may differ today. */
export interface OutingHere extends Omit<
  NewOuting,
  "template" | "bearing" | "place" | "latitude" | "longitude" | "roofed" | "timeZone"
> {
  /** The lamps are as they were measured before; else as their class says. */
  readonly lampsAsMeasured: boolean;
  /** Light zones are as they were measured before; else as they were planned. */
  readonly zonesAsMeasured: boolean;
  /** Who gave leave before gives it today; else it is asked again. */
  readonly leaveStands: boolean;
}

/** The position that served best at a place, of those that may be stood on: by frames kept, then as they are listed. */
function bestPosition(place: Place, positions: Place["ground"]["positions"]) {
  const kept = (id: string): number =>
    place.worked.filter((w) => w.positionId === id).reduce((sum, w) => sum + w.kept, 0);
  return positions.toSorted((a, b) => kept(b.id) - kept(a.id))[0];
}

/** The ground of a place for a day: zones as measured where that is wished, nests kept off, no position inside one. */
function groundHere(
  place: Place,
  sightings: readonly Sighting[],
  { zonesAsMeasured }: OutingHere,
): Outing["ground"] {
  const nests = nestAreas(place, sightings);
  const { ground } = place;
  const measured = zonesAsMeasured ? zonesMeasured(place) : [];
  return {
    ...ground,
    areas: [...ground.areas, ...nests],
    positions: outsideOf(ground.positions, [...nests, ...ground.areas.filter((a) => a.kind === "nest")]),
    zones: ground.zones.map((zone) => {
      const found = measured.find((m) => m.zoneId === zone.id);
      return found ? { ...zone, offsetClicks: Math.max(-12, Math.min(12, found.offsetClicks)) } : zone;
    }),
  };
}

/** A new outing at a place that is known: all of it comes along, the day's own is asked, and the place stays as it is. */
export function outingHere(
  wish: OutingHere,
  place: Place,
  sightings: readonly Sighting[],
  kit: StoredKit,
  preferences: Parameters<typeof newOuting>[2],
): Outing {
  const { latitude, longitude, assumed } = place.ground.anchor;
  const bare = newOuting(
    {
      ...wish,
      template: place.ground.venue.template,
      bearing: place.ground.venue.bearing,
      place: place.name,
      ...(!assumed && { latitude, longitude }),
      roofed: place.light.roof !== undefined,
      timeZone: place.timeZone,
    },
    kit,
    preferences,
  );
  const ground = groundHere(place, sightings, wish);
  const spots = ground.spots.length > 0 ? ground.spots : bare.ground.spots;
  const positions =
    ground.positions.length > 0
      ? ground.positions
      : outsideOf(
          bare.ground.positions,
          ground.areas.filter((a) => a.kind === "nest"),
        );
  const position = bestPosition(place, positions);
  const lamps = wish.lampsAsMeasured ? lampsMeasured(place) : undefined;
  const outing: Outing = {
    ...bare,
    placeId: place.id,
    kind: place.kind,
    ground: { ...ground, spots, positions },
    shots: bare.shots.map((shot) => ({ ...shot, spotId: spots[0]!.id })),
    choices: bare.choices.map((choice) => ({ ...choice, positionId: position?.id ?? null })),
    light: {
      ...bare.light,
      ...(place.light.roof && { roof: place.light.roof }),
      ...(place.light.leaves && { leaves: place.light.leaves }),
      lamps: place.light.lamps && { ...place.light.lamps, from: wish.from, until: undefined },
    },
    access: wish.leaveStands ? place.access : { ...place.access, allowedBy: "" },
    cautions: [...new Set([...place.cautions, ...bare.cautions])],
    notes: place.notes,
  };
  if (!lamps) return outing;
  const stops = Math.round(3 * lamps.stops) / 3;
  return {
    ...outing,
    light: { ...outing.light, taken: { lamps: { at: windowOf(outing).from, stops } } },
  };
}
