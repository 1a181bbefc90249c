import { EVENT_KINDS, eventKindOf, stagingOf, usualMinutes } from ".";

const kindOf = (name: string): string | undefined => eventKindOf(name)?.id;

test("names as clubs write them are of the kind that a reader would say", () => {
  const told: readonly (readonly [string, string | undefined])[] = [
    ["100 m women, heat 1", "sprint"],
    ["100 m U13G, Heats", "sprint"],
    ["80 m hurdles girls U15, heats", "hurdles"],
    ["4 x 100 m", "relay"],
    ["4x100 m relay mixed", "relay"],
    ["1500 m SM, Final", "distance"],
    ["3000 m steeplechase", "steeplechase"],
    ["High jump women", "high-jump"],
    ["Pole vault U17W, Final", "pole-vault"],
    ["Triple jump women", "long-jump"],
    ["Shot U13 girls", "shot-put"],
    ["Decathlon discus", "discus"],
    ["Hammer, all ages", "hammer"],
    ["Javelin women", "javelin"],
    ["Girls 10/11 50 m Backstroke, heat 2", "swim"],
    ["200 m IM men, heat 1", "swim"],
    ["Mixed 200 m Freestyle", "swim"],
    ["J14 1x heat 1", "rowing"],
    ["Women's doubles, Semi-final", "rowing"],
    ["U11 girls -28 kg", "bout"],
    ["BE90 A, Dressage", "dressage"],
    ["BE90 A, Show jumping", "show-jumping"],
    ["BE90 A, Cross country", "cross-country-ride"],
    ["Haven U12 vs Moor U12", "game"],
    ["A: Moor Rovers v Haven Town", "game"],
    ["Agility grade 3 large (62 dogs)", "agility"],
    ["Prize-giving", "ceremony"],
    ["Medals on the landing stage", "ceremony"],
    ["LUNCH", "break"],
    ["weigh-in U11", "break"],
    ["Parents' race", "children-race"],
    ["Rider 1 at fence 4", undefined],
    ["Novices", "cyclo-cross"],
    ["Chess", undefined],
  ];
  expect(told.map(([name]) => [name, kindOf(name)])).toEqual(told);
});

test("usual lengths are those of common practice, by kind, distance and round", () => {
  const minutes = (name: string): number | undefined => usualMinutes(name);
  expect([minutes("100 m, heat 2"), minutes("100 m final")]).toEqual([5, 10]);
  expect([minutes("Long jump"), minutes("Discus"), minutes("High jump"), minutes("Pole vault")]).toEqual([
    65, 60, 75, 105,
  ]);
  expect([minutes("4 x 100 m"), minutes("bout 3"), minutes("Show jumping"), minutes("A v B")]).toEqual([
    10, 5, 2, 70,
  ]);
  for (const metres of [50, 100, 200]) {
    const swum = minutes(`${metres} m free, heat 1`)!;
    expect(swum).toBeGreaterThanOrEqual(3);
    expect(swum).toBeLessThanOrEqual(5);
  }
  expect(minutes("100 m heats")).toBe(15);
  expect(minutes("10 000 m")).toBe(40);
  expect(minutes("Chess")).toBeUndefined();
});

test("ids are unique, subjects are of the library and are met somewhere, moments lie within their event", () => {
  expect(new Set(EVENT_KINDS.map((k) => k.id)).size).toBe(EVENT_KINDS.length);
  for (const { id, subjects, minutes, spread, moments } of EVENT_KINDS) {
    expect([id, subjects.filter((s) => !stagingOf(s))]).toEqual([id, []]);
    expect(minutes).toBeGreaterThan(0);
    expect(spread).toBeLessThan(minutes);
    for (const { from, until } of moments) {
      expect(from).toBeGreaterThanOrEqual(0);
      expect(until).toBeLessThanOrEqual(1);
      expect(from).toBeLessThan(until);
    }
  }
});
