import { sharpnessOf } from "./sharpness";
import { smearBetween } from "./smear";

/** sRGB byte of a linear luminance, written for this check alone (IEC 61966-2-1). */
const byte = (linear: number): number =>
  Math.round(255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055));

/** A picture of what stands at each place, 0 dark … 1 light. */
function picture(width: number, height: number, at: (x: number, y: number) => number) {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const i = 4 * (y * width + x);
      data.fill(byte(Math.min(1, Math.max(0, at(x, y)))), i, i + 3);
      data[i + 3] = 255;
    }
  return { data, width, height };
}

/** A step that moved evenly over so many pixels while the shutter was open: it rises in a straight line. */
const moved = (length: number, turnDeg = 0, noise = 0) => {
  const [c, s] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)];
  let state = 7;
  const grain = (): number => ((state = (state * 16807) % 2147483647) / 2147483647 - 0.5) * noise;
  return picture(160, 120, (x, y) => {
    const along = (x - 80) * c + (y - 60) * s;
    return 0.1 + 0.6 * Math.min(1, Math.max(0, along / length + 0.5)) + grain();
  });
};

test.each([
  [6, 0],
  [12, 0],
  [24, 0],
  [20, 30],
  [16, 90],
])("an edge that moved %d px at %d° is measured within 5 %", (length, turn) => {
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  for (const reach of [0.55, 0.8]) {
    const [dx, dy] = [c * length * reach, s * length * reach];
    const found = smearBetween(moved(length, turn), { x: 80 - dx, y: 60 - dy }, { x: 80 + dx, y: 60 + dy });
    expect(found.ok).toBe(true);
    if (!found.ok) return;
    expect(found.value.length / length).toBeGreaterThan(0.95);
    expect(found.value.length / length).toBeLessThan(1.05);
    expect(found.value.tapped).toBeCloseTo(2 * reach * length, 5);
  }
});

test("grain does not lengthen a smear by more than a tenth", () => {
  const found = smearBetween(moved(18, 0, 0.04), { x: 66, y: 60 }, { x: 94, y: 60 });
  expect(found.ok && found.value.length).toBeGreaterThan(16);
  expect(found.ok && found.value.length).toBeLessThan(20);
});

test("without an edge, or with both taps on one place, nothing is measured", () => {
  const even = picture(60, 60, () => 0.4);
  expect(smearBetween(even, { x: 10, y: 30 }, { x: 40, y: 30 })).toMatchObject({
    ok: false,
    reason: "no-edge",
  });
  expect(smearBetween(even, { x: 10, y: 30 }, { x: 11, y: 30 })).toMatchObject({ reason: "too-near" });
});

test("sharpness is nothing for what is even, that of a board by hand, and falls as detail is smeared", () => {
  expect(sharpnessOf(picture(20, 20, () => 0.5))).toBe(0);
  expect(sharpnessOf(picture(2, 2, (x) => x))).toBe(0);
  // Every other pixel black and white: the Laplacian is ±4·255, its mean 0 over an even number of pixels.
  const board = picture(22, 22, (x, y) => (x + y) % 2);
  expect(sharpnessOf(board)).toBeCloseTo((4 * 255) ** 2, -3);
  const stripes = (smear: number) =>
    picture(120, 60, (x) => 0.5 + 0.4 * Math.sin(x / 3) * Math.exp(-0.5 * (smear / 3) ** 2));
  const [a, b, c] = [0, 2, 4].map((smear) => sharpnessOf(stripes(smear)));
  expect(a).toBeGreaterThan(b! * 1.3);
  expect(b).toBeGreaterThan(c! * 1.3);
});
