import { edgeMoves, metresToWater, waterLevel, type Area } from ".";

const lake: Area = {
  id: "lake",
  name: "Lake",
  kind: "surface",
  surface: "water",
  outline: [
    { x: 0, y: 0 },
    { x: 20, y: 0 },
    { x: 20, y: 10 },
    { x: 0, y: 10 },
  ],
};

test("the level between two tides is in proportion, and the edge goes with the slope of the shore", () => {
  const levels = [
    { at: 0, metres: -1 },
    { at: 100, metres: 1 },
  ];
  expect([-9, 0, 25, 50, 100, 500].map((t) => waterLevel(levels, t))).toEqual([-1, -1, -0.5, 0, 1, 1]);
  // A rise of half a metre on a shore of one in twelve.
  expect(edgeMoves(0.5, 12)).toBe(6);
});

test("how far it is to the water: to the nearest edge, nothing within, absent where none is drawn", () => {
  expect(metresToWater([lake], { x: 10, y: -4 })).toBeCloseTo(4, 12);
  expect(metresToWater([lake], { x: -3, y: -4 })).toBeCloseTo(5, 12);
  expect(metresToWater([lake], { x: 5, y: 5 })).toBe(0);
  expect(metresToWater([{ ...lake, surface: "sand" }], { x: 5, y: 5 })).toBeUndefined();
});
