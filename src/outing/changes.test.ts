import { demoOutings } from "../../demo";
import type { Outing } from "@/data";
import { changesWords, changeWords } from "@/words";
import { changesBetween } from "./changes";
import {
  addPosition,
  editOuting,
  lockRails,
  movePosition,
  moveShot,
  removePosition,
  setCloud,
} from "./edits";

const outing = demoOutings[0]!;
const b = outing.ground.positions[1]!;
const said = (after: Outing, before = outing): string[] => changesBetween(before, after).map(changeWords);

test("what was done is told in the words of the field", () => {
  expect(said(movePosition("b", { at: { x: b.at.x + 3, y: b.at.y } })(outing))).toEqual([
    "B moved 3.0\u00a0m",
  ]);
  expect(said(movePosition("b", { lensHeight: 2 })(outing))).toEqual(["B changed"]);
  expect(said(addPosition({ ...b, id: "z", name: "Z" })(outing))).toEqual(["Z added"]);
  expect(said(removePosition("b")(outing))).toContain("B removed");
  expect(said(lockRails("drag-flick", { iso: 9 })(outing))).toEqual(["Rails of Drag flick locked or let go"]);
  expect(said(moveShot(0, 2)(outing))).toEqual(["Shots reordered"]);
  expect(said(setCloud(8)(outing))).toEqual(["Light changed"]);
  expect(said(editOuting({ notes: "mind the gate" })(outing))).toEqual(["Notes changed"]);
  const renamed = outing.ground.spots.map((s, i) => (i === 0 ? { ...s, name: "Far post" } : s));
  expect(said({ ...outing, ground: { ...outing.ground, spots: renamed } })).toEqual([
    `${outing.ground.spots[0]!.name} renamed Far post`,
  ]);
});

test("nothing done is nothing told, the revision is no change, and much is told in a line", () => {
  expect(changesBetween(outing, { ...outing, revision: 9 })).toEqual([]);
  expect(changesWords([])).toBe("Saved");
  const after = setCloud(8)(editOuting({ notes: "x" })(outing));
  expect(changesWords(changesBetween(outing, after))).toBe("Light changed, and 1 more");
});

test("the last reading taken back is told as one removed, and taking it again as one added", () => {
  const reading = {
    id: "r",
    zoneId: "z",
    spotId: "s",
    positionId: "b",
    at: 0,
    settingsEv: 8,
    offClicks: 0,
    modelEv: 8,
    dayShare: 1,
  };
  const read = { ...outing, light: { ...outing.light, readings: [...outing.light.readings, reading] } };
  expect(said(read)).toEqual(["1 reading added"]);
  expect(said(outing, read)).toEqual(["1 reading removed"]);
  const other = { ...read, light: { ...read.light, readings: [{ ...reading, offClicks: 3 }] } };
  expect(said(other, read)).toEqual(["A reading changed"]);
});

/** Something else in the place of a value, of the same kind. */
function other(value: unknown): unknown {
  if (typeof value === "string") return `${value}x`;
  if (typeof value === "number") return value + 1;
  if (typeof value === "boolean") return !value;
  if (Array.isArray(value)) return value.slice(1);
  return { ...(value as object), changed: true };
}

test("a part that no list named was changed without a word: whatever differs is told, but for what is only looked at", () => {
  const full: Outing = {
    ...outing,
    lastDate: outing.date,
    bag: null,
    weather: { temperature: 4 },
    packing: {},
    arrangements: {},
    deliverables: [{ id: "d" }],
    programme: [{ id: "e", name: "Heat" }],
    people: [{ id: "p", name: "Ida" }],
    forecast: { at: 0 },
    log: [{ id: "l" }],
    ground: {
      ...outing.ground,
      windows: [{ id: "w", name: "W" }],
      lampFiles: [{ id: "f", name: "Lamp", text: "IESNA" }],
      hall: { outline: [], height: 6 },
      leave: ["run-off"],
      areas: [{ id: "a", name: "A" }],
      tracks: [{ id: "t", name: "T" }],
    },
    light: {
      ...outing.light,
      readings: [{ id: "r" }],
      roof: { daylightShare: 0 },
      leaves: { daylightShare: 1 },
      passing: true,
      cloudHours: [],
    },
  } as unknown as Outing;
  const untold: string[] = [];
  let tried = 0;
  const tryAll = (part: object, put: (part: object) => Outing, under: string): void => {
    for (const [key, value] of Object.entries(part)) {
      tried++;
      const changed = put({
        ...part,
        [key]: value === null || (Array.isArray(value) && value.length === 0) ? [1] : other(value),
      });
      if (changesBetween(full, changed).length === 0) untold.push(`${under}${key}`);
    }
  };
  tryAll(full, (part) => part as Outing, "");
  tryAll(full.ground, (ground) => ({ ...full, ground }) as Outing, "ground.");
  tryAll(full.light, (light) => ({ ...full, light }) as Outing, "light.");
  expect(tried).toBeGreaterThan(45);
  // The ground and the light as wholes got a key that the schema does not know; a choice comes and goes with its shot.
  expect(untold).toEqual(["version", "revision", "id", "shotId", "ground", "choices", "light"]);
});
