import { CAUTIONS, KINDS } from "@/data";
import { FIGURES } from "@/core/motion";
import { figureWords, kindWords } from ".";
import { cautionName, cautionSentence } from "./cautions";

test("every caution has a name and one or two short sentences that end with what to do", () => {
  for (const code of CAUTIONS) {
    expect(cautionName(code).length).toBeGreaterThan(2);
    expect(cautionSentence(code)).toMatch(/\.$/);
    expect(cautionSentence(code).split(" ").length).toBeLessThanOrEqual(18);
  }
  expect(new Set(CAUTIONS.map(cautionSentence)).size).toBe(CAUTIONS.length);
});

test("every kind of outing and every figure has a word", () => {
  expect(new Set(KINDS.map(kindWords)).size).toBe(KINDS.length);
  expect(new Set(FIGURES.map(figureWords)).size).toBe(FIGURES.length);
});
