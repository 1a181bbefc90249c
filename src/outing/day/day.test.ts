import { CARE, DAY_CONDITIONS, PACKING } from "@/core/catalogue";
import { suppliesOf } from "@/core/schedule";
import { sunAt } from "@/core/light";
import { demoKit, demoOutings } from "../../../demo";
import { outingSchema, wallTimeOf, type Outing } from "@/data";
import { careSentence, CONDITION_WORDS, suppliesSums } from "@/words/packing";
import { conditionsOf, inPlaceByOf, packingOf, suppliesInput } from "./day";
import { tickedWeight } from "./ticked-weight";

const [hockey, , lagoon] = ["Cup", "League", "Lagoon"].map((n) =>
  demoOutings.find((o) => o.name.startsWith(n))!,
) as [Outing, Outing, Outing];

test("every row of the packing list has an id of its own, says how it is known, and every condition asks for something", () => {
  for (const rows of [PACKING, CARE]) {
    expect(new Set(rows.map((r) => r.id)).size).toBe(rows.length);
    expect(rows.every((r) => r.source.length > 5 && /^[a-z-]{2,40}$/.test(r.id))).toBe(true);
  }
  for (const condition of DAY_CONDITIONS) {
    const own = PACKING.filter((r) => r.when.includes(condition));
    expect([condition, own.length > 0, CONDITION_WORDS[condition].length > 3]).toEqual([
      condition,
      true,
      true,
    ]);
  }
  expect(CARE.every((r) => careSentence(r.id).endsWith("."))).toBe(true);
});

test("what the day is follows from the outing, until it is said by hand", () => {
  expect(conditionsOf(lagoon)).toEqual(expect.arrayContaining(["hide", "night"]));
  expect(conditionsOf({ ...hockey, weather: { temperature: 30, falls: "rain" } })).toEqual(
    expect.arrayContaining(["heat", "rain"]),
  );
  expect(conditionsOf({ ...hockey, weather: { temperature: -3 } })).toContain("cold");
  expect(conditionsOf({ ...hockey, kind: "pool" })).toContain("wet-deck");
  const byHand: Outing = { ...hockey, packing: { conditions: ["boat"], ticked: [], own: [] } };
  expect(conditionsOf(byHand)).toEqual(["boat"]);
  expect(packingOf(byHand).rows.map((r) => r.id)).toEqual(expect.arrayContaining(["float", "phone-power"]));
  expect(packingOf(byHand).rows.map((r) => r.id)).not.toContain("hat");
  expect(outingSchema.safeParse(byHand).error).toBeUndefined();
});

test("what is ticked weighs, what is not does not", () => {
  const packing = { ticked: ["phone-power", "own"], own: [{ id: "own", name: "Stool", weightG: 900 }] };
  expect(tickedWeight({ packing })).toBe(200 + 900);
  expect(tickedWeight({})).toBe(0);
});

test("supplies are reckoned with the body in hand, the cards of the bag and the day's own length; each sum tells what it is made of", () => {
  const input = suppliesInput(hockey, demoKit, hockey.bag!.bodies[0]);
  const body = demoKit.bodies.find((b) => b.id === hockey.bag!.bodies[0])!;
  expect(input).toMatchObject({
    framesPerSecond: body.framesPerSecond,
    frameMb: body.frameMb,
    temperature: 15,
  });
  expect(input.cardsGb).toHaveLength(hockey.bag!.cards.length);
  const sums = suppliesSums(input, suppliesOf(input));
  expect(sums.map((s) => s.name)).toEqual(["Frames", "Cards", "Batteries", "Water"]);
  expect(sums.map((s) => s.because).join(" ")).not.toMatch(/NaN|undefined|Infinity/);
  const bare = suppliesInput({ ...hockey, bag: null }, { ...demoKit, cards: [] });
  expect(suppliesSums(bare, suppliesOf(bare))[1]!.value).toBe("none at hand");
});

test("in a hide one sits before the first light, elsewhere three quarters of an hour before the start", () => {
  const early = inPlaceByOf(lagoon);
  expect(early.why).toBe("before-light");
  expect(sunAt(early.at, lagoon.ground.anchor).altitude).toBeLessThan(-10);
  const walk = inPlaceByOf(hockey);
  expect([walk.why, wallTimeOf(walk.at, hockey.timeZone)]).toEqual(["walk-round", "16:15"]);
  // Who comes to a hide at noon waits for no dawn.
  expect(inPlaceByOf({ ...lagoon, from: "12:00", starts: "13:00", until: "16:00" }).why).toBe("walk-round");
});
