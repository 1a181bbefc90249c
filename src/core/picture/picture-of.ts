import { cosDeg, sinDeg, toDegrees, toRadians } from "../units";
import { colouredAs, OBSTACLE_KINDS } from "../ground";
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
  paneBefore,
  skyColour,
  skylineColour,
  thingColour,
  withShutter,
  type AssessInput,
  type Assessment,
  type FrameView,
  type InFrame,
  type LightBehind,
  type MotionFound,
} from "../judge";
import type { Layer, PictureInput } from "./render";
import { fallingLayers, glassLayers, nettingLayers, type Between, type Falling } from "./before-subject";
import type { Beside, FigurePiece } from "./figure-piece";
import { figureLayers, shadowLayer, type FigureBlur } from "./figure-layers";
import { standingAt, subjectStands, type Lie } from "./lie";
import type { PixelPoint, Smear, Spread } from "./raster";
import { evenedOut, type LitBy } from "./shade";
import type { Surroundings } from "./surroundings";
import { lampLayers, skylineLayer, thingLayers } from "./thing-layers";

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
  /** Who and what else is about the subject; nobody when left out. */
  readonly beside?: readonly Beside[];
  /** What falls; nothing when left out. */
  readonly falling?: Falling;
  /** Set to see what stands there without movement, defocus or noise. */
  readonly sharp?: boolean;
}

/** Noise of one sensor pixel at the middle tone and base ISO (assumed: ten thousand electrons, a hundredth). */
const PIXEL_NOISE = 0.01;

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
  const between = betweenOf(asked, lie);
  const focus = (motion.focusBlurUm / Math.sqrt(0.75)) * pxPerUm;
  const blur: FigureBlur = {
    smearOf,
    disc: (nearer) =>
      sharp ? 0 : Math.hypot(focus, between.disc(Math.max(0.1, view.subjectDistance - nearer))),
    ...(!sharp && { swung: (piece) => swungThrough(asked, piece, t) }),
  };
  const behindLight = lightBehind(input, found);
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
    surroundings: surroundingsOf(asked, lie, behindLight, between, streak),
    lit: litBy(input, found, view),
    layers: layersOf(asked, lie, behindLight, between, blur, sharp ? 0 : t, streak),
    gauss: sharp ? { across: 0, up: 0 } : spreadOf(motion, pxPerUm),
    stops: off,
    noise: sharp ? 0 : (PIXEL_NOISE * 2 ** noiseFound(input, found, at.iso).noisePerPixel) / perPixel,
    seed: shutter + 1,
  };
}

/** All that stands, lies and falls in the picture, the farthest first. */
function layersOf(
  asked: PictureAsked,
  lie: Lie,
  behind: LightBehind,
  between: Between,
  blur: FigureBlur,
  exposure: number,
  streak: Smear | undefined,
): Layer[] {
  const { input, found, view, figure, sharp = false } = asked;
  const falls = asked.falling && fallingLayers(asked.falling, between, exposure, streak);
  const own = subjectStands(view);
  const onGround = sunOnGround(input, found);
  const others = (asked.beside ?? []).map((one) => besideLayers(one, asked, lie, blur, onGround));
  const sky = input.scene.cover === "open" ? skyColour(input, behind) : undefined;
  const things = view.things
    .filter((i) => i.distance > view.subjectDistance || !OBSTACLE_KINDS[i.kind].wires)
    .map((item) => ({
      distance: item.distance,
      layers: thingLayers(
        item,
        lie,
        { own: thingColour(item, input, behind), upright: behind.upright, sky },
        { streak, sharp, isFar: item.distance > view.subjectDistance },
      ),
    }));
  const stand = [...things, ...others, ...lampLayers(view, lie, streak, sharp)].sort(
    (a, b) => b.distance - a.distance,
  );
  const layersWhere = (is: (distance: number) => boolean): Layer[] =>
    stand.filter((one) => is(one.distance)).flatMap((one) => one.layers);
  return [
    ...(sky
      ? skylineLayer(
          lie,
          lie.place({ across: 0, up: view.horizon })[1],
          Math.tan(toRadians(1)) * view.metreUp * view.subjectDistance * lie.up,
          skylineColour(behind),
          between.disc(FAR),
          streak,
        )
      : []),
    ...markLayers(asked, lie, behind, streak),
    ...others.flatMap((one) => one.shadow),
    ...shadowLayer(figure, own, lie, onGround, blur),
    ...layersWhere((distance) => distance > view.subjectDistance),
    ...(falls?.behind ?? []),
    ...figureLayers(figure, own, lie, { kit: input.subject.colour, coat: input.subject.colour }, blur).map(
      (layer) => ({ ...layer, isSubject: true }),
    ),
    ...layersWhere((distance) => distance <= view.subjectDistance),
    ...(falls?.before ?? []),
    ...meshLayers(asked, between, behind),
    ...paneLayers(asked, between, behind),
  ];
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
  return layers.map(({ kind, disc, outlines }) => {
    const { share, ...tone } = look[kind];
    return { shapes: outlines.map((outline) => ({ outline, ...tone })), share, disc, smear: streak };
  });
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

/** Somebody beside the subject as layers, with the shadow, and how far away. */
function besideLayers(
  { figure, right, beyond, colour }: Beside,
  { input, view }: PictureAsked,
  lie: Lie,
  { smearOf, disc }: FigureBlur,
  onGround: number,
): { readonly distance: number; readonly layers: Layer[]; readonly shadow: Layer[] } {
  const stands = standingAt(view, right, beyond);
  // All of one who is out of focus is as soft as its middle, and moves as its body does.
  const soft = disc(view.subjectDistance - stands.distance);
  const moving = smearOf("body");
  const far = {
    smearOf: () => moving && { ...moving, length: (moving.length * view.subjectDistance) / stands.distance },
    disc: () => soft,
  };
  return {
    distance: stands.distance,
    layers: figureLayers(
      figure,
      stands,
      lie,
      { kit: colour ?? input.subject.colour, coat: input.subject.colour },
      far,
    ),
    shadow: shadowLayer(figure, stands, lie, onGround, far),
  };
}

/** Share 0 … 1 of the light on level ground that comes straight from the sun: what a shadow takes away. */
function sunOnGround({ scene }: AssessInput, { light }: Assessment): number {
  const { directNormal, horizontal } = scene.daylight;
  const direct = directNormal * Math.max(0, sinDeg(light.sun.apparentAltitude));
  return light.direct === "sun" ? direct / Math.max(1e-3, horizontal + light.lux.lamps) : 0;
}

/** More than half a circle in one exposure is drawn as half a circle. */
const MOST_SWUNG = 180;

/** Degrees through which something swung turns about where it is held while the shutter is open, the end of all of it as fast as the part is. */
function swungThrough(
  { input, view, figure }: PictureAsked,
  { part, outline, hub }: FigurePiece,
  exposure: number,
): number {
  const [hx, hy] = hub!;
  const whole = figure.filter(
    (p) => p.part === part && p.hub && Math.hypot(p.hub[0] - hx, p.hub[1] - hy) < 1e-6,
  );
  const long = Math.max(
    0.05 * input.subject.height,
    ...whole.flatMap((p) => p.outline.map(([x, y]) => Math.hypot(x - hx, y - hy))),
  );
  const speed = Math.max(0, ...input.subject.parts.filter((p) => p.partClass === part).map((p) => p.speed));
  // Wings to both sides of a body beat up and down together; a tool comes forward.
  const aside = outline.reduce((sum, [x]) => sum + x - hx, 0) < 0 ? -1 : 1;
  const sense = part === "wing" ? aside : -view.heads;
  return sense * Math.min(MOST_SWUNG, toDegrees((speed * exposure) / long));
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

/** Mean reflectance of what stands about a photographer (assumed: as of what a meter takes a scene for). */
const ONES_OWN_SIDE = 0.18;

/** The glass of the line of sight, if there is any: the light of one's own side stands in it. */
function paneLayers({ input, sharp }: PictureAsked, between: Between, light: LightBehind): Layer[] {
  const pane = sharp ? undefined : paneBefore(input);
  return pane ? glassLayers(1 - pane.passed, between, ONES_OWN_SIDE * light.level) : [];
}

/** The light on the subject as its surfaces take it, so that its seen side has what the settings were found for. */
function litBy({ scene }: AssessInput, { light, sighting }: Assessment, { lens }: FrameView): LitBy {
  const { lux } = light;
  const isDirect = light.direct === "sun";
  const moon = scene.moon && lux.moon > 0 ? scene.moon : undefined;
  const { azimuth, apparentAltitude } = moon ?? light.sun;
  const aside = azimuth - sighting.bearing;
  const forward = cosDeg(apparentAltitude) * cosDeg(aside);
  const high = sinDeg(apparentAltitude);
  const [c, s] = [cosDeg(lens.dip), sinDeg(lens.dip)];
  // By night what is left of the total comes from everywhere.
  const rest = Math.max(0, lux.total - lux.sun - lux.moon - lux.sky - lux.ground - lux.lamps);
  return evenedOut({
    toLight: [cosDeg(apparentAltitude) * sinDeg(aside), high * c + forward * s, high * s - forward * c],
    direct: isDirect ? scene.daylight.directNormal : (moon?.daylight.directNormal ?? 0),
    // What the side gets of sky and lamps is half of what a surface gets that looks up.
    sky: 2 * (lux.sky + lux.lamps + rest),
    ground: 2 * lux.ground,
    up: [0, c, s],
  });
}

/** Sky or wall, and ground, as the lens looks out on them. */
function surroundingsOf(
  { input, found, view }: PictureAsked,
  lie: Lie,
  behind: LightBehind,
  between: Between,
  streak: Smear | undefined,
): Surroundings {
  const { scene } = input;
  const { lens, subjectDistance } = view;
  const isOpen = scene.cover === "open";
  const tangent = (metre: number, px: number): number => 1 / (metre * subjectDistance * px);
  const { azimuth, apparentAltitude } = found.light.sun;
  return {
    outlook: {
      height: lens.height,
      dip: lens.dip,
      perPixel: { across: tangent(view.metreAcross, lie.across), up: tangent(view.metreUp, lie.up) },
      middle: lie.place({ across: 0, up: 0 }),
    },
    above: {
      kind: isOpen ? "sky" : "wall",
      ...skyColour(input, behind),
      cloud: scene.daylight.cloud === "even" ? 1 : scene.daylight.cloud,
      ...(isOpen &&
        apparentAltitude > -6 && {
          light: { aside: azimuth - lens.bearing, altitude: Math.max(0.5, apparentAltitude) },
        }),
    },
    below: { surface: view.surface, ...groundColour(view.surface, behind) },
    focus: { distance: subjectDistance, disc: between.disc(FAR) },
    ...(streak && { smear: streak }),
  };
}

/** Metres that are endlessly far for a lens. */
const FAR = 1e6;
