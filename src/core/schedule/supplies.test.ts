import fc from "fast-check";
import { coldShare, suppliesOf, type SuppliesInput } from ".";

const day: SuppliesInput = {
  bursts: 200,
  seconds: 1,
  framesPerSecond: 10,
  frameMb: 28,
  cardsGb: [64, 64],
  ratedFrames: 500,
  temperature: 20,
  hours: 4,
};

test("a day's sums, worked out by hand: 2000 frames, 56 GB, a card and a spare, two batteries and a spare", () => {
  expect(suppliesOf(day)).toMatchObject({
    frames: 2000,
    storageGb: 56,
    cards: 2,
    fits: true,
    batteries: 3,
    coldShare: 1,
  });
  // Ten degrees below: half the charge, twice the batteries.
  expect(suppliesOf({ ...day, temperature: -10 }).batteries).toBe(5);
  expect(suppliesOf({ ...day, frameMb: 65 })).toMatchObject({ storageGb: 130, cards: 4, fits: false });
  expect(suppliesOf({ ...day, cardsGb: [] })).toMatchObject({ cards: 0, fits: false });
  expect(suppliesOf({ ...day, bursts: 0 })).toMatchObject({
    frames: 0,
    storageGb: 0,
    cards: 1,
    batteries: 1,
  });
});

test("one's own rate stands in place of the bursts: 120 frames to each of 12 events", () => {
  const ownRate = { each: 120, per: "event", times: 12, outings: 3 } as const;
  expect(suppliesOf({ ...day, ownRate })).toMatchObject({ frames: 1440, storageGb: 40.32, batteries: 3 });
  expect(suppliesOf({ ...day, ownRate: { ...ownRate, times: 0 } }).frames).toBe(0);
});

test("the cold takes charge as it is told in practice: half below −10 °C, three quarters at 0 °C, none at 20 °C, linear between", () => {
  expect([-30, -10, -5, 0, 10, 20, 40].map(coldShare)).toEqual([0.5, 0.5, 0.625, 0.75, 0.875, 1, 1]);
});

test("more frames never need fewer cards or batteries, colder never fewer, hotter never less water", () => {
  const some = fc.record({
    bursts: fc.integer({ min: 0, max: 3000 }),
    more: fc.integer({ min: 0, max: 500 }),
    temperature: fc.double({ min: -30, max: 40, noNaN: true }),
    warmer: fc.double({ min: 0, max: 20, noNaN: true }),
  });
  fc.assert(
    fc.property(some, ({ bursts, more, temperature, warmer }) => {
      const here = suppliesOf({ ...day, bursts, temperature });
      const busier = suppliesOf({ ...day, bursts: bursts + more, temperature });
      const hotter = suppliesOf({ ...day, bursts, temperature: temperature + warmer });
      expect(busier.cards).toBeGreaterThanOrEqual(here.cards);
      expect(busier.batteries).toBeGreaterThanOrEqual(here.batteries);
      expect(hotter.batteries).toBeLessThanOrEqual(here.batteries);
      expect(hotter.waterLitres).toBeGreaterThanOrEqual(here.waterLitres - 1e-9);
    }),
  );
});

test("what is no day is told to the programmer", () => {
  expect(() => suppliesOf({ ...day, ratedFrames: 0 })).toThrow("ratedFrames is 0");
  expect(() => suppliesOf({ ...day, bursts: -1 })).toThrow("0 or more");
});
