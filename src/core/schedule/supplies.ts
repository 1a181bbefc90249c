/** Frames as one took them before, in place of bursts. */
export interface OwnRate {
  /** Frames to each event or hour, above 0. */
  readonly each: number;
  readonly per: "event" | "hour";
  /** Events or hours of the day, 0 or more. */
  readonly times: number;
  /** Outings that were counted, 1 or more. */
  readonly outings: number;
}

/** What a day is reckoned with. */
export interface SuppliesInput {
  /** Bursts of the day, 0 or more. */
  readonly bursts: number;
  /** Seconds of one burst, above 0. */
  readonly seconds: number;
  /** Frames a second of the body, above 0. */
  readonly framesPerSecond: number;
  /** Frames by what was counted before; by the bursts while it is left out. */
  readonly ownRate?: OwnRate;
  /** Megabytes of a frame, above 0. */
  readonly frameMb: number;
  /** Gigabytes (10⁹ bytes) of each card at hand. */
  readonly cardsGb: readonly number[];
  /** Frames that the battery is rated for: single frames, as ratings count. */
  readonly ratedFrames: number;
  /** Degrees Celsius of the air, −60 … 60. */
  readonly temperature: number;
  /** Hours that the day lasts, 0 or more. */
  readonly hours: number;
}

export interface Supplies {
  /** Frames of the day. */
  readonly frames: number;
  /** Gigabytes that they take. */
  readonly storageGb: number;
  /** Cards of the size of the largest at hand that hold them, with one to spare; 0 while no card is at hand. */
  readonly cards: number;
  /** Whether the cards at hand hold them without a spare. */
  readonly fits: boolean;
  /** Share of its charge that a battery gives in the cold, 0.5 … 1. */
  readonly coldShare: number;
  /** Batteries, with one to spare. */
  readonly batteries: number;
  /** Litres of water for one person. */
  readonly waterLitres: number;
}

/** Bursts give at least twice the frames that a rating counts singly; up to four times (common practice, no source). */
const BURST_GAIN = 2;

/** Degrees Celsius against the share of its charge that a battery gives (common practice, no source). */
const COLD: readonly (readonly [number, number])[] = [
  [-10, 0.5],
  [0, 0.75],
  [20, 1],
];

/** Degrees Celsius against litres of water an hour for somebody on their feet with a bag (common practice, no source). */
const WATER: readonly (readonly [number, number])[] = [
  [15, 0.15],
  [25, 0.35],
  [35, 0.75],
];

/** The value at a place between the points of a line, and that of its ends beyond them. */
function between(line: readonly (readonly [number, number])[], x: number): number {
  const i = line.findIndex(([at]) => x <= at);
  if (i === 0) return line[0]![1];
  if (i < 0) return line.at(-1)![1];
  const [[x0, y0], [x1, y1]] = [line[i - 1]!, line[i]!];
  return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
}

/** Share of its charge that a battery gives at a temperature: half below −10 °C, three quarters at 0 °C, all at 20 °C. */
export const coldShare = (temperature: number): number => between(COLD, temperature);

/**
 * Frames, cards, batteries and water of a day: frames = bursts × rate × seconds, or one's own rate × events or hours; batteries = ⌈frames / (rated × 2 × cold)⌉ + 1;
 * cards with one to spare. Common practice, no source; throws on what is no day.
 */
export function suppliesOf(input: SuppliesInput): Supplies {
  const { bursts, seconds, framesPerSecond, ownRate, frameMb, cardsGb, ratedFrames, temperature, hours } =
    input;
  for (const [name, value] of Object.entries({ seconds, framesPerSecond, frameMb, ratedFrames }))
    if (!(value > 0)) throw new Error(`${name} is ${value}; it has to be above 0`);
  if (!(bursts >= 0) || !(hours >= 0))
    throw new Error(`bursts ${bursts} and hours ${hours} have to be 0 or more`);
  const frames = Math.round(ownRate ? ownRate.each * ownRate.times : bursts * framesPerSecond * seconds);
  const storageGb = (frames * frameMb) / 1000;
  const largest = Math.max(0, ...cardsGb);
  const cold = coldShare(temperature);
  return {
    frames,
    storageGb,
    cards: largest > 0 ? Math.ceil(storageGb / largest) + 1 : 0,
    fits: cardsGb.reduce((sum, gb) => sum + gb, 0) >= storageGb,
    coldShare: cold,
    batteries: Math.ceil(frames / (ratedFrames * BURST_GAIN * cold)) + 1,
    waterLitres: hours * between(WATER, temperature),
  };
}
