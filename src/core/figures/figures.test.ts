import { create, all } from "mathjs";
import { FUNCTIONS, type FormulaName } from ".";
import type { Domain, Formula } from "../units/formula";

// Every formula that is shown is evaluated by a general expression library over the declared domain of its inputs, edges too, and
// finds the function within 1e-9: a text that lies fails here.

const math = create(all!);
const FORMULAS = Object.entries(FUNCTIONS).filter(([, entry]) => entry.kind === "formula") as [
  FormulaName,
  Formula,
][];

/** A few places of a domain: its ends, what lies even between, and what an irrational step meets. */
function placesOf([, from, to, whole]: Domain, i: number): number {
  const share = i === 0 ? 0 : i === 1 ? 1 : (i * 0.6180339887) % 1;
  // Wide domains are walked by ratio, so that small values are met too.
  const at = from > 0 && to / from > 100 ? from * (to / from) ** share : from + (to - from) * share;
  return whole ? Math.round(at) : at;
}

const SAMPLES = 120;

/** Inputs of a formula, each walked at its own pace; what another formula gives is worked out by it. */
function sampleOf({ of }: Formula, i: number): Record<string, number> {
  const entries = Object.entries(of);
  const sample: Record<string, number> = {};
  entries.forEach(([name, domain], k) => {
    if (domain[2] !== Infinity)
      sample[name] = placesOf(domain, i < 2 ? i : i < 10 ? (i >> (k % 3)) & 1 : i * (k + 1));
  });
  for (const [name, domain] of entries)
    if (domain[2] === Infinity) sample[name] = (FUNCTIONS[name as FormulaName] as Formula).value(sample);
  return sample;
}

test.each(FORMULAS)("the formula of %s is what its function does", (name, entry) => {
  const compiled = math.compile(entry.text);
  let met = 0;
  for (let i = 0; i < SAMPLES; i++) {
    const of = sampleOf(entry, i);
    const is = entry.value(of);
    expect([name, of, Number.isNaN(is)]).toEqual([name, of, false]);
    const says = Number(compiled.evaluate({ ...of }));
    const same = is === says || Math.abs(is - says) <= 1e-9 * Math.max(1, Math.abs(is));
    expect({ name, of, is, says, same }).toEqual({ name, of, is, says, same: true });
    met++;
  }
  expect(met).toBe(SAMPLES);
});

test("every input that is declared stands in the text, and the text names nothing else", () => {
  expect(FORMULAS.length).toBeGreaterThan(50);
  for (const [name, { of, text }] of FORMULAS) {
    const symbols = new Set<string>();
    math.parse(text).traverse((node) => {
      const { isSymbolNode, name: symbol } = node as unknown as { isSymbolNode?: boolean; name: string };
      if (isSymbolNode && !(symbol in math) && symbol !== "Infinity") symbols.add(symbol);
    });
    const free = Object.keys(of).filter((k) => of[k]![2] === Infinity || symbols.has(k));
    expect([name, [...symbols].filter((s) => !(s in of))]).toEqual([name, []]);
    expect([name, free.length > 0]).toEqual([name, true]);
  }
});

test("a formula that lied would be found: one with another constant does not agree with its function", () => {
  const { value } = FUNCTIONS.evFromLux;
  const lie = math.compile("log2(lux / 2.6)");
  expect(Math.abs(Number(lie.evaluate({ lux: 1000 })) - value({ lux: 1000 }))).toBeGreaterThan(1e-3);
});
