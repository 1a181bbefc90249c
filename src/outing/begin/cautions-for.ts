import { CAUTION_ROWS, type CautionRow, type Scenery } from "@/core/catalogue";
import { venueParts, type VenueTemplate } from "@/core/ground";
import { creatureOf } from "@/core/motion";
import type { Caution, StoredSubject } from "@/data";

interface Met {
  readonly subject: StoredSubject;
  /** Where the subject stands in the library; nothing for one of one's own. */
  readonly group?: string;
  readonly venue: VenueTemplate;
  readonly scenery: Scenery;
}

/** The group of a subject of one's own: an animal keeps the distance of the library's, whoever else is a person. */
const groupOf = (subject: StoredSubject): string =>
  ({ person: "people", animal: "mammals", insect: "insects, spiders and weather" })[creatureOf(subject)];

/** The cautions that fit what is photographed and where, in the order in which they are said; the user adds and takes away. */
export function cautionsFor({ subject, group = groupOf(subject), venue, scenery }: Met): Caution[] {
  const parts = venueParts(venue.id).map((p) => p.kind);
  const holds = ({ subjects, groups, sceneries, venues, tools, ...row }: CautionRow): boolean =>
    [
      subjects?.includes(subject.id),
      groups?.some((g) => g === group),
      sceneries?.includes(scenery),
      row.parts?.some((kind) => parts.includes(kind)),
      venues?.includes(venue.id),
      tools?.some((tool) => subject.parts.some((p) => p.name.includes(tool))),
    ].includes(true);
  return CAUTION_ROWS.filter(holds).map(({ code }) => code);
}
