import { likeAgain, sunAt, shadedBy, lightSide } from ".";
import { boxOutline, type Block } from "../ground";
import { angleBetween } from "../units";

const place = { latitude: 53.2, longitude: -1.4, elevation: 0 };
const DAY = 86_400_000;
const days = Array.from({ length: 40 }, (_, i) => {
  const from = Date.UTC(2027, 3, 1) + i * DAY;
  return { from, until: from + DAY };
});
const stand: Block = {
  id: "stand",
  name: "Stand",
  kind: "stand",
  height: 8,
  outline: boxOutline({ middle: { x: -25, y: 0 }, length: 40, width: 6, bearing: 0 }),
};
const point = { x: 0, y: 0, z: 1 };
const asked = {
  place,
  point,
  obstacles: [stand],
  toCamera: 180,
  side: "side",
  altitudes: [10, 30],
  days,
} as const;

test("every stretch has the wished side, height and sun, and just outside it one of them is missing", () => {
  const found = likeAgain(asked);
  expect(found.length).toBeGreaterThan(30);
  const isLike = (at: number): boolean => {
    const sun = sunAt(at, place);
    const up = sun.apparentAltitude;
    return (
      up >= 10 &&
      up <= 30 &&
      lightSide(angleBetween(sun.azimuth, 180)) === "side" &&
      shadedBy(point, sun, [stand]) === undefined
    );
  };
  for (const { from, until } of found) {
    expect(isLike(from)).toBe(true);
    expect(isLike(until - 5 * 60_000)).toBe(true);
    expect(isLike(from - 5 * 60_000)).toBe(false);
    expect(isLike(until)).toBe(false);
  }
});

test("a stand in the west takes the evenings away, and no day gives a sun higher than it climbs", () => {
  const open = likeAgain({ ...asked, obstacles: [] });
  const minutes = (list: readonly { from: number; until: number }[]) =>
    list.reduce((sum, s) => sum + s.until - s.from, 0);
  expect(minutes(likeAgain(asked))).toBeLessThan(minutes(open) * 0.9);
  expect(likeAgain({ ...asked, altitudes: [70, 90] })).toEqual([]);
});
