import type { Outing, Sighting, Tag } from "@/data";
import { isPlaceExact, leaves, type Kept, type Leaving } from "./choice";
import { isKeptOff } from "../places/keep-off";
import { toGrid } from "./grid";
import { PARTS_OF_OUTING, without } from "./parts-of-outing";

/** An outing that minds the nests and dens which its place is known to have, though none is drawn on its own ground. */
export const mindingNests = (outing: Outing, sightings: readonly Sighting[]): Outing =>
  outing.placeId !== undefined &&
  !outing.cautions.includes("nests") &&
  sightings.some((s) => s.placeId === outing.placeId && isKeptOff(s))
    ? { ...outing, cautions: [...outing.cautions, "nests"] }
    : outing;

/** What an outing has that is asked about each time. */
export const keptOf = ({ cautions, ground }: Pick<Outing, "cautions" | "ground">): Kept => ({
  isYoung: cautions.includes("young-people"),
  hasNests: cautions.includes("nests") || ground.areas.some(({ kind }) => kind === "nest"),
});

/**
 * An outing as it goes to somebody else: without the parts that were not chosen, without nests and dens unless they are ticked, and
 * to the kilometre where its place is not to be told. Who refused stays marked where names go. Nothing of the one that is kept is
 * changed.
 */
export function asItLeaves(outing: Outing, leaving: Leaving): Outing {
  const kept = keptOf(outing);
  const isGone = PARTS_OF_OUTING.filter(({ part }) => !leaves(part, leaving, kept));
  const left = isGone.reduce((rest, { path, instead }) => without(rest, path, instead), outing);
  const { ground } = left;
  const areas = leaving.ticked.includes("nests")
    ? ground.areas
    : ground.areas.filter(({ kind }) => kind !== "nest");
  const anchor = isPlaceExact(leaving, kept) ? ground.anchor : toGrid(ground.anchor);
  return { ...left, ground: { ...ground, areas, anchor }, ...consented(left, leaving) };
}

/** Consents are for the one who asked; a refusal goes with the name, so that nobody shows what may not be shown. */
const consented = ({ people }: Outing, { ticked }: Leaving): Pick<Outing, "people"> =>
  people && !ticked.includes("consent")
    ? {
        people: people.map((p) => ({
          ...p,
          consent: p.consent === "refused" ? ("refused" as const) : ("not-asked" as const),
        })),
      }
    : {};

/** Tags as they go to somebody else: where people do not go, their times and events alone. */
export function tagsAsTheyLeave(tags: readonly Tag[], outing: Outing, leaving: Leaving): Tag[] {
  const kept = keptOf(outing);
  if (!leaves("log", leaving, kept)) return [];
  if (leaves("people", leaving, kept)) return [...tags];
  return tags.map(({ words: _, ...tag }) => ({ ...tag, names: [] }));
}

/** Whether what was spoken goes along, and a picture that is traced over. */
export const soundLeaves = (outing: Outing, leaving: Leaving): boolean =>
  leaves("words", leaving, keptOf(outing)) && leaves("people", leaving, keptOf(outing));
export const pictureLeaves = (outing: Outing, leaving: Leaving): boolean =>
  leaves("plan", leaving, keptOf(outing)) && isPlaceExact(leaving, keptOf(outing));
