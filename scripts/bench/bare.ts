/** Outlines as flat rows x, y, x, y …, with the height of each: what a loop without objects would be given. */
export interface FlatGround {
  readonly outlines: readonly Float64Array[];
  readonly heights: Float64Array;
  readonly noGo: readonly Float64Array[];
  readonly masts: Float64Array;
  readonly openSky: Float64Array;
}

const bearing = (x: number, y: number): number => Math.atan2(x, y);

/** Enter and leave of a ray in an outline, as one number pair in `hit`; false when it misses. */
const hit = new Float64Array(2);
function ray(o: Float64Array, x: number, y: number, dx: number, dy: number): boolean {
  let [enter, leave] = [Infinity, -Infinity];
  for (let i = 0, j = o.length - 2; i < o.length; j = i, i += 2) {
    const ex = o[i]! - o[j]!;
    const ey = o[i + 1]! - o[j + 1]!;
    const d = dx * ey - dy * ex;
    if (d === 0) continue;
    const u = ((o[j]! - x) * dy - (o[j + 1]! - y) * dx) / d;
    if (u < 0 || u > 1) continue;
    const t = ((o[j]! - x) * ey - (o[j + 1]! - y) * ex) / d;
    if (t < enter) enter = t;
    if (t > leave) leave = t;
  }
  hit[0] = Math.max(0, enter);
  hit[1] = leave;
  return leave >= 0 && enter < Infinity;
}

function inside(o: Float64Array, x: number, y: number): boolean {
  let found = false;
  for (let i = 0, j = o.length - 2; i < o.length; j = i, i += 2)
    if (
      o[i + 1]! > y !== o[j + 1]! > y &&
      x < ((o[j]! - o[i]!) * (y - o[i + 1]!)) / (o[j + 1]! - o[i + 1]!) + o[i]!
    )
      found = !found;
  return found;
}

const PARTS = [0, 5, 25, 25];
const WIDTHS = [0, 0, 0.025, 0.0365];

/**
 * The arithmetic of one assessment and nothing else, one flat run of numbers: sight line, five background rays, shade, the
 * sky over 36 directions, lamps, lens and crop, four moving parts, the settings, the ways out, what it is judged by. No
 * objects, no reasons, no words.
 */
export function bareArithmetic(
  g: FlatGround,
  x: number,
  y: number,
  sunAzimuth: number,
  sunHeight: number,
): number {
  const [dx, dy, dz] = [12 - x, 40 - y, -0.6];
  const plan = Math.sqrt(dx * dx + dy * dy);
  const s = Math.sqrt(plan * plan + dz * dz);
  let sum = 0;
  for (const o of g.noGo) sum += inside(o, x, y) ? 1 : 0;
  for (let k = 0; k < g.outlines.length; k++) {
    sum += inside(g.outlines[k]!, x, y) ? 1 : 0;
    if (ray(g.outlines[k]!, x, y, dx, dy)) sum += 1.6 + dz * hit[0]! < g.heights[k]! ? 1 : 0;
    if (ray(g.outlines[k]!, 12, 40, Math.sin(sunAzimuth), Math.cos(sunAzimuth)))
      sum += 1 + hit[0]! * Math.tan(sunHeight) < g.heights[k]! ? 1 : 0;
  }
  const f = Math.min(200, Math.max(70, ((0.5 * 24) / 1350) * s * 1000)) / 1000;
  const m = f / (s - f);
  const fill = (m * 1.35) / 0.024;
  const kept = Math.min(1, fill / 0.5);
  const [w, h] = [(0.036 * kept) / m / 2, (0.024 * kept) / m / 2];
  let busiest = Infinity;
  for (let corner = 0; corner < 5; corner++) {
    const sx = corner === 0 ? 0 : corner % 2 ? w : -w;
    const sz = corner === 0 ? 0 : corner > 2 ? h : -h;
    const [ax, ay] = [12 + (sx * dy) / plan, 40 - (sx * dx) / plan];
    let beyond = 400;
    for (let k = 0; k < g.outlines.length; k++)
      if (ray(g.outlines[k]!, ax, ay, (ax - x) / plan, (ay - y) / plan))
        if (1 + sz + ((dz + sz) / plan) * hit[0]! < g.heights[k]!) beyond = Math.min(beyond, hit[0]!);
    busiest = Math.min(busiest, ((f / 2.8) * beyond) / (s * 0.16));
  }
  const toCamera = bearing(-dx, -dy);
  let [sky, weights] = [0, 0];
  for (let i = 0; i < 36; i++) {
    const turn = Math.abs(((i * 0.1745 - toCamera + 9.42478) % 6.28319) - 3.14159);
    const weight = (Math.PI - turn) * (1 - (turn * turn) / 2) + turn;
    sky += weight * g.openSky[i]!;
    weights += weight;
  }
  const phi = Math.abs(((sunAzimuth - toCamera + 9.42478) % 6.28319) - 3.14159);
  const cylinder = (Math.cos(sunHeight) * ((Math.PI - phi) * Math.cos(phi) + Math.sin(phi))) / 4;
  let lamps = 0;
  for (let k = 0; k < g.masts.length; k += 2) {
    const [mx, my] = [g.masts[k]! - 12, g.masts[k + 1]! - 40];
    lamps += Math.cos(bearing(mx, my) - toCamera) / (mx * mx + my * my + 400);
  }
  const ev = Math.log2((60_000 * cylinder + (9000 * sky) / weights + 800 + lamps) / 2.5);
  const c = (0.0432666 * kept) / 1500;
  const um = m * 1e6;
  const crossing = 4 * Math.abs(Math.sin(1.2 - toCamera));
  const residual = Math.sqrt((0.15 * crossing) ** 2 + 0.25 + ((0.675 * 4) / s) ** 2);
  const shake = (f * 1e6 * 0.0288) / 64;
  const lag = ((f * f) / (s * (s - f))) * 0.04 * 1e6;
  let [slowest, blur] = [0, 0];
  for (let p = 0; p < 4; p++) {
    const speed = Math.sqrt(residual * residual + PARTS[p]! * PARTS[p]!) * um;
    const tolerance = WIDTHS[p] ? WIDTHS[p]! * um : c * 1e6 * (p === 0 ? 1 : 2);
    const still = (0.231 * 2.8 * (1 + m)) ** 2 + 3 + (lag / 2.8) ** 2 / 16;
    const rate = (speed * speed + shake * shake) / 12;
    slowest = Math.sqrt(Math.max(1e-9, tolerance ** 2 / 12 - still) / rate);
    blur += Math.sqrt(12 * (rate * slowest * slowest + still)) / tolerance;
  }
  const shutter = Math.ceil(-3 * Math.log2(slowest));
  const depth = Math.ceil(6 * Math.log2(Math.max(1, ((lag / 0.04) * 0.35e-6) / c)));
  const diffraction = Math.floor(6 * Math.log2((c * 1e6) / 0.8 / (1 + m)));
  const aperture = Math.max(9, Math.min(depth, diffraction));
  const iso = Math.round(shutter + aperture - 3 * (ev - 2 * Math.log2(1 + m)));
  const missing = Math.max(0, iso - 18);
  for (let way = 0; way < 4 && missing > 0; way++) blur += slowest * (1 + way);
  const score =
    3 * (1 + Math.log2(kept)) +
    (1 + Math.cos(phi)) +
    Math.log2(busiest) +
    Math.cos(toCamera) -
    missing / 9 -
    blur / 8;
  return score + sum + iso;
}
