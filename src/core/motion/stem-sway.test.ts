import { stemSway } from ".";

test("a stem sways 0.02 m/s in calm, 0.03 in a light air, 0.06 in wind and no more (fitted to practice)", () => {
  expect([0, 2, 6, 15].map(stemSway)).toEqual([0.02, 0.03, 0.06, 0.06]);
  expect(stemSway(4)).toBeCloseTo(0.045, 9);
  let before = 0;
  for (let wind = 0; wind < 12; wind += 0.25) {
    expect(stemSway(wind)).toBeGreaterThanOrEqual(before);
    before = stemSway(wind);
  }
});
