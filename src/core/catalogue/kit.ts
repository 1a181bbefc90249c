import type { Body, Converter, Lens, SensorFormat, Support } from "../optics";

/** How a row is known. */
export interface Known {
  readonly known: "published" | "from memory" | "common practice" | "estimated" | "invented";
  readonly source: string;
}

const GENERIC: Known = {
  known: "invented",
  source: "a generic specimen of its kind; change it to what is yours",
};
const SIZE: Known = { known: "from memory", source: "sensor sizes as they are usually printed" };

export interface FormatRow extends Known {
  readonly id: string;
  readonly name: string;
  /** Millimetres along the long side. */
  readonly widthMm: number;
  /** Millimetres along the short side. */
  readonly heightMm: number;
  /** Crop factor as it is printed. */
  readonly nominalCrop: number;
}

/** Sensor formats: sides in mm. */
export const FORMATS: readonly FormatRow[] = Object.freeze([
  { id: "full-frame", name: "36 × 24 mm", widthMm: 36, heightMm: 24, nominalCrop: 1, ...SIZE },
  { id: "crop-15", name: "23.5 × 15.6 mm", widthMm: 23.5, heightMm: 15.6, nominalCrop: 1.5, ...SIZE },
  { id: "crop-16", name: "22.3 × 14.9 mm", widthMm: 22.3, heightMm: 14.9, nominalCrop: 1.6, ...SIZE },
  { id: "crop-20", name: "17.3 × 13.0 mm", widthMm: 17.3, heightMm: 13, nominalCrop: 2, ...SIZE },
  { id: "crop-27", name: "13.2 × 8.8 mm", widthMm: 13.2, heightMm: 8.8, nominalCrop: 2.7, ...SIZE },
  { id: "crop-35", name: "9.8 × 7.3 mm", widthMm: 9.8, heightMm: 7.35, nominalCrop: 3.5, ...SIZE },
  { id: "crop-56", name: "6.2 × 4.6 mm", widthMm: 6.17, heightMm: 4.63, nominalCrop: 5.6, ...SIZE },
  { id: "crop-82", name: "4.2 × 3.2 mm", widthMm: 4.24, heightMm: 3.18, nominalCrop: 8.2, ...SIZE },
]);

const formatOf = (id: string, widthPx: number): SensorFormat => {
  const { widthMm, heightMm } = FORMATS.find((f) => f.id === id)!;
  return { widthMm, heightMm, widthPx };
};

const MECHANICAL = { liftClicks: 0, isoFloor: 100, baseIso: 100 };

/** A lens row: focal lengths, widest f-number at either end, closest focus in m, stops, largest magnification, grams. */
const lens = (
  id: string,
  name: string,
  [minFocalLengthMm, maxFocalLengthMm]: readonly [number, number],
  [widest, widestAtLong]: readonly [number, number],
  closestFocus: number,
  stabiliserStops: number,
  largestMagnification = 0.2,
  weightG = 1,
  takesConverter = false,
): Lens & Known => ({
  id,
  name,
  minFocalLengthMm,
  maxFocalLengthMm,
  widest,
  ...(widestAtLong === widest ? {} : { widestAtLong }),
  narrowest: widest >= 4 ? 32 : 22,
  closestFocus,
  stabiliserStops,
  takesConverter,
  largestMagnification,
  weightG,
  ...GENERIC,
});

/** The lens of a camera from which it cannot be taken; a phone's has one aperture, that of a bridge camera closes to f/8. */
function built(...told: Parameters<typeof lens>): Lens {
  const { known: _, source: __, weightG: ___, ...row } = lens(...told);
  return { ...row, narrowest: row.minFocalLengthMm === row.maxFocalLengthMm ? row.widest : 8 };
}

// prettier-ignore
/** Generic bodies: ISO marks, seconds, frames a second, MB, grams. */
export const BODIES: readonly (Body & Known)[] = Object.freeze([
  { ...MECHANICAL, id: "full-frame-24-sport", name: "Full-frame 24 MP sports body", format: formatOf("full-frame", 6000), maxIso: 102400, isoCeiling: 12800, fastestShutter: 1 / 32000, readout: 1 / 250, framesPerSecond: 30, frameMb: 28, bufferMb: 4200, weightG: 1000, ...GENERIC },
  { ...MECHANICAL, id: "full-frame-24", name: "Full-frame 24 MP body", format: formatOf("full-frame", 6000), maxIso: 51200, isoCeiling: 6400, fastestShutter: 1 / 8000, framesPerSecond: 10, frameMb: 28, bufferMb: 1200, weightG: 700, ...GENERIC },
  { ...MECHANICAL, id: "full-frame-45", name: "Full-frame 45 MP body", format: formatOf("full-frame", 8256), maxIso: 25600, isoCeiling: 6400, fastestShutter: 1 / 8000, readout: 1 / 60, framesPerSecond: 12, frameMb: 50, bufferMb: 2500, weightG: 740, ...GENERIC },
  { ...MECHANICAL, id: "crop-15-26", name: "1.5 crop 26 MP body", format: formatOf("crop-15", 6240), baseIso: 160, isoFloor: 160, maxIso: 25600, isoCeiling: 3200, fastestShutter: 1 / 8000, readout: 1 / 40, framesPerSecond: 11, frameMb: 30, bufferMb: 1200, weightG: 500, ...GENERIC },
  { ...MECHANICAL, id: "crop-15-21", name: "1.5 crop 21 MP sports body", format: formatOf("crop-15", 5568), maxIso: 51200, isoCeiling: 6400, fastestShutter: 1 / 8000, framesPerSecond: 10, frameMb: 24, bufferMb: 4800, weightG: 860, ...GENERIC },
  { ...MECHANICAL, id: "crop-15-24-entry", name: "1.5 crop 24 MP entry body", format: formatOf("crop-15", 6000), maxIso: 25600, isoCeiling: 3200, fastestShutter: 1 / 4000, framesPerSecond: 5, frameMb: 25, bufferMb: 250, weightG: 450, ...GENERIC },
  { ...MECHANICAL, id: "crop-16-24-entry", name: "1.6 crop 24 MP entry body", format: formatOf("crop-16", 6000), maxIso: 25600, isoCeiling: 3200, fastestShutter: 1 / 4000, framesPerSecond: 5, frameMb: 28, bufferMb: 280, weightG: 450, ...GENERIC },
  { ...MECHANICAL, id: "crop-16-32", name: "1.6 crop 32 MP body", format: formatOf("crop-16", 6960), maxIso: 32000, isoCeiling: 6400, fastestShutter: 1 / 8000, readout: 1 / 35, framesPerSecond: 15, frameMb: 38, bufferMb: 1800, weightG: 610, ...GENERIC },
  { ...MECHANICAL, id: "crop-20-20", name: "2.0 crop 20 MP body", format: formatOf("crop-20", 5184), baseIso: 200, isoFloor: 200, maxIso: 25600, isoCeiling: 3200, fastestShutter: 1 / 16000, readout: 1 / 120, framesPerSecond: 25, frameMb: 20, bufferMb: 2400, weightG: 600, ...GENERIC },
  { ...MECHANICAL, id: "compact-20", name: "2.7 crop 20 MP long-zoom camera", format: formatOf("crop-27", 5472), baseIso: 125, isoFloor: 125, maxIso: 12800, isoCeiling: 1600, fastestShutter: 1 / 16000, readout: 1 / 100, framesPerSecond: 20, frameMb: 21, bufferMb: 1600, weightG: 1100, builtIn: built("compact-20-lens", "8.8–220 mm f/2.4–4, built in", [8.8, 220], [2.4, 4], 0.03, 4), ...GENERIC },
  { ...MECHANICAL, id: "bridge-16", name: "5.6 crop 16 MP bridge camera", format: formatOf("crop-56", 4608), maxIso: 6400, isoCeiling: 800, fastestShutter: 1 / 4000, framesPerSecond: 7, frameMb: 16, bufferMb: 120, weightG: 1000, builtIn: built("bridge-16-lens", "4.3–258 mm f/2.8–6.5, built in", [4.3, 258], [2.8, 6.5], 0.01, 4), ...GENERIC },
  { ...MECHANICAL, id: "phone-main", name: "Phone, main camera", format: formatOf("crop-35", 4032), baseIso: 50, isoFloor: 50, maxIso: 6400, isoCeiling: 1600, fastestShutter: 1 / 8000, readout: 1 / 60, framesPerSecond: 10, frameMb: 12, bufferMb: 600, weightG: 200, builtIn: built("phone-main-lens", "7 mm f/1.8, built in", [7, 7], [1.8, 1.8], 0.15, 3), ...GENERIC },
  { ...MECHANICAL, id: "phone-tele", name: "Phone, its long camera", format: formatOf("crop-82", 4032), baseIso: 50, isoFloor: 50, maxIso: 3200, isoCeiling: 800, fastestShutter: 1 / 8000, readout: 1 / 50, framesPerSecond: 10, frameMb: 12, bufferMb: 600, weightG: 200, builtIn: built("phone-tele-lens", "9 mm f/2.8, built in", [9, 9], [2.8, 2.8], 0.6, 3), ...GENERIC },
]);

// prettier-ignore
/** Generic lenses. */
export const LENSES: readonly (Lens & Known)[] = Object.freeze([
  lens("wide-16-35",    "16–35 mm f/2.8",        [16, 35],   [2.8, 2.8], 0.28, 0,   0.22, 680),
  lens("zoom-24-70",    "24–70 mm f/2.8",        [24, 70],   [2.8, 2.8], 0.4,  0,   0.22, 800),
  lens("zoom-24-105",   "24–105 mm f/4",         [24, 105],  [4, 4],     0.45, 4,   0.24, 700),
  lens("zoom-24-200",   "24–200 mm f/4–6.3",     [24, 200],  [4, 6.3],   0.5,  4,   0.28, 570),
  lens("kit-18-55",     "18–55 mm f/3.5–5.6",    [18, 55],   [3.5, 5.6], 0.25, 3.5, 0.36, 200),
  lens("kit-55-250",    "55–250 mm f/4–5.6",     [55, 250],  [4, 5.6],   0.85, 3.5, 0.29, 375),
  lens("zoom-70-200",   "70–200 mm f/2.8",       [70, 200],  [2.8, 2.8], 1.2,  4,   0.21, 1450, true),
  lens("zoom-70-200-4", "70–200 mm f/4",         [70, 200],  [4, 4],     1,    4,   0.27, 800, true),
  lens("zoom-80-200",   "80–200 mm f/2.8",       [80, 200],  [2.8, 2.8], 1.5,  0,   0.17, 1300, true),
  lens("zoom-70-300",   "70–300 mm f/4.5–5.6",   [70, 300],  [4.5, 5.6], 1.2,  4,   0.25, 700),
  lens("zoom-100-400",  "100–400 mm f/4.5–5.6",  [100, 400], [4.5, 5.6], 1,    4.5, 0.35, 1500, true),
  lens("zoom-200-400",  "200–400 mm f/4",        [200, 400], [4, 4],     2,    4,   0.23, 3300, true),
  lens("zoom-150-600",  "150–600 mm f/5–6.3",    [150, 600], [5, 6.3],   2.7,  4,   0.2,  2000, true),
  lens("zoom-200-600",  "200–600 mm f/5.6–6.3",  [200, 600], [5.6, 6.3], 2.4,  4.5, 0.2,  2100, true),
  lens("prime-50",      "50 mm f/1.8",           [50, 50],   [1.8, 1.8], 0.45, 0,   0.15, 190),
  lens("prime-85",      "85 mm f/1.8",           [85, 85],   [1.8, 1.8], 0.8,  0,   0.13, 400),
  lens("macro-100",     "100 mm f/2.8 close-up", [100, 100], [2.8, 2.8], 0.3,  4,   1,    620),
  lens("macro-105",     "105 mm f/2.8 close-up", [105, 105], [2.8, 2.8], 0.3,  4,   1,    640),
  lens("prime-135",     "135 mm f/2",            [135, 135], [2, 2],     0.9,  0,   0.19, 800),
  lens("long-300",      "300 mm f/4",            [300, 300], [4, 4],     1.5,  4,   0.24, 1200, true),
  lens("long-300-28",   "300 mm f/2.8",          [300, 300], [2.8, 2.8], 2,    4,   0.18, 2400, true),
  lens("long-400-28",   "400 mm f/2.8",          [400, 400], [2.8, 2.8], 2.5,  5,   0.17, 2900, true),
  lens("long-500-4",    "500 mm f/4",            [500, 500], [4, 4],     3.6,  5,   0.15, 3100, true),
  lens("long-500-56",   "500 mm f/5.6",          [500, 500], [5.6, 5.6], 3,    4,   0.18, 1450, true),
  lens("long-600-4",    "600 mm f/4",            [600, 600], [4, 4],     4.2,  5,   0.15, 3100, true),
  lens("long-800-11",   "800 mm f/11",           [800, 800], [11, 11],   6,    4,   0.14, 1260),
]);

/** Converters: factor; light lost 2·log2 of it. */
export const CONVERTERS: readonly (Converter & Known)[] = Object.freeze([
  {
    id: "converter-14",
    name: "1.4× converter",
    factor: 1.4,
    known: "common practice",
    source: "a stop of light",
  },
  {
    id: "converter-17",
    name: "1.7× converter",
    factor: 1.7,
    known: "common practice",
    source: "a stop and a half",
  },
  {
    id: "converter-20",
    name: "2× converter",
    factor: 2,
    known: "common practice",
    source: "two stops of light",
  },
]);

const STEADY: Known = { known: "common practice", source: "stops against the bare hand; adjustable" };

/** Supports: stops of steadiness against the hand. */
export const SUPPORTS: readonly (Support & Known)[] = Object.freeze([
  { id: "hand", name: "Hand-held", stops: 0, ...STEADY },
  { id: "monopod", name: "Monopod", stops: 2, ...STEADY },
  { id: "beanbag", name: "Beanbag", stops: 3.5, ...STEADY },
  { id: "tripod", name: "Tripod", stops: 5, ...STEADY },
  { id: "moving-boat", name: "Moving boat", stops: -1, ...STEADY },
]);
