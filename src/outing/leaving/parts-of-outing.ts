import type { Part } from "./choice";

/** Where something of an outing stands, and what it is to others. */
export interface PartAt {
  /** Names within the outing with dots between; `[]` is each of a list. */
  readonly path: string;
  readonly part: Part;
  /** What stands there where the part does not leave; it is taken out when this is left out. */
  readonly instead?: unknown;
}

/**
 * Every text of an outing, and what else tells of people, of the place or of the day: a test walks the schema for texts that are
 * not here.
 */
export const PARTS_OF_OUTING: readonly PartAt[] = [
  { path: "name", part: "names", instead: "An outing" },
  { path: "sport", part: "title" },
  { path: "subjects[].name", part: "title" },
  { path: "subjects[].parts[].name", part: "title" },
  { path: "shots[].name", part: "title" },
  { path: "ground.spots[].name", part: "names", instead: "A spot" },
  { path: "ground.positions[].name", part: "names", instead: "A position" },
  { path: "ground.zones[].name", part: "names", instead: "A light zone" },

  { path: "place", part: "place", instead: "Not told" },
  { path: "own", part: "words" },
  // Where one's own subject is known from.
  { path: "subjects[].source", part: "words" },
  // Two files of one place would tell that they are.
  { path: "placeId", part: "place" },
  { path: "walks", part: "log" },
  { path: "evidence", part: "log" },
  { path: "access.mayStand", part: "place", instead: "" },
  { path: "access.fallBack", part: "place", instead: "" },

  { path: "ground.areas", part: "plan", instead: [] },
  { path: "ground.tracks", part: "plan", instead: [] },
  { path: "ground.spots[].happens", part: "plan" },
  { path: "ground.obstacles[].name", part: "plan", instead: "Something in the way" },
  { path: "ground.masts[].name", part: "plan", instead: "Mast" },
  { path: "ground.masts[].file", part: "plan" },
  { path: "ground.lampFiles", part: "plan" },
  { path: "ground.windows[].name", part: "plan", instead: "Window" },

  { path: "programme", part: "programme" },
  { path: "programme[].who", part: "people" },
  { path: "programme[].result", part: "people" },
  { path: "people", part: "people" },

  { path: "access.allowedBy", part: "contacts", instead: "" },
  { path: "arrangements.guides", part: "contacts" },
  // Codes of gates and what opens with the pass stand here too.
  { path: "arrangements.pass", part: "contacts" },
  { path: "arrangements.contacts", part: "contacts" },
  { path: "deliverables[].to", part: "contacts", instead: "" },

  { path: "arrangements.size", part: "words" },
  { path: "arrangements.active", part: "words" },
  { path: "arrangements.rules", part: "words" },
  { path: "packing.own", part: "words", instead: [] },
  { path: "deliverables", part: "words" },
  { path: "notes", part: "words", instead: "" },

  { path: "log", part: "log", instead: [] },
  { path: "light.readings", part: "log", instead: [] },
  { path: "light.taken", part: "log" },
  { path: "shots[].got", part: "log" },
  { path: "forecast", part: "log" },
];

/** A value without what stands at a path, or with something else there; the value itself where nothing does. */
export function without<T>(value: T, path: string, instead?: unknown): T {
  const names = path.replaceAll("[]", ".[]").split(".");
  return cut(value, names, instead) as T;
}

function cut(value: unknown, [name, ...rest]: readonly string[], instead: unknown): unknown {
  if (name === "[]") return (value as unknown[]).map((one) => cut(one, rest, instead));
  if (typeof value !== "object" || value === null || !(name! in value)) return value;
  const { [name!]: at, ...others } = value as Record<string, unknown>;
  if (rest.length > 0) return { ...others, [name!]: cut(at, rest, instead) };
  return instead === undefined ? others : { ...others, [name!]: instead };
}
