import { keptVerdict, PART_TOLERANCE } from "@/core/motion";
import {
  assess,
  blurLadder,
  oneClick,
  outingCard,
  previewAt,
  type AssessInput,
  type Assessment,
} from "@/core/judge";
import { apertureMark, evOfClicks, isoMark, type Rail, type Settings } from "@/core/exposure";
import { stagingOf, SUBJECTS } from "@/core/catalogue";
import { ask } from "@/outing/ask";
import { lockRails } from "@/outing/edits";
import type { OutingView } from "@/outing/outing-view";
import { demoOutings } from "../../demo";
import { BAGS, fromNothing, looked, type LookedAt } from "../../test/outings";
import { missesOfPrinted } from "../../test/printed-sets";
import { ANSWERS, type AnswerId } from "./panels";
import { outingCardInput } from "./expose/three-sets";
import { chance } from "./expose/chance";
import { through } from "./expose/through";
import { waysOfView } from "./expose/ways";
import { lensesFromPositions } from "./frame/lenses";
import { sight } from "./ground/in-the-way";
import { cardBeside, fieldCard, settingsOfCard } from "./run/card";
import { zones } from "./run/clicks-elsewhere";

// One question has one answer: whatever panel says what to set, what holds, what breaks and what is in the way says the same, over the
// demo and an outing from nothing of every subject, at three minutes, with three bags, with and without holds.

/** An outing as it is looked at, with a name to tell it by. */
interface Case {
  readonly name: string;
  readonly at: OutingView;
}

const RAILS: readonly Rail[] = ["shutter", "aperture", "iso"];
const HOUR = 3_600_000;

/** Noon, late and after dark of the day that a view has. */
const minutesOf = ({ window }: OutingView): number[] => [
  window.from,
  (window.from + window.until) / 2,
  window.until - HOUR / 2,
];

const HOLDS: readonly { readonly name: string; readonly holds?: Partial<Settings> }[] = [
  { name: "free" },
  { name: "ISO held", holds: { iso: 9 } },
  { name: "shutter held", holds: { shutter: 30 } },
  { name: "aperture held", holds: { aperture: 18 } },
];

/** Every minute of an outing, with and without holds. */
function casesOf(name: string, outing: LookedAt, holds = HOLDS): Case[] {
  return holds.flatMap((hold) => {
    const held = hold.holds ? outing.changed(lockRails(outing.view.shot.id, hold.holds)) : outing;
    return minutesOf(held.view).map((minute, i) => ({
      name: `${name}, ${hold.name}, minute ${i + 1}`,
      at: held.at(minute),
    }));
  });
}

const SUBJECT_IDS = SUBJECTS.map((s) => s.id);

/** Every shot of the demo; every subject from nothing with each bag in turn, every tenth with all of them and every hold. */
const CASES: readonly Case[] = [
  ...demoOutings.flatMap((outing) =>
    outing.shots.flatMap((shot) =>
      casesOf(`${outing.id}/${shot.id}`, looked(outing).shot(shot.id), HOLDS.slice(0, 2)),
    ),
  ),
  ...SUBJECT_IDS.flatMap((id, i) => {
    const bags = i % 10 === 0 ? BAGS : [BAGS[i % BAGS.length]!];
    return bags.flatMap(({ name, kit }) =>
      casesOf(
        `${id} with the ${name} bag`,
        looked(fromNothing(id, {}, kit), kit),
        i % 10 === 0 ? HOLDS : [HOLDS[i % HOLDS.length]!],
      ),
    );
  }),
];

const WITH_PICTURE = CASES.filter((c) => c.at.found !== undefined);

/** The names of the cases for which something does not hold. */
const failing = (cases: readonly Case[], holds: (view: OutingView) => boolean): string[] =>
  cases.filter((c) => !holds(c.at)).map((c) => c.name);

const same = (a: Settings | undefined, b: Settings | undefined): boolean =>
  a !== undefined && b !== undefined && RAILS.every((rail) => a[rail] === b[rail]);

const found = (view: OutingView): Assessment => view.found!;
const input = (view: OutingView): AssessInput => view.input!;

test("the sweep looks at what it says", () => {
  expect(CASES.length).toBeGreaterThan(700);
  expect(WITH_PICTURE.length / CASES.length).toBeGreaterThan(0.9);
  expect(new Set(SUBJECT_IDS).size).toBe(SUBJECTS.filter(({ id }) => stagingOf(id)).length);
});

test("field card, rails, comparison, lens table, second body and assess say the same settings", () => {
  expect(
    failing(WITH_PICTURE, (v) => {
      const { settings, rails } = found(v).settings;
      const card = fieldCard(v)!;
      const asked = ask(v, { shot: v.shot, position: v.position!, scene: v.scene })!;
      const anew = assess(asked);
      const compared = v.from(v.position!.id);
      const beside = cardBeside(v, v.shot.id)!;
      return (
        same(settingsOfCard(card), settings) &&
        RAILS.every((rail) => rails[rail].at === settings[rail]) &&
        anew.ok &&
        same(anew.settings.settings, settings) &&
        compared?.ok === true &&
        same(compared.settings.settings, settings) &&
        same(settingsOfCard(beside), settings)
      );
    }),
  ).toEqual([]);
});

test("an answer that is asked twice is the same object: a screen that reads it is drawn once", () => {
  const few = CASES.filter((_, i) => i % 23 === 0);
  let asked = 0;
  for (const { name, at } of few)
    for (const id of Object.keys(ANSWERS) as AnswerId[]) {
      expect([name, id, ANSWERS[id](at) === ANSWERS[id](at)]).toEqual([name, id, true]);
      asked++;
    }
  expect(asked).toBeGreaterThan(500);
  const beside = WITH_PICTURE[0]!.at;
  expect(cardBeside(beside, beside.shot.id)).toBe(cardBeside(beside, beside.shot.id));
});

test("the lens that is mounted says in the table of lenses what the card says", () => {
  const few = WITH_PICTURE.filter((_, i) => i % 7 === 0);
  expect(few.length).toBeGreaterThan(90);
  expect(
    failing(few, (v) => {
      const row = lensesFromPositions(v).find(
        ({ lens, converter }) => lens.id === v.rig!.lens.id && converter?.id === v.rig!.converter?.id,
      );
      const there = row?.from.get(v.position!.id);
      return there?.ok === true && same(there.settings.settings, found(v).settings.settings);
    }),
  ).toEqual([]);
});

test("the line through the outing says at each of its points what the card says then", () => {
  let compared = 0;
  for (const outing of [
    ...demoOutings,
    ...SUBJECT_IDS.filter((_, i) => i % 15 === 0).map((id) => fromNothing(id)),
  ]) {
    const look = looked(outing);
    const { points } = through(look.view).timeline;
    for (const point of points.filter((_, i) => i % 17 === 0)) {
      const there = look.at(point.at).found!;
      expect([outing.id, point.at, there.settings.settings]).toEqual([outing.id, point.at, point.settings]);
      expect([there.settings.short, there.settings.missing, there.settings.over]).toEqual([
        point.short,
        point.missing,
        point.over,
      ]);
      compared++;
    }
  }
  expect(compared).toBeGreaterThan(60);
});

test("no setting on a panel is outside body, lens, holds or the owner's ceiling", () => {
  expect(
    failing(WITH_PICTURE, (v) => {
      const { rails, settings } = found(v).settings;
      const { body } = v.rig!;
      const held = v.choice.locked;
      const offered: Settings[] = [
        settings,
        settingsOfCard(fieldCard(v)!),
        ...(waysOfView(v)?.ways ?? []).filter((w) => w.kind !== "iso").map((w) => w.settings),
        ...(waysOfView(v)?.thirdUnder ? [waysOfView(v)!.thirdUnder!] : []),
      ];
      const shown: Settings[] = [
        ...offered,
        ...oneClick(input(v), found(v)).map((c) => c.settings),
        ...[settings.shutter - 3, settings.shutter + 3]
          .filter((click) => click >= rails.shutter.first && click <= rails.shutter.last)
          .map((shutter) => ({ ...settings, shutter, iso: previewAt(input(v), found(v), shutter).iso })),
      ];
      const isHeldPast = held.iso !== undefined && isoMark(held.iso) > body.isoCeiling;
      return (
        shown.every((s) => RAILS.every((r) => s[r] >= rails[r].first && s[r] <= rails[r].last)) &&
        offered.every((s) => isHeldPast || isoMark(s.iso) <= body.isoCeiling || s.iso === rails.iso.first) &&
        RAILS.every(
          (r) =>
            held[r] === undefined ||
            settings[r] === Math.min(rails[r].last, Math.max(rails[r].first, held[r])),
        )
      );
    }),
  ).toEqual([]);
});

test("“nothing breaks” is said of an outing in which no minute is short, too dark or too bright", () => {
  const all = [...demoOutings, ...SUBJECT_IDS.filter((_, i) => i % 10 === 0).map((id) => fromNothing(id))];
  const said = new Set<string>();
  for (const outing of all) {
    const look = looked(outing);
    const { breaks, timeline } = through(look.view);
    said.add(breaks);
    const broken = timeline.points.filter((p) => {
      const there = look.at(p.at).found;
      return there !== undefined && there.settings.short + there.settings.missing + there.settings.over > 0;
    });
    expect([outing.id, breaks]).toEqual([
      outing.id,
      broken.length === 0 ? "never" : broken.length === timeline.points.length ? "always" : "sometimes",
    ]);
  }
  expect(said.size).toBeGreaterThan(1);
});

test("the word for a part and its share of frames come from one answer, wherever they are said", () => {
  expect(
    failing(WITH_PICTURE, (v) => {
      const { motion, settings } = found(v);
      const { shutter } = settings.settings;
      const there = previewAt(input(v), found(v), shutter);
      const rung = blurLadder(input(v), found(v), [shutter])[0]!.parts;
      return (
        motion.parts.every((p) => p.verdict === keptVerdict(p.chance)) &&
        motion.held.chance === chance(v)!.here.chance &&
        there.chance === motion.held.chance &&
        there.verdict === motion.held.verdict &&
        rung.every((p, i) => p.chance === motion.parts[i]!.chance) &&
        settings.ways.every((w) => w.verdict === keptVerdict(w.chance)) &&
        oneClick(input(v), found(v)).every((c) => c.verdict === keptVerdict(c.chance))
      );
    }),
  ).toEqual([]);
  expect(Object.keys(PART_TOLERANCE)).toContain("wing");
});

test("what hides a subject in front of it is what the frame draws there, and a way past is one from which all of it is seen", () => {
  expect(
    failing(WITH_PICTURE, (v) => {
      const answer = sight(v)!;
      const drawn = new Set(v.frame!.things.map((t) => t.id.split("/")[0]!));
      const behind = new Set(
        v.frame!.things.filter((t) => t.distance > v.frame!.subjectDistance).map((t) => t.id.split("/")[0]!),
      );
      const near = 0.6;
      return (
        // What is nearer than half a metre would fill the frame as a blur, and is not drawn.
        answer.hidden.obstacleIds.every((id) => drawn.has(id) || found(v).sighting.distance < near) &&
        answer.behind.every(({ thing }) => behind.has(thing.id)) &&
        answer.behind.length === behind.size &&
        (answer.hidden.share === 0) ===
          !found(v).judgement.some(
            (j) => j.code === "blocked" || j.code === "partly-hidden" || j.code === "inside-obstacle",
          )
      );
    }),
  ).toEqual([]);
});

test("the choice is not dominated: nothing else keeps depth, focus and frames as well with a third of a stop less ISO", () => {
  const free = WITH_PICTURE.filter(
    (c) => Object.keys(c.at.choice.locked).length === 0 && found(c.at).motion.pan === undefined,
  ).filter((_, i) => i % 3 === 0);
  expect(free.length).toBeGreaterThan(80);
  const dominated = free.flatMap(({ name, at: v }) => {
    const { settings, rails, depth, short } = found(v).settings;
    const { aperture, iso } = settings;
    if (short > 0 || iso <= rails.iso.from) return [];
    const asked = depth.fNumber > 0 ? rails.aperture.from : rails.aperture.first;
    const unmended = found(v).motion.unmended !== undefined;
    for (let a = rails.aperture.first; a <= rails.aperture.last; a++) {
      if (Math.min(a, asked) < Math.min(aperture, asked)) continue;
      const there = assess({ ...input(v), locked: { aperture: a } });
      if (!there.ok) continue;
      const other = there.settings.settings;
      const asWell =
        there.motion.held.chance >= found(v).motion.held.chance - 0.005 &&
        (unmended || there.motion.unmended === undefined);
      if (asWell && other.iso <= iso - 1)
        return [
          `${name}: f/${apertureMark(a)} ISO ${isoMark(other.iso)} for f/${apertureMark(aperture)} ISO ${isoMark(iso)}`,
        ];
    }
    return [];
  });
  expect(dominated).toEqual([]);
});

test("a way out does what it says when it is pressed, within a sixth of a stop; one that a hold forbids says what to let go", () => {
  let [pressed, held] = [0, 0];
  for (const { name, at: v } of WITH_PICTURE) {
    const ways = waysOfView(v);
    for (const way of ways?.ways ?? []) {
      if (way.held) {
        held++;
        expect([name, v.choice.locked[way.held.rail]]).toEqual([name, way.held.click]);
        continue;
      }
      if (!way.holds) continue;
      const after = assess({ ...input(v), locked: way.holds });
      if (!after.ok) throw new Error(name);
      const kept = Object.entries(v.choice.locked).every(
        ([rail, click]) => rail === way.kind || way.holds![rail as Rail] === click || way.kind === "iso",
      );
      expect([name, way.kind, kept]).toEqual([name, way.kind, true]);
      const off = evOfClicks(after.settings.settings) - evOfClicks(way.settings);
      expect([name, way.kind, Math.abs(off) <= 1 / 6 + 1e-9, after.settings.settings]).toEqual([
        name,
        way.kind,
        true,
        way.settings,
      ]);
      pressed++;
    }
  }
  expect(pressed).toBeGreaterThan(100);
  expect(held).toBeGreaterThan(5);
});

test("the own zone is no row of the zones, the others turn from the card, and what lies past a limit is marked", () => {
  let rows = 0;
  for (const { name, at: v } of WITH_PICTURE) {
    for (const zone of zones(v).others) {
      const { rails, settings, follows } = found(v).settings;
      const turned = follows === "iso" ? settings.iso - zone.clicks : settings[follows] + zone.clicks;
      expect([name, zone.rail, zone.click, zone.own]).toEqual([name, follows, turned, false]);
      const out = turned > rails[follows].to || turned < rails[follows].from;
      expect([name, zone.past > 0]).toEqual([name, out]);
      rows++;
    }
    const { between } = zones(v);
    if (!between) continue;
    const { from, to } = found(v).settings.rails[between.rail];
    expect([name, between.click >= from && between.click <= to]).toEqual([name, true]);
  }
  expect(rows).toBeGreaterThan(20);
});

test("a camera's sets are what the card takes at that shot and time, but for what they print of the worst of it", () => {
  for (const outing of demoOutings) {
    const look = looked(outing);
    const work = outingCard(outingCardInput(look.view));
    let step = work.next();
    while (!step.done) step = work.next();
    const { sets, moments } = step.value;
    const { worst } = sets;
    if (worst) {
      const there = look.shot(worst.shotId).at(worst.at).found!;
      const misses = missesOfPrinted(sets, there);
      // The set that it was given to misses it by what is said, and none by more than any.
      expect([outing.id, misses.includes(worst.slower + worst.dark + worst.bright)]).toEqual([
        outing.id,
        true,
      ]);
    }
    for (const { then } of moments)
      for (const { shotId, settings } of then) {
        const { rails } = look.shot(shotId).view.found?.settings ?? {};
        if (rails) expect(settings.iso).toBeLessThanOrEqual(rails.iso.last);
      }
  }
});
