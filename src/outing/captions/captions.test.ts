import type { Frame } from "@/data/schema/frame";
import { anOuting } from "../../../test/outings";
import { frameBursts } from "../frames/bursts";
import { matchedBursts } from "../frames/matched";
import { captionFor, USUAL_CAPTION } from "./caption";
import { byNumber } from "./fields";
import { captionOf, CAPTION_FIELDS, listed, readTemplate, wordsOf, type CaptionFields } from "./template";

const NOTHING = Object.fromEntries(CAPTION_FIELDS.map((f) => [f, []])) as unknown as CaptionFields;
const fields = (told: Partial<CaptionFields>): CaptionFields => ({ ...NOTHING, ...told });
const ADA = fields({
  person: ["Ada Finch"],
  club: ["Quarry Lane HC"],
  event: ["Semi-final"],
  place: ["Quarry Lane"],
  date: ["17 October 2026"],
});
const USUAL = "{person}, {club}, after {event} at {place}, {date}";

test("a template says its fields", () => {
  expect(captionOf(USUAL, ADA)).toBe(
    "Ada Finch, Quarry Lane HC, after Semi-final at Quarry Lane, 17 October 2026",
  );
});

test("a condition stands only where all its fields say something; gaps close about what says nothing", () => {
  const template = "{person}[ ({club})][, after {event}] at {place}, {date}";
  expect(captionOf(template, { ...ADA, club: [], event: [] })).toBe(
    "Ada Finch at Quarry Lane, 17 October 2026",
  );
  expect(captionOf(USUAL, { ...ADA, person: [], club: [] })).toBe(
    "after Semi-final at Quarry Lane, 17 October 2026",
  );
  expect(captionOf("[{person} in [{event} of ]{place}]", { ...ADA, event: [] })).toBe(
    "Ada Finch in Quarry Lane",
  );
});

test("lists are joined as one says them, or by a sign of one's own", () => {
  const three = { ...ADA, person: ["A", "B", "C"] };
  expect(captionOf("{person}", three)).toBe("A, B and C");
  expect(captionOf("{person; / }", three)).toBe("A / B / C");
  expect([listed([]), listed(["A"]), listed(["A", "B"])]).toEqual(["", "A", "A and B"]);
  expect(wordsOf("{person}, in {place}, {club}, {club}", three)).toEqual([
    "A",
    "B",
    "C",
    "in Quarry Lane",
    "Quarry Lane HC",
  ]);
});

test("a sign after a backslash is itself", () => {
  expect(captionOf("\\{person\\} \\[{place}\\]", ADA)).toBe("{person} [Quarry Lane]");
});

test.each([
  ["{persn} at {place}", [{ code: "unknown-field", at: 0, what: "persn", perhaps: "person" }]],
  ["{xyzzyx}", [{ code: "unknown-field", at: 0, what: "xyzzyx" }]],
  ["at {place", [{ code: "not-closed", at: 3, what: "{" }]],
  ["{person} [at {place}", [{ code: "not-closed", at: 9, what: "[" }]],
  [
    "a ] b }",
    [
      { code: "not-opened", at: 2, what: "]" },
      { code: "not-opened", at: 6, what: "}" },
    ],
  ],
  ["{}", [{ code: "empty-field", at: 0, what: "{}" }]],
  [USUAL, []],
])("a template is checked as it is typed: %s", (template, faults) => {
  expect(readTemplate(template).faults).toEqual(faults);
});

const hockey = anOuting("hockey-semi-final").view;
const outing = {
  ...hockey.outing,
  people: [
    { id: "ada", name: "Ada Finch", number: "7", club: "Quarry Lane HC", consent: "given" as const },
    { id: "mo", name: "Mo Lund", number: "11", consent: "refused" as const },
  ],
};
const at = hockey.window.starts + 600_000;
const frame: Frame = {
  id: "f1",
  files: [{ name: "B1.JPG", size: 9 }],
  taken: at,
  hasSubSeconds: true,
  body: "a",
  rating: 2,
};
const clocks = [{ body: "a", ahead: 0, error: 0.5, drift: 0, at, by: "picture" as const }];
const tag = (names: string[], words?: string) => ({
  id: "t1",
  at: at + 4000,
  kind: "person" as const,
  names,
  ...(words && { words }),
});
const captioned = (tags: Parameters<typeof matchedBursts>[2], told?: Frame["told"]) => {
  const one = { ...frame, ...(told && { told }) };
  const [burst] = matchedBursts(outing, frameBursts([one], clocks), tags, []);
  return captionFor(outing, one, burst!, { ...USUAL_CAPTION, creator: "Sam Roe" });
};

test("people come from the tag, or from a number and one's people; what a hand told rules", () => {
  expect(captioned([tag(["Ada Finch"])]).sidecar).toMatchObject({
    persons: ["Ada Finch"],
    rights: "© 2026 Sam Roe",
    rating: 2,
    location: outing.place,
  });
  expect(captioned([tag([], "7")]).sidecar.persons).toEqual(["Ada Finch"]);
  expect(captioned([tag([], "7")]).sidecar.description).toContain("Ada Finch (Quarry Lane HC)");
  expect(captioned([tag(["Somebody Else"])], { personIds: ["ada"] }).sidecar.persons).toEqual(["Ada Finch"]);
  expect(byNumber(outing.people, "7 and #11").map((p) => p.id)).toEqual(["ada", "mo"]);
});

test("nobody is named who refused, anywhere, and the frame is flagged", () => {
  for (const tags of [[tag(["Mo Lund", "Ada Finch"])], [tag([], "11 and 7")]]) {
    const { sidecar, isRefused } = captioned(tags);
    expect(isRefused).toBe(true);
    expect(JSON.stringify(sidecar)).not.toMatch(/Mo|Lund|no pictures/);
    expect(sidecar.persons).toEqual(["Ada Finch"]);
  }
  expect(captioned([], { personIds: ["mo"] })).toMatchObject({ isRefused: true, sidecar: { persons: [] } });
  expect(captioned([tag(["Ada Finch"])]).isRefused).toBe(false);
});

test("an animal is told by its common and its scientific name", () => {
  const lagoon = anOuting("lagoon-at-first-light").view;
  const when = lagoon.window.starts;
  const tern = lagoon.outing.shots.find((s) => s.subjectId.startsWith("tern"))!;
  const one = { ...frame, taken: when, told: { shotId: tern.id } };
  const [burst] = matchedBursts(lagoon.outing, frameBursts([one], []), [], []);
  const { sidecar } = captionFor(lagoon.outing, one, burst!, {
    ...USUAL_CAPTION,
    description: "{subject} ({scientific})",
  });
  expect(sidecar.description).toBe("tern (Sterna)");
  expect(sidecar.keywords).toContain("Sterna");
});
