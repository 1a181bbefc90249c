import { Body, Equator, Observer, Refraction, SiderealTime } from "astronomy-engine";
import { asBearing, toDegrees, toRadians } from "../units";
import type { Anchor } from "../ground";
import type { Sun } from "./sun";

const HOUR = 3_600_000;

/** The sun's equatorial place and the turn of the earth at a full hour: what changes slowly. All in degrees. */
interface HourNode {
  readonly rightAscension: number;
  readonly declination: number;
  readonly sidereal: number;
}

const SIDEREAL_PER_HOUR = 15.041067;
const onward = (from: number, to: number): number => from + ((((to - from) % 360) + 540) % 360) - 180;

/**
 * Where the sun stands, as `sunAt`, for many instants of one place: the slow part is worked out once per full hour and
 * kept, the turn of the earth in between is arithmetic. Within 0.0001° of `sunAt`. Give it a day's worth of instants.
 */
export function sunCourse(place: Anchor): (at: number) => Sun {
  const observer = new Observer(place.latitude, place.longitude, place.elevation);
  const nodes = new Map<number, HourNode>();
  const node = (hour: number): HourNode => {
    const known = nodes.get(hour);
    if (known) return known;
    const date = new Date(hour * HOUR);
    const { ra, dec } = Equator(Body.Sun, date, observer, true, true);
    const made = { rightAscension: ra * 15, declination: dec, sidereal: SiderealTime(date) * 15 };
    nodes.set(hour, made);
    return made;
  };
  const latitude = toRadians(place.latitude);
  const [sinLat, cosLat] = [Math.sin(latitude), Math.cos(latitude)];
  return (at) => {
    const hour = Math.floor(at / HOUR);
    const share = at / HOUR - hour;
    const [a, b] = [node(hour), node(hour + 1)];
    const rightAscension =
      a.rightAscension + (onward(a.rightAscension, b.rightAscension) - a.rightAscension) * share;
    const declination = toRadians(a.declination + (b.declination - a.declination) * share);
    const turned = onward(a.sidereal + SIDEREAL_PER_HOUR, b.sidereal) - a.sidereal;
    const hourAngle = toRadians(a.sidereal + turned * share + place.longitude - rightAscension);
    return horizontal(hourAngle, declination, sinLat, cosLat);
  };
}

function horizontal(hourAngle: number, declination: number, sinLat: number, cosLat: number): Sun {
  const [sinDec, cosDec] = [Math.sin(declination), Math.cos(declination)];
  const [sinHour, cosHour] = [Math.sin(hourAngle), Math.cos(hourAngle)];
  const sine = sinLat * sinDec + cosLat * cosDec * cosHour;
  const altitude = toDegrees(Math.asin(Math.max(-1, Math.min(1, sine))));
  const east = -cosDec * sinHour;
  const north = sinDec * cosLat - cosDec * sinLat * cosHour;
  return {
    azimuth: asBearing(toDegrees(Math.atan2(east, north))),
    altitude,
    apparentAltitude: altitude + Refraction("normal", altitude),
  };
}
