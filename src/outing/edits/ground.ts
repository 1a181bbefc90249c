import type { Surface, Venue } from "@/core/ground";
import { editGround, type Edit } from "./edit";

export const editVenue = (edit: Partial<Venue>): Edit =>
  editGround((g) => ({ venue: { ...g.venue, ...edit } }));

/** What the ground at large is made of. */
export const setSurface = (surface: Surface): Edit => editGround(() => ({ surface }));
