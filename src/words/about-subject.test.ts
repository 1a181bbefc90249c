import { aboutTimeWords, framingWords, hoursWords, monthsWords } from "./about-subject";

test("when something is about is said in hours and months, and how it is framed in a share and a way to hold", () => {
  expect(hoursWords({ hours: ["dawn", "day", "dusk"] })).toBe("at dawn, by day and at dusk");
  expect(hoursWords({ hours: ["night"] })).toBe("at night");
  expect(hoursWords({ hours: [] })).toBe("whenever it is on");
  expect(monthsWords({ hours: [], months: [10, 3] })).toBe(
    "October to March, half a year later in the south",
  );
  expect(monthsWords({ hours: [] })).toBe("all year");
  expect(framingWords({ fill: 0.6, along: "height", orientation: "upright" })).toBe(
    "60\u00a0% of the height, held upright",
  );
});

test("an outing at the wrong hour or in the wrong season says so, and what to do", () => {
  const clock = (at: number): string => `${at}:00`;
  expect(
    aboutTimeWords(
      {
        inSeason: true,
        stretches: [
          { from: 5, until: 7 },
          { from: 19, until: 21 },
        ],
      },
      clock,
    ),
  ).toBe("Its hours while you are there: 5:00 to 7:00 and 19:00 to 21:00.");
  expect(aboutTimeWords({ inSeason: true, stretches: [] }, clock)).toMatch(/Come earlier/);
  expect(aboutTimeWords({ inSeason: false, stretches: [] }, clock)).toMatch(/Out of its season/);
});
