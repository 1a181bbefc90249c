import { fromVenue, venueHall, type Venue } from "@/core/ground";

/** A hall has no daylight but that of the windows and skylights that are told of it. */
export const HALL_DAYLIGHT = 0;

/** The walls of a venue's hall as they lie on the plan, to the centimetre; absent for a venue that lies out of doors. */
export function hallFor(venue: Venue): { outline: { x: number; y: number }[]; height: number } | undefined {
  const hall = venueHall(venue.template);
  if (!hall) return undefined;
  const outline = hall.outline.map((p) => {
    const { x, y } = fromVenue(venue, p);
    return { x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100 };
  });
  return { outline, height: hall.height };
}
