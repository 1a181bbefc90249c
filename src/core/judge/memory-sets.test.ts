import { demoKit, demoOutings } from "../../../demo";
import { lightPlanOf, windowOf } from "@/data";
import { assess, memorySets, outingCard, type CardShot, type MemorySets } from ".";
import { sceneAt } from "../scene";

const outing = demoOutings[0]!;
const { from, until, starts } = windowOf(outing);
const light = lightPlanOf(outing);
const rig = { body: demoKit.bodies[0]!, lens: demoKit.lenses[0]!, support: demoKit.supports[0]! };
const times = Array.from({ length: 5 }, (_, i) => starts + ((until - starts) * i) / 4);
const shots: CardShot[] = outing.shots.map((shot) => ({
  shot,
  subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
  position: outing.ground.positions[1]!,
  rig,
  order: ["lift", "aperture", "shutter", "iso"],
  times,
  weight: 1,
}));

function ended<T>(work: Generator<unknown, T, void>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
const sets = (most: number, of = shots): MemorySets =>
  ended(memorySets({ ground: outing.ground, light, shots: of, most }));
const missed = ({ worst }: MemorySets): number => (worst ? worst.slower + worst.dark : 0);

test("more sets serve no worse, three at most come, and every shot belongs to one", () => {
  const [one, two, three] = [1, 2, 3].map((n) => sets(n));
  expect(two!.served).toBeGreaterThanOrEqual(one!.served - 1e-9);
  expect(three!.served).toBeGreaterThanOrEqual(two!.served - 1e-9);
  expect(three!.sets.length).toBeLessThanOrEqual(3);
  const named = new Set(three!.sets.flatMap((s) => s.shotIds));
  for (const { shot } of shots) expect(named.has(shot.id) || three!.without.includes(shot.id)).toBe(true);
});

test("one shot at one time is served to the click, by the settings that the assessment itself finds", () => {
  const only = { ...shots[0]!, times: [starts] };
  const found = assess({ ...only, scene: sceneAt(outing.ground, light, starts) });
  if (!found.ok) throw new Error(found.reason);
  const { settings } = found.settings;
  const answer = sets(3, [only]);
  expect(answer.sets).toHaveLength(1);
  expect(answer.sets[0]).toMatchObject({
    shutter: settings.shutter,
    aperture: settings.aperture,
    isoTo: settings.iso,
    mode: "manual",
  });
  expect(answer.worst).toBeUndefined();
  expect(answer.served).toBe(1);
});

test("the choice is the best of all choices: no pair of the settings asked costs less than the one that is taken", () => {
  // With one set the cost of each candidate can be summed by hand: shutter too slow 2 a click, too fast half, depth 1, closing half.
  const asked = shots.flatMap((s) =>
    times.flatMap((at) => {
      const found = assess({ ...s, scene: sceneAt(outing.ground, light, at) });
      return found.ok
        ? [
            {
              need: found.settings.settings,
              ceiling: found.settings.rails.iso.to,
              drawn: s.shot.intent === "pan",
            },
          ]
        : [];
    }),
  );
  const cost = (shutter: number, aperture: number): number =>
    asked.reduce((sum, { need, ceiling, drawn }) => {
      const iso = shutter + aperture - need.shutter - need.aperture + need.iso;
      const off = shutter - need.shutter;
      const slow = drawn ? Math.abs(off) : Math.max(0, -off);
      const fast = drawn ? 0 : Math.max(0, off);
      return (
        sum +
        2 * slow +
        0.5 * fast +
        Math.max(0, need.aperture - aperture) +
        0.5 * Math.max(0, aperture - need.aperture) +
        2 * Math.max(0, iso - Math.max(ceiling, need.iso))
      );
    }, 0);
  const least = Math.min(...asked.map(({ need }) => cost(need.shutter, need.aperture)));
  const [best] = sets(1).sets;
  expect(cost(best!.shutter, best!.aperture)).toBeCloseTo(least, 6);
});

test("no shot with a place makes no set and no miss; the card tells the moments once for all shots, in their order", () => {
  expect(sets(3, [])).toEqual({ sets: [], served: 1, without: [] });
  const card = ended(
    outingCard({ ground: outing.ground, light, shots, most: 3, from, until, step: 600_000 }),
  );
  expect(missed(card.sets)).toBe(missed(sets(3)));
  expect(card.moments.map((m) => m.at)).toEqual([...card.moments.map((m) => m.at)].sort((a, b) => a - b));
  const lamps = card.moments.filter((m) => m.code === "lamps-on");
  expect(lamps).toHaveLength(1);
  expect(lamps[0]!.then.length).toBe(shots.length);
});
