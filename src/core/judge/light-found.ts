import { asBearing, because } from "../units";
import type { Spot, Vector } from "../ground";
import {
  cylinderShare,
  evFromLux,
  lightSide,
  offsetsFrom,
  shadedBy,
  skyOpenness,
  skyPhase,
  subjectLight,
  uprightShare,
  type LightOffsets,
  type SubjectLight,
} from "../light";
import { NIGHT_LUX, type Scene } from "../scene";
import type { LightFound } from "./assessment";

/** Reflectance of turf (common practice). */
const TURF = 0.2;
/** The side of the sun shows while its lit side is at least this many times as bright as sky and ground (assumed). */
const SIDE_SHOWS = 0.33;

/** Light on the side of the subject at a spot that a camera sees along a bearing. Sums in lux, never in EV. */
export function findLight(scene: Scene, spot: Spot, bearing: number): LightFound {
  const { sun } = scene;
  const bearingToCamera = asBearing(bearing + 180);
  const point: Vector = { ...spot.at, z: spot.aimHeight };
  const up = sun.apparentAltitude > 0;
  const shade = up ? shadedBy(point, sun, scene.ground.obstacles) : undefined;
  const day = subjectLight({
    sunAzimuth: sun.azimuth,
    sunAltitude: sun.apparentAltitude,
    directNormal: scene.daylight.directNormal,
    sky: scene.daylight.sky,
    overcast: scene.daylight.overcast,
    bearingToCamera,
    sunReaches: !shade,
    skyOpen: skyOpenness(point, scene.ground.obstacles),
    reflectance: TURF,
  });
  const share = uprightShare(spot.at, bearingToCamera, scene.ground.masts);
  const zone = scene.ground.zones.find((z) => z.id === spot.zoneId);
  const lampModel = scene.lampLux * share * 2 ** ((zone?.offsetClicks ?? 0) / 3);
  const offsets = offsetsFrom(scene.readings, spot.zoneId, scene.at);
  const model = { day: day.sun + day.sky + day.ground, lamps: lampModel };
  const lux = withOffsets(day, lampModel, offsets);
  const litSide =
    up && !shade
      ? scene.daylight.directNormal * cylinderShare(sun.apparentAltitude, 0) * 2 ** offsets.day
      : 0;
  return {
    sun,
    phase: skyPhase(sun.altitude),
    lux,
    ev: evFigure(lux, scene, share, offsets),
    modelEv: evFromLux(Math.max(NIGHT_LUX, model.day + model.lamps)),
    dayShare: model.day / (model.day + model.lamps),
    side: litSide > SIDE_SHOWS * (lux.total - lux.sun) ? lightSide(day.turn) : "even",
    turn: day.turn,
    ...(shade ? { shadedBy: shade.id } : {}),
    direct: !up ? "sun-down" : shade ? "shaded" : scene.daylight.directNormal < 1 ? "cloud" : "sun",
  };
}

function withOffsets(day: SubjectLight, lamps: number, offsets: LightOffsets): LightFound["lux"] {
  const byDay = 2 ** offsets.day;
  const lux = {
    sun: day.sun * byDay,
    sky: day.sky * byDay,
    ground: day.ground * byDay,
    lamps: lamps * 2 ** offsets.lamps,
  };
  return { ...lux, total: Math.max(NIGHT_LUX, lux.sun + lux.sky + lux.ground + lux.lamps) };
}

function evFigure(lux: LightFound["lux"], scene: Scene, lampShare: number, offsets: LightOffsets) {
  const reasons = [
    because("light-of-sun", { lux: lux.sun, directNormal: scene.daylight.directNormal }, "usno-171"),
    because("light-of-sky", { lux: lux.sky, horizontal: scene.daylight.sky }, "ies-daylight"),
    because("light-of-ground", { lux: lux.ground, reflectance: TURF }, "common-practice"),
    because("light-of-lamps", { lux: lux.lamps, horizontal: scene.lampLux, share: lampShare }, "en-12193"),
    because("reading-offsets", { day: offsets.day, lamps: offsets.lamps }, "common-practice"),
    because("ev-from-lux", { lux: lux.total, ev: evFromLux(lux.total) }, "iso-2720"),
  ];
  const said = (code: string): boolean =>
    (code !== "light-of-lamps" || scene.lampLux > 0) &&
    (code !== "light-of-sun" || lux.sun > 0) &&
    (code !== "reading-offsets" || offsets.day !== 0 || offsets.lamps !== 0);
  return { value: evFromLux(lux.total), because: reasons.filter((r) => said(r.code)) };
}
