import { cosDeg, sinDeg, toDegrees, turnBetween } from "../units";
import { colouredAs, OBSTACLE_KINDS, type Swatch } from "../ground";
import { blurDiscUm, heldSidesMm } from "../optics";
import { apertureFNumber, shutterSeconds } from "../exposure";
import type { PartClass } from "../motion";
import {
  groundColour,
  lightBehind,
  meshBetween,
  meshFound,
  motionAt,
  noiseFound,
  skyColour,
  thingColour,
  withShutter,
  type AssessInput,
  type Assessment,
  type FrameView,
  type InFrame,
  type LightBehind,
  type MotionFound,
} from "../judge";
import type { Layer, PictureInput, Smear, Texture } from "./render";
import { facesWithin, fallingLayers, nettingLayers, type Between, type Falling } from "./before-subject";
import type { PixelPoint, Spread } from "./raster";

/** An outline of the subject in metres, x to the right of the picture and y up from its foot, or from its middle off the ground. */
export interface FigurePiece {
  readonly part: PartClass;
  readonly outline: readonly (readonly [x: number, y: number])[];
  /** Where something swung is held, in the same metres. */
  readonly hub?: readonly [x: number, y: number];
  /** What it is made of; pieces that tell it are drawn in their order, each before those that come earlier. */
  readonly look?: PieceLook;
}

/** What a piece of a body is: how it takes the light. A shadow lies on the ground. */
export type PieceLook = "shadow" | "skin" | "hair" | "kit" | "shorts" | "socks" | "shoes" | "ball" | "tool";

export interface PictureAsked {
  readonly input: AssessInput;
  readonly found: Assessment;
  readonly view: FrameView;
  readonly figure: readonly FigurePiece[];
  /** Clicks; the ISO follows it as far as it goes. */
  readonly shutter: number;
  /** Width in pixels of the drawing, above 0; its height follows from the frame. */
  readonly width: number;
  /** Times that the delivered frame is enlarged about `at`; 1 shows it whole. */
  readonly zoom?: number;
  /** What lies in the middle of the drawing, in shares of the frame; its middle when left out. */
  readonly at?: InFrame;
  /** What falls; nothing when left out. */
  readonly falling?: Falling;
  /** Set to see what stands there without movement, defocus or noise. */
  readonly sharp?: boolean;
}

/** How bright the subject's parts are: kit, skin, what is swung or thrown, feathers; all of one hue. */
const PARTS: Readonly<Record<PartClass, number>> = { body: 0.16, limb: 0.26, tool: 0.5, wing: 0.2 };
const HUE = colouredAs("straw").tint;
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
};
/** Metres of a ground's details, and how far they differ. */
const GROUND_DETAIL = { metres: 0.05, contrast: 0.45 };
/** Bands in which the ground is drawn from the horizon to the feet, and as many below them. */
const BANDS = 6;
/** Share of the background's disc that the ground still has at the feet, and gets again as far below them. */
const AT_FEET = 0.08;
const BELOW = 0.4;
/** Noise of one sensor pixel at the middle tone and base ISO (assumed: ten thousand electrons, a hundredth). */
const PIXEL_NOISE = 0.01;
/** How bright the faces of people are who sit in a row. */
const FACES = 0.3;

/** Where things lie on the drawing. */
interface Lie {
  readonly width: number;
  readonly height: number;
  readonly place: (at: InFrame) => PixelPoint;
  /** Pixels of the drawing for a share of the frame's width. */
  readonly across: number;
  readonly up: number;
}

function lieOf({ found, view, width, zoom = 1, at }: PictureAsked): Lie {
  const { kept } = found.sighting.frame;
  const height = Math.max(1, Math.round(width / view.aspect));
  const middle = at ?? { across: 0, up: 0 };
  const [across, up] = [(width * zoom) / kept, (height * zoom) / kept];
  return {
    width,
    height,
    across,
    up,
    place: (p) => [width / 2 + (p.across - middle.across) * across, height / 2 - (p.up - middle.up) * up],
  };
}

/** How many pixels of the delivered picture one of the drawing stands for, along its width. */
export const deliveredPerPixel = ({ input, found, width, zoom = 1, view }: PictureAsked): number => {
  const { keptLongEdgePx } = found.sighting.frame;
  const long = Math.min(keptLongEdgePx, input.shot.deliveredLongEdgePx);
  return (long * Math.min(1, view.aspect)) / (width * zoom);
};

/** Share 0 … 1 of the delivered frame's width that is free before the subject, the way it moves; nothing where it is cut off. */
export function roomAhead({ found, view, figure }: PictureAsked): number {
  const ahead = Math.max(...figure.flatMap((p) => p.outline.map(([x]) => view.heads * x)));
  return Math.max(0, 0.5 - (ahead * view.metreAcross) / found.sighting.frame.kept);
}

/**
 * What a picture is made of at a shutter, from the same figures as the settings: smears of each part, the streak of a pan, discs,
 * and the Gaussian of shake, diffraction and pixel; too bright or too dark as the settings have it; noise by the light collected.
 */
export function pictureOf(asked: PictureAsked): PictureInput {
  const { input, found, view, shutter, sharp = false } = asked;
  const lie = lieOf(asked);
  const { settings, rails } = found.settings;
  const at = withShutter(found, shutter);
  const motion = motionAt(input, found, [at])[0]!;
  const t = shutterSeconds(shutter);
  const pxPerUm = lie.across / (1000 * heldSidesMm(input.rig.body.format, input.shot.orientation).across);
  const { body } = motion;
  const streak: Smear | undefined =
    motion.pan && !sharp ? { length: motion.pan.streakUm * pxPerUm, direction: body.direction } : undefined;
  const smearOf = (part: PartClass): Smear | undefined => {
    const moving =
      motion.parts
        .filter((p) => partClassOf(input, p.partId) === part)
        .sort((a, b) => b.speed - a.speed)[0] ?? motion.parts[0];
    return moving && !sharp
      ? { length: moving.speed * body.umPerMetre * t * pxPerUm, direction: body.direction }
      : undefined;
  };
  const focus = sharp ? 0 : (motion.focusBlurUm / Math.sqrt(0.75)) * pxPerUm;
  const behindLight = lightBehind(input, found);
  const thing = (item: FrameView["things"][number]): Layer[] => {
    const outline = item.outline.map(lie.place);
    const body: Layer = {
      outlines: [outline],
      ...thingColour(item, input, behindLight),
      smear: streak,
      disc: sharp ? 0 : item.disc * lie.across,
    };
    if (!OBSTACLE_KINDS[item.kind].seated) return [body];
    const faces = facesWithin(outline, item.metre * lie.across, lie.width, lie.height);
    return [
      body,
      { ...body, outlines: faces, luminance: FACES * behindLight.upright, tint: colouredAs("skin").tint },
    ];
  };
  const between = betweenOf(asked, lie);
  const falls = asked.falling && fallingLayers(asked.falling, between, sharp ? 0 : t, streak);
  const layers: Layer[] = [
    ...markLayers(asked, lie, behindLight, streak),
    ...view.things.filter((i) => i.distance > view.subjectDistance).flatMap(thing),
    ...(falls?.behind ?? []),
    ...subjectLayers(asked, lie, smearOf, focus, t),
    ...view.things
      .filter((i) => i.distance <= view.subjectDistance && !OBSTACLE_KINDS[i.kind].wires)
      .flatMap(thing),
    ...(falls?.before ?? []),
    ...meshLayers(asked, between, behindLight),
  ];
  const missing = (rails.iso.to - (settings.iso + shutter - settings.shutter)) / 3;
  const off =
    shutter === settings.shutter ? (found.settings.over - found.settings.missing) / 3 : Math.min(0, missing);
  const perPixel = Math.max(
    1,
    (found.sighting.frame.keptLongEdgePx * Math.min(1, view.aspect)) / (lie.width * (asked.zoom ?? 1)),
  );
  return {
    width: lie.width,
    height: lie.height,
    textures: texturesOf(asked, lie, behindLight, streak),
    layers,
    gauss: sharp ? { across: 0, up: 0 } : spreadOf(motion, pxPerUm),
    stops: off,
    noise: sharp ? 0 : (PIXEL_NOISE * 2 ** noiseFound(input, found, at.iso).noisePerPixel) / perPixel,
    seed: shutter + 1,
  };
}

/** How bright a painted line is, and how much lighter grass is that the mower laid away from the lens (assumed). */
const PAINT = 0.72;
const LAID_AWAY = 1.22;
/** Lines whose discs are as near as this are one layer. */
const ALIKE = 1.3;

/** What is painted and mown on the ground, the farthest first. */
function markLayers(
  { view, sharp = false }: PictureAsked,
  lie: Lie,
  light: LightBehind,
  streak: Smear | undefined,
): Layer[] {
  const ground = groundColour(view.surface, light);
  const look = {
    mown: { luminance: ground.luminance * LAID_AWAY, tint: ground.tint, share: 0.6 },
    line: { luminance: PAINT * light.level, tint: colouredAs("white").tint, share: 0.9 },
  };
  const layers: { kind: "mown" | "line"; disc: number; outlines: PixelPoint[][] }[] = [];
  for (const { kind, outline, disc } of view.marks) {
    const px = sharp ? 0 : disc * lie.across;
    const last = layers.at(-1);
    const isAlike =
      last?.kind === kind &&
      Math.max(px, 1) < ALIKE * Math.max(last.disc, 1) &&
      Math.max(last.disc, 1) < ALIKE * Math.max(px, 1);
    if (isAlike) last.outlines.push(outline.map(lie.place));
    else layers.push({ kind, disc: px, outlines: [outline.map(lie.place)] });
  }
  return layers.map(({ kind, disc, outlines }) => ({ ...look[kind], outlines, disc, smear: streak }));
}

/**
 * The Gaussian of lens, pixel and hand. The hand shakes both ways, but along a pan its error is that of the turn, which the streak of the
 * place and the chance have; exact for pans along the picture's sides.
 */
function spreadOf({ budget, body }: MotionFound, pxPerUm: number): Spread {
  const { totalUm, shares, shakeAlongUm, shakeAcrossUm } = budget;
  const still = (totalUm ** 2 / 12) * (shares.diffraction + shares.pixel);
  const [along, across] = [shakeAlongUm ** 2 / 12, shakeAcrossUm ** 2 / 12];
  const level = cosDeg(body.direction) ** 2;
  const sigma = (shake: number): number => Math.sqrt(still + shake) * pxPerUm;
  return {
    across: sigma(along * level + across * (1 - level)),
    up: sigma(along * (1 - level) + across * level),
  };
}

const partClassOf = ({ subject }: AssessInput, id: string): PartClass =>
  subject.parts.find((p) => p.id === id)?.partClass ?? "body";

/** From which side the light stands on the seen side of a subject: −1 from the left … 1 from the right. */
const fromRightOf = ({ scene }: AssessInput, { sighting, light }: Assessment): number =>
  (0.6 * light.lux.sun * sinDeg(turnBetween(sighting.bearing, scene.sun.azimuth))) /
  Math.max(1e-3, light.lux.total);

/** Where a place of the figure, in metres from its foot or its middle, lies on the drawing. */
const drawnAt =
  (view: FrameView, lie: Lie) =>
  ([x, y]: readonly [x: number, y: number]): PixelPoint =>
    lie.place({ across: x * view.metreAcross, up: (view.aloft ? 0 : view.feet) + y * view.metreUp });

function subjectLayers(
  asked: PictureAsked,
  lie: Lie,
  smearOf: (part: PartClass) => Smear | undefined,
  disc: number,
  exposure: number,
): Layer[] {
  const { input, found, view, sharp = false } = asked;
  const figure = [...asked.figure, ...partsWithout(asked)];
  if (figure.some((p) => p.look)) return bodyLayers(asked, figure, lie, smearOf, disc, exposure);
  const fromRight = fromRightOf(input, found);
  const classes: readonly PartClass[] = ["wing", "limb", "body", "tool"];
  const at = drawnAt(view, lie);
  return classes.flatMap((part): Layer[] => {
    const pieces = figure.filter((p) => p.part === part);
    if (pieces.length === 0) return [];
    const look = {
      ...(part === "body" && input.subject.colour
        ? colouredAs(input.subject.colour)
        : { luminance: PARTS[part], tint: HUE }),
      fromRight,
      disc,
    };
    const swung = sharp ? [] : pieces.filter((p) => p.hub);
    const rest = pieces.filter((p) => !swung.includes(p));
    return [
      ...(rest.length > 0
        ? [{ ...look, outlines: rest.map((p) => p.outline.map(at)), smear: smearOf(part) }]
        : []),
      ...swung.map((piece): Layer => ({
        ...look,
        outlines: [piece.outline.map(at)],
        turn: { hub: at(piece.hub!), degrees: swungThrough(asked, piece, exposure) },
      })),
    ];
  });
}

/** The pieces of a body in their order, those that are alike and follow one another as one layer; its shadow on the ground first. */
function bodyLayers(
  asked: PictureAsked,
  figure: readonly FigurePiece[],
  lie: Lie,
  smearOf: (part: PartClass) => Smear | undefined,
  disc: number,
  exposure: number,
): Layer[] {
  const { input, found, view, sharp = false } = asked;
  const fromRight = fromRightOf(input, found);
  const at = drawnAt(view, lie);
  const runs: FigurePiece[][] = [];
  for (const piece of figure) {
    const last = runs.at(-1)?.[0];
    const isAlike = last && last.part === piece.part && last.look === piece.look && !last.hub && !piece.hub;
    if (isAlike) runs.at(-1)!.push(piece);
    else runs.push([piece]);
  }
  return runs.map((pieces): Layer => {
    const [first] = pieces;
    const { part, look = "tool", hub } = first!;
    const outlines = pieces.map((p) => p.outline.map(at));
    if (look === "shadow")
      return {
        outlines,
        luminance: 0,
        tint: HUE,
        share: sunOnGround(input, found),
        smear: smearOf("body"),
        disc,
      };
    const worn = look === "kit" && input.subject.colour ? input.subject.colour : WORN[look];
    const layer = { outlines, ...colouredAs(worn), fromRight, disc };
    return hub && !sharp
      ? { ...layer, turn: { hub: at(hub), degrees: swungThrough(asked, first!, exposure) } }
      : { ...layer, smear: smearOf(part) };
  });
}

/** Share 0 … 1 of the light on level ground that comes straight from the sun: what a shadow takes away. */
function sunOnGround({ scene }: AssessInput, { light }: Assessment): number {
  const { directNormal, horizontal } = scene.daylight;
  const direct = directNormal * Math.max(0, sinDeg(light.sun.apparentAltitude));
  return light.direct === "sun" ? direct / Math.max(1e-3, horizontal + light.lux.lamps) : 0;
}

/** Share of the figure's height that a part has which its outline lacks, where the part tells no size of its own (assumed). */
const PATCH = 0.06;

/** Patches for what moves of a subject and has no outline of its own, at the leading edge: what smears is seen to smear. */
function partsWithout({ input: { subject }, view, figure }: PictureAsked): FigurePiece[] {
  const points = figure.flatMap((p) => p.outline);
  if (points.length === 0) return [];
  const leads = view.heads * Math.max(...points.map(([x]) => view.heads * x));
  const [low, high] = [Math.min(...points.map(([, y]) => y)), Math.max(...points.map(([, y]) => y))];
  return subject.parts
    .filter((part) => !figure.some((piece) => piece.part === part.partClass))
    .map((part, i) => {
      const r = part.halfWidth ?? PATCH * (high - low);
      const [x, y] = [leads, low + (high - low) * (0.62 - 0.14 * (i % 4))];
      return {
        part: part.partClass,
        outline: Array.from({ length: 16 }, (_, k): readonly [number, number] => [
          x + r * cosDeg(22.5 * k),
          y + r * sinDeg(22.5 * k),
        ]),
      };
    });
}

/** More than half a circle in one exposure is drawn as half a circle. */
const MOST_SWUNG = 180;

/** Degrees through which something held turns about the hand while the shutter is open, its end as fast as the part is. */
function swungThrough(
  { input, view }: PictureAsked,
  { part, outline, hub }: FigurePiece,
  exposure: number,
): number {
  const [hx, hy] = hub!;
  const long = Math.max(0.05, ...outline.map(([x, y]) => Math.hypot(x - hx, y - hy)));
  const speed = Math.max(0, ...input.subject.parts.filter((p) => p.partClass === part).map((p) => p.speed));
  return -view.heads * Math.min(MOST_SWUNG, toDegrees((speed * exposure) / long));
}

/** Where what is before the subject lies, and how soft it is there. */
function betweenOf({ input, found, view, sharp }: PictureAsked, lie: Lie): Between {
  const { focalLengthMm } = found.sighting.frame;
  const fNumber = apertureFNumber(found.settings.settings.aperture);
  const frameUm = 1000 * heldSidesMm(input.rig.body.format, input.shot.orientation).across;
  const { subjectDistance } = view;
  return {
    width: lie.width,
    height: lie.height,
    metre: view.metreAcross * lie.across,
    subjectDistance,
    disc: (point) =>
      sharp ? 0 : (blurDiscUm({ focalLengthMm, fNumber, subjectDistance, point }) / frameUm) * lie.across,
  };
}

/** The netting of the line of sight, if there is one. */
function meshLayers(
  { input, found, sharp }: PictureAsked,
  between: Between,
  behindLight: LightBehind,
): Layer[] {
  const there = meshBetween(input);
  const mesh = there && meshFound(input, found);
  if (!mesh) return [];
  const { luminance } = thingColour(there.block, input, behindLight);
  const veil = !sharp && mesh.veil !== "structured" ? mesh.veil : undefined;
  return nettingLayers({ ...there.mesh, away: there.away, veil }, between, luminance);
}

function texturesOf(
  { input, view, sharp }: PictureAsked,
  { place, across, height }: Lie,
  behind: LightBehind,
  streak: Smear | undefined,
): Texture[] {
  const [, horizon] = place({ across: 0, up: view.horizon });
  const [, feet] = place({ across: 0, up: view.feet });
  const detail = GROUND_DETAIL.metres * view.metreAcross * across;
  const disc = sharp ? 0 : view.backgroundDisc * across;
  const sky = skyColour(input, behind);
  const ground = groundColour(view.surface, behind);
  const textures: Texture[] = [
    { ...sky, from: -Infinity, to: Infinity, detail: height, contrast: 0, disc: 0 },
  ];
  const deep = Math.max(1, feet - horizon);
  for (let band = 0; band < 2 * BANDS; band++) {
    const nearer = (band + 0.5) / BANDS;
    const share = nearer < 1 ? 1 + (AT_FEET - 1) * nearer : AT_FEET + (BELOW - AT_FEET) * (nearer - 1);
    textures.push({
      ...ground,
      from: horizon + (deep * band) / BANDS,
      to: band === 2 * BANDS - 1 ? Infinity : horizon + (deep * (band + 1)) / BANDS,
      detail: Math.max(1, detail),
      contrast: GROUND_DETAIL.contrast,
      smear: streak,
      disc: disc * share,
    });
  }
  return textures;
}
