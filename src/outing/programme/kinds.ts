import { EVENT_KINDS, eventKindOf, type EventKind } from "@/core/catalogue";
import type { Outing, ProgrammeEvent } from "@/data";
import { placesOf, type EventPlace } from "./event-places";

/** Every kind of event, for lists of choices. */
export const eventKinds = (): readonly EventKind[] => EVENT_KINDS;

/** The kind of an event: as it was said by hand, else by its name. */
export const kindOfEvent = ({ kind, name }: Pick<ProgrammeEvent, "kind" | "name">): EventKind | undefined =>
  kind === undefined ? eventKindOf(name) : EVENT_KINDS.find((k) => k.id === kind);

/** Where a kind of event is met on a ground: at the place that is called so, else at the spot of a shot of its subjects. */
export function placeOfKind(
  { ground, shots }: Pick<Outing, "ground" | "shots">,
  kind: EventKind | undefined,
): EventPlace | null {
  if (!kind) return null;
  const taken = shots.find((s) => kind.subjects.includes(s.subjectId));
  if (taken) return { sort: "spot", id: taken.spotId };
  // An area called after something is mostly a way to it.
  const named = kind.places && placesOf(ground).find((p) => p.sort !== "area" && kind.places!.test(p.name));
  return named ? { sort: named.sort, id: named.id } : null;
}
