import { demoOutings } from "../../../demo";
import type { Outing } from "@/data";
import { asItLeaves } from "@/outing/leaving/as-it-leaves";
import { ASKED_EACH_TIME, type Leaving } from "@/outing/leaving/choice";
import { whatGoes } from "./what-goes";

const outing: Outing = {
  ...demoOutings[0]!,
  cautions: ["young-people"],
  notes: "Gate B is shut.",
  people: [
    { id: "a", name: "Ida Roth", consent: "given" },
    { id: "b", name: "Mia Falk", consent: "refused" },
  ],
};
const beside = { tags: 3, sounds: 1, picture: true };
const goes = (leaving: Leaving) => whatGoes(outing, asItLeaves(outing, leaving), leaving, beside);

test("what goes is counted in what leaves, so that it says no more than the file has", () => {
  expect(goes({ way: "whole", ticked: ASKED_EACH_TIME })).toMatchObject({
    place: outing.place,
    isExact: true,
    hasPlan: true,
    people: 2,
    refused: 1,
    hasContacts: true,
    hasWords: true,
    beside,
  });
  expect(goes({ way: "whole", ticked: [] })).toMatchObject({ people: 0, hasContacts: false, hasWords: true });
  expect(goes({ way: "without-place", ticked: [] })).toMatchObject({ isExact: false, hasWords: false });
  expect(goes({ way: "without-place", ticked: [] }).place).toBeUndefined();
  expect(goes({ way: "card-only", ticked: [] })).toMatchObject({ hasPlan: false, isExact: false });
});
