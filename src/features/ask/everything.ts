import { shippedSubjects, wordsOf } from "@/answers/library/subjects";
import { shippedVenues } from "@/answers/library/venues";
import type { Outing } from "@/data";
import { dateWords } from "@/words";
import { TERMS, type Term } from "@/words/terms";
import { DRILL_ENTRIES } from "../practice/drills";
import { PARTS } from "../preferences/parts";
import type { Findable } from "./finder";

/** What is found beside panels: where a press leads, and the line that answers without one. */
export interface FoundThing extends Findable {
  readonly kind: "outing" | "person" | "place" | "subject" | "venue" | "word";
  /** The way to it; a word is told where it stands. */
  readonly href?: string;
  readonly line: string;
}

const place = (id: string, title: string, href: string, line: string, words: string): FoundThing => ({
  kind: "place",
  id,
  title,
  href,
  line,
  words,
});

/** What stands beside the outings, with what people look for there. */
const PLACES: readonly FoundThing[] = [
  place(
    "first",
    "What do I set?",
    "/first",
    "Four questions, then a card in plain words.",
    "beginner start quick settings help",
  ),
  place(
    "kit",
    "Kit",
    "/kit",
    "Bodies, lenses, converters, supports, cards.",
    "camera lens equipment ceiling highest iso add own gear batteries",
  ),
  place(
    "library",
    "Library",
    "/library",
    "Subjects, venues, light levels and rules with their sources.",
    "speeds sources subjects species sport venues rule of thumb copy",
  ),
  place(
    "practice",
    "Practice",
    "/practice",
    "Drills and lessons.",
    "train training exercise drill game learn lesson course score",
  ),
  place(
    "places",
    "Places",
    "/places",
    "Grounds that you keep, with what you know of them.",
    "kept sightings map season year compare windows",
  ),
  place(
    "preferences",
    "Preferences",
    "/preferences",
    "Theme, units, clock, words, what is given up first, everything in one file.",
    "settings of the application dark mode night red feet metres 12 hour backup export restore delete storage version language plain words walking pace school order sharpness",
  ),
  place(
    "stops",
    "Too dark? Where stops come from",
    "/stops",
    "From one dark picture to the stops that it misses.",
    "too dark picture why stops missing find",
  ),
];

const settings = (): FoundThing[] =>
  Object.entries(PARTS).map(([key, [title, words]]) =>
    place(
      `setting-${key}`,
      title,
      `/preferences?part=${key}`,
      "in Preferences",
      `${words} setting preference change`,
    ),
  );

const drills = (): FoundThing[] =>
  DRILL_ENTRIES.map(({ id, title, line }) => ({
    kind: "place",
    id: `drill-${id}`,
    title: `Drill: ${title}`,
    href: `/practice/${id}`,
    line,
    words: "practise practice train exercise drill",
  }));

const words = (): FoundThing[] =>
  (Object.keys(TERMS) as Term[]).map((key) => ({
    kind: "word",
    id: `word-${key}`,
    title: TERMS[key][0],
    line: TERMS[key][1],
    words: "meaning explain term word",
  }));

const library = (name: string): string => `/library?find=${encodeURIComponent(name)}`;

/** Everything that is found beside the panels: outings and the people in them, places, drills, subjects, venues and words. */
export const everythingElse = (outings: readonly Outing[]): FoundThing[] => [
  ...outings.map((o): FoundThing => ({
    kind: "outing",
    id: `outing-${o.id}`,
    title: o.name,
    href: `/outing/${o.id}/brief`,
    line: `${dateWords(o.date)}, ${o.place}`,
    words: `${o.place} ${o.sport} outing`,
  })),
  ...outings.flatMap((o) =>
    (o.people ?? []).map((person, i): FoundThing => ({
      kind: "person",
      id: `person-${o.id}-${i}`,
      title: person.name,
      href: `/outing/${o.id}/brief`,
      line: `in ${o.name}`,
    })),
  ),
  ...PLACES,
  ...settings(),
  ...drills(),
  ...words(),
  ...shippedSubjects().map((s): FoundThing => ({
    kind: "subject",
    id: `subject-${s.id}`,
    title: s.name,
    href: library(s.name),
    line: `${s.group}, in the library`,
    words: wordsOf(s.id),
  })),
  ...shippedVenues().map((v): FoundThing => ({
    kind: "venue",
    id: `venue-${v.id}`,
    title: v.name,
    href: library(v.name),
    line: "a ground, in the library",
    words: v.words,
  })),
];
