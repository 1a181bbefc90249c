import type { Staging } from "@/core/catalogue";
import { OPEN_GROUND, venueTemplate, type Ground, type VenueTemplate } from "@/core/ground";
import { sceneAt } from "@/core/scene";
import {
  HALL_DAYLIGHT,
  hallFor,
  windowOf,
  lightPlanOf,
  newId,
  OUTING_VERSION,
  type Preferences,
  type Outing,
  type StoredKit,
  type StoredSubject,
} from "@/data";
import { beginChoice } from "./begin-choice";
import { beginShot } from "./begin-shot";
import { cautionsFor } from "./cautions-for";
import { firstPlace } from "./first-place";
import { kindOf, venueOf } from "./kind-of";
import { metOn } from "./met";
import { furnishings } from "../furnished";
import { sceneryAbout } from "./scenery";
import { unmarked } from "./unmarked";

/** What has to be said before there is an outing: the rest has a sensible beginning and can be changed. */
export interface NewOuting {
  readonly name: string;
  readonly template: string;
  /** Where its long axis points, degrees; north when left out. */
  readonly bearing?: number;
  readonly place: string;
  /** Where it lies; left out where nothing hangs on it, under a roof. */
  readonly latitude?: number;
  readonly longitude?: number;
  /** Whether it is under a roof; as the venue usually is when left out. */
  readonly roofed?: boolean;
  readonly timeZone: string;
  readonly date: string;
  readonly from: string;
  readonly until: string;
  readonly lastDate?: string;
  readonly starts: string;
  readonly subject: StoredSubject;
  /** How the library has the subject met, and the group that it stands in; nothing for one of one's own. */
  readonly staging?: Staging;
  readonly group?: string;
}

/** The venue of a subject's sport where it is met on open ground, with nothing marked; none for what is met in the open anyway. */
function unmarkedFor({ staging }: NewOuting, venue: VenueTemplate): VenueTemplate | undefined {
  if (venue.id !== OPEN_GROUND.id || !staging || staging.venues.includes(OPEN_GROUND.id)) return undefined;
  const found = venueTemplate(staging.venues[0]!);
  return found.ok ? found.value : undefined;
}

/** Where it lies, or a place that stands for none. */
const anchorOf = ({ latitude, longitude }: NewOuting): Ground["anchor"] =>
  latitude === undefined || longitude === undefined
    ? { latitude: 0, longitude: 0, elevation: 0, assumed: true }
    : { latitude, longitude, elevation: 0 };

/** An outing as it begins, but that nobody chose yet where to stand: its ground, a spot, a shot, the light of its hour. */
export function unplacedOuting(
  wish: NewOuting,
  kit: StoredKit,
  preferences: Pick<Preferences, "tolerance">,
): Outing {
  const venue = venueOf(wish.template);
  const { subject, group = "" } = wish;
  const lie = { template: venue.id, bearing: wish.bearing ?? 0, centre: { x: 0, y: 0 } };
  const usual = unmarkedFor(wish, venue);
  const met = metOn(wish, venue, lie, usual !== undefined);
  const shot = beginShot(subject, "spot-1", preferences, []);
  const hall = wish.roofed === false ? undefined : hallFor(lie);
  const roofed = wish.roofed ?? hall !== undefined;
  const kind = kindOf(venue.id, group);
  const stands = furnishings(lie);
  const { surface, areas, tracks, obstacles } = usual
    ? unmarked(usual, lie, met)
    : sceneryAbout(met.at, met.facing, met.scenery);
  const spot = {
    id: "spot-1",
    name: "Spot 1",
    at: met.at,
    aimHeight: met.aimHeight,
    facing: met.facing,
    zoneId: "ground",
  };
  return {
    version: OUTING_VERSION,
    id: newId(),
    revision: 0,
    name: wish.name,
    kind,
    place: wish.place,
    sport: subject.name,
    date: wish.date,
    from: wish.from,
    until: wish.until,
    ...(wish.lastDate && { lastDate: wish.lastDate }),
    starts: wish.starts,
    timeZone: wish.timeZone,
    archived: false,
    access: { allowedBy: "", mayStand: "", fallBack: "" },
    cautions: cautionsFor({ subject, group, venue, scenery: met.scenery }),
    bag: null,
    plannedAt: wish.starts,
    shotId: shot.id,
    ground: {
      anchor: anchorOf(wish),
      surface: venue.surface ?? surface,
      areas: [...areas, ...stands.areas],
      venue: lie,
      zones: [{ id: "ground", name: "Ground", offsetClicks: 0 }],
      spots: [spot],
      tracks,
      obstacles: [...stands.obstacles, ...obstacles],
      masts: [],
      positions: [{ id: "a", name: "A", at: { x: 0, y: 0 }, lensHeight: 1.2 }],
      ...(hall && { hall }),
    },
    subjects: [subject],
    shots: [shot],
    choices: [beginChoice(shot.id, "a", kit)],
    light: {
      cloudEighths: 2,
      ...(roofed ? { roof: { daylightShare: HALL_DAYLIGHT } } : {}),
      lamps: roofed ? { class: "II", kind: kind === "pool" ? "pool" : "hall", from: wish.from } : null,
      readings: [],
    },
    log: [],
    notes: "",
  };
}

/** An outing that can be walked at once: a position from which its shot can be had besides. */
export function newOuting(
  wish: NewOuting,
  kit: StoredKit,
  preferences: Pick<Preferences, "tolerance" | "order" | "school" | "weights">,
): Outing {
  const bare = unplacedOuting(wish, kit, preferences);
  const { subject } = wish;
  const [shot, spot] = [bare.shots[0]!, bare.ground.spots[0]!];
  const starts = windowOf(bare).starts;
  const scene = sceneAt(bare.ground, lightPlanOf(bare), starts);
  const { at, lensHeight, rig } = firstPlace({ kit, shot, subject, spot, scene, ways: preferences });
  return {
    ...bare,
    ground: { ...bare.ground, positions: [{ id: "a", name: "A", at, lensHeight }] },
    choices: [beginChoice(shot.id, "a", kit, rig)],
  };
}
