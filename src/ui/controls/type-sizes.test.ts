import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";

const src = path.resolve(__dirname, "../..");
const views = readdirSync(src, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".tsx"));

/** Labels, text, headings with what leads a panel; figures of settings, as large as their room. */
const SIZES = [14, 16, 20, 32, 56, 64];
/** Where a view says a size of type: of words, of words in a drawing, of a field. */
const SAID = /(?:<Txt\b[^>]*?\bsize=\{|fontSize=\{|text-\[|\bTYPE = |\btype: )(\d+)/g;

test("words have one of four sizes of type; figures of settings alone are larger", () => {
  let said = 0;
  for (const file of views)
    for (const [, size] of readFileSync(path.join(src, file), "utf8").matchAll(SAID)) {
      expect([file, SIZES.includes(Number(size))]).toEqual([file, true]);
      said++;
    }
  expect(said).toBeGreaterThan(200);
});
