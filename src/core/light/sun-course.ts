import { Body, Equator, Observer, Refraction, SiderealTime } from "astronomy-engine";
import { asBearing, cosDeg, toDegrees, toRadians, turnBetween } from "../units";
import type { Anchor } from "../ground";
import type { Sun } from "./sun";

const HOUR = 3_600_000;
/** Between two looks at the sun its own way over the sky is nearly straight: within 0.00005° over six hours. */
const NODE = 6 * HOUR;

/** The sun as seen from the earth's centre and the turn of the earth at an instant: what changes slowly. Degrees. */
interface Node {
  readonly rightAscension: number;
  readonly declination: number;
  readonly sidereal: number;
  /** By how much the sun stands lower at the horizon than from the earth's centre. */
  readonly parallax: number;
}

/** The library counts a height from the ellipsoid of the equator: this one is the earth's centre. */
const CENTRE = new Observer(0, 0, -6_378_136.6);
/** Horizontal parallax of the sun at one astronomical unit, degrees (8.794″). */
const PARALLAX = 8.794 / 3600;
const SIDEREAL_PER_NODE = 6 * 15.041067;

function nodeAt(index: number): Node {
  const date = new Date(index * NODE);
  const { ra, dec, dist } = Equator(Body.Sun, date, CENTRE, true, true);
  return {
    rightAscension: ra * 15,
    declination: dec,
    sidereal: SiderealTime(date) * 15,
    parallax: PARALLAX / dist,
  };
}

/**
 * Where the sun stands, as `sunAt`, for many instants of one place: the slow part is worked out every six hours and kept,
 * the turn of the earth in between is arithmetic. Within 0.0001° of `sunAt`. Give it a day's worth of instants.
 */
export function sunCourse(place: Anchor): (at: number) => Sun {
  const nodes = new Map<number, Node>();
  const node = (index: number): Node => {
    const known = nodes.get(index) ?? nodeAt(index);
    nodes.set(index, known);
    return known;
  };
  const latitude = toRadians(place.latitude);
  const [sinLat, cosLat] = [Math.sin(latitude), Math.cos(latitude)];
  return (at) => {
    const index = Math.floor(at / NODE);
    const share = at / NODE - index;
    const [a, b] = [node(index), node(index + 1)];
    const own = turnBetween(a.rightAscension, b.rightAscension);
    const turned = SIDEREAL_PER_NODE + turnBetween(a.sidereal + SIDEREAL_PER_NODE, b.sidereal);
    const hourAngle = a.sidereal - a.rightAscension + (turned - own) * share + place.longitude;
    const declination = a.declination + (b.declination - a.declination) * share;
    return seenFrom(toRadians(hourAngle), toRadians(declination), sinLat, cosLat, a.parallax);
  };
}

function seenFrom(
  hourAngle: number,
  declination: number,
  sinLat: number,
  cosLat: number,
  parallax: number,
): Sun {
  const [sinDec, cosDec] = [Math.sin(declination), Math.cos(declination)];
  const cosHour = Math.cos(hourAngle);
  const sine = sinLat * sinDec + cosLat * cosDec * cosHour;
  const central = toDegrees(Math.asin(Math.max(-1, Math.min(1, sine))));
  const altitude = central - parallax * cosDeg(central);
  const east = -cosDec * Math.sin(hourAngle);
  const north = sinDec * cosLat - cosDec * sinLat * cosHour;
  return {
    azimuth: asBearing(toDegrees(Math.atan2(east, north))),
    altitude,
    apparentAltitude: altitude + Refraction("normal", altitude),
  };
}
