import { bestSentence, plainLines } from "./plain";
import { TERMS } from "./terms";

const plain = {
  settings: { shutter: 30, aperture: 9, iso: 18 },
  shutter: { why: "freeze", part: "arm", chance: 0.7 },
  aperture: "widest",
  iso: "some-grain",
  best: "given-up",
  missing: 0,
  openLens: 2,
} as const;

test("each of the three says why in words without a field term that is not told", () => {
  const lines = plainLines(plain);
  expect(lines.shutter).toBe("Short enough that the arm stands still in the picture.");
  expect(lines.aperture).toMatch(/as your lens opens/);
  expect(lines.iso).toMatch(/grain/);
});

test("the best that can be had names what would give more light, and only then", () => {
  expect(bestSentence(plain)).toMatch(/a lens that opens to f\/2\.8 \(2 stops more\)/);
  expect(bestSentence({ ...plain, openLens: undefined, brighter: { name: "C", stops: 1 } })).toMatch(
    /More light: C, where it is brighter\.$/,
  );
  expect(bestSentence({ ...plain, best: "all", openLens: undefined })).not.toMatch(/More light/);
  expect(bestSentence({ ...plain, best: "too-dark", missing: 1 })).toMatch(/1 stop too dark/);
});

test("a term is told in one or two sentences, and none by itself", () => {
  for (const [name, means] of Object.values(TERMS)) {
    expect(means.length).toBeLessThan(170);
    expect([name, means.endsWith(".")]).toEqual([name, true]);
  }
});
