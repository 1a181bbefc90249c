import { demoKit, demoOutings } from "../../demo";
import { DEFAULT_PREFERENCES, windowOf } from "@/data";
import { createAssessments } from "./assessments";
import { editChoice, movePosition, setCloud } from "./edits";

const outing = demoOutings[0]!;
const question = { outing, kit: demoKit, preferences: DEFAULT_PREFERENCES };
const { starts, from, until } = windowOf(outing);
const [shot, other] = outing.shots;

test("the same question gives the same object, also of an outing that was changed elsewhere", () => {
  const answers = createAssessments();
  const ask = (q = question) => answers.assessment(q, shot!.id, "b", starts);
  const first = ask();
  expect(first).toMatchObject({ ok: true });
  expect(ask()).toBe(first);
  expect(ask({ ...question, outing: { ...outing, notes: "wet bank" } })).toBe(first);
  expect(ask({ ...question, outing: { ...outing, shotId: other!.id } })).toBe(first);
  const span = { from, until, step: 1_800_000 };
  expect(answers.timeline(question, shot!.id, "b", span)).toBe(
    answers.timeline({ ...question }, shot!.id, "b", { ...span }),
  );
});

test("what the answer hangs on makes another one: place, light, kit, school, minute", () => {
  const answers = createAssessments();
  const ask = (q = question, at = starts) => answers.assessment(q, shot!.id, "b", at);
  const first = ask();
  const changed = [
    ask({ ...question, outing: movePosition("b", { at: { x: 2, y: 60 } })(outing) }),
    ask({ ...question, outing: setCloud(8)(outing) }),
    ask({ ...question, outing: editChoice(shot!.id, { lensId: "long-300" })(outing) }),
    ask({ ...question, preferences: { ...DEFAULT_PREFERENCES, school: "full" } }),
    ask(question, starts + 3_600_000),
  ];
  for (const found of changed) expect(found).not.toBe(first);
  expect(new Set(changed).size).toBe(changed.length);
});

test("a shot without a position, a position that is gone, a kit without a body have no answer", () => {
  const answers = createAssessments();
  expect(answers.assessment(question, shot!.id, null, starts)).toBeUndefined();
  expect(answers.assessment(question, shot!.id, "zz", starts)).toBeUndefined();
  expect(answers.assessment(question, "none", "b", starts)).toBeUndefined();
  expect(answers.timeline(question, shot!.id, null, { from, until, step: 60_000 }).points).toEqual([]);
});

test("shots that are vetoed where they are to be taken from are counted", () => {
  const answers = createAssessments();
  const before = answers.vetoed(question, starts);
  const onPitch = movePosition("b", { at: { x: 0, y: 0 } })(outing);
  const fromB = outing.choices.filter((c) => c.positionId === "b").length;
  expect(fromB).toBeGreaterThan(1);
  expect(answers.vetoed({ ...question, outing: onPitch }, starts)).toBe(before + fromB);
});
