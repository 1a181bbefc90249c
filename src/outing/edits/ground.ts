import { OPEN_GROUND, venueTemplate, type Surface } from "@/core/ground";
import { HALL_DAYLIGHT, hallFor, mergeRecords, type Outing } from "@/data";
import { laidOtherwise } from "../furnished";
import { editGround, type Edit } from "./edit";

/** The venue laid otherwise; what stands on it turns and moves with it. */
export const editVenue = (edit: Partial<Outing["ground"]["venue"]>): Edit =>
  editGround((g) => laidOtherwise(g, { ...g.venue, ...edit }));

/** A roof where the venue has one, open sky where it has none; leaves stay where they were. */
function coverOf({ roof, ...light }: Outing["light"], indoors: boolean): Outing["light"] {
  return indoors ? { ...light, leaves: undefined, roof: roof ?? { daylightShare: HALL_DAYLIGHT } } : light;
}

/**
 * Another venue in the same place, lying the same way: its hall, its surface and what stands there come with it, and leave is asked
 * anew. Positions, spots and what was placed or changed by hand stay where they are; what may not be stood on now is said.
 */
export const changeVenue =
  (template: string): Edit =>
  (outing) => {
    const found = venueTemplate(template);
    if (!found.ok) return outing;
    const { changed: _changed, ...lies } = outing.ground.venue;
    const venue = { ...lies, template };
    const { hall: _hall, ...ground } = laidOtherwise(outing.ground, venue);
    const hall = hallFor(venue);
    const surface = template === OPEN_GROUND.id ? ground.surface : (found.value.surface ?? "grass");
    return {
      ...outing,
      ground: { ...ground, surface, leave: [], ...(hall && { hall }) },
      light: coverOf(outing.light, hall !== undefined),
    };
  };

/** Parts of the venue as its template has them again: one of them, or all. */
export const asTemplateHas = (part?: number): Edit =>
  editGround(({ venue: { changed = [], ...venue } }) => {
    const left = changed.filter((c) => part !== undefined && c.part !== part);
    return { venue: left.length > 0 ? { ...venue, changed: left } : venue };
  });

/** What a file made of a ground; what was done on it since that was read stays. */
export const groundFrom = (made: Outing["ground"], onto: Outing["ground"]): Edit =>
  editGround((now) => mergeRecords(onto, made, now));

/** A photometric file that masts can name. */
export const addLampFile = (file: NonNullable<Outing["ground"]["lampFiles"]>[number]): Edit =>
  editGround(({ lampFiles = [] }) => ({ lampFiles: [...lampFiles, file] }));

/** What the ground at large is made of. */
export const setSurface = (surface: Surface): Edit => editGround(() => ({ surface }));
