import { CARE, DAY_CONDITIONS, PACKING } from "@/core/catalogue";
import { suppliesOf } from "@/core/schedule";
import { sunAt } from "@/core/light";
import { demoKit, demoOutings } from "../../../demo";
import { outingSchema, wallTimeOf, windowOf, type Outing } from "@/data";
import { careSentence, CONDITION_WORDS, suppliesSums } from "@/words/packing";
import { conditionsOf, inPlaceByOf, packingOf, suppliesInput } from "./day";
import { ownRateFor } from "./own-rate";
import { restShade } from "./rest-shade";
import { carriedGrams } from "./carried";

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
  const bare = carriedGrams(hockey, demoKit) - carriedGrams({ ...hockey, packing: undefined }, demoKit);
  expect(carriedGrams({ ...hockey, packing }, demoKit) - carriedGrams(hockey, demoKit)).toBe(
    200 + 900 - bare,
  );
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
  expect(sums.map((s) => s.madeOf).join(" ")).not.toMatch(/NaN|undefined|Infinity/);
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

test("frames as counted before stand in place of bursts that nobody typed, alike outings first, by event where both have a programme", () => {
  const series = (taken: number) => ({
    id: "s",
    shotId: hockey.shots[0]!.id,
    settings: { shutter: 0, aperture: 0, iso: 0 },
    taken,
    kept: 1,
  });
  const event = { id: "e", name: "E", at: "17:30", minutes: 4, calls: [], place: null, setUp: 3 } as const;
  const events = (count: number) =>
    Array.from({ length: count }, (_, i) => ({ ...event, calls: [], id: `e${i}`, priority: 2 as const }));
  const field = { ...hockey, id: "field", log: [series(300), series(60)] };
  const wild = { ...lagoon, id: "wild", log: [series(1000)] };
  const { from, until } = windowOf(hockey);
  const hours = (until - from) / 3_600_000;
  expect(ownRateFor(hockey, [])).toBeUndefined();
  expect(ownRateFor(hockey, [{ ...field, id: hockey.id }])).toBeUndefined();
  expect(ownRateFor(hockey, [field, wild])).toEqual({
    each: 360 / hours,
    per: "hour",
    times: hours,
    outings: 1,
  });
  expect(ownRateFor(hockey, [wild])).toMatchObject({ outings: 1, per: "hour" });
  const day = { ...hockey, programme: events(10) };
  const own = ownRateFor(day, [
    { ...field, programme: events(3) },
    { ...field, id: "other" },
  ])!;
  expect(own).toEqual({ each: 120, per: "event", times: 10, outings: 1 });
  const input = suppliesInput(day, demoKit, undefined, own);
  expect(suppliesOf(input).frames).toBe(1200);
  expect(suppliesSums(input, suppliesOf(input))[0]!.madeOf).toBe(
    "120 to each event, as counted on 1 outing, times 10 events",
  );
  const packing = { ticked: [], own: [] };
  const by = (more: object) =>
    suppliesInput({ ...day, packing: { ...packing, ...more } }, demoKit, undefined, own);
  expect(by({ bursts: 20 }).ownRate).toBeUndefined();
  expect(by({ framesBy: "bursts" }).ownRate).toBeUndefined();
  expect(by({ bursts: 20, framesBy: "own-rate" }).ownRate).toBe(own);
});

test("a battery's rating is the body's, until it is said for the outing", () => {
  const bodies = demoKit.bodies.map((b) => ({ ...b, ratedFrames: 380 }));
  const rated = (packing?: Outing["packing"]) =>
    suppliesInput({ ...hockey, packing }, { ...demoKit, bodies }).ratedFrames;
  expect(rated()).toBe(380);
  expect(rated({ ticked: [], own: [], ratedFrames: 700 })).toBe(700);
});

test("on a hot day the longest shade among the positions is told, none where there is none, nothing on a mild one", () => {
  const noon = { ...hockey, date: "2026-06-21", from: "11:00", starts: "12:00", until: "15:00" };
  const hot: Outing = { ...noon, weather: { temperature: 31 } };
  expect(restShade(noon)).toBeUndefined();
  const open = { ...hot, ground: { ...hot.ground, obstacles: [], areas: [] } };
  expect(restShade(open)).toBe("none");
  expect(restShade({ ...open, light: { ...open.light, roof: { daylightShare: 0.2 } } })).toBeUndefined();
  const [position] = open.ground.positions;
  const { x, y } = position!.at;
  const square = (half: number) => [
    { x: x - half, y: y - half },
    { x: x + half, y: y - half },
    { x: x + half, y: y + half },
    { x: x - half, y: y + half },
  ];
  const canopy = {
    id: "leaves",
    name: "Leaves",
    kind: "canopy" as const,
    outline: square(3),
    daylightShare: 0.1,
  };
  const under = restShade({ ...open, ground: { ...open.ground, areas: [canopy] } });
  if (!under || under === "none") throw new Error("a canopy gives shade");
  expect(under.position.id).toBe(position!.id);
  expect([under.from, under.until].map((at) => wallTimeOf(at, hot.timeZone))).toEqual(["11:00", "15:00"]);
});
