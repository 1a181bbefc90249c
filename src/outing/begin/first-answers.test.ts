import { SUBJECTS } from "@/core/catalogue";
import { sunAt } from "@/core/light";
import { DEFAULT_PREFERENCES, outingSchema } from "@/data";
import { looked } from "../../../test/outings";
import {
  FIRST_GROUPS,
  FIRST_KITS,
  firstHour,
  firstKit,
  firstOuting,
  HALL_LIGHT,
  isUnderRoof,
  SKY,
  type FirstAnswers,
} from "./first-answers";

const HERE = { latitude: 53.2, longitude: -1.4 };
const noon = Date.UTC(2027, 5, 12, 11);
const answers = (subjectId: string, more: Partial<FirstAnswers> = {}): FirstAnswers => ({
  subjectId,
  ...(isUnderRoof(subjectId) ? { light: "ordinary" } : { light: "sun", place: HERE }),
  timeZone: "Europe/London",
  at: noon,
  ...more,
});
const SUBJECT_IDS = FIRST_GROUPS.flatMap((g) => g.subjects);

test("nobody meets more than eight choices, and all of them are in the library", () => {
  expect(FIRST_GROUPS.length).toBeLessThanOrEqual(8);
  expect(FIRST_KITS.length).toBeLessThanOrEqual(8);
  for (const { subjects } of FIRST_GROUPS) expect(subjects.length).toBeLessThanOrEqual(8);
  for (const id of SUBJECT_IDS) expect([id, SUBJECTS.some((s) => s.id === id)]).toEqual([id, true]);
  expect(new Set(SUBJECT_IDS).size).toBe(SUBJECT_IDS.length);
});

/** Every subject with one of the kits, and those of the first group with all of them. */
const PAIRED = SUBJECT_IDS.flatMap((id, i) => {
  const all = FIRST_GROUPS[0]!.subjects.includes(id);
  return FIRST_KITS.filter((_, k) => all || k === i % FIRST_KITS.length).map((kit) => [id, kit.id] as const);
});

test("every first answer with a kit is an outing that can be kept, with settings on its card, and nobody stands where it is dangerous", () => {
  let made = 0;
  for (const [id, kitId] of PAIRED) {
    const kit = firstKit(kitId);
    const outing = firstOuting(answers(id), kit, DEFAULT_PREFERENCES);
    expect([id, outingSchema.safeParse(outing).error?.issues]).toEqual([id, undefined]);
    const { view } = looked(outing, kit);
    expect([id, view.found?.ok]).toEqual([id, true]);
    expect(view.found!.judgement.filter((j) => ["no-standing", "keep-off"].includes(j.code))).toEqual([]);
    made++;
  }
  expect(made).toBe(PAIRED.length);
  expect(new Set(PAIRED.map(([id]) => id)).size).toBe(SUBJECT_IDS.length);
});

test("a hall is darker by each of its drawings, and an open sky by each of its own", () => {
  const kit = firstKit("full-70-200");
  const evOf = (id: string, light: FirstAnswers["light"]): number =>
    looked(firstOuting(answers(id, { light }), kit, DEFAULT_PREFERENCES), kit).view.found!.light.ev;
  for (const id of ["basketball-drive", "swimmer-crawl"]) {
    const evs = (Object.keys(HALL_LIGHT) as (keyof typeof HALL_LIGHT)[]).map((light) => evOf(id, light));
    expect(evs[0]).toBeGreaterThan(evs[1]!);
    expect(evs[1]).toBeGreaterThan(evs[2]!);
  }
  const skies = (Object.keys(SKY) as (keyof typeof SKY)[]).map((light) => evOf("road-runner", light));
  expect(skies).toEqual([...skies].sort((a, b) => b - a));
  expect(skies.at(-1)).toBeLessThan(skies[0]! - 2);
});

test("a hall needs no coordinates; in the open it is now by daylight, and tomorrow at ten after dark, whatever the hour", () => {
  expect(
    firstOuting(answers("swimmer-crawl"), firstKit("phone"), DEFAULT_PREFERENCES).ground.anchor.assumed,
  ).toBe(true);
  let dark = 0;
  for (let hour = 0; hour < 24; hour++) {
    const now = Date.UTC(2027, 10, 5, hour, 20);
    const asked = { place: HERE, timeZone: "Europe/London" };
    const { at, isNow } = firstHour(now, asked);
    expect(at).toBeGreaterThanOrEqual(now);
    expect(at - now).toBeLessThan(36 * 3_600_000);
    expect(sunAt(at, { ...HERE, elevation: 0 }).apparentAltitude).toBeGreaterThan(3);
    if (!isNow) dark++;
    expect(firstHour(now, { timeZone: "Europe/London" })).toEqual({ at: now, isNow: true });
  }
  expect(dark).toBeGreaterThan(10);
  expect(dark).toBeLessThan(18);
});

test("an evening that passes midnight says its last date", () => {
  const late = firstOuting(
    answers("swimmer-crawl", { at: Date.UTC(2027, 0, 5, 23, 10) }),
    firstKit("phone"),
    DEFAULT_PREFERENCES,
  );
  expect(late).toMatchObject({ date: "2027-01-05", from: "23:10", until: "01:10", lastDate: "2027-01-06" });
});
