import { deflateSync, strToU8 } from "fflate";
import { demoKit, demoOutings } from "../../../demo";
import { firstKit, firstOuting, FIRST_GROUPS, isUnderRoof } from "@/outing/begin/first-answers";
import { DEFAULT_PREFERENCES } from "..";
import { outingInFile } from ".";
import { MOST_PACKED, packText, unpackText } from "./packed-text";

const firstFile = (subjectId: string): string => {
  const kit = firstKit("entry-short");
  const outing = firstOuting(
    {
      subjectId,
      timeZone: "Europe/London",
      at: Date.UTC(2027, 5, 12, 11),
      ...(isUnderRoof(subjectId)
        ? { light: "dim" as const }
        : { light: "sun" as const, place: { latitude: 53.2004, longitude: -1.4021 } }),
    },
    kit,
    DEFAULT_PREFERENCES,
  );
  return JSON.stringify(outingInFile({ outing, kit, preferences: DEFAULT_PREFERENCES }));
};

test("what is packed comes out as it went in, letters of any script too", () => {
  for (const text of ["{}", "ä→€ 野鳥", firstFile("swimmer-crawl"), "x".repeat(300_000)])
    expect(unpackText(packText(text))).toEqual({ ok: true, value: text });
});

test("most first outings fit a link that a phone’s camera reads; a whole demo outing does not, and is not said to", () => {
  const lengths = FIRST_GROUPS.flatMap((g) => g.subjects).map((id) => packText(firstFile(id)).length);
  const fitting = lengths.filter((n) => n <= MOST_PACKED).length;
  expect(lengths).toHaveLength(FIRST_GROUPS.reduce((n, g) => n + g.subjects.length, 0));
  expect(fitting / lengths.length).toBeGreaterThan(0.8);
  const whole = JSON.stringify(
    outingInFile({ outing: demoOutings[0]!, kit: demoKit, preferences: DEFAULT_PREFERENCES }),
  );
  expect(packText(whole).length).toBeGreaterThan(MOST_PACKED);
  expect(packText(firstFile("swimmer-crawl"))).toMatch(/^[\w-]+$/);
});

test("what is damaged is said to be, and what unfolds without end is left", () => {
  const good = packText(firstFile("swimmer-crawl"));
  for (const bad of ["", "%%%", "AAAA", "!", good.slice(0, 40)]) {
    const found = unpackText(bad);
    expect([bad, found.ok]).toEqual([bad, false]);
  }
  const bomb = deflateSync(strToU8("0".repeat(40_000_000)), { level: 9 });
  let letters = "";
  for (const byte of bomb) letters += String.fromCharCode(byte);
  expect(unpackText(btoa(letters))).toMatchObject({ ok: false, reason: "too-large" });
});
