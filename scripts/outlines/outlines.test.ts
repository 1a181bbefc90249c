import { readFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { FIGURES } from "../../src/core/body";
import { SUBJECTS } from "../../src/core/catalogue";
import { outlineOf, outlines } from "./outlines";

const stored = readFileSync(path.resolve(__dirname, "../../public/outlines.json"), "utf8");
const kept = JSON.parse(stored) as ReturnType<typeof outlines>;

/** Square units that a path covers, its holes taken off. */
function covered(d: string): number {
  const rings = d
    .split("Z")
    .filter(Boolean)
    .map((ring) =>
      ring
        .slice(1)
        .split("L")
        .map((p) => p.split(" ").map(Number)),
    );
  return Math.abs(
    rings.reduce((sum, ring) => {
      const twice = ring.reduce((s, [x, y], i) => {
        const [u, v] = ring[(i + 1) % ring.length]!;
        return s + x! * v! - u! * y!;
      }, 0);
      return sum + twice / 2;
    }, 0),
  );
}

test("the list's outlines are those of the bodies as they stand: written anew with `npm run write-outlines`", () => {
  expect(JSON.stringify(outlines())).toBe(stored);
});

test("every body and every subject of the library has its outline, only a butterfly in wind drawn as one in calm, within 60 kB packed", () => {
  expect(Object.keys(kept.bodies).sort()).toEqual(Object.keys(FIGURES).sort());
  expect(Object.keys(kept.subjects)).toHaveLength(SUBJECTS.length);
  for (const body of [...Object.values(kept.subjects), ...Object.values(kept.figures)])
    expect(kept.bodies[body as keyof typeof kept.bodies]).toMatch(/^M/);
  expect(new Set(Object.values(kept.bodies)).size).toBe(Object.keys(kept.bodies).length - 1);
  expect(gzipSync(stored, { level: 9 }).length).toBeLessThan(60_000);
});

test("an outline covers what its pieces cover together, once where they overlap, and leaves their hole open", () => {
  const square = (from: number, to: number) =>
    [
      [from, from],
      [to, from],
      [to, to],
      [from, to],
    ] as const;
  // Two squares of side 2 that share a square of side 1, in a box of 3: 7 of 9 parts.
  expect(covered(outlineOf([{ outline: square(0, 2) }, { outline: square(1, 3) }])) / 1e4).toBeCloseTo(
    7 / 9,
    1,
  );
  // A frame of four bars with a hole of side 1 in 3.
  const bar = (x: number, y: number, w: number, h: number) => ({
    outline: [
      [x, y],
      [x + w, y],
      [x + w, y + h],
      [x, y + h],
    ] as const,
  });
  const frame = [bar(0, 0, 3, 1), bar(0, 2, 3, 1), bar(0, 0, 1, 3), bar(2, 0, 1, 3)];
  expect(covered(outlineOf(frame)) / 1e4).toBeCloseTo(8 / 9, 1);
});
