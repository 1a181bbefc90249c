import { demoOutings } from "../../../demo";
import { outingSchema, type Outing, type Tag } from "@/data";
import { forgetterOf } from "./forget";

const outing: Outing = {
  ...demoOutings[0]!,
  notes: "Roth, Ida wins; ask Ída Roth’s coach. Ida Rothman too.",
  people: [
    { id: "ida-roth", name: "Ida Roth", consent: "given" },
    { id: "mia-falk", name: "Mia Falk", consent: "given" },
  ],
  programme: [
    {
      id: "heat",
      name: "Heat 1",
      at: "17:30",
      minutes: 4,
      calls: [],
      place: null,
      priority: 2,
      setUp: 3,
      who: "3 Ida Roth (Alder); 4 Mia Falk\n5 ROTH, Ida",
      result: "1. Ida Roth 31.2",
    },
    {
      id: "final",
      name: "Final",
      at: "17:40",
      minutes: 4,
      calls: [],
      place: null,
      priority: 2,
      setUp: 3,
      who: "Ida Roth",
    },
  ],
  deliverables: [{ id: "d", name: "Six pictures of Ida Roth", to: "Ida Roth", by: "", done: false }],
};

test("somebody is in nothing of an outing any more, whichever way the name was written, and everybody else is as before", () => {
  const left = forgetterOf("Ida Roth").outing(outing);
  expect(outingSchema.safeParse(left).error).toBeUndefined();
  expect(left.people!.map((p) => p.name)).toEqual(["Mia Falk"]);
  expect(left.programme!.map((e) => e.who)).toEqual(["4 Mia Falk", undefined]);
  expect(left.programme![0]!.result).toBe("1. somebody 31.2");
  expect(left.notes).toBe("somebody wins; ask somebody’s coach. Ida Rothman too.");
  expect(left.deliverables).toMatchObject([{ name: "Six pictures of somebody", to: "somebody" }]);
  expect(JSON.stringify(left)).not.toMatch(/Ida Roth\b|ida-roth|ROTH/);
  expect(left.ground).toBe(outing.ground);
});

test("what does not name them is the same thing", () => {
  const { outing: forget, stored } = forgetterOf("Nora Sund");
  expect(forget(outing)).toEqual(outing);
  const text = '{"version":6, "notes":"Jo\u0301n"}';
  expect(stored(text)).toBe(text);
});

test("a stored state, a list of changes and a text that is no record are each left without the name", () => {
  const { stored } = forgetterOf("Ida Roth");
  expect(JSON.parse(stored(JSON.stringify(outing)))).toEqual(forgetterOf("Ida Roth").outing(outing));
  const changes = [{ code: "added", thing: "person", name: "Ida Roth" }];
  expect(stored(JSON.stringify(changes))).toBe('[{"code":"added","thing":"person","name":"somebody"}]');
  expect(stored('{"notes":"Ida Roth')).toBe('{"notes":"somebody');
});

test("a tag of them alone goes, one of several keeps the others, and the words about them", () => {
  const { tag } = forgetterOf("Ida Roth");
  const one: Tag = { id: "t", at: Date.UTC(2026, 9, 17), kind: "person", names: ["Ida Roth"] };
  expect(tag(one)).toBeUndefined();
  expect(tag({ ...one, names: ["Mia Falk", "Ida Roth"] })).toEqual({ ...one, names: ["Mia Falk"] });
  const word: Tag = { ...one, kind: "word", names: [], words: "Ida Roth falls" };
  expect(tag(word)).toEqual({ ...word, words: "somebody falls" });
  const other: Tag = { ...one, names: ["Mia Falk"] };
  expect(tag(other)).toBe(other);
});

test("signs of a name are its letters, and a name of one word is no part of another", () => {
  expect(forgetterOf("J. (Kit) O’Neil-Dot").isNamedIn("with J. (Kit) O’Neil-Dot today")).toBe(true);
  expect(forgetterOf("Ann").isNamedIn("Anna and Joann and Ann-Marie")).toBe(true);
  expect(forgetterOf("Ann").isNamedIn("Anna and Joann")).toBe(false);
});

test("a name that is a word of the program leaves its kinds and ids alone", () => {
  const left = forgetterOf("Field").outing({ ...outing, notes: "Field rests." });
  expect(outingSchema.safeParse(left).error).toBeUndefined();
  expect(left.kind).toBe("field");
  expect(left.notes).toBe("somebody rests.");
});
