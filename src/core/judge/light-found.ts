import { because } from "../units";
import { atHeight, bearingTo, surfaceAt, type Position, type Spot, type Vector } from "../ground";
import {
  cylinderShare,
  evFromLux,
  GROUND_REFLECTANCE,
  lampLuxOnSubject,
  lightSide,
  offsetsFrom,
  ownShadowFalls,
  shadedBy,
  skyOpenness,
  skyPhase,
  subjectLight,
  uprightShare,
  type Daylight,
  type LightOffsets,
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

/** Light on the side of the subject at a spot that a camera sees. Sums in lux, never in EV. */
export function findLight({ scene, spot, subject, position, heightAngle }: LightInput): LightFound {
  const { sun, ground } = scene;
  const bearingToCamera = bearingTo(spot.at, position.at);
  const point = atHeight(spot.at, spot.aimHeight);
  const up = sun.apparentAltitude > 0 && !scene.roofed;
  const shade = up ? shadedBy(point, sun, ground.obstacles) : undefined;
  const reflectance = GROUND_REFLECTANCE[surfaceAt(ground, spot.at)];
  const open = scene.roofed ? 1 : skyOpenness(point, ground.obstacles, bearingToCamera);
  const under = (day: Daylight): SubjectLight =>
    subjectLight({
      sunAzimuth: sun.azimuth,
      sunAltitude: sun.apparentAltitude,
      directNormal: day.directNormal,
      sky: day.sky,
      overcast: day.overcast,
      bearingToCamera,
      sunReaches: !shade,
      skyOpen: open,
      reflectance,
      roundFrom: subject.round ? -heightAngle : undefined,
    });
  const day = under(scene.daylight);
  const lamps = lampsOn(scene, spot, point, bearingToCamera, reflectance);
  const offsets = offsetsFrom(scene.readings, spot.zoneId, scene.at);
  const daySum = day.sun + day.sky + day.ground;
  const lux = withOffsets(day, lamps.lux, offsets);
  const litSide =
    up && !shade
      ? scene.daylight.directNormal * cylinderShare(sun.apparentAltitude, 0) * 2 ** offsets.day
      : 0;
  return {
    sun,
    phase: skyPhase(sun.altitude),
    lux,
    ev: evFigure(lux, scene, lamps, offsets, reflectance),
    evInCloud: scene.inCloud && evFromLux(withOffsets(under(scene.inCloud), lamps.lux, offsets).total),
    modelEv: evFromLux(Math.max(NIGHT_LUX, daySum + lamps.lux)),
    dayShare: lamps.lux > 0 ? daySum / (daySum + lamps.lux) : 1,
    side: litSide > SIDE_SHOWS * (lux.total - lux.sun) ? lightSide(day.turn) : "even",
    turn: day.turn,
    shadedBy: shade?.id,
    ownShadow: lux.sun > 0 && ownShadowFalls({ photographer: position.at, subject: point, sun }),
    direct: directOf(scene, shade !== undefined),
  };
}

/** What keeps the sun off, if anything does. */
function directOf({ roofed, sun, daylight }: Scene, shaded: boolean): LightFound["direct"] {
  if (roofed) return "roof";
  if (sun.apparentAltitude <= 0) return "sun-down";
  if (shaded) return "shaded";
  return daylight.directNormal < 1 ? "cloud" : "sun";
}

interface LampsOn {
  readonly lux: number;
  /** By class: the share of the horizontal lux on an upright subject. By intensity: absent. */
  readonly share?: number;
}

/** Lux of the lamps on the subject: by intensity where every mast tells its own, by class otherwise. */
function lampsOn(
  { ground, lampLux, lamps }: Scene,
  spot: Spot,
  subject: Vector,
  bearingToCamera: number,
  reflectance: number,
): LampsOn {
  if (!lamps) return { lux: 0 };
  const zone = ground.zones.find((z) => z.id === spot.zoneId);
  const byZone = 2 ** ((zone?.offsetClicks ?? 0) / 3);
  const masts = ground.masts.flatMap((m) =>
    m.candela === undefined ? [] : [{ at: atHeight(m.at, m.height), candela: m.candela }],
  );
  if (masts.length > 0 && masts.length === ground.masts.length)
    return {
      lux: byZone * lampLuxOnSubject({ subject, bearingToCamera, lamps: masts, reflectance }),
    };
  const share = uprightShare(spot.at, bearingToCamera, ground.masts);
  return { lux: lampLux * share * byZone, share };
}

function withOffsets(day: SubjectLight, lamps: number, offsets: LightOffsets): LightFound["lux"] {
  const byDay = 2 ** offsets.day;
  const sun = day.sun * byDay;
  const sky = day.sky * byDay;
  const ground = day.ground * byDay;
  const lit = lamps * 2 ** offsets.lamps;
  return { sun, sky, ground, lamps: lit, total: Math.max(NIGHT_LUX, sun + sky + ground + lit) };
}

function evFigure(
  lux: LightFound["lux"],
  scene: Scene,
  lamps: LampsOn,
  offsets: LightOffsets,
  reflectance: number,
): LightFound["ev"] {
  const ev = evFromLux(lux.total);
  const reasons: LightFound["ev"]["because"][number][] = [];
  if (lux.sun > 0)
    reasons.push(
      because("light-of-sun", { lux: lux.sun, directNormal: scene.daylight.directNormal }, "usno-171"),
    );
  reasons.push(because("light-of-sky", { lux: lux.sky, horizontal: scene.daylight.sky }, "ies-daylight"));
  reasons.push(because("light-of-ground", { lux: lux.ground, reflectance }, "common-practice"));
  if (lamps.lux > 0)
    reasons.push(
      lamps.share === undefined
        ? because("light-of-masts", { lux: lux.lamps, masts: scene.ground.masts.length })
        : because(
            "light-of-lamps",
            { lux: lux.lamps, horizontal: scene.lampLux, share: lamps.share },
            "en-12193",
          ),
    );
  if (offsets.day !== 0 || offsets.lamps !== 0)
    reasons.push(because("reading-offsets", { day: offsets.day, lamps: offsets.lamps }, "common-practice"));
  reasons.push(because("ev-from-lux", { lux: lux.total, ev }, "iso-2720"));
  return { value: ev, because: reasons };
}
