import { shutterSeconds, SCALE } from "@/core/exposure";
import { readShutter, shutterText } from "./shutter-text";

test("a typed 1/1000 came back as 1/1024: a mark of the scale is written by its name", () => {
  expect([1 / 1000, 1 / 1024, 1 / 800, 1 / 813, 1 / 8000].map(shutterText)).toEqual([
    "1/1000",
    "1/1000",
    "1/800",
    "1/800",
    "1/8000",
  ]);
  for (let click = SCALE.shutter.first; click <= SCALE.shutter.last; click++) {
    const read = readShutter(shutterText(shutterSeconds(click)))!;
    expect(Math.abs(Math.log2(read / shutterSeconds(click)))).toBeLessThan(1 / 6);
  }
});

test("800 and 1/800 are the same shutter; 30 is half a minute, nothing else is one", () => {
  expect([readShutter("800"), readShutter("1/800"), readShutter("60")]).toEqual([1 / 800, 1 / 800, 1 / 60]);
  expect([readShutter("30"), readShutter("0,5"), readShutter("2 s")]).toEqual([30, 0.5, 2]);
  expect([readShutter("fast"), readShutter(""), readShutter("1/0"), readShutter("-3")]).toEqual([
    undefined,
    undefined,
    undefined,
    undefined,
  ]);
});
