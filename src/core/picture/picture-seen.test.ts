import { firstShot } from "../../../test/first-shot";
import { FIGURES, shadowSeen, viewOf, type Solid } from "../body";
import { MOWN } from "../judge/marks-seen";
import { pictureOf, renderPicture, type FigurePiece, type PictureAsked } from ".";
import type { Plane } from "./raster";
import { luminanceOf } from "./render";
import { catchlightOn, evenedOut, lightOn, type LitBy } from "./shade";
import { skyAgainst } from "./surroundings";

// What is measured here is measured in the finished picture, pixel by pixel, against the arithmetic that it was made from.

const { outing, input, found, view } = firstShot(0);
const WIDTH = 600;
const asked = (over: Partial<PictureAsked>): PictureAsked => ({
  input,
  found,
  view: { ...view, things: [], marks: [] },
  figure: [],
  shutter: found.settings.settings.shutter,
  width: WIDTH,
  sharp: true,
  ...over,
});
const seen = (over: Partial<PictureAsked>): Plane => luminanceOf(renderPicture(pictureOf(asked(over))));

/** Pixels in which two pictures differ by more than a share of the first: column, row. */
function differing(a: Plane, b: Plane, share = 0.12): (readonly [column: number, row: number])[] {
  const all: (readonly [number, number])[] = [];
  a.values.forEach((v, i) => {
    if (Math.abs(v - b.values[i]!) > share * Math.max(v, b.values[i]!))
      all.push([i % a.width, Math.floor(i / a.width)]);
  });
  return all;
}

const { kept } = found.sighting.frame;
const HEIGHT = Math.round(WIDTH / view.aspect);
const metre = { across: (view.metreAcross * WIDTH) / kept, up: (view.metreUp * HEIGHT) / kept };
const foot = { column: WIDTH / 2, row: HEIGHT / 2 - (view.feet * HEIGHT) / kept };

const POLE: Solid = {
  name: "pole",
  part: "body",
  from: { x: 0, y: 0, z: 0.02 },
  to: { x: 0, y: 0, z: 1 },
  fromRadius: 0.02,
  toRadius: 0.02,
};

test.each([
  [35, 60, 40],
  [50, 200, 30],
  [28, 310, 55],
  [60, 120, 25],
])(
  "the shadow of a pole in the picture, sun at %d° and %d° from where it faces, seen from %d° above: bearing within 2°, length within 5 %%",
  (altitude, turn, above) => {
    const from = { turn: 90, above };
    const shadow = shadowSeen([POLE], { turn, altitude }, from).map((outline): FigurePiece => ({
      part: "body",
      look: "shadow",
      outline,
    }));
    const at = { across: 0, up: view.feet };
    const there = differing(seen({ figure: [], at }), seen({ figure: shadow, at }));
    expect(there.length).toBeGreaterThan(60);
    // Back on the ground: to the right, and away from the lens, where a metre is foreshortened by how steeply it is looked at.
    const steep = Math.sin((above * Math.PI) / 180);
    const places = there.map(([column, row]) => [
      (column + 0.5 - foot.column) / metre.across,
      (HEIGHT / 2 - row - 0.5) / (metre.up * steep),
    ]);
    const [right, away] = places.reduce((a, b) => (Math.hypot(...b) > Math.hypot(...a) ? b : a)) as [
      number,
      number,
    ];
    const length = Math.hypot(right, away);
    // A metre of pole, and the ball at its end, whose shadow reaches its radius over the sine further.
    const sun = (altitude * Math.PI) / 180;
    const own = 1 / Math.tan(sun) + POLE.toRadius / Math.sin(sun);
    expect(length / own).toBeGreaterThan(0.95);
    expect(length / own).toBeLessThan(1.05);
    // Seen from its right side it faces to the right: away from the lens is its left.
    const clockwise = (Math.atan2(-away, right) * 180) / Math.PI;
    const off = (((clockwise - turn - 180) % 360) + 540) % 360;
    expect(Math.abs(off - 180)).toBeLessThan(2);
  },
);

/** A tall round thing in the middle of the frame. */
const pillar = (radius: number): FigurePiece => ({
  part: "body",
  look: "socks",
  outline: [
    [-radius, 0],
    [radius, 0],
    [radius, 1.6],
    [-radius, 1.6],
  ],
  round: { from: [0, -1, 0], to: [0, 2.6, 0], radii: [radius, radius] },
});

test("the side that the sun stands on is lit as Lambert's cosine has it, column by column, and what is seen is lit as the settings ask on the mean", () => {
  const radius = 0.3;
  const picture = pictureOf(asked({ figure: [pillar(radius)] }));
  const lit = picture.lit!;
  expect(lit.direct).toBeGreaterThan(0);
  const plane = luminanceOf(renderPicture({ ...picture, stops: 0 }));
  const row = Math.round(foot.row - 0.8 * metre.up);
  const columns = Array.from(
    { length: Math.floor(1.8 * radius * metre.across) },
    (_, i) => Math.ceil(foot.column - 0.9 * radius * metre.across) + i,
  );
  expect(columns.length).toBeGreaterThan(20);
  let mean = 0;
  for (const column of columns) {
    const x = (column + 0.5 - foot.column) / (radius * metre.across);
    const expected = lightOn([x, 0, Math.sqrt(1 - x * x)], lit);
    const value = plane.values[row * WIDTH + column]!;
    mean += value / columns.length;
    // White reflects 0.84 of what a perfect white does.
    expect(value / expected / 0.84).toBeCloseTo(1, 1);
  }
  expect(mean / 0.84).toBeGreaterThan(0.9);
  expect(mean / 0.84).toBeLessThan(1.15);
});

test("light from the right lights the right, from behind the rim alone, from above the crown; the seen side has 1 on the mean", () => {
  const base: LitBy = { toLight: [1, 0, 0], direct: 2, sky: 0.4, ground: 0.2, up: [0, 1, 0] };
  expect(lightOn([0.9, 0, Math.sqrt(0.19)], base)).toBeGreaterThan(
    3 * lightOn([-0.9, 0, Math.sqrt(0.19)], base),
  );
  const behind: LitBy = { ...base, toLight: [0.2, 0.3, -0.93] };
  const rim = lightOn([0.98, 0.15, 0.1], behind);
  expect(rim).toBeGreaterThan(lightOn([0, 0, 1], behind));
  expect(lightOn([0, 1, 0], base)).toBeGreaterThan(lightOn([0, -1, 0], base));
  for (const lit of [base, behind]) {
    const even = evenedOut(lit);
    let [sum, weight] = [0, 0];
    for (let i = 0; i < 400; i++) {
      const angle = (Math.PI * (i + 0.5)) / 400 - Math.PI / 2;
      sum += Math.cos(angle) * lightOn([Math.sin(angle), 0, Math.cos(angle)], even);
      weight += Math.cos(angle);
    }
    expect(sum / weight).toBeCloseTo(1, 2);
  }
});

test("an eye catches the light that stands before it, on the side where it stands, and none of a sun behind", () => {
  const before: LitBy = { toLight: [0.5, 0.4, 0.77], direct: 1.5, sky: 0, ground: 0.2, up: [0, 1, 0] };
  const [right, left] = [catchlightOn([0.27, 0.22, 0.94], before), catchlightOn([-0.27, 0.22, 0.94], before)];
  expect(right).toBeGreaterThan(3);
  expect(left).toBeLessThan(right / 5);
  const behind: LitBy = { ...before, toLight: [0.5, 0.2, -0.84] };
  expect(catchlightOn([0.27, 0.22, 0.94], behind)).toBeLessThan(0.4);
  // Under a closed sky it lies in the upper half.
  const dull: LitBy = { ...before, direct: 0, sky: 1 };
  expect(catchlightOn([0, 0.7, 0.71], dull)).toBeGreaterThan(10 * catchlightOn([0, -0.3, 0.95], dull));
});

test("of a face both eyes are seen from in front, one from the side, none from behind, and they draw together as the cosine of the turn", () => {
  const posed = FIGURES["standing"].posed({ pose: 0 });
  const eyes = (turn: number) => {
    const solids = viewOf({ turn, above: 0 }).seen(posed.solids);
    const size = 1.8;
    const figure = solids.map(({ part, name, outline, round }): FigurePiece => ({
      part,
      // Eyes white, all else black: what is white in the picture is seen of the eyes.
      look: "tool",
      made: /eye$/.test(name) ? "white" : "black",
      outline: outline.map(([x, y]) => [x * size, y * size] as const),
      ...(round && {
        round: {
          from: [round.from[0] * size, round.from[1] * size, round.from[2] * size],
          to: [round.to[0] * size, round.to[1] * size, round.to[2] * size],
          radii: [round.radii[0] * size, round.radii[1] * size],
        },
      }),
    }));
    const at = { across: 0, up: view.feet + 1.68 * view.metreUp };
    const zoom = 4;
    const black = figure.map((p) => ({ ...p, made: "black" as const }));
    const columns = differing(seen({ figure, zoom, at }), seen({ figure: black, zoom, at }), 0.3).map(
      ([column]) => column,
    );
    const middle = columns.length > 0 ? (Math.min(...columns) + Math.max(...columns)) / 2 : 0;
    const half = (side: boolean) => columns.filter((c) => c > middle === side);
    const mean = (all: number[]): number => all.reduce((a, b) => a + b, 0) / Math.max(1, all.length);
    return {
      count: columns.length,
      apart: (mean(half(true)) - mean(half(false))) / (metre.across * zoom * size),
    };
  };
  const front = eyes(0);
  expect(front.count).toBeGreaterThan(20);
  // 0.019 of the height to either side of the middle.
  expect(front.apart / 0.038).toBeCloseTo(1, 1);
  expect(eyes(40).apart / front.apart).toBeGreaterThan(Math.cos((40 * Math.PI) / 180) - 0.12);
  expect(eyes(40).apart / front.apart).toBeLessThan(Math.cos((40 * Math.PI) / 180) + 0.12);
  expect(eyes(90).count).toBeLessThan(0.7 * front.count);
  expect(eyes(90).count).toBeGreaterThan(0);
  expect(eyes(180).count).toBe(0);
});

test("a band of the mower is as wide in the picture as on the ground: 5.5 m along the field", () => {
  const mown = view.marks.filter((m) => m.kind === "mown");
  const [without, banded] = [
    seen({}),
    seen({ view: { ...view, things: [], marks: mown.map((m) => ({ ...m, disc: 0 })) } }),
  ];
  /** How much lighter a row is about the middle column, as a share. */
  const lighter = (row: number): number => {
    let [was, is] = [0, 0];
    for (let column = WIDTH / 2 - 40; column < WIDTH / 2 + 40; column++) {
      was += without.values[row * WIDTH + column]!;
      is += banded.values[row * WIDTH + column]!;
    }
    return is / was - 1;
  };
  const { lens } = view;
  const dip = (lens.dip * Math.PI) / 180;
  /** Metres on the plan from the lens to the ground that a row of the middle column shows. */
  const away = (row: number): number => {
    const k = ((HEIGHT / 2 - row) / HEIGHT) * (kept / view.metreUp / view.subjectDistance);
    const down = Math.sin(dip) - Math.cos(dip) * k;
    return (lens.height / down) * (Math.cos(dip) + Math.sin(dip) * k);
  };
  const rows = Array.from({ length: HEIGHT }, (_, row) => row).filter((row) => lighter(row) > 0.06);
  expect(rows.length).toBeGreaterThan(10);
  const begins = rows.filter((row) => !rows.includes(row - 1));
  const ends = rows.filter((row) => !rows.includes(row + 1)).map((row) => row + 1);
  // The field's length lies so many degrees off the view.
  const off = ((lens.bearing - outing.ground.venue.bearing) * Math.PI) / 180;
  const whole = begins
    .map((begin, i) => ({ begin, end: ends[i]! }))
    .filter(({ begin, end }) => begin > 0 && end < HEIGHT && end - begin >= 12);
  expect(whole.length).toBeGreaterThan(0);
  for (const { begin, end } of whole) {
    const wide = (away(begin) - away(end)) * Math.abs(Math.cos(off));
    expect(wide / MOWN).toBeGreaterThan(0.93);
    expect(wide / MOWN).toBeLessThan(1.07);
  }
});

test("a clear sky is brightest about the sun, an overcast one three times as bright at the zenith as at the horizon (Moon and Spencer 1942)", () => {
  expect(skyAgainst(40, 5, 40, 0)).toBeGreaterThan(3 * skyAgainst(40, 90, 40, 0));
  expect(skyAgainst(90, 50, 40, 0)).toBeCloseTo(1, 6);
  expect(skyAgainst(90, 50, 40, 1) / skyAgainst(0.01, 50, 40, 1)).toBeCloseTo(3, 0);
  // Square to the sun the horizon of a clear sky is brighter than its zenith (CIE S 011 type 12).
  expect(skyAgainst(3, 90, 40, 0)).toBeGreaterThan(skyAgainst(60, 90, 40, 0));
});

test("the same picture twice is the same to the last pixel, its grain too", () => {
  const one = { ...asked({ sharp: false, figure: [pillar(0.2)] }) };
  const [a, b] = [renderPicture(pictureOf(one)), renderPicture(pictureOf(one))];
  expect(a.channels.map((c) => [...c.values])).toEqual(b.channels.map((c) => [...c.values]));
});

test("who stands before hides who stands behind, and each is as tall as its distance makes it", () => {
  const someone = (colour: "white" | "black") => ({ ...pillar(0.25), look: "tool" as const, made: colour });
  const rowOf = (beyond: number) => {
    const picture = seen({ figure: [], beside: [{ figure: [someone("white")], right: 0, beyond }] });
    return differing(seen({ figure: [] }), picture, 0.05).map(([, row]) => row);
  };
  const tall = (rows: number[]): number => Math.max(...rows) - Math.min(...rows);
  const [near, far] = [tall(rowOf(0)), tall(rowOf(view.lens.away))];
  expect(near / far).toBeGreaterThan(1.85);
  expect(near / far).toBeLessThan(2.15);
  // A black one before a white one leaves nothing of it.
  const both = seen({
    figure: [],
    beside: [
      { figure: [someone("white")], right: 0, beyond: 4 },
      { figure: [someone("black")], right: 0, beyond: 0 },
    ],
  });
  const alone = seen({ figure: [], beside: [{ figure: [someone("black")], right: 0, beyond: 0 }] });
  expect(differing(both, alone, 0.05)).toEqual([]);
});
