import { termsIn } from "./terms";

test("words of the field are found as they stand in a sentence, in one or several, and in no other word", () => {
  expect(termsIn("How many keepers a shutter leaves, and what a click buys.")).toEqual([
    "shutter",
    "click",
    "keeper",
  ]);
  expect(termsIn("A stopwatch in a panorama")).toEqual([]);
  expect(termsIn("Depth of field at f/8")).toEqual(["depth-of-field"]);
});
