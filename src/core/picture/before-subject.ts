import { evenFrom } from "../units";
import type { PixelPoint, Smear } from "./raster";
import type { Layer } from "./render";

/** Where what stands or falls between the lens and the subject lies on the drawing. */
export interface Between {
  /** Pixels of the drawing. */
  readonly width: number;
  /** Pixels. */
  readonly height: number;
  /** Pixels of the drawing for a metre at the subject. */
  readonly metre: number;
  /** Metres from the lens to the subject, above 0. */
  readonly subjectDistance: number;
  /** Diameter in pixels of the defocus disc of a point at so many metres from the lens. */
  readonly disc: (distance: number) => number;
}

/** A netting before the lens, its best opening before the middle of the picture. */
export interface NettingBefore {
  /** Metres from wire to wire, above 0. */
  readonly pitch: number;
  /** Metres, above 0. */
  readonly wire: number;
  /** Metres from the lens, nearer than the subject. */
  readonly away: number;
  /** Share 0 … 1 of the light that it veils evenly; absent where its wires still show. */
  readonly veil?: number;
}

/** More wires than this on a side are drawn as a veil: nobody makes out one. */
const MOST_WIRES = 80;

/**
 * A netting as layers: its wires both ways at their own size and softness, or an even veil where none of them is left. Wires are as
 * bright as `luminance` says, and grey.
 */
export function nettingLayers(
  { pitch, wire, away, veil }: NettingBefore,
  { width, height, metre, subjectDistance, disc }: Between,
  luminance: number,
): Layer[] {
  const scale = (metre * subjectDistance) / away;
  const soft = disc(away);
  const [apart, thick] = [pitch * scale, wire * scale];
  const reach = soft / 2 + thick;
  const count = (side: number): number => Math.ceil((side / 2 + reach) / apart) + 1;
  const grey = { luminance, tint: [1, 1, 1] as const };
  if (veil !== undefined || count(Math.max(width, height)) > MOST_WIRES) {
    const share = veil ?? 1 - (1 - wire / pitch) ** 2;
    return [{ shapes: [{ ...grey, outline: box(0, 0, width, height) }], share, disc: 0 }];
  }
  const wires = (side: number, of: (at: number) => PixelPoint[]): PixelPoint[][] =>
    Array.from({ length: 2 * count(side) }, (_, i) => of(side / 2 + (i - count(side) + 0.5) * apart));
  return [
    ...wires(width, (x) => box(x - thick / 2, -reach, x + thick / 2, height + reach)),
    ...wires(height, (y) => box(-reach, y - thick / 2, width + reach, y + thick / 2)),
  ].map((outline) => ({ shapes: [{ ...grey, outline }], disc: soft }));
}

/**
 * What glass before the lens throws back of one's own side, as one even veil over the picture: `thrownBack` is the share 0 … 1 of the light that
 * its surfaces return, `luminance` what stands behind the photographer. What they soften is not drawn.
 */
export const glassLayers = (
  thrownBack: number,
  { width, height }: Pick<Between, "width" | "height">,
  luminance: number,
): Layer[] => [
  {
    shapes: [{ luminance, tint: [1, 1, 1], outline: box(0, 0, width, height) }],
    share: thrownBack,
    disc: 0,
  },
];

const box = (left: number, top: number, right: number, low: number): PixelPoint[] => [
  [left, top],
  [right, top],
  [right, low],
  [left, low],
];

/** What falls. */
export type Falling = "rain" | "snow";

/** Metres across, metres a second and how many hang in a cubic metre (assumed: steady rain, thick snow; speeds from memory). */
const FALLS: Readonly<Record<Falling, { size: number; speed: number; dense: number; luminance: number }>> = {
  rain: { size: 0.002, speed: 6, dense: 60, luminance: 0.5 },
  snow: { size: 0.008, speed: 1.2, dense: 25, luminance: 0.75 },
};
/** Slabs in which it is laid, from a twentieth of the way to the subject to just behind it; how many of each at most. */
const SLABS = [0.06, 0.12, 0.22, 0.36, 0.55, 0.8, 1.1];
const MOST_DROPS = 60;

/** Length in metres that a drop or a flake falls in an exposure of so many seconds. */
export const fallLength = (falling: Falling, exposure: number): number => FALLS[falling].speed * exposure;

/**
 * Rain or snow as layers from behind the subject to the lens: each drop at its size, smeared by its fall and by the turn of a pan,
 * soft by its distance. `behind` are those beyond the subject.
 */
export function fallingLayers(
  falling: Falling,
  { width, height, metre, subjectDistance, disc }: Between,
  exposure: number,
  streak: Smear | undefined,
): { readonly behind: readonly Layer[]; readonly before: readonly Layer[] } {
  const { size, dense, luminance } = FALLS[falling];
  const even = evenFrom(falling === "rain" ? 7 : 11);
  const slab = (share: number, i: number): Layer => {
    const away = share * subjectDistance;
    const px = (metre * subjectDistance) / away;
    const deep = ((SLABS[i + 1] ?? share * 1.3) - share) * subjectDistance;
    const volume = (width / px) * (height / px) * deep;
    const drops = Math.min(MOST_DROPS, Math.round(volume * dense));
    const radius = Math.max(0.4, (size * px) / 2);
    return {
      shapes: Array.from({ length: drops }, () => {
        const [x, y] = [even() * width, even() * height];
        return { outline: box(x - radius, y - radius, x + radius, y + radius), luminance, tint: WHITE };
      }),
      smear: sumOf(fallLength(falling, exposure) * px, streak),
      disc: disc(away),
    };
  };
  const layers = SLABS.map(slab);
  return { behind: layers.slice(-1), before: layers.slice(0, -1).reverse() };
}

const WHITE = [1, 1, 1] as const;

/** A smear straight down of so many pixels and a pan's one, as one. */
function sumOf(down: number, streak: Smear | undefined): Smear {
  const turn = ((streak?.direction ?? 0) * Math.PI) / 180;
  const across = (streak?.length ?? 0) * Math.cos(turn);
  const up = (streak?.length ?? 0) * Math.sin(turn) - down;
  return { length: Math.hypot(across, up), direction: (Math.atan2(up, across) * 180) / Math.PI };
}
