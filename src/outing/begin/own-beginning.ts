import { BODIES, CONVERTERS, LENSES, SUPPORTS } from "@/core/catalogue";
import type { StoredKit } from "@/data";

/** A thing of the catalogue as a kit keeps it, without where it is known from. */
export function plain<T extends { known: string; source: string }>(row: T): Omit<T, "known" | "source"> {
  const { known: _known, source: _source, ...thing } = row;
  return thing;
}

const LENSES_AT_FIRST = ["zoom-70-200", "zoom-24-70", "zoom-100-400"];

/** A body and a lens that one owns, no lens where it is built in, with what everybody has: hands, what stands on legs, a card. */
export const kitFrom = (
  body: StoredKit["bodies"][number],
  lens?: StoredKit["lenses"][number],
): StoredKit => ({
  ...ownBeginning(),
  bodies: [body],
  lenses: lens ? [lens] : [],
  converters: [],
});

/** A generic bag to begin with, so that figures come out at once; the user makes it theirs under Kit. */
export const ownBeginning = (): StoredKit => ({
  version: 2,
  bodies: BODIES.filter((b) => b.id === "full-frame-24").map(plain),
  lenses: LENSES.filter((l) => LENSES_AT_FIRST.includes(l.id))
    .sort((a, b) => LENSES_AT_FIRST.indexOf(a.id) - LENSES_AT_FIRST.indexOf(b.id))
    .map(plain),
  converters: CONVERTERS.filter((c) => c.id === "converter-14").map(plain),
  supports: SUPPORTS.filter((s) => s.stops >= 0).map(plain),
  cards: [{ id: "card-64", name: "64 GB card", capacityGb: 64, writeMbPerSecond: 90 }],
});
