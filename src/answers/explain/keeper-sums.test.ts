import { keepersBy } from "@/core/review";
import { workedAgain } from "./figure";
import { keeperSum } from "./keeper-sums";

const settings = { shutter: 30, aperture: 9, iso: 12 };

test("shares of keepers and what is sure of them come out of their functions again, down to the frames", () => {
  for (let taken = 1; taken <= 60; taken += 7)
    for (let kept = 0; kept <= taken; kept++) {
      const [row] = keepersBy("shutter", [{ settings, taken, kept }]);
      for (const which of ["share", "low", "high"] as const) {
        const sum = keeperSum(row!, which);
        expect(workedAgain(sum)).toBeCloseTo(row![which], 12);
        if (which !== "share")
          expect(sum.of).toMatchObject({
            share: { by: "wilsonInterval.share", of: { kept: { value: kept } } },
          });
      }
    }
});

test("one of 29 kept lies between 0.6 and 17.2 in a hundred (Newcombe 1998, table I, from memory)", () => {
  const [row] = keepersBy("shutter", [{ settings, taken: 29, kept: 1 }]);
  expect(keeperSum(row!, "low").value).toBeCloseTo(0.0061, 4);
  expect(keeperSum(row!, "high").value).toBeCloseTo(0.1718, 4);
});
