import { join } from "node:path";
import { samplesOf, type Sample, type Told } from "./samples";
import { readList } from "./read-list";
import type { EventDraft } from "./drafts";

type Verdict = "right" | "marked" | "not read" | "wrong";

/** Whether a line was read as it was written down by hand. Lines that are no event have no event and nobody. */
function verdictOf(told: Told, read: ReturnType<typeof readList>, who: ReadonlyMap<string, number>): Verdict {
  const { line, events, fault } = told;
  const here = read.events.filter((e) => e.line === line);
  const refused = read.refused.find((r) => r.line === line);
  const people = told.who.every((w) => (who.get(w) ?? 0) > 0);
  if (fault) return here.length === 0 && refused ? "right" : "wrong";
  if (here.length !== events.length) return here.length === 0 && refused ? "not read" : "wrong";
  const isSame = (e: (typeof events)[number], d: EventDraft): boolean =>
    (e.at === undefined ? d.doubts !== undefined : e.at === d.at) &&
    e.name === d.name &&
    e.minutes === d.minutes &&
    e.day === d.day &&
    e.where?.toLowerCase() === d.where?.toLowerCase() &&
    String(e.calls) === String(d.calls);
  if (!events.every((e, i) => isSame(e, here[i]!)))
    return here.every((d) => d.doubts !== undefined) ? "marked" : "wrong";
  return people ? "right" : refused ? "not read" : "wrong";
}

/** Every line of a list with how it was read, and who was made up by the reading. */
function walked(sample: Sample) {
  const read = readList(sample.text, sample.days);
  const entries = read.events.flatMap((e) => e.who?.split("; ") ?? []);
  const who = new Map(entries.map((w) => [w, entries.filter((o) => o === w).length]));
  const listed = new Set(sample.told.flatMap((t) => t.who));
  const lines = sample.told.map((told) => ({ told, verdict: verdictOf(told, read, who) }));
  return { lines, madeUp: entries.filter((w) => !listed.has(w)), read };
}

const set = (folder: string): Sample[] => samplesOf(join(__dirname, folder));

describe.each([
  ["samples", 29],
  ["held-out", 8],
])("%s", (folder, count) => {
  const samples = set(folder);
  test("are as many as there should be", () => expect(samples).toHaveLength(count));

  test.each(samples.map((s) => [s.name, s] as const))(
    "%s: nothing is read wrongly without a mark",
    (_, sample) => {
      const { lines, madeUp } = walked(sample);
      const wrong = lines.filter((l) => l.verdict === "wrong");
      const text = sample.text.split("\n");
      expect(wrong.map(({ told }) => [text[told.line - 1], told])).toEqual([]);
      expect(madeUp).toEqual([]);
    },
  );

  test("nineteen of twenty lines of the set are read right", () => {
    const verdicts = samples.flatMap((s) => walked(s).lines.map((l) => l.verdict));
    const right = verdicts.filter((v) => v === "right").length;
    expect(verdicts.length).toBeGreaterThan(count * 7);
    expect(right / verdicts.length).toBeGreaterThanOrEqual(0.95);
  });
});
