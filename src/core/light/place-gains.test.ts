import { placeGains } from ".";

// ANSI PH2.7 (from memory): side light opens one stop, back light two; common practice: sun against shade two to three.
test("with the sun 40° up the other side gives two and a half stops, from the side one, out of the shade two and a half", () => {
  const { frontForBack, frontForSide, sunForShade } = placeGains(40);
  expect(frontForBack).toBeCloseTo(2.5, 1);
  expect(Math.abs(frontForSide - 1.15)).toBeLessThan(0.15);
  expect(sunForShade).toBeGreaterThan(2.2);
  expect(sunForShade).toBeLessThan(2.7);
});

test("the higher the sun, the less another side gives", () => {
  const backs = [30, 45, 60, 80].map((h) => placeGains(h).frontForBack);
  expect(backs).toEqual(backs.toSorted((a, b) => b - a));
});
