import {
  aimOf,
  atHeight,
  bearingTo,
  canopyAt,
  lensOf,
  surfaceAt,
  zoneIdOf,
  type Ground,
  type Obstacle,
  type Position,
  type Spot,
  type Vector,
} from "../ground";
import {
  candelaToward,
  evFromLux,
  GROUND_REFLECTANCE,
  lampLuxOnSubject,
  lightSide,
  litShare,
  offsetsFrom,
  ownShadowFalls,
  readLampFile,
  shadedBy,
  skyLeft,
  skyPhase,
  subjectLight,
  totalLux,
  underCover,
  uprightShare,
  windowLux,
  type Daylight,
  type Direction,
  type Form,
  type LampFile,
  type LightOffsets,
  type PointLamp,
  type SkyOf,
  type SubjectLight,
} from "../light";
import type { Subject } from "../motion";
import { NIGHT_LUX, type Scene } from "../scene";
import type { LightFound } from "./assessment";

/** The side of the sun shows while its lit side is at least this many times as bright as sky and ground (assumed). */
const SIDE_SHOWS = 0.33;

export interface LightInput {
  readonly scene: Scene;
  readonly spot: Spot;
  readonly subject: Subject;
  readonly position: Position;
  /** Height angle in degrees at which the camera sees the subject. */
  readonly heightAngle: number;
}

/** How a subject takes the light where it stands. */
function formOf({ round, lying, length, span, depth, height }: Subject, { facing }: Spot): Form {
  if (round) return { kind: "round" };
  if (!lying) return { kind: "upright" };
  return { kind: "lying", length: length ?? depth, width: span ?? depth, height, facing };
}

/** Sun or moon, as a light over the ground. */
interface Source {
  readonly azimuth: number;
  readonly apparentAltitude: number;
  readonly daylight: Daylight;
}

/** Kept per daylight, which is one object for an instant: what obstacles leave of a sky is worked out once for all cameras. */
const skies = new WeakMap<Daylight, SkyOf>();

function skyOf({ azimuth, apparentAltitude, daylight }: Source): SkyOf {
  const known = skies.get(daylight);
  if (known) return known;
  const cloud = daylight.cloud === "even" ? 0 : daylight.cloud;
  const sky = { azimuth, altitude: apparentAltitude, cloud };
  skies.set(daylight, sky);
  return sky;
}

const NONE: SubjectLight = { direct: 0, sky: 0, ground: 0, turn: 0 };

/** Light on the side of the subject at a spot that a camera sees. Sums in lux, never in EV. */
export function findLight({ scene, spot, subject, position, heightAngle }: LightInput): LightFound {
  const { sun, ground, moon } = scene;
  // Seen from straight below or above, the view's bearing is that of the camera's upright: north.
  const camera = { bearing: bearingTo(spot.at, position.at), height: -heightAngle };
  const point = aimOf(ground, spot);
  const canopy = scene.cover === "open" ? canopyAt(ground, spot.at) : undefined;
  const cover = canopy ? "leaves" : scene.cover;
  const surface = surfaceAt(ground, spot.at);
  const reflectance = GROUND_REFLECTANCE[surface];
  const form = formOf(subject, spot);
  const shadeOf = ({ azimuth, apparentAltitude, daylight }: Source) =>
    daylight.directNormal > 0 && apparentAltitude > 0
      ? shadedBy(point, { azimuth, apparentAltitude }, ground.obstacles)
      : undefined;
  const under = (source: Source, shade: Obstacle | undefined): SubjectLight => {
    const daylight = canopy ? underCover(source.daylight, canopy.daylightShare ?? 1) : source.daylight;
    const left = cover === "open" ? skyLeft(point, ground.obstacles, skyOf(source)) : undefined;
    return subjectLight({
      source: { bearing: source.azimuth, height: source.apparentAltitude },
      directNormal: daylight.directNormal,
      sky: daylight.sky,
      cloud: daylight.cloud,
      camera,
      reaches: !shade,
      skyLeft: left ? left.toward(camera.bearing) : 1,
      skyOnGround: left ? left.onGround : 1,
      reflectance,
      form,
    });
  };
  const bySun = (daylight: Daylight): Source => ({
    azimuth: sun.azimuth,
    apparentAltitude: sun.apparentAltitude,
    daylight,
  });
  const up = sun.apparentAltitude > 0 && cover === "open";
  const shade = up ? shadedBy(point, sun, ground.obstacles) : undefined;
  const zoneId = zoneIdOf(ground, spot);
  const day = withWindows(under(bySun(scene.daylight), shade), scene, point, camera.bearing, reflectance);
  const night = moon ? under(moon, shadeOf(moon)) : NONE;
  const lamps = lampsOn(scene, zoneId, point, camera, form, reflectance);
  const measured = offsetsFrom(scene.readings, zoneId, scene.at, scene.sky, scene.taken);
  const zoneStops = dayOffsetOf(ground, zoneId);
  const offsets = { ...measured, day: measured.day + zoneStops };
  // What is said of a zone is part of the model: a reading there corrects the two together.
  const natural =
    (day.direct + day.sky + day.ground + night.direct + night.sky + night.ground) * 2 ** zoneStops;
  const lux = withOffsets(day, night, lamps.lux, offsets);
  const litSide =
    up && !shade
      ? scene.daylight.directNormal *
        litShare(form, { bearing: camera.bearing, height: sun.apparentAltitude }, camera) *
        2 ** offsets.day
      : 0;
  const lens = lensOf(ground, position);
  return {
    sun,
    phase: skyPhase(sun.altitude),
    lux,
    ev: evFromLux(lux.total),
    offsets: { zone: zoneStops, day: measured.day, lamps: measured.lamps },
    lampShare: lamps.share,
    evInCloud:
      scene.inCloud &&
      evFromLux(withOffsets(under(bySun(scene.inCloud), shade), night, lamps.lux, offsets).total),
    modelEv: evFromLux(Math.max(NIGHT_LUX, natural + lamps.lux)),
    dayShare: lamps.lux > 0 ? natural / (natural + lamps.lux) : 1,
    side: litSide > SIDE_SHOWS * (lux.total - lux.sun) ? lightSide(day.turn) : "even",
    turn: day.turn,
    shadedBy: shade?.id,
    ownShadow: lux.sun > 0 && ownShadowFalls({ lens, subject: point, sun }),
    direct: directOf(scene, cover, shade !== undefined),
    surface,
  };
}

/** What keeps the sun off, if anything does: the cover first, for what stands in the shade of something or not. */
export function directOf(
  { sun, daylight }: Scene,
  cover: Scene["cover"],
  shaded: boolean,
): LightFound["direct"] {
  if (cover === "roof") return "roof";
  if (sun.apparentAltitude <= 0) return "sun-down";
  if (cover === "leaves") return "leaves";
  if (shaded) return "shaded";
  return daylight.directNormal < 1 ? "cloud" : "sun";
}

/** Stops by which a zone is said to be brighter than the ground around it in any light. */
export function dayOffsetOf({ zones }: Ground, zoneId: string): number {
  const zone = zones.find((z) => z.id === zoneId);
  return zone?.holdsFor === "all" ? zone.offsetClicks / 3 : 0;
}

/** The light of windows comes in beside what the roof lets through. */
function withWindows(
  day: SubjectLight,
  { ground, outside, sun }: Scene,
  point: Vector,
  toCamera: number,
  reflectance: number,
): SubjectLight {
  const { windows = [] } = ground;
  if (windows.length === 0) return day;
  return {
    ...day,
    sky: day.sky + windowLux({ windows, outside, sun, point, toCamera, reflectance, hall: ground.hall }),
  };
}

/** The lamps whose intensity toward a place is known: by their number, or by their photometric file. */
function pointLampsOf(ground: Ground, subject: Vector): PointLamp[] {
  return ground.masts.flatMap((mast): PointLamp[] => {
    const at = atHeight(mast.at, mast.height);
    const file = mast.file && lampFileOf(ground, mast.file.id);
    if (file && mast.file)
      return [{ at, candela: candelaToward({ file, at, aim: atHeight(mast.file.aim, 0) }, subject) }];
    return mast.candela === undefined ? [] : [{ at, candela: mast.candela }];
  });
}

type StoredLampFile = NonNullable<Ground["lampFiles"]>[number];
/** Kept per stored file: reading one takes as long as a hundred assessments. */
const lampFilesRead = new WeakMap<StoredLampFile, LampFile | "unreadable">();

function lampFileOf({ lampFiles = [] }: Ground, id: string): LampFile | undefined {
  const stored = lampFiles.find((f) => f.id === id);
  if (!stored) return undefined;
  let read = lampFilesRead.get(stored);
  if (!read) {
    const found = readLampFile(stored.text);
    read = found.ok ? found.value : "unreadable";
    lampFilesRead.set(stored, read);
  }
  return read === "unreadable" ? undefined : read;
}

interface LampsOn {
  readonly lux: number;
  /** By class: the share of the horizontal lux on an upright subject. By intensity: absent. */
  readonly share?: number;
}

/** Lux of the lamps on the subject: by intensity where every mast tells its own, by class otherwise. */
function lampsOn(
  { ground, lampLux, lamps }: Scene,
  zoneId: string,
  subject: Vector,
  camera: Direction,
  form: Form,
  reflectance: number,
): LampsOn {
  if (!lamps) return { lux: 0 };
  const zone = ground.zones.find((z) => z.id === zoneId);
  const byZone = 2 ** ((zone?.offsetClicks ?? 0) / 3);
  const masts = pointLampsOf(ground, subject);
  if (masts.length > 0 && masts.length === ground.masts.length)
    return {
      lux: byZone * lampLuxOnSubject({ subject, camera, form, lamps: masts, reflectance }),
    };
  const share = uprightShare(subject, camera.bearing, ground.masts);
  return { lux: lampLux * share * byZone, share };
}

function withOffsets(
  day: SubjectLight,
  night: SubjectLight,
  lamps: number,
  offsets: LightOffsets,
): LightFound["lux"] {
  const byDay = 2 ** offsets.day;
  const sun = day.direct * byDay;
  const moon = night.direct * byDay;
  const sky = (day.sky + night.sky) * byDay;
  const ground = (day.ground + night.ground) * byDay;
  const lit = lamps * 2 ** offsets.lamps;
  const parts = { sun, moon, sky, ground, lamps: lit };
  return { ...parts, total: totalLux({ ...parts, night: NIGHT_LUX }) };
}
