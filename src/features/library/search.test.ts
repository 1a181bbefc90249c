import { SUBJECTS, venueWords } from "@/core/catalogue";
import { EMPTY_LIBRARY } from "@/data";
import { matching } from "@/ui/controls/matching";
import { rowsOf } from "./sections";

const found = (section: "subjects" | "venues", search: string): string[] =>
  matching(
    rowsOf(section, EMPTY_LIBRARY).map((row) => ({ ...row, key: row.id })),
    search,
  ).map((row) => row.key);

test("a search by sport found only what bears its name: it finds by sport, position, synonym and part of a word", () => {
  const basketball = SUBJECTS.filter((s) => s.id.startsWith("basketball")).map((s) => s.id);
  expect(basketball.length).toBeGreaterThan(2);
  expect(found("subjects", "basketball")).toEqual(basketball);
  expect(found("subjects", "quarterback")).toEqual(["gridiron-passer"]);
  expect(found("subjects", "spike")).toEqual(["volleyball-attack", "volleyball-attack-youth"]);
  expect(found("subjects", "soccer goalie")).toEqual(["football-goalkeeper", "football-goalkeeper-youth"]);
  expect(found("subjects", "running").length).toBeGreaterThan(8);
  expect(found("subjects", "RUNN ball")).toContain("football-runner");
  expect(found("subjects", "no such thing")).toEqual([]);
});

test("a venue is found by what is done there", () => {
  expect(found("venues", "running track")).toEqual(["athletics-400"]);
  expect(found("venues", "soccer")).toEqual(["football"]);
  expect(venueWords("pool-25")).toContain("butterfly");
});
