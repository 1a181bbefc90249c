import type { Scenery } from "@/core/catalogue";
import type { VenueTemplate } from "@/core/ground";
import { creatureOf } from "@/core/motion";
import type { Caution, StoredSubject } from "@/data";

interface Met {
  readonly subject: StoredSubject;
  /** Where the subject stands in the library; nothing for one of one's own. */
  readonly group?: string;
  readonly venue: VenueTemplate;
  readonly scenery: Scenery;
}

const BALLS = ["ball", "puck", "sliotar"];
const THROWS = ["throwing-sector", "javelin-sector", "athletics-400"];

/** Groups of the library whose work has dangers of its own. */
const BY_GROUP: Readonly<Record<string, readonly Caution[]>> = {
  horses: ["horses"],
  motors: ["vehicles"],
  wheels: ["vehicles"],
  "climbing and gymnastics": [],
  birds: ["distance", "nests"],
  mammals: ["distance", "nests"],
};

const BY_SCENERY: Readonly<Record<Scenery, readonly Caution[]>> = {
  venue: [],
  road: ["vehicles", "run-off"],
  "field-course": ["run-off"],
  water: ["water"],
  "snow-course": ["avalanche", "cold", "run-off"],
  wall: ["heights"],
  plain: [],
};

/** The cautions that fit what is photographed and where, in the order in which they are said; the user adds and takes away. */
export function cautionsFor({ subject, group = "", venue, scenery }: Met): Caution[] {
  const person = creatureOf(subject) === "person";
  const parts = (venue.parts?.() ?? []).map((p) => p.kind);
  const animals = group === "birds" || group === "mammals" || !person;
  const found: Caution[] = [
    ...(person && group !== "motors" ? (["young-people"] as const) : []),
    ...(subject.parts.some((p) => BALLS.some((ball) => p.name.includes(ball))) ? (["balls"] as const) : []),
    ...(THROWS.includes(venue.id) ? (["throwing-sector"] as const) : []),
    ...(BY_GROUP[group] ?? []),
    ...(venue.id !== "open-ground" && !parts.includes("water") ? (["run-off"] as const) : []),
    ...(parts.includes("water") ? (["water"] as const) : []),
    ...(parts.includes("pool-deck") ? (["electricity"] as const) : []),
    ...(parts.includes("ice") ? (["cold"] as const) : []),
    ...BY_SCENERY[scenery],
    ...(animals ? (["alone"] as const) : []),
  ];
  return [...new Set(found)];
}
