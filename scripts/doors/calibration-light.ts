import {
  daylight,
  GROUND_REFLECTANCE,
  evFromLux,
  lampLuxOf,
  moonDaylight,
  overGround,
  subjectLight,
  underCover,
  uprightShare,
  type Daylight,
  type LampClass,
  type LampKind,
} from "../../src/core/light";

/** A light that practice knows, EV at ISO 100 from … to, and what the model makes of the same scene. */
export interface LightRow {
  readonly name: string;
  readonly practice: readonly [number, number];
  readonly how: "common practice" | "exposure guide";
  readonly setUp: string;
  readonly model: number;
  readonly note?: string;
}

const DAY = { dayOfYear: 80, cloudEighths: 0 };

interface Figure {
  readonly day: Daylight;
  readonly altitude: number;
  /** Degrees between sun and camera as the subject sees them. */
  readonly turn?: number;
  readonly reaches?: boolean;
  readonly reflectance?: number;
}

/** EV on the side of an upright figure that a level camera sees. */
function figureEv({
  day,
  altitude,
  turn = 0,
  reaches = true,
  reflectance = GROUND_REFLECTANCE.grass,
}: Figure): number {
  const { direct, sky, ground } = subjectLight({
    source: { bearing: 0, height: altitude },
    directNormal: day.directNormal,
    sky: day.sky,
    cloud: day.cloud,
    camera: { bearing: turn, height: 0 },
    reaches,
    skyLeft: 1,
    skyOnGround: 1,
    reflectance,
    form: { kind: "upright" },
  });
  return evFromLux(direct + sky + ground);
}

/** A figure under so many eighths of cloud, over a ground that throws light back between itself and the cloud. */
const under = (
  altitude: number,
  cloudEighths: number,
  reflectance: number = GROUND_REFLECTANCE.grass,
): Figure => ({
  day: overGround(daylight({ ...DAY, altitude, cloudEighths }), reflectance),
  altitude,
  reflectance,
});

const clear = (altitude: number): Figure => ({ day: daylight({ ...DAY, altitude }), altitude });

/** EV under lamps of a class, as far as they light an upright figure: no masts on the plan, so the middle of the stretch. */
const underLamps = (kind: LampKind, grade: LampClass): number =>
  evFromLux(lampLuxOf({ kind, class: grade }) * uprightShare({ x: 0, y: 0 }, 0, []));

const GLOOM = 0.005;
const wood = underCover(daylight({ ...DAY, altitude: 50 }), GLOOM);
const fullMoon = moonDaylight(
  { altitude: 64, phaseAngle: 0, parallax: 0.951 },
  { apparentAltitude: 64, dayOfYear: 80, cloudEighths: 0 },
);

/** EV that settings make right. */
const evOf = (exposure: number, fNumber: number, iso: number): number =>
  Math.log2(fNumber ** 2 / exposure) - Math.log2(iso / 100);

export const LIGHT_ROWS: readonly LightRow[] = [
  {
    name: "sun behind the camera",
    practice: [15, 15],
    how: "exposure guide",
    setUp: "clear, sun at 40°, grass, an upright figure",
    model: figureEv(clear(40)),
  },
  {
    name: "sun from the side",
    practice: [14, 14],
    how: "exposure guide",
    setUp: "clear, sun at 40°, 90° round; 13.7 at 50°",
    model: figureEv({ ...clear(40), turn: 90 }),
    note: "the guide opens a stop",
  },
  {
    name: "sun from behind the subject",
    practice: [13, 13],
    how: "exposure guide",
    setUp: "clear, sun at 50°, 180° round; 12.2 at 40°, 12.8 at 60°",
    model: figureEv({ ...clear(50), turn: 180 }),
    note: "the guide opens two stops, whatever the sun's height: its height chose the answer",
  },
  {
    name: "hazy sun, soft shadows",
    practice: [14, 14],
    how: "exposure guide",
    setUp: "four eighths, sun at 40°, behind the camera; 14.3 at 50°",
    model: figureEv(under(40, 4)),
    note: "how many eighths a haze is was chosen",
  },
  {
    name: "cloudy bright, no shadows",
    practice: [13, 13],
    how: "exposure guide",
    setUp: "six eighths, sun at 40°, behind the camera; 13.4 at 50°",
    model: figureEv(under(40, 6)),
    note: "how many eighths it is was chosen",
  },
  {
    name: "sun on snow",
    practice: [16, 16],
    how: "exposure guide",
    setUp: "clear, sun at 50°, snow of reflectance 0.8",
    model: figureEv(under(50, 0, GROUND_REFLECTANCE.snow)),
    note: "the guide closes a stop to keep the snow's texture; the light on a figure gains half of one",
  },
  {
    name: "sun on sand",
    practice: [16, 16],
    how: "exposure guide",
    setUp: "clear, sun at 50°, sand of reflectance 0.35",
    model: figureEv(under(50, 0, GROUND_REFLECTANCE.sand)),
    note: "as above: the guide's stop is for the sand, not for the figure on it",
  },
  {
    name: "sunset glow on a face, the sun on the horizon",
    practice: [8, 9],
    how: "common practice",
    setUp: "clear, sun at 0°, behind the camera",
    model: figureEv({ ...clear(0), reaches: false }),
  },
  {
    name: "sunset glow on a face, the sun just gone",
    practice: [8, 9],
    how: "common practice",
    setUp: "clear, sun at −0.8°, behind the camera",
    model: figureEv(clear(-0.8)),
  },
  {
    name: "open shade, toward the sun's side",
    practice: [11.5, 12],
    how: "common practice",
    setUp: "clear, sun at 40°, hidden, behind the camera; the whole sky",
    model: figureEv({ ...clear(40), reaches: false }),
    note: "guide and practice give one figure for every side; the model's sky is brighter about the sun",
  },
  {
    name: "open shade, away from the sun's side",
    practice: [11.5, 12],
    how: "common practice",
    setUp: "clear, sun at 40°, hidden, beyond the subject; the whole sky",
    model: figureEv({ ...clear(40), reaches: false, turn: 180 }),
    note: "as above: darker and bluer away from the sun",
  },
  {
    name: "heavy overcast",
    practice: [12, 12],
    how: "exposure guide",
    setUp: "eight eighths, sun at 50°, grass; 11.3 at 40°, 12.0 at 70°",
    model: figureEv(under(50, 8)),
  },
  {
    name: "overcast over snow",
    practice: [13, 13],
    how: "exposure guide",
    setUp: "eight eighths, sun at 50°, snow of reflectance 0.8",
    model: figureEv(under(50, 8, GROUND_REFLECTANCE.snow)),
    note: "the guide gives snow in sun a stop over sun; the same stop over its overcast",
  },
  {
    name: "forest, 1/40 f/4 ISO 800",
    practice: [evOf(1 / 40, 4, 800), evOf(1 / 40, 4, 800)],
    how: "common practice",
    setUp: `clear, sun at 50°, leaves that let ${100 * GLOOM} % in`,
    model: figureEv({ day: wood, altitude: 50 }),
    note: "the share of the leaves was chosen for gloom: it shows consistency, not proof",
  },
  {
    name: "school hall, 1/1000 f/2.8 ISO 6400–10000",
    practice: [evOf(1 / 1000, 2.8, 10000), evOf(1 / 1000, 2.8, 6400)],
    how: "common practice",
    setUp: "lamps of class II in a hall, 500 lx on the floor",
    model: underLamps("hall", "II"),
  },
  {
    name: "local floodlights",
    practice: [5, 7],
    how: "common practice",
    setUp: "lamps of class II over a field, 200 lx on the ground",
    model: underLamps("field", "II"),
  },
  {
    name: "school floodlights, 1/1000 f/2.8 ISO 8000",
    practice: [evOf(1 / 1000, 2.8, 8000), evOf(1 / 1000, 2.8, 8000)],
    how: "common practice",
    setUp: "lamps of class I over a field, 500 lx on the ground",
    model: underLamps("field", "I"),
  },
  {
    name: "professional park, 1/1600 f/4 ISO 5000",
    practice: [evOf(1 / 1600, 4, 5000), evOf(1 / 1600, 4, 5000)],
    how: "common practice",
    setUp: "broadcast lamps, 3000 lx on the ground",
    model: underLamps("field", "broadcast"),
    note: "the class was made for it: consistency, not proof",
  },
  {
    name: "land under a full moon",
    practice: [-3, -3],
    how: "exposure guide",
    setUp: "clear, full moon at 64°, level ground",
    model: evFromLux(fullMoon.horizontal),
    note: "a figure with the moon behind the camera gets a stop less than the ground",
  },
];

/** Stops by which the model lies outside what practice has: above (+), below (−), 0 within. */
export const beyond = ({ practice: [from, to], model }: LightRow): number =>
  model > to ? model - to : model < from ? model - from : 0;

const ev = (value: number): string => value.toFixed(1).replace("-", "−");
const range = ([from, to]: LightRow["practice"]): string =>
  ev(from) === ev(to) ? ev(from) : `${ev(from)} … ${ev(to)}`;
/** Stops with their sign, to a tenth. */
export const signed = (stops: number): string => `${stops < -0.05 ? "−" : "+"}${Math.abs(stops).toFixed(1)}`;

/** The rows of light as a section of the page. */
export const lightSection = (): string => `## Light

EV at ISO 100 on the subject, by practice or by the published guide (ANSI PH2.7, from memory), against the model's. Δ is by
how many stops the model lies outside of what practice has.

| light | practice | how known | set-up | model | Δ | note |
|---|---|---|---|---|---|---|
${LIGHT_ROWS.map((row) => `| ${row.name} | ${range(row.practice)} | ${row.how} | ${row.setUp} | ${ev(row.model)} | ${signed(beyond(row))} | ${row.note ?? ""} |`).join("\n")}

Every row lies within half a stop but those whose note tells of the guide's stop for snow and sand.
`;
