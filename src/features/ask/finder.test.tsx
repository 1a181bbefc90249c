import { HELD_OUT, NONSENSE, TUNED_BY, type Question } from "../../../test/questions";
import { GROUND } from "../stages/ground/panels";
import { HELP } from "../stages/help";
import { PANELS } from "../stages/panels";
import { finderOf, wordsOf } from "./finder";
import { findablePanels } from "./panels-found";

const of = { ...PANELS, ground: GROUND };
const find = finderOf(findablePanels(of));

/** Whether a right panel is among the first three. */
const isAnswered = ({ ask, panels }: Question): boolean =>
  find(ask)
    .slice(0, 3)
    .some(({ panelId }) => panels.includes(panelId));
const shareOf = (questions: readonly Question[]): number =>
  questions.filter(isAnswered).length / questions.length;

test("of the questions by which the index was tuned the right panel is among the first three for 95 %", () => {
  expect(TUNED_BY.length).toBeGreaterThanOrEqual(100);
  expect(shareOf(TUNED_BY)).toBeGreaterThanOrEqual(0.95);
});

test("of those held out it is among the first three for 95 % too", () => {
  expect(HELD_OUT.length).toBeGreaterThanOrEqual(100);
  expect(shareOf(HELD_OUT)).toBeGreaterThanOrEqual(0.95);
});

test("none of the questions was copied into the index", () => {
  const same = (text: string): string =>
    text
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, " ")
      .trim();
  const asked = new Set([...TUNED_BY, ...HELD_OUT].map(({ ask }) => same(ask)));
  const told = findablePanels(of).flatMap(({ questions = [] }) => questions.map(same));
  expect(told.length).toBeGreaterThan(200);
  expect(told.filter((question) => asked.has(question))).toEqual([]);
});

test("nonsense finds nothing, and neither do words that say nothing", () => {
  expect(NONSENSE).toHaveLength(30);
  expect(NONSENSE.filter((ask) => find(ask).length > 0)).toEqual([]);
  for (const ask of ["", "  ", "what is the", "??"]) expect(find(ask)).toEqual([]);
});

test("slips are forgiven, and figures stand for what they are figures of", () => {
  expect(
    find("flickr of the lamsp")
      .map((p) => p.panelId)
      .slice(0, 2),
  ).toContain("flicker");
  expect(find("teleconvertor").map((p) => p.panelId)[0]).toBe("reach");
  expect(wordsOf("1/500")).toEqual(["shutter"]);
  expect(wordsOf("at f/2.8 or ISO 6400?")).toEqual(["apertur", "iso"]);
});

test("every panel says what it answers, from what, its limits, and which questions it is asked", () => {
  const ids = Object.entries(of).flatMap(([stage, panels]) => panels.map((p) => `${stage}/${p.id}`));
  const told = Object.entries(HELP).flatMap(([stage, panels]) =>
    Object.keys(panels).map((id) => `${stage}/${id}`),
  );
  expect(told.sort()).toEqual(ids.sort());
  for (const help of Object.values(HELP).flatMap((panels) => Object.values(panels))) {
    for (const text of [help.answers, help.from, help.limits]) expect(text).toMatch(/[.:?]$/);
    expect(help.questions.length).toBeGreaterThan(0);
    for (const question of help.questions) expect(question.length).toBeLessThan(60);
  }
});
