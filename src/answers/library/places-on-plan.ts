import { stagingOf, SUBJECTS, TRADE_PLACES, usualSubject } from "@/core/catalogue";
import { OPEN_GROUND } from "@/core/ground";
import { DEFAULT_PREFERENCES, type Outing, type StoredSubject } from "@/data";
import { librarySubject } from "@/outing/begin/library-subject";
import { catalogueGround } from "@/outing/begin/of-catalogue";
import { ownBeginning } from "@/outing/begin/own-beginning";
import { tradePlacesFor, type LaidPlace } from "@/outing/trade-places";

/** A ground of the catalogue with where the trade stands for a subject there. */
export interface PlacesOnPlan {
  /** The ground with a spot and no position, as an outing begins. */
  readonly outing: Pick<Outing, "ground" | "light">;
  readonly subject: { readonly id: string; readonly name: string };
  readonly places: readonly LaidPlace[];
}

/** A ground as a subject is met on it, and nobody standing there. */
function unwalked(subject: StoredSubject, template: string): PlacesOnPlan["outing"] {
  const { ground, light } = catalogueGround(subject, template, ownBeginning(), DEFAULT_PREFERENCES);
  return { ground: { ...ground, positions: [] }, light };
}

/** A ground with what stands there, as it is sketched. */
export const sketchOf = (template: string): PlacesOnPlan["outing"] =>
  unwalked(librarySubject(usualSubject(template) ?? SUBJECTS[0]!.id)!, template);

/** Where the trade stands for a subject on a ground; nothing where the catalogue has no place there. */
export function placesOnPlan(subjectId: string, template: string): PlacesOnPlan | undefined {
  const subject = librarySubject(subjectId);
  if (!subject) return undefined;
  const outing = unwalked(subject, template);
  const places = tradePlacesFor(outing.ground, { subject }, outing.ground.spots[0]!);
  return places.length > 0 ? { outing, subject, places } : undefined;
}

/** The plan that a place of the trade is told on: the ground its measures are of, with the first whom it is for. */
export function planOfPlace(placeId: string): PlacesOnPlan | undefined {
  const { subjects = [], venues = [] } = TRADE_PLACES.find((p) => p.id === placeId) ?? {};
  const [subjectId] = subjects;
  return subjectId === undefined
    ? undefined
    : placesOnPlan(subjectId, venues[0] ?? stagingOf(subjectId)?.venues[0] ?? OPEN_GROUND.id);
}

/** Who is photographed on a ground from a place of the trade, by the discipline and the first of its subjects. */
export const disciplinesOn = (template: string): { readonly subjectId: string; readonly name: string }[] => {
  const here = TRADE_PLACES.filter((p) => p.venues.includes(template));
  return [...new Set(here.map((p) => p.subjects[0]!))].map((subjectId) => ({
    subjectId,
    name: librarySubject(subjectId)?.name ?? subjectId,
  }));
};
