import { lightSection, signed } from "./calibration-light";
import {
  BODY_PART,
  bodyMotion,
  panPicture,
  partSpeed,
  shakeUmPerSecond,
  slowestExposure,
  toleranceUm,
  type SubjectPart,
  type ToleranceKind,
} from "../../src/core/motion";
import { circleOfConfusionMm, diagonalMm, imageDistanceMm } from "../../src/core/optics";

/**
 * Starting shutters of practice (common practice, no source) with the set-up that they are used in, and what the model
 * was worked out to answer. One tolerance table for all rows, nothing fitted per row.
 */
export interface CalibrationRow {
  readonly name: string;
  /** 1/s by practice, and by the model as worked out beforehand. */
  readonly practice: number;
  readonly model: number;
  readonly focalLengthMm: number;
  readonly fNumber: number;
  /** Metres. */
  readonly distance: number;
  /** m/s: the body, its bob, and the part if it is not the body. */
  readonly body: number;
  readonly bob: number;
  readonly part?: Omit<SubjectPart, "id" | "name">;
  /** Degrees between the way and the line of sight; 90 is across. */
  readonly angle?: number;
  readonly stabiliserStops?: number;
  readonly supportStops?: number;
  readonly tolerance?: ToleranceKind;
  /** Why the row is not expected to agree within a stop, or how far it proves anything. */
  readonly note?: string;
}

const FORMAT = { widthMm: 36, heightMm: 24, widthPx: 6000 };
const limb = (speed: number) => ({ partClass: "limb" as const, speed });
const lens = (focalLengthMm: number, fNumber: number, distance: number) => ({
  focalLengthMm,
  fNumber,
  distance,
});
const FITTED = "speed fitted to practice: consistency, not proof";
const FIELD = { ...lens(400, 2.8, 40), practice: 1000, body: 7, bob: 0.5 };

export const CALIBRATION_ROWS: readonly CalibrationRow[] = [
  { ...FIELD, name: "field sport, hands and feet", model: 905, part: limb(5) },
  {
    ...FIELD,
    name: "field sport, body",
    model: 419,
    note: "practice sets the shutter for the limbs; the body alone would bear twice as long",
  },
  { ...lens(400, 2.8, 40), name: "sprint", practice: 1600, model: 1610, body: 10, bob: 0.5, part: limb(9) },
  { ...lens(300, 2.8, 22), name: "sand pit", practice: 1600, model: 1463, body: 5, bob: 0.5, part: limb(6) },
  {
    ...lens(400, 4, 35),
    name: "bat",
    practice: 900,
    model: 939,
    body: 1,
    bob: 0.2,
    part: { partClass: "tool", speed: 31, halfWidth: 0.033 },
  },
  {
    ...lens(200, 2.8, 12),
    name: "climbing hands",
    practice: 800,
    model: 742,
    body: 0.5,
    bob: 0.2,
    part: limb(2.5),
    note: FITTED,
  },
  {
    ...lens(100, 4, 0.5),
    name: "butterfly, calm",
    practice: 250,
    model: 269,
    body: 0,
    bob: 0.03,
    note: FITTED,
  },
  {
    ...lens(100, 4, 0.5),
    name: "butterfly, wind",
    practice: 500,
    model: 537,
    body: 0,
    bob: 0.06,
    note: FITTED,
  },
  {
    ...lens(600, 4, 8),
    name: "singing small bird, near",
    practice: 500,
    model: 581,
    body: 0,
    bob: 0.2,
    note: FITTED,
  },
  {
    ...lens(600, 4, 12),
    name: "singing small bird, far",
    practice: 400,
    model: 378,
    body: 0,
    bob: 0.2,
    note: FITTED,
  },
  { ...lens(135, 2.8, 12), name: "net jump", practice: 1000, model: 801, body: 1.5, bob: 0.5, part: limb(4) },
  { ...lens(135, 5.6, 20), name: "skier mid-turn", practice: 250, model: 319, body: 12, bob: 0.3, angle: 45 },
  {
    ...lens(200, 4, 500),
    name: "hand-held 200 mm",
    practice: 200,
    model: 206,
    body: 0,
    bob: 0,
    stabiliserStops: 0,
    note: "the hand's unsteadiness is the rule itself: consistency, not proof",
  },
  {
    ...lens(200, 4, 500),
    name: "hand-held 200 mm, pixel-sharp",
    practice: 500,
    model: 641,
    body: 0,
    bob: 0,
    stabiliserStops: 0,
    tolerance: "pixel-sharp",
  },
  {
    ...lens(400, 5.6, 25),
    name: "forest with a beanbag",
    practice: 40,
    model: 41,
    body: 0,
    bob: 0.03,
    stabiliserStops: 0,
    supportStops: 3.5,
    note: "sway and support were fitted to practice: consistency, not proof",
  },
  {
    ...lens(500, 5.6, 40),
    name: "bird flying past",
    practice: 1000,
    model: 1379,
    body: 11,
    bob: 0.3,
    part: { partClass: "wing", speed: 6 },
  },
];

/** The slowest exposure in seconds that the model allows for a row, before any snapping to a mark. */
export function slowestOf(row: CalibrationRow): number {
  const part: SubjectPart = row.part ? { id: "part", name: "part", ...row.part } : BODY_PART;
  const turn = ((row.angle ?? 90) * Math.PI) / 180;
  const tolerance = row.tolerance ?? "print-sharp";
  const body = bodyMotion({
    camera: {
      lens: { x: 0, y: 0, z: 1 },
      aim: { x: 0, y: row.distance, z: 1 },
      imageDistanceMm: imageDistanceMm(row.focalLengthMm, row.distance),
    },
    subject: {
      id: "s",
      name: "s",
      height: 0,
      depth: 0.1,
      bodySpeed: row.body,
      bob: row.bob,
      parts: [],
      known: "common practice",
    },
    bodyVelocity: { x: row.body * Math.sin(turn), y: row.body * Math.cos(turn), z: 0 },
    technique: "tracked",
  });
  const found = slowestExposure(
    {
      motionUmPerSecond: partSpeed(body, part) * body.umPerMetre,
      shakeUmPerSecond: shakeUmPerSecond({
        focalLengthMm: row.focalLengthMm,
        stabiliserStops: row.stabiliserStops ?? 4,
        supportStops: row.supportStops ?? 0,
      }),
      defocusUm: 0,
      workingFNumber: row.fNumber * (1 + body.umPerMetre / 1e6),
      pixelUm: 6,
    },
    toleranceUm({
      kind: tolerance,
      part,
      circleOfConfusionUm: 1000 * circleOfConfusionMm(diagonalMm(FORMAT)),
      pixelUm: 6,
      deliveredPixelUm: 6,
      umPerMetre: body.umPerMetre,
    }),
    tolerance === "pixel-sharp",
  );
  if (typeof found !== "number") throw new Error(`${row.name} has no slowest exposure; check its set-up`);
  return found;
}

/** Stops by which practice is faster (+) or slower (−) than the model. */
export const difference = (row: CalibrationRow): number => Math.log2(row.practice * slowestOf(row));

function setUp(row: CalibrationRow): string {
  const moving = row.part ? `; ${row.part.partClass} ${row.part.speed}` : "";
  const steady =
    row.stabiliserStops === 0
      ? `; no stabiliser${row.supportStops ? `, support ${row.supportStops}` : ""}`
      : "";
  const angle = row.angle === undefined ? "" : `, ${row.angle}°`;
  return `${row.focalLengthMm} mm f/${row.fNumber}, ${row.distance} m${angle}; body ${row.body}, bob ${row.bob}${moving}${steady}`;
}

const PAN = {
  nearest: 8,
  speed: 34 / 3.6,
  focalLengthMm: 70,
  frameMm: 36,
  length: 1.7,
  spread: 0.03,
  toleranceUm: 27,
};

/** The table as a page of the documents. */
export function calibrationPage(): string {
  const rows = CALIBRATION_ROWS.map(
    (row) =>
      `| ${row.name} | 1/${row.practice} | ${setUp(row)} | 1/${Math.round(1 / slowestOf(row))} | ${signed(difference(row))} | ${row.note ?? ""} |`,
  );
  const ladder = [250, 125, 60, 30, 8].map((n) => {
    const { streakShare, keeperChance } = panPicture({ ...PAN, exposure: 1 / n });
    return `| 1/${n} | ${(100 * streakShare).toFixed(1)} % | ${keeperChance.toFixed(2)} |`;
  });
  return `# Practice against the model

Written by \`npm run calibration\`; a test keeps it true. The practice is common practice without a source. The model is a
36×24 sensor of 24 MP, a circle of confusion of 28.8 µm, one table of tolerances for all rows, a stabiliser of four stops
unless said, and nothing fitted per row but where a note says that a speed was. Speeds in m/s; the answer is the solved one,
before it snaps to a mark; Δ is log2 of practice over model in stops, positive when practice is faster.

| case | practice | set-up | model | Δ | note |
|---|---|---|---|---|---|
${rows.join("\n")}

Every row lies within a stop but the body of field sport, whose note says why.

## The pan ladder

A bicycle at 34 km/h passing at 8 m, 70 mm at f/8, a hand that turns within 3 %. The ladder is not a set of limits: it
shows what a slower shutter buys and what it costs.

| shutter | streak of the frame | chance of a keeper |
|---|---|---|
${ladder.join("\n")}

${lightSection()}`;
}
