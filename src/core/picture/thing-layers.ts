import { colouredAs, isInside, OBSTACLE_KINDS, type Coloured, type Swatch, type Tint } from "../ground";
import type { FrameView } from "../judge";
import { evenFrom } from "../units";
import type { Lie } from "./lie";
import type { PixelPoint, Smear } from "./raster";
import type { Layer, Shape } from "./render";

/** Metres: a face, and from one seat to the next (common practice). */
const FACE = 0.2;
const SEATS = 0.7;
const MOST_FACES = 300;
/** How bright skin is that sits in a row, and what people wear there (invented). */
const FACES = 0.3;
const WORN: readonly Swatch[] = ["blue", "red", "black", "white", "stone", "dark-green", "yellow", "earth"];

/** Share of what is behind that is hidden by what one looks through: by rails, by netting and fences. */
const LOOKED_THROUGH = { thin: 0.12, netting: 0.32 };
/** Metres of a clump of leaves at least, and how many are drawn of one thing at most. */
const CLUMP = 0.1;
const MOST_CLUMPS = 420;
/** Share of the clumps through which the sky is seen. */
const HOLES = 0.06;

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly low: number;
}

/** The part of an outline that can reach into the picture, with so many pixels about it. */
function boxOf(
  outline: readonly PixelPoint[],
  { width, height }: Pick<Lie, "width" | "height">,
  about: number,
): Box {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  return {
    left: Math.max(-about, Math.min(...xs)),
    right: Math.min(width + about, Math.max(...xs)),
    top: Math.max(-about, Math.min(...ys)),
    low: Math.min(height + about, Math.max(...ys)),
  };
}

const about = ([x, y]: PixelPoint, rx: number, ry: number, corners = 8): PixelPoint[] =>
  Array.from({ length: corners }, (_, k): PixelPoint => {
    const angle = (2 * k * Math.PI) / corners;
    return [x + rx * Math.cos(angle), y + ry * Math.sin(angle)];
  });

/** Where people sit who fill an outline; none where they are too small to make out. Pixels. */
export function seatsWithin(
  outline: readonly PixelPoint[],
  metre: number,
  lie: Pick<Lie, "width" | "height">,
): PixelPoint[] {
  const seat = SEATS * metre;
  if (seat < 3) return [];
  const shape = outline.map(([x, y]) => ({ x, y }));
  const { left, right, top, low } = boxOf(outline, lie, seat);
  const columns = Math.floor((right - left) / seat);
  const rows = Math.floor((low - top) / seat);
  if (columns < 1 || rows < 1 || columns * rows > MOST_FACES) return [];
  return Array.from({ length: columns * rows }, (_, i): PixelPoint => {
    const row = Math.floor(i / columns);
    return [left + ((i % columns) + 0.5 + (row % 2 ? 0.25 : -0.25)) * seat, top + (row + 0.6) * seat];
  }).filter(([x, y]) => isInside({ x, y }, shape));
}

/** Somebody who sits, from the shoulders down to where the next row hides them, in metres about the face (by eye). */
const SEATED: readonly PixelPoint[] = [
  [-0.07, 0.1],
  [0.07, 0.1],
  [0.2, 0.17],
  [0.23, 0.3],
  [0.21, 0.66],
  [-0.21, 0.66],
  [-0.23, 0.3],
  [-0.2, 0.17],
];
/** Share of seats that are taken, and how bright hair is (invented). */
const TAKEN = 0.82;
const HAIR = 0.06;

/** People in their seats: what they wear, their hair, and their faces. */
function crowd(outline: readonly PixelPoint[], metre: number, lie: Lie, upright: number): Shape[] {
  const even = evenFrom(3);
  const skin = colouredAs("skin").tint;
  return seatsWithin(outline, metre, lie).flatMap(([x, y]): Shape[] => {
    const worn = colouredAs(WORN[Math.floor(even() * WORN.length)]!);
    const [aside, isTaken] = [(even() - 0.5) * 0.2, even() < TAKEN];
    if (!isTaken) return [];
    const at = ([right, down]: PixelPoint): PixelPoint => [x + (aside + right) * metre, y + down * metre];
    return [
      { outline: SEATED.map(at), luminance: worn.luminance * upright, tint: muted(worn.tint) },
      { outline: about(at([0, -0.02]), 0.095 * metre, 0.13 * metre), luminance: HAIR * upright, tint: skin },
      {
        outline: about(at([0, 0.01]), (FACE / 2.5) * metre, (FACE / 1.9) * metre),
        luminance: FACES * upright,
        tint: skin,
      },
    ];
  });
}

/** What is worn for a day out is seldom as bright as a team's kit: half way to grey. */
const muted = ([r, g, b]: Tint): Tint => [(r + 1) / 2, (g + 1) / 2, (b + 1) / 2];

/** Clumps of leaves lighter and darker than their thing, and holes through which the sky is seen: what blurs to discs. */
function leaves(
  outline: readonly PixelPoint[],
  metre: number,
  lie: Lie,
  own: Coloured,
  sky: Coloured | undefined,
): Shape[] {
  const box = boxOf(outline, lie, CLUMP * metre * 2);
  const [wide, high] = [box.right - box.left, box.low - box.top];
  if (!(wide > 0 && high > 0)) return [];
  const size = Math.max(2.2, CLUMP * metre, Math.sqrt((wide * high) / MOST_CLUMPS) * 0.8);
  const shape = outline.map(([x, y]) => ({ x, y }));
  const even = evenFrom(9);
  const count = Math.min(MOST_CLUMPS, Math.round((wide * high) / (size * size) / 0.9));
  return Array.from({ length: count }, (): Shape => {
    const at: PixelPoint = [box.left + even() * wide, box.top + even() * high];
    const isHole = sky !== undefined && even() < HOLES;
    const tone = isHole ? sky : own;
    const differs = isHole ? 1 : 0.55 + 0.9 * even();
    const r = size * (isHole ? 0.25 : 0.45) * (0.7 + 0.6 * even());
    return { outline: about(at, r, r * 0.8, 7), luminance: tone.luminance * differs, tint: tone.tint };
  }).filter(({ outline: o }) => isInside({ x: (o[0]![0] + o[3]![0]) / 2, y: o[0]![1] }, shape));
}

/** Rails and posts of what one looks through: metres from one to the next, and how broad they are. */
const POSTS = { apart: 2.5, broad: 0.06 };

function posts(outline: readonly PixelPoint[], metre: number, lie: Lie, own: Coloured): Shape[] {
  const apart = POSTS.apart * metre;
  const { left, right, top, low } = boxOf(outline, lie, apart);
  const half = Math.max(0.5, (POSTS.broad * metre) / 2);
  if (!(right > left) || apart < 4) return [];
  const bar = (a: number, b: number, c: number, d: number): Shape => ({
    outline: [
      [a, b],
      [c, b],
      [c, d],
      [a, d],
    ],
    ...own,
  });
  return [
    ...Array.from({ length: Math.floor((right - left) / apart) + 1 }, (_, i) =>
      bar(left + i * apart - half, top, left + i * apart + half, low),
    ),
    bar(left, top - half, right, top + half),
  ];
}

/** What a thing is seen in. */
export interface ThingLight {
  readonly own: Coloured;
  /** Light on what stands upright there, against that on the subject. */
  readonly upright: number;
  /** The sky behind it; none under a roof. */
  readonly sky?: Coloured;
}

/** A thing as the picture shows it: its body, and what one makes out in it. */
export function thingLayers(
  item: FrameView["things"][number],
  lie: Lie,
  { own, upright, sky }: ThingLight,
  { streak, sharp, isFar }: { readonly streak?: Smear; readonly sharp: boolean; readonly isFar: boolean },
): Layer[] {
  const outline = item.outline.map(lie.place);
  const metre = item.metre * lie.across;
  const { look, seated, opaque } = OBSTACLE_KINDS[item.kind];
  const blur = { smear: streak, disc: sharp ? 0 : item.disc * lie.across };
  const body: Shape = { outline, ...own };
  if (seated) return [{ shapes: [body, ...crowd(outline, metre, lie, upright)], ...blur }];
  if (look === "leaves") return [{ shapes: [body, ...leaves(outline, metre, lie, own, sky)], ...blur }];
  if (!opaque)
    return [
      { shapes: [body], share: LOOKED_THROUGH[look === "thin" ? "thin" : "netting"], ...blur },
      // Near the lens nobody makes out a post.
      ...(isFar ? [{ shapes: posts(outline, metre, lie, own), ...blur }] : []),
    ];
  return [{ shapes: [body], ...blur }];
}

/** A low line of far trees: degrees high on the mean, how far they differ, and from one to the next (invented). */
const TREES = { high: 0.5, differ: 0.3, apart: 0.09 };

/** The far trees along the horizon of open country, over the row where it lies; pixels of a degree. */
export function skylineLayer(
  lie: Lie,
  horizon: number,
  degree: number,
  own: Coloured,
  disc: number,
  streak: Smear | undefined,
): Layer[] {
  if (horizon < -disc || horizon > lie.height + 3 * degree) return [];
  const even = evenFrom(21);
  const step = Math.max(1.5, TREES.apart * degree);
  const reach = disc + (streak?.length ?? 0) / 2 + step;
  let wood = 0;
  const tops = Array.from({ length: Math.ceil((lie.width + 2 * reach) / step) + 1 }, (_, i): PixelPoint => {
    // Woods rise and end slowly, each crown a little over or under them.
    wood = 0.9 * wood + 0.35 * (2 * even() - 1);
    const high = TREES.high + TREES.differ * (wood + 0.35 * (2 * even() - 1));
    return [i * step - reach, horizon - degree * Math.max(0.12, high)];
  });
  // Its foot is lost in the far ground as softly as its crowns in the sky.
  const low = horizon + 1 + disc / 2;
  return [
    {
      shapes: [{ outline: [...tops, [lie.width + reach, low], [-reach, low]], ...own }],
      disc,
      smear: streak,
    },
  ];
}

/** How bright a lit lamp is: far past white. Its radius in metres. */
const LAMP = { luminance: 14, radius: 0.18 };
const WHITE: Tint = [1, 1, 1];

/** Lamps that stand in the frame, as points or as their discs. */
export const lampLayers = (
  view: FrameView,
  lie: Lie,
  streak: Smear | undefined,
  sharp: boolean,
): { readonly distance: number; readonly layers: Layer[] }[] =>
  view.lamps.map(({ at, distance, disc }) => {
    const metre = ((view.metreAcross * view.subjectDistance) / distance) * lie.across;
    const r = Math.max(0.6, LAMP.radius * metre);
    return {
      distance,
      layers: [
        {
          shapes: [{ outline: about(lie.place(at), r, r, 12), luminance: LAMP.luminance, tint: WHITE }],
          smear: streak,
          disc: sharp ? 0 : disc * lie.across,
        },
      ],
    };
  });
