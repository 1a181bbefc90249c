import fc from "fast-check";
import { boxAsDrawn, boxFrom, boxOutline } from "./box";
import { isInside } from "./polygon";

test("a box of 20 by 5 m toward the north-east has the corners that a sketch gives", () => {
  const corners = boxOutline({ middle: { x: 10, y: 0 }, length: 20, width: 5, bearing: 90 });
  const rounded = corners.map(({ x, y }) => [Math.round(x * 10) / 10, Math.round(y * 10) / 10 || 0]);
  expect(rounded).toEqual([
    [20, 2.5],
    [0, 2.5],
    [0, -2.5],
    [20, -2.5],
  ]);
});

test("a box is found again in its outline, and its middle lies inside", () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(
      number(-500, 500),
      number(-500, 500),
      number(10, 80),
      number(0.2, 9),
      number(0, 179.9),
      (x, y, length, width, bearing) => {
        const outline = boxOutline({ middle: { x, y }, length, width, bearing });
        const found = boxFrom(outline)!;
        expect(found.middle.x).toBeCloseTo(x, 6);
        expect(found.middle.y).toBeCloseTo(y, 6);
        expect(found.length).toBeCloseTo(length, 6);
        expect(found.width).toBeCloseTo(width, 6);
        const turn = Math.abs(found.bearing - bearing);
        expect(Math.min(turn, 180 - turn)).toBeLessThan(1e-6);
        expect(isInside({ x, y }, outline)).toBe(true);
      },
    ),
  );
});

test("what is no rectangle is no box", () => {
  const at = (x: number, y: number) => ({ x, y });
  expect(boxFrom([at(0, 0), at(4, 0), at(5, 3), at(1, 3)])).toBeUndefined();
  expect(boxFrom([at(0, 0), at(4, 0), at(4, 3)])).toBeUndefined();
  expect(boxFrom([at(0, 0), at(0, 0), at(4, 3), at(4, 3)])).toBeUndefined();
});

test("a width typed over the length turned the area: as it was drawn its first side stays its length", () => {
  const drawn = { middle: { x: 3, y: -2 }, length: 8, width: 5, bearing: 30 };
  const wider = boxAsDrawn(boxOutline({ ...drawn, width: 12 }))!;
  expect(wider.length).toBeCloseTo(8, 9);
  expect(wider.width).toBeCloseTo(12, 9);
  expect(wider.bearing).toBeCloseTo(30, 9);
  const longest = boxFrom(boxOutline({ ...drawn, width: 12 }))!;
  expect([longest.length, longest.width, longest.bearing].map((n) => Math.round(n * 1e6) / 1e6)).toEqual([
    12, 8, 120,
  ]);
});
