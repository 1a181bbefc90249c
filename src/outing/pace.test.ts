import { bagOf, bagWeight, DEFAULT_PREFERENCES, type Outing } from "@/data";
import { demoKit, demoOutings } from "../../demo";
import { paceOf } from "./pace";

const outing = demoOutings[0]!;
const at = (grams: number): number => {
  const own = [{ id: "stones", name: "Stones", weightG: grams - bagWeight(bagOf(outing, demoKit)).grams }];
  const packed: Outing = { ...outing, packing: { ticked: ["stones"], own } };
  return paceOf({ outing: packed, kit: demoKit, preferences: { ...DEFAULT_PREFERENCES, walkingPace: 1 } });
};

test("a light bag slows nobody, each further kilogram does, and nobody stands still for a heavy one", () => {
  expect([4000, 5000, 7000, 15_000, 60_000].map(at)).toEqual([1, 1, 0.97, 0.85, 0.7]);
});
