import { sunAhead, type SunAheadInput } from ".";
import { sunAt } from "../light";
import { angleBetween } from "../units";

const place = { latitude: 53.21, longitude: -1.44, elevation: 120 };
const from = Date.UTC(2026, 9, 17, 6);
const input: SunAheadInput = {
  lens: { x: 0, y: 0, z: 1.5 },
  // West, level.
  aim: { x: -50, y: 0, z: 1.5 },
  place,
  obstacles: [],
  from,
  until: from + 14 * 3_600_000,
};

test("looking west the sun comes into one's eyes in the afternoon and stays until it sets", () => {
  const [spell, ...more] = sunAhead(input);
  expect(more).toEqual([]);
  const begins = sunAt(spell!.from, place);
  // Within 40° of a level view: cos(height)·cos(turn) = cos 40°.
  const turn = angleBetween(begins.azimuth, 270);
  const away = Math.acos(
    Math.cos((begins.apparentAltitude * Math.PI) / 180) * Math.cos((turn * Math.PI) / 180),
  );
  expect((away * 180) / Math.PI).toBeCloseTo(40, 0);
  expect(Math.abs(sunAt(spell!.until, place).apparentAltitude)).toBeLessThan(0.3);
});

test("looking north it never comes, and behind a wall it does not shine", () => {
  expect(sunAhead({ ...input, aim: { x: 0, y: 50, z: 1.5 } })).toEqual([]);
  const wall = {
    id: "wall",
    name: "Wall",
    kind: "building" as const,
    outline: [
      { x: -12, y: -80 },
      { x: -10, y: -80 },
      { x: -10, y: 80 },
      { x: -12, y: 80 },
    ],
    height: 40,
  };
  expect(sunAhead({ ...input, obstacles: [wall] })).toEqual([]);
});
