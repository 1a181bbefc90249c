import type { Rail } from "@/core/exposure";
import { apertureWords, isoNumberWords, isoWords, shutterWords } from "./format";

const WORDS: Readonly<Record<Rail, (click: number) => string>> = {
  shutter: shutterWords,
  aperture: apertureWords,
  iso: isoWords,
};

/** A click of a rail as it is said in a sentence: "1/1000", "f/2.8", "ISO 800". */
export const railWords = (rail: Rail, click: number): string => WORDS[rail](click);

/** The same where the rail's name stands beside it: "800". */
export const railFigure = (rail: Rail, click: number): string =>
  rail === "iso" ? isoNumberWords(click) : railWords(rail, click);
