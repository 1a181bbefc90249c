import { wallOfExif } from "./wall-of-exif";

test("a date of zeros, of a clock that was never set, broke the panel: it is no date", () => {
  expect(wallOfExif("2026:10:17 15:20:31")).toEqual({ date: "2026-10-17", time: "15:20" });
  for (const odd of [
    "0000:00:00 00:00:00",
    "2026:13:01 10:00:00",
    "2026:02:30 10:00:00",
    "2026:10:17 25:20:00",
    "",
    undefined,
    4,
  ])
    expect(wallOfExif(odd)).toBeUndefined();
});
