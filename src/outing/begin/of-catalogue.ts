import { stagingOf, SUBJECTS } from "@/core/catalogue";
import { OPEN_GROUND } from "@/core/ground";
import type { Outing, Preferences, StoredKit, StoredSubject } from "@/data";
import { newOuting, unplacedOuting, type NewOuting } from "./new-outing";

/** An afternoon in May, in the open: what is told of the catalogue where nobody goes there. */
const AFTERNOON = {
  place: "Practice ground",
  latitude: 52,
  longitude: 5,
  timeZone: "UTC",
  date: "2026-05-16",
  from: "13:00",
  starts: "14:00",
  until: "16:00",
} as const;

/** A subject on the ground where it is usually met, as the library has it; open ground where it says nothing. */
export function usuallyMet(
  subject: StoredSubject,
): Pick<NewOuting, "name" | "template" | "subject" | "staging" | "group"> {
  const staging = stagingOf(subject.id);
  return {
    name: subject.name,
    template: staging?.venues[0] ?? OPEN_GROUND.id,
    subject,
    staging,
    group: SUBJECTS.find((s) => s.id === subject.id)?.group,
  };
}

const wishFor = (subject: StoredSubject, template?: string): NewOuting => ({
  ...AFTERNOON,
  ...usuallyMet(subject),
  ...(template && { template }),
});

/** An outing of a subject as it would begin on an afternoon in May on its usual ground, with somebody's kit. */
export const catalogueOuting = (
  subject: StoredSubject,
  kit: StoredKit,
  preferences: Preferences,
): Outing => ({ ...newOuting(wishFor(subject), kit, preferences), id: `catalogue-${subject.id}` });

/** The same on a ground of choice, before anybody chose where to stand. */
export const catalogueGround = (
  subject: StoredSubject,
  template: string,
  kit: StoredKit,
  preferences: Pick<Preferences, "tolerance">,
): Outing => unplacedOuting(wishFor(subject, template), kit, preferences);
