import type { WayToTake } from "@/answers/expose/ways";
import type { Rail } from "@/core/exposure";
import { apertureWords, isoWords, shutterWords, stopsNoun } from "./format";

const WORDS: Readonly<Record<Rail, (click: number) => string>> = {
  shutter: shutterWords,
  aperture: apertureWords,
  iso: isoWords,
};

/** What forbids a way out, and what it would give: "you hold f/8: let go, 3 stops". */
export const heldWayWords = ({ rail, click, gives }: NonNullable<WayToTake["held"]>): string =>
  `you hold ${WORDS[rail](click)}: ${gives > 0 ? `let go, ${stopsNoun(gives)}` : "to let go gives nothing more"}`;
