import { meterPixels, pictureSays } from "./picture-reading";

/** A picture of one grey with a frame of another around its middle half. */
function grey(value: number, around = 0): { bytes: Uint8ClampedArray; width: number; height: number } {
  const [width, height] = [40, 20];
  const bytes = new Uint8ClampedArray(4 * width * height).fill(255);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const isMiddle = x >= 10 && x < 30 && y >= 5 && y < 15;
      bytes.fill(isMiddle ? value : around, 4 * (y * width + x), 4 * (y * width + x) + 3);
    }
  return { bytes, width, height };
}
const meter = (value: number, around?: number) => {
  const { bytes, width, height } = grey(value, around);
  return meterPixels(bytes, width, height);
};

test("a middle of code value 118 is right (ISO 12232, from memory), whatever is around it", () => {
  for (const around of [0, 200]) {
    const says = pictureSays(meter(118, around));
    expect(says.kind).toBe("off");
    expect(says.kind === "off" && Math.abs(says.stops)).toBeLessThan(0.05);
  }
});

test("half the linear light is a stop too dark; what fills the middle is taken into account", () => {
  // 0.09 linear is code value 85.
  const dark = pictureSays(meter(85));
  expect(dark.kind === "off" && dark.stops).toBeCloseTo(-1, 1);
  // Snow of 0.85 rendered as the middle is 2.4 stops too dark: only which way is told.
  expect(pictureSays({ ...meter(118), reflectance: 0.85 })).toEqual({ kind: "too-dark" });
  const kit = pictureSays({ ...meter(118), reflectance: 0.314 });
  expect(kit.kind === "off" && kit.stops).toBeCloseTo(-1, 1);
});

test("beyond two stops, or with a twentieth clipped, only which way; black gives a number no more than white does", () => {
  expect(pictureSays(meter(20))).toEqual({ kind: "too-dark" });
  expect(pictureSays(meter(0))).toEqual({ kind: "too-dark" });
  expect(pictureSays(meter(255))).toEqual({ kind: "too-bright" });
  expect(pictureSays({ median: 0.18, clipped: 0.05 })).toEqual({ kind: "too-bright" });
  expect(pictureSays({ median: 0.18, clipped: 0.049 }).kind).toBe("off");
  expect(meter(255).clipped).toBe(1);
});
