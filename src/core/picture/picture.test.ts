import { firstShot } from "../../../test/first-shot";
import { assess, blurLadder, motionAt } from "../judge";
import { sceneAt } from "../scene";
import {
  deliveredPerPixel,
  pictureOf,
  renderPicture,
  roomAhead,
  type FigurePiece,
  type PictureInput,
} from ".";
import { paneLoss } from "../optics";
import { fallingLayers, fallLength, glassLayers, nettingLayers } from "./before-subject";
import { coverage, disc, gauss, smear, type PixelPoint, type Plane } from "./raster";
import { displayValue, luminanceOf } from "./render";
import { seatsWithin } from "./thing-layers";

/** A half plane that is white to the right of the middle: its blurred edge is what the checks measure. */
const WIDTH = 240;
const HEIGHT = 24;
const half: PixelPoint[] = [
  [WIDTH / 2, -20],
  [WIDTH + 40, -20],
  [WIDTH + 40, HEIGHT + 20],
  [WIDTH / 2, HEIGHT + 20],
];
const edge = (): Plane => coverage([half], WIDTH, HEIGHT);

/** √12 times the standard deviation of an edge's derivative along the middle row, and the width from 10 to 90 %. */
function measured({ values }: Plane): { length: number; width: number } {
  const row = Array.from({ length: WIDTH }, (_, x) => values[(HEIGHT / 2) * WIDTH + x]!);
  const slope = row.slice(1).map((v, i) => v - row[i]!);
  const sum = slope.reduce((a, b) => a + b, 0);
  const mean = slope.reduce((a, s, i) => a + s * i, 0) / sum;
  const variance = slope.reduce((a, s, i) => a + s * (i - mean) ** 2, 0) / sum;
  const crosses = (level: number): number => {
    const i = row.findIndex((v) => v >= level);
    return i - (row[i]! - level) / (row[i]! - row[i - 1]!);
  };
  return { length: Math.sqrt(12 * variance), width: crosses(0.9) - crosses(0.1) };
}

test("a straight smear, a disc and a Gaussian blur an edge by their own √12·σ within 3 %, and 10–90 % as wide as they should", () => {
  const cases: [string, Plane, number, number][] = [
    // Name, picture, √12·σ, width over √12·σ (0.80 straight, 0.79 disc, 0.74 Gaussian).
    ["smear", smear(edge(), 40, 0), 40, 0.8],
    ["disc", disc(edge(), 40), (40 / 4) * Math.sqrt(12), 0.79],
    ["small disc", disc(edge(), 9), (9 / 4) * Math.sqrt(12), 0.79],
    ["wide disc", disc(edge(), 130), (130 / 4) * Math.sqrt(12), 0.79],
    ["gauss", gauss(edge(), { across: 9, up: 9 }), 9 * Math.sqrt(12), 0.74],
  ];
  for (const [name, plane, length, share] of cases) {
    const found = measured(plane);
    expect([name, Math.abs(found.length / length - 1) < 0.03]).toEqual([name, true]);
    expect([name, Math.abs(found.width / length - share) < 0.02]).toEqual([name, true]);
  }
});

test("smears add as variances do: a smear of 30 and one of 40 blur an edge as one of 50", () => {
  expect(measured(smear(smear(edge(), 30, 0), 40, 0)).length / 50).toBeCloseTo(1, 1);
  // Across the edge nothing is smeared by what runs along it.
  expect(measured(smear(edge(), 40, 90)).length).toBeLessThan(1.5);
});

test("a disc of any size leaves a number in every pixel: one of a tenth of a pixel made a black band", () => {
  for (const diameter of [0, 0.1, 0.11, 0.19, 0.2, 0.5, 1, 3])
    expect([diameter, disc(edge(), diameter).values.every((v) => v >= 0 && v <= 1.000001)]).toEqual([
      diameter,
      true,
    ]);
});

test("an outline covers its area, a disc and a Gaussian keep the light that there is", () => {
  const square: PixelPoint[] = [
    [10.25, 10],
    [30.75, 10],
    [30.75, 30],
    [10.25, 30],
  ];
  const plane = coverage([square], 64, 48);
  const sum = ({ values }: Plane): number => values.reduce((a, b) => a + b, 0);
  expect(sum(plane)).toBeCloseTo(20.5 * 20, 2);
  expect(sum(disc(plane, 7)) / sum(plane)).toBeCloseTo(1, 3);
  expect(sum(gauss(plane, { across: 2, up: 2 })) / sum(plane)).toBeCloseTo(1, 3);
  expect(sum(coverage([square, square], 64, 48))).toBeCloseTo(sum(plane), 6);
});

test("what lies beyond the edge of a picture is blurred into it as far as its disc reaches, and no further", () => {
  const beside: PixelPoint[] = [
    [-30, -60],
    [-4, -60],
    [-4, 90],
    [-30, 90],
  ];
  const layer = { shapes: [white(beside)], disc: 20 };
  const { values, width } = luminanceOf(renderPicture({ ...plain, stops: 0, layers: [layer] }));
  const row = Array.from(values.subarray(15 * width, 16 * width));
  const background = lights({}).values[0]!;
  expect(row[0]).toBeGreaterThan(background * 1.05);
  expect(row[2]).toBeLessThan(row[0]!);
  // Its edge lies at −4 and its disc reaches 10 px: nothing from 6 on.
  expect(row.slice(7).every((v) => Math.abs(v - background) < 1e-6)).toBe(true);
});

/** A white shape. */
const white = (outline: readonly PixelPoint[]) => ({ outline, luminance: 1, tint: [1, 1, 1] as const });
const plain = {
  width: 40,
  height: 30,
  layers: [],
  gauss: { across: 0, up: 0 },
  noise: 0,
  seed: 1,
};
const lights = (over: Partial<PictureInput>): Plane =>
  luminanceOf(renderPicture({ ...plain, stops: 0, ...over }));
const mean = ({ values }: Plane): number => values.reduce((a, b) => a + b, 0) / values.length;

test("a stop darker halves the linear luminance, and noise grows by half a stop against the signal", () => {
  const right = mean(lights({}));
  for (const stops of [-3, -1, 1]) expect(mean(lights({ stops })) / right).toBeCloseTo(2 ** stops, 6);
  const relative = (stops: number, noise: number): number => {
    const plane = lights({ width: 200, height: 200, stops, noise });
    const m = mean(plane);
    return Math.sqrt(plane.values.reduce((a, v) => a + (v - m) ** 2, 0) / plane.values.length) / m;
  };
  expect(relative(0, 0.05)).toBeCloseTo(0.05, 2);
  expect(relative(0, 0.05 * Math.SQRT2) / relative(0, 0.05)).toBeCloseTo(Math.SQRT2, 1);
  expect(displayValue(0)).toBe(0);
  expect(displayValue(2)).toBe(255);
  // The middle tone of 0.157 lies at 43 of 100 on a screen (IEC 61966-2-1).
  expect(displayValue(0.157) / 255).toBeCloseTo(0.43, 2);
});

const { outing, input, found, view } = firstShot(8);
const figure: FigurePiece[] = [
  {
    part: "body",
    outline: [
      [-0.3, 0],
      [0.3, 0],
      [0.3, 1.5],
      [-0.3, 1.5],
    ],
  },
  {
    part: "tool",
    look: "tool",
    outline: [
      [0.4, 0],
      [0.5, 0],
      [0.5, 0.9],
      [0.4, 0.9],
    ],
  },
];
const asked = (shutter: number, over: object = {}) => ({
  input,
  found,
  view,
  figure,

  shutter,
  width: 300,
  ...over,
});

/** The layer of what is held: the last of the subject. */
const toolLayer = ({ layers }: PictureInput) => layers.filter((l) => l.isSubject).at(-1)!;

test("what is drawn smears as the blur ladder says: each part's own length at each shutter, on the drawing's scale", () => {
  const { shutter } = found.settings.settings;
  for (const click of [shutter - 3, shutter, shutter + 3]) {
    const picture = pictureOf(asked(click));
    const tool = toolLayer(picture);
    const { body, parts } = motionAt(input, found, [{ ...found.settings.settings, shutter: click }])[0]!;
    const stick = parts.find((p) => p.partId !== "body" && p.speed > 20)!;
    const um = stick.speed * body.umPerMetre * 2 ** (-click / 3);
    const across = 36_000 * found.sighting.frame.kept;
    expect(tool.smear!.length / ((um / across) * 300)).toBeCloseTo(1, 1);
  }
  const slow = toolLayer(pictureOf(asked(shutter - 3)));
  const fast = toolLayer(pictureOf(asked(shutter)));
  expect(slow.smear!.length / fast.smear!.length).toBeCloseTo(2, 6);
  expect(blurLadder(input, found, [shutter])[0]!.parts).toHaveLength(parts());
});
const parts = (): number => input.subject.parts.length + 1;

test("sharp shows no smear, no disc and no grain; the loupe shows one pixel of the delivery as one of its own", () => {
  const { shutter } = found.settings.settings;
  const picture = pictureOf(asked(shutter, { sharp: true }));
  expect(picture.noise).toBe(0);
  expect(picture.gauss).toEqual({ across: 0, up: 0 });
  for (const layer of picture.layers) expect([layer.smear, layer.disc]).toEqual([undefined, 0]);
  const per = deliveredPerPixel(asked(shutter));
  expect(per).toBeGreaterThan(1);
  expect(deliveredPerPixel(asked(shutter, { zoom: per }))).toBeCloseTo(1, 9);
  expect(pictureOf(asked(shutter, { zoom: per })).noise).toBeGreaterThan(pictureOf(asked(shutter)).noise);
});

test("the hand's shake blurred a pan along its way: along it the turn takes its place, across it the hand stays", () => {
  const pan = assess({ ...input, shot: { ...input.shot, intent: "pan", technique: "panned" } });
  if (!pan.ok) throw new Error(pan.reason);
  const { shutter } = pan.settings.settings;
  const panned = pictureOf({
    ...asked(shutter),
    input: { ...input, shot: { ...input.shot, technique: "panned" } },
    found: pan,
  });
  const { direction } = pan.motion.body;
  const level = Math.abs(Math.cos((direction * Math.PI) / 180));
  expect(level).toBeGreaterThan(0.9);
  expect(panned.gauss.up).toBeGreaterThan(1.2 * panned.gauss.across);
  const still = pictureOf(asked(found.settings.settings.shutter)).gauss;
  expect(still.up).toBeCloseTo(still.across, 9);
});

test("grain counted a crop twice: a closer crop shows each pixel larger, and each has the grain that it had", () => {
  const per = (kept: number): number => {
    const cropped = { ...found, sighting: { ...found.sighting, frame: { ...found.sighting.frame, kept } } };
    return pictureOf({ ...asked(found.settings.settings.shutter), found: cropped }).noise;
  };
  expect(per(0.25)).toBeCloseTo(per(1), 9);
});

test("a picture that is dark by the settings is drawn so many stops darker", () => {
  const night = sceneAt(outing.ground, { cloudEighths: 8, readings: [] }, Date.UTC(2026, 9, 17, 18));
  const dark = assess({ ...input, scene: night });
  if (!dark.ok) throw new Error(dark.reason);
  expect(dark.settings.missing).toBeGreaterThan(0);
  const picture = pictureOf({
    ...asked(dark.settings.settings.shutter),
    found: dark,
    input: { ...input, scene: night },
  });
  expect(picture.stops).toBeCloseTo(-dark.settings.missing / 3, 9);
});

/** Mean luminance of a picture under layers, against that without them. */
const meanUnder = (layers: PictureInput["layers"], width = 200, height = 150): number =>
  mean(luminanceOf(renderPicture({ ...plain, width, height, stops: 0, layers }))) /
  mean(lights({ width, height }));
const between = { width: 200, height: 150, metre: 40, subjectDistance: 20, disc: () => 0 };

test("a netting takes the light that its wires cover, sharp or soft, and its veil takes as much", () => {
  // Wires of 3 mm every 50 mm near the subject: 11.6 % of the area.
  const net = { pitch: 0.05, wire: 0.003, away: 4 };
  const covered = 1 - (1 - 0.003 / 0.05) ** 2;
  const sharp = nettingLayers(net, between, 0);
  expect(sharp.length).toBeGreaterThan(20);
  expect(meanUnder(sharp)).toBeCloseTo(1 - covered, 1);
  expect(meanUnder(nettingLayers(net, { ...between, disc: () => 12 }, 0))).toBeCloseTo(1 - covered, 1);
  const veil = nettingLayers({ ...net, veil: covered }, between, 0);
  expect(veil).toHaveLength(1);
  expect(meanUnder(veil)).toBeCloseTo(1 - covered, 6);
  // One stands behind an opening: no wire crosses the middle of a net at hand.
  const near = luminanceOf(
    renderPicture({
      ...plain,
      width: 200,
      height: 150,
      stops: 0,
      layers: nettingLayers({ ...net, away: 0.15 }, between, 0),
    }),
  );
  expect(near.values[75 * 200 + 100]).toBeCloseTo(lights({}).values[0]!, 6);
});

test("glass veils the picture by what its surfaces throw back: 8 % of one clean sheet square on (handbook)", () => {
  const { passed } = paneLoss({ sheets: 1, angle: 0 });
  expect(1 - passed).toBeCloseTo(0.083, 2);
  // Before what is black the veil is all there is; before what is as bright as it, it changes nothing.
  expect(meanUnder(glassLayers(1 - passed, between, 0))).toBeCloseTo(passed, 4);
  expect(meanUnder(glassLayers(1 - passed, between, lights({}).values[0]!))).toBeCloseTo(1, 4);
});

test("a wire's worst loss in the picture is what the netting's own arithmetic says: 4 w over π F", () => {
  // F of 30 mm at the netting, one wire of 3 mm: 12.7 %; a pitch wide enough that one wire is met alone.
  const net = { pitch: 0.2, wire: 0.003, away: 1 };
  const scale = (between.metre * between.subjectDistance) / net.away;
  const soft = { ...between, width: 400, height: 300, disc: () => 0.03 * scale };
  const plane = luminanceOf(
    renderPicture({ ...plain, width: 400, height: 300, stops: 0, layers: nettingLayers(net, soft, 0) }),
  );
  const row = Array.from(plane.values.subarray(150 * 400, 151 * 400));
  const loss = 1 - Math.min(...row) / lights({}).values[0]!;
  expect(loss).toBeCloseTo(((4 / Math.PI) * 0.003) / 0.03, 2);
});

test("rain and snow fall as far as they go in the exposure, longer the nearer, and turn with a pan", () => {
  expect(fallLength("rain", 1 / 60)).toBeCloseTo(0.1, 6);
  expect(fallLength("snow", 1 / 120)).toBeCloseTo(0.01, 6);
  const { before, behind } = fallingLayers("rain", between, 1 / 60, undefined);
  const [far, near] = [behind[0]!, before.at(-1)!];
  // 0.1 m at 1.1 of the way, 40 px for a metre at the subject.
  expect(far.smear!.length).toBeCloseTo((0.1 * 40) / 1.1, 6);
  expect(near.smear!.length).toBeCloseTo((0.1 * 40) / 0.06, 6);
  expect(far.smear!.direction).toBeCloseTo(-90, 6);
  const panned = fallingLayers("rain", between, 1 / 60, { length: 300, direction: 180 }).behind[0]!.smear!;
  expect(panned.length).toBeGreaterThan(300);
  expect(Math.abs(panned.direction)).toBeGreaterThan(170);
  expect(before.every((l) => l.shapes.length <= 60)).toBe(true);
  expect(fallingLayers("snow", between, 1 / 60, undefined)).toEqual(
    fallingLayers("snow", between, 1 / 60, undefined),
  );
});

test("people fill where there are seats and nowhere else; too small to make out there are none", () => {
  const triangle: PixelPoint[] = [
    [10, 140],
    [190, 140],
    [100, 20],
  ];
  const seats = seatsWithin(triangle, 20, { width: 200, height: 150 });
  expect(seats.length).toBeGreaterThan(10);
  for (const [x, y] of seats) expect(y).toBeGreaterThan(20 + Math.abs(x - 100) * (120 / 90) - 1e-6);
  expect(seatsWithin(triangle, 2, { width: 200, height: 150 })).toEqual([]);
});

test("what is swung is smeared as an arc about the hand: nothing at the hand, the whole arc at its end, as much light in all", () => {
  const bat: PixelPoint[] = [
    [50, 97],
    [130, 97],
    [130, 103],
    [50, 103],
  ];
  const layer = { shapes: [white(bat)], disc: 0 };
  const swung = { ...layer, turn: { hub: [50, 100] as const, degrees: 40 } };
  const base = { ...plain, width: 200, height: 200, stops: 0 };
  const background = lights({}).values[0]!;
  const [still, turned] = [layer, swung].map((l) => luminanceOf(renderPicture({ ...base, layers: [l] })));
  const extra = ({ values }: Plane): number => values.reduce((sum, v) => sum + v - background, 0);
  expect(extra(turned!) / extra(still!)).toBeCloseTo(1, 1);
  // 70 px from the hand the arc of 40° is 48 px long and the bat 6 px thick.
  const column = Array.from({ length: 200 }, (_, y) => turned!.values[y * 200 + 120]! - background);
  const seen = column.filter((v) => v > 0.02);
  expect(seen.length).toBeGreaterThan(40);
  expect(seen.length).toBeLessThan(62);
  const still20 = Array.from({ length: 200 }, (_, y) => turned!.values[y * 200 + 56]! - background);
  expect(Math.max(...still20)).toBeGreaterThan(0.6);
});

test("a stick in a hand turns by its speed over its length: the far end smears as the ladder says of a straight one", () => {
  const { shutter } = found.settings.settings;
  const held: FigurePiece[] = [{ ...figure[1]!, hub: [0.45, 0.9] }];
  const picture = pictureOf({ ...asked(shutter), figure: held });
  const swing = picture.layers.find((l) => l.turn)!;
  const speed = Math.max(...input.subject.parts.filter((p) => p.partClass === "tool").map((p) => p.speed));
  const long = Math.hypot(0.05, 0.9);
  expect(Math.abs(swing.turn!.degrees)).toBeCloseTo(
    ((speed * 2 ** (-shutter / 3)) / long) * (180 / Math.PI),
    6,
  );
  expect(pictureOf({ ...asked(shutter, { sharp: true }), figure: held }).layers.some((l) => l.turn)).toBe(
    false,
  );
});

test("the room ahead is what is left from its leading edge to the frame's edge, the way it moves", () => {
  const { metreAcross } = view;
  const { kept } = found.sighting.frame;
  const edge = view.heads === 1 ? 0.5 : 0.3;
  expect(roomAhead(asked(0))).toBeCloseTo(0.5 - (edge * metreAcross) / kept, 9);
  const broad: FigurePiece[] = [
    {
      part: "body",
      outline: [
        [-40, 0],
        [40, 0],
        [40, 1],
        [-40, 1],
      ],
    },
  ];
  expect(roomAhead(asked(0, { figure: broad }))).toBe(0);
});
