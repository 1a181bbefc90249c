import { FUNCTIONS, TOLD } from "@/core/figures";
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { methodWords } from "./methods";
import { isoSpeed } from "@/core/exposure";
import { amountWords, formulaWords, nameInWords, sumWords } from "./sums";

test("a formula is read in the names of its inputs, and with its numbers", () => {
  const { text } = FUNCTIONS.magnification;
  expect(formulaWords(text, ["focalLengthMm", "distance"])).toEqual({
    rule: "focal length ÷ (1000 · distance − focal length)",
    where: [],
  });
  expect(sumWords(text, { focalLengthMm: 200, distance: 24.2 })).toBe("200 ÷ (1000 · 24.2 − 200)");
  expect(formulaWords("2 * log2(1 + magnification)", ["magnification"]).rule).toBe(
    "2 · log₂(1 + magnification)",
  );
  expect(formulaWords("sqrt(pi * room^2 / 4)", ["room"]).rule).toBe("√(π · room² ÷ 4)");
  expect(formulaWords(FUNCTIONS.slowestExposure.text, ["tolerance", "still", "moving"])).toEqual({
    rule: "√(tolerance² − still²) ÷ moving",
    where: [
      { is: "0", when: "tolerance ≤ still" },
      { is: "without end", when: "moving = 0" },
    ],
  });
});

test("names and amounts are those of the field", () => {
  expect(nameInWords("focalLengthMm")).toBe("focal length");
  expect(nameInWords("depthOfField.near")).toBe("depth of field, near");
  expect(nameInWords("fNumber")).toBe("f-number");
  expect(nameInWords("workingFNumber")).toBe("working f-number");
  expect(nameInWords("umPerMetre")).toBe("µm per metre");
  expect(amountWords(0.001, "s")).toBe("1/1000");
  // A figure that lies on a click is written as the card writes it; one between two is told as it is.
  expect(amountWords(isoSpeed(7), "ISO")).toBe("ISO 500");
  expect(amountWords(504.3, "ISO")).toBe("ISO 504");
  expect(amountWords(Infinity, "m")).toBe("without end");
  expect(amountWords(0.0083, "")).toBe("1 : 120");
  expect(amountWords(1234.5, "µm/s")).toBe("1235 µm/s");
});

/** Every file of the core. */
const filesOf = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? filesOf(path) : path.endsWith(".test.ts") ? [] : [path];
  });

test("every function that is named is a public function of the core, and each without a formula says what it does", () => {
  const core = filesOf(join(__dirname, "../core"))
    .map((path) => readFileSync(path, "utf8"))
    .join("\n");
  const names = [...Object.keys(FUNCTIONS), ...Object.keys(TOLD)];
  expect(names.length).toBeGreaterThan(90);
  for (const name of names) {
    const called = name.split(".")[0]!;
    expect([name, new RegExp(`export (function\\*?|const) ${called}\\b`).test(core)]).toEqual([name, true]);
  }
  for (const [name, { kind }] of Object.entries(FUNCTIONS))
    if (kind === "method") expect(methodWords(name as never)).toMatch(/^[a-z].{20,}[^.]$/);
});

test("no text is cut within its brackets: each piece is whole", () => {
  for (const [name, entry] of Object.entries(FUNCTIONS)) {
    if (entry.kind !== "formula") continue;
    const { rule, where } = formulaWords(entry.text, Object.keys(entry.of));
    for (const piece of [rule, ...where.flatMap(({ is, when }) => [is, when])]) {
      const open = [...piece].filter((c) => c === "(").length;
      expect([name, piece, open]).toEqual([name, piece, [...piece].filter((c) => c === ")").length]);
    }
  }
});
