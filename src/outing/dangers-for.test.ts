import { asSubject, SUBJECTS } from "@/core/catalogue";
import { dangersFor } from "./dangers-for";

/** A subject of the library under a name of one's own. */
const own = (id: string, more = {}) => ({
  ...asSubject(SUBJECTS.find((s) => s.id === id)!),
  id: "mine",
  ...more,
});
const kinds = (subject: Parameters<typeof dangersFor>[0]) => dangersFor(subject).map((d) => d.kind);

test("a subject of one's own was taken for harmless: what it is and what it throws tells what it can do", () => {
  expect(kinds(own("discus-thrower"))).toEqual(["throw"]);
  expect(kinds(own("ice-hockey-skater"))).toEqual(["hard-ball", "soft-ball"]);
  expect(kinds(own("rally-car"))).toEqual(["passing"]);
  expect(kinds(own("galloping-horse"))).toEqual(["passing"]);
  expect(kinds(own("person-standing"))).toEqual([]);
});

test("a large beast of one's own is left what a bear is, a deer what a deer is, something small a little", () => {
  const keepOff = (id: string) => dangersFor(own(id)).map((d) => (d.kind === "animal" ? d.keepOff : 0));
  expect([keepOff("bear-walking"), keepOff("deer-standing"), keepOff("fox-trotting")]).toEqual([
    [91],
    [23],
    [15],
  ]);
});
