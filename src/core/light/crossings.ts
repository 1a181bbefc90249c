import { firstTrue } from "../units";

/** A moment at which something that varies with time passes a level. */
export interface Crossing {
  /** Epoch milliseconds. */
  readonly at: number;
  readonly rising: boolean;
}

const SECOND = 1000;
const STEP = 600_000;

/** A quantity along the clock, cut where it turns: between two neighbouring knots it only rises or only falls. */
export function knotsOf(value: (at: number) => number, from: number, until: number): number[] {
  const count = Math.max(2, Math.ceil((until - from) / STEP));
  const grid = Array.from({ length: count + 1 }, (_, i) => from + ((until - from) * i) / count);
  const values = grid.map(value);
  const turns: number[] = [];
  for (let i = 1; i < count; i++) {
    const side = values[i]! - values[i - 1]!;
    if (side * (values[i + 1]! - values[i]!) < 0)
      turns.push(extremum(value, grid[i - 1]!, grid[i + 1]!, Math.sign(side)));
  }
  return [from, ...turns, until];
}

/** Place of the one highest (sign 1) or lowest (sign −1) value between two instants, to a second: by thirds. */
function extremum(value: (at: number) => number, from: number, until: number, sign: number): number {
  let [a, b] = [from, until];
  while (b - a > SECOND) {
    const [l, r] = [a + (b - a) / 3, b - (b - a) / 3];
    if (sign * value(l) < sign * value(r)) a = l;
    else b = r;
  }
  return (a + b) / 2;
}

/** Every moment between knots at which the quantity passes a level, to a hundredth of a second. */
export function crossingsOf(
  value: (at: number) => number,
  knots: readonly number[],
  level: number,
): Crossing[] {
  const found: Crossing[] = [];
  for (let i = 1; i < knots.length; i++) {
    const [from, until] = [knots[i - 1]!, knots[i]!];
    const before = value(from) >= level;
    const passed = (at: number): boolean => value(at) >= level !== before;
    if (!passed(until)) continue;
    found.push({ at: firstTrue({ from, until, within: SECOND / 100 }, passed), rising: !before });
  }
  return found;
}
