import { fromVenue, venueHall, type Venue } from "@/core/ground";

/** Daylight factor of a hall with few windows (common practice). */
export const HALL_DAYLIGHT = 0.01;

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
