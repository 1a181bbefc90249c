import type { WayToTake } from "@/answers/expose/ways";
import { stopsNoun } from "./format";
import { railWords } from "./rail";

/** What forbids a way out, and what it would give: "you hold f/8: let go, 3 stops". */
export const heldWayWords = ({ rail, click, gives }: NonNullable<WayToTake["held"]>): string =>
  `you hold ${railWords(rail, click)}: ${gives > 0 ? `let go, ${stopsNoun(gives)}` : "to let go gives nothing more"}`;
