import { SUBJECTS, TRADE_PLACES } from "@/core/catalogue";
import { OPEN_GROUND } from "@/core/ground";
import { wordsOf } from "./subjects";
import { venueName } from "./venues";

const nameOf = (subjectId: string): string => SUBJECTS.find((s) => s.id === subjectId)?.name ?? subjectId;

/** The places of the trade, row by row, each with whom it is for and the words by which it is found too. */
export const shippedTradePlaces = () =>
  TRADE_PLACES.map((place) => ({
    ...place,
    subjectNames: place.subjects.map(nameOf),
    venueNames: (place.venues.length > 0 ? place.venues : [OPEN_GROUND.id]).map(venueName),
    words: [...place.subjects.map(wordsOf), ...place.subjects.map(nameOf)].join(" "),
  }));
