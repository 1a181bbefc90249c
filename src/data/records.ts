import {
  KIT_VERSION,
  kitSchema,
  librarySchema,
  PREFERENCES_VERSION,
  preferencesSchema,
  OUTING_VERSION,
  outingSchema,
  type Library,
  type Preferences,
  type Outing,
  type StoredKit,
} from "./schema";
import { placesSchema, type Places } from "./schema/place";
import { practiceSchema, type Practice } from "./schema/practice";
import { venueTemplate, type Venue } from "@/core/ground";
import { hallFor } from "./hall";
import { freeId } from "./ids";
import type { Migrations, RecordKind } from "./migrate";

type Raw = Record<string, unknown>;
const isRaw = (value: unknown): value is Raw =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * Version 3 knows walls and surfaces of a venue, and lamps that stay on as long as anybody does: those that went out with
 * the end of the outing only did so because it had to be said. What cannot be read is left for the schema to name.
 */
function toVersion3(old: Raw): Raw {
  const { ground, light } = old;
  if (!isRaw(ground) || !isRaw(light) || !isRaw(ground.venue)) return old;
  const lit = (lamps: unknown): unknown => {
    if (!isRaw(lamps) || lamps.until !== old.until) return lamps;
    const { until: _, ...rest } = lamps;
    return rest;
  };
  const venue = venueTemplate(String(ground.venue.template));
  const surface = venue.ok && (ground.surface ?? "grass") === "grass" ? venue.value.surface : undefined;
  const roofed = isRaw(light.roof);
  return {
    ...old,
    ground: {
      ...ground,
      ...(surface && { surface }),
      ...(roofed && { hall: hallFor(ground.venue as unknown as Venue) }),
    },
    light: { ...light, lamps: lit(light.lamps) },
  };
}

/** Version 4 says "locked" of a rail that is kept by hand and "time zone" in full. */
function toVersion4({ zone, ...old }: Raw): Raw {
  const locked = (choice: unknown): unknown => {
    if (!isRaw(choice)) return choice;
    const { held, ...rest } = choice;
    return { ...rest, locked: held };
  };
  const { choices } = old;
  return { ...old, timeZone: zone, choices: Array.isArray(choices) ? choices.map(locked) : choices };
}

/**
 * Version 5 has one list of areas, each with its kind: what was a list of surfaces and a list of closed places. An id that
 * stands in both is told apart. What cannot be read is left for the schema to name.
 */
function toVersion5(old: Raw): Raw {
  if (!isRaw(old.ground)) return old;
  const { noGo = [], areas = [], ...ground } = old.ground;
  if (!Array.isArray(noGo) || !Array.isArray(areas)) return old;
  const surfaces = areas.map((area: unknown) => (isRaw(area) ? { ...area, kind: "surface" } : area));
  const taken = surfaces.filter(isRaw).map(({ id }) => ({ id: String(id) }));
  const closed = noGo.map((area: unknown) => {
    if (!isRaw(area)) return area;
    const id = taken.some((t) => t.id === area.id) ? freeId(String(area.id), taken) : area.id;
    taken.push({ id: String(id) });
    return { ...area, id, kind: "no-go" };
  });
  return { ...old, ground: { ...ground, areas: [...surfaces, ...closed] } };
}

/** Version 6 lets an event be along a track or within an area, and serve several shots. */
function toVersion6(old: Raw): Raw {
  if (!Array.isArray(old.programme)) return old;
  const placed = (event: unknown): unknown => {
    if (!isRaw(event)) return event;
    const { spotId, shotId, ...rest } = event;
    return {
      ...rest,
      place: typeof spotId === "string" ? { sort: "spot", id: spotId } : null,
      ...(typeof shotId === "string" && { shotIds: [shotId] }),
    };
  };
  return { ...old, programme: old.programme.map(placed) };
}

/** Version 2 knows what an outing is, who lets one in, what is in the bag, what was counted, and how much a shot matters. */
const OUTING_STEPS: Migrations = {
  1: (old) => ({
    ...old,
    kind: "field",
    archived: false,
    access: { allowedBy: "", mayStand: "", fallBack: "" },
    cautions: [],
    bag: null,
    log: [],
    notes: "",
    shots: Array.isArray(old.shots) ? old.shots.map((shot: Raw) => ({ priority: 2, ...shot })) : old.shots,
  }),
  2: toVersion3,
  3: toVersion4,
  4: toVersion5,
  5: toVersion6,
};

/** Version 2 knows cards. */
const KIT_STEPS: Migrations = { 1: (old) => ({ ...old, cards: [] }) };

export const DEFAULT_PREFERENCES: Preferences = {
  version: PREFERENCES_VERSION,
  theme: "day",
  themeByLight: false,
  units: "m",
  clock: "24",
  tolerance: "print-sharp",
  school: "lift",
  walkingPace: 1.3,
  order: ["lift", "aperture", "shutter", "iso"],
};

/** Version 2 knows units, clock, tolerance, school and pace. */
const PREFERENCES_STEPS: Migrations = { 1: (old) => ({ ...DEFAULT_PREFERENCES, ...old }) };

export const EMPTY_LIBRARY: Library = {
  version: 1,
  subjects: [],
  lightLevels: [],
  startingSettings: [],
  venues: [],
};

export const EMPTY_PLACES: Places = { version: 1, places: [], sightings: [] };
export const EMPTY_PRACTICE: Practice = { version: 1, runs: [] };

/** Outings, each at its version, with the steps that raise older ones. */
export const OUTING_RECORD: RecordKind<Outing> = {
  schema: outingSchema,
  version: OUTING_VERSION,
  migrations: OUTING_STEPS,
};

/** A kind of which there is one record. */
export interface OneKind<T> extends RecordKind<T> {
  /** Where it stands in the store. */
  readonly key: string;
  /** What it is until something is written; a beginning makes it where this is left out. */
  readonly begins?: T;
  /** What becomes of one that a file brings: its things come beside mine, or it is taken as a whole where that was chosen. */
  readonly arrives: "joined" | "chosen";
  /** A member that tells a lone record of this kind from those of others that could be read as it. */
  readonly knownBy: keyof T & string;
}

/** What is kept beside the outings, by its name. */
export interface RecordOf {
  readonly kit: StoredKit;
  readonly library: Library;
  readonly preferences: Preferences;
  readonly places: Places;
  readonly practice: Practice;
}
export type RecordName = keyof RecordOf;
/** A row of each kind. */
export type Kinds<R> = { readonly [N in keyof R]: OneKind<R[N]> };

/**
 * Every kind of record beside the outings: reading, keeping, earlier states, what is unsaved, files out and in and repairs loop over
 * these rows.
 */
export const ONE_KINDS: Kinds<RecordOf> = {
  kit: {
    key: "bp/kit",
    schema: kitSchema,
    version: KIT_VERSION,
    migrations: KIT_STEPS,
    arrives: "joined",
    knownBy: "bodies",
  },
  library: {
    key: "bp/library",
    schema: librarySchema,
    version: 1,
    migrations: {},
    begins: EMPTY_LIBRARY,
    arrives: "joined",
    knownBy: "subjects",
  },
  preferences: {
    key: "bp/preferences",
    schema: preferencesSchema,
    version: PREFERENCES_VERSION,
    migrations: PREFERENCES_STEPS,
    begins: DEFAULT_PREFERENCES,
    arrives: "chosen",
    knownBy: "clock",
  },
  places: {
    key: "bp/places",
    schema: placesSchema,
    version: 1,
    migrations: {},
    begins: EMPTY_PLACES,
    arrives: "joined",
    knownBy: "sightings",
  },
  practice: {
    key: "bp/practice",
    schema: practiceSchema,
    version: 1,
    migrations: {},
    begins: EMPTY_PRACTICE,
    arrives: "joined",
    knownBy: "runs",
  },
};

/** The names of a table's rows. */
export const namesOf = <R>(kinds: Kinds<R>): readonly (keyof R & string)[] =>
  Object.keys(kinds) as (keyof R & string)[];

/** What is kept, by its name. */
export interface RecordTypes extends RecordOf {
  readonly outing: Outing;
}

export const RECORD_KINDS: { readonly [N in keyof RecordTypes]: RecordKind<RecordTypes[N]> } = {
  ...ONE_KINDS,
  outing: OUTING_RECORD,
};
