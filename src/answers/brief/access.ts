import { LEAVE_KINDS, venueParts, venueTemplate } from "@/core/ground";
import { answered } from "../answered";

/** The parts of the venue that are stood on by leave alone, and the official who gives it; none in open ground. */
export const leaveHere = answered(
  ({ outing }) => [outing.ground.venue.template] as const,
  (template) => {
    const venue = venueTemplate(template);
    const kinds = new Set(venueParts(template).map((part) => part.kind));
    return venue.ok
      ? { official: venue.value.official, kinds: LEAVE_KINDS.filter((kind) => kinds.has(kind)) }
      : { official: undefined, kinds: [] };
  },
);
