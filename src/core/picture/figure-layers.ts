import { colouredAs, type Swatch } from "../ground";
import type { PartClass } from "../motion";
import type { FigurePiece, PieceLook } from "./figure-piece";
import type { Lie, Standing } from "./lie";
import type { PixelPoint, Smear } from "./raster";
import type { Layer, Shape } from "./render";
import type { Seen3 } from "./shade";

/** What somebody wears of whom no colour is told (invented), and what nobody chooses. */
const WORN: Readonly<Record<Exclude<PieceLook, "shadow">, Swatch>> = {
  skin: "skin",
  hair: "earth",
  kit: "blue",
  shorts: "black",
  socks: "white",
  shoes: "black",
  ball: "white",
  tool: "straw",
  coat: "earth",
  eye: "black",
};

/** Where a piece lies on the drawing. */
const drawnAt =
  ({ foot, metreAcross, metreUp }: Standing, lie: Lie) =>
  ([x, y]: readonly [x: number, y: number]): PixelPoint =>
    lie.place({ across: foot.across + x * metreAcross, up: foot.up + y * metreUp });

/** What is told of somebody's colours: the kit, and the coat, the hull or the sail. */
export interface Colours {
  readonly kit?: Swatch;
  readonly coat?: Swatch;
}

/** A piece as a shape of its own colour, lit by the way its surface looks. */
function shapeOf(piece: FigurePiece, standing: Standing, lie: Lie, colours: Colours): Shape {
  const { look = "tool", made, round, flat } = piece;
  const at = drawnAt(standing, lie);
  const outline = piece.outline.map(at);
  if (look === "shadow") return { outline, luminance: 0, tint: [1, 1, 1] };
  const told = look === "kit" ? colours.kit : look === "coat" ? colours.coat : undefined;
  const own = told ?? made ?? WORN[look];
  const px = standing.metreAcross * lie.across;
  const place = ([x, y, z]: Seen3): Seen3 => [...at([x, y]), z * px];
  return {
    outline,
    ...colouredAs(own),
    ...(look === "eye" && { glossy: true }),
    ...(flat && { flat: { looks: flat.looks, through: place(flat.through) } }),
    ...(round && {
      round: {
        from: place(round.from),
        to: place(round.to),
        radii: [round.radii[0] * px, round.radii[1] * px] as const,
      },
    }),
  };
}

/** How a body's pieces are blurred. */
export interface FigureBlur {
  /** The smear of a part that goes as its kind does at most; nothing where the picture is sharp. */
  readonly smearOf: (part: PartClass) => Smear | undefined;
  /** Diameter in pixels of the disc of something so many metres nearer than the figure. */
  readonly disc: (nearer: number) => number;
  /** Degrees through which something held turns while the shutter is open; nothing where the picture is sharp. */
  readonly swung?: (piece: FigurePiece) => number;
}

const vector = ({ length, direction }: Smear): readonly [number, number] => {
  const angle = (direction * Math.PI) / 180;
  return [length * Math.cos(angle), length * Math.sin(angle)];
};

/**
 * The smear of one piece: the body's own and, on it, its share of what the fastest of its kind has, along its own way between the poses. The
 * fastest smears as long as its kind; what goes with the body smears as the body.
 */
function smearOfPiece(
  { part, moves }: Pick<FigurePiece, "part" | "moves">,
  smearOf: FigureBlur["smearOf"],
): Smear | undefined {
  const whole = smearOf(part);
  const body = smearOf("body");
  if (!moves || !whole || !body || part === "body") return whole;
  const length = body.length + moves.share * (whole.length - body.length);
  const [bx, by] = vector(body);
  const [mx, my] = vector({
    length: moves.share * Math.max(0, whole.length - body.length),
    direction: moves.direction,
  });
  const direction =
    Math.hypot(bx + mx, by + my) < 1e-9 ? body.direction : (Math.atan2(by + my, bx + mx) * 180) / Math.PI;
  return { length, direction };
}

/** Discs and smears that differ less than this in pixels are one. */
const ALIKE = 0.7;

const isAlike = (a: Layer, b: Layer): boolean =>
  !a.turn &&
  !b.turn &&
  Math.abs(a.disc - b.disc) < ALIKE &&
  Math.hypot(...[0, 1].map((i) => vector(a.smear ?? STILL)[i]! - vector(b.smear ?? STILL)[i]!)) < ALIKE;
const STILL: Smear = { length: 0, direction: 0 };

/** The pieces of a body in their order, each blurred by its own motion and depth; those that are blurred alike and follow one another are one layer. */
export function figureLayers(
  figure: readonly FigurePiece[],
  standing: Standing,
  lie: Lie,
  colours: Colours,
  { smearOf, disc, swung }: FigureBlur,
): Layer[] {
  const layers: (Layer & { readonly shapes: Shape[] })[] = [];
  const at = drawnAt(standing, lie);
  for (const piece of figure) {
    if (piece.look === "shadow") continue;
    const { round, flat, hub } = piece;
    const degrees = hub && swung?.(piece);
    const layer = {
      shapes: [shapeOf(piece, standing, lie, colours)],
      disc: disc(round ? (round.from[2] + round.to[2]) / 2 : (flat?.through[2] ?? 0)),
      ...(hub && degrees ? { turn: { hub: at(hub), degrees } } : { smear: smearOfPiece(piece, smearOf) }),
    };
    const last = layers.at(-1);
    if (last && isAlike(last, layer)) last.shapes.push(...layer.shapes);
    else layers.push(layer);
  }
  return layers;
}

/** The shadow of a body on the ground, which takes so much of the light there. */
export function shadowLayer(
  figure: readonly FigurePiece[],
  standing: Standing,
  lie: Lie,
  share: number,
  { smearOf, disc }: FigureBlur,
): Layer[] {
  const shapes = figure.filter((p) => p.look === "shadow").map((p) => shapeOf(p, standing, lie, {}));
  return shapes.length > 0 && share > 0 ? [{ shapes, share, smear: smearOf("body"), disc: disc(0) }] : [];
}
