import fc from "fast-check";
import { bearingTo, planDistance } from "@/core/ground";
import { angleBetween, cosDeg, sinDeg } from "@/core/units";
import type { PictureLie } from "@/data/beside";
import { fitPicture, movePicture } from "./trace";

/** The plan place of a px of a picture, counted from its middle: u to the right, v up. */
const placeOf = ({ at, bearing, metresPerPx: m }: PictureLie, u: number, v: number) => ({
  x: at.x + m * (u * cosDeg(bearing) + v * sinDeg(bearing)),
  y: at.y + m * (-u * sinDeg(bearing) + v * cosDeg(bearing)),
});

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const lies = fc.record({
  at: fc.record({ x: number(-200, 200), y: number(-200, 200) }),
  bearing: number(0, 359),
  metresPerPx: number(0.01, 2),
  shows: fc.constant(0.5),
});

test("two px of a picture come to lie as far apart and the way that was typed, the first where it was", () => {
  fc.assert(
    fc.property(lies, number(1, 300), number(0, 359), number(-400, 400), (lie, length, bearing, u) => {
      const px = [
        [u, 20],
        [u + 150, -90],
      ] as const;
      const [from, to] = [placeOf(lie, ...px[0]), placeOf(lie, ...px[1])];
      const { lie: fitted, end } = fitPicture(lie, [from, to], { length, bearing });
      const [a, b] = [placeOf(fitted, ...px[0]), placeOf(fitted, ...px[1])];
      expect(planDistance(a, from)).toBeLessThan(1e-6);
      expect(planDistance(b, end)).toBeLessThan(1e-6);
      expect(planDistance(a, b)).toBeCloseTo(length, 6);
      expect(angleBetween(bearingTo(a, b), bearing)).toBeLessThan(1e-6);
      expect(fitted.shows).toBe(lie.shows);
    }),
  );
});

test("a line on the picture is carried from its beginning to its end", () => {
  const lie = { at: { x: 1, y: 2 }, bearing: 40, metresPerPx: 0.2, shows: 1 };
  expect(
    movePicture(lie, [
      { x: 5, y: 5 },
      { x: 8, y: 1 },
    ]),
  ).toEqual({ ...lie, at: { x: 4, y: -2 } });
});
