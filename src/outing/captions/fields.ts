import { animalName } from "@/core/catalogue";
import { wallTimeOf, type Outing, type Person, type Tag } from "@/data";
import type { Frame } from "@/data/schema/frame";
import { keptOf } from "../leaving/as-it-leaves";
import { foundIn } from "../people/found-in";
import { nameMarked } from "../people/refused";
import { timedProgramme } from "../programme/event-times";
import type { MatchedBurst } from "../frames/matched";
import type { CaptionFields } from "./template";

/** Who is in a frame, as far as they may be named. */
export interface WhoIsIn {
  readonly names: readonly string[];
  readonly people: readonly Person[];
  /** Somebody in it refused to be shown: they are named nowhere, and the frame is flagged. */
  readonly isRefused: boolean;
}

const numbersIn = (text: string): string[] => text.match(/\d{1,4}/g) ?? [];

/** One's people of those numbers on their shirts. */
export const byNumber = (people: readonly Person[], text: string): Person[] =>
  numbersIn(text).flatMap((n) => people.find((p) => p.number?.replace(/\D/g, "") === n) ?? []);

/** A number said aloud or typed is on a shirt; that of a lane or a heat is not. */
const saysNumber = (tag: Tag | undefined): boolean => tag?.kind !== "lane" && tag?.kind !== "heat";

/** Who is in a frame: told by hand, else by its tag: by name, or by a number and one's people. */
export function whoIsIn(outing: Outing, frame: Frame, burst: Pick<MatchedBurst, "tag">): WhoIsIn {
  const all = outing.people ?? [];
  const told = frame.told?.personIds;
  const { tag } = burst;
  const tagged: readonly string[] = told
    ? all.filter((p) => told.includes(p.id)).map((p) => p.name)
    : tag && tag.names.length > 0
      ? tag.names
      : byNumber(all, saysNumber(tag) ? (tag?.words ?? "") : "").map((p) => p.name);
  const names = tagged.map((name) => name.replace(/ \(no pictures\)$/, ""));
  const isRefused = (name: string): boolean => nameMarked(name, all) !== name;
  const allowed = names.filter((name) => !isRefused(name));
  return {
    names: allowed,
    people: all.filter(
      (p) => p.consent !== "refused" && allowed.some((name) => foundIn(p, name) !== undefined),
    ),
    isRefused: names.some(isRefused),
  };
}

const only = (text: string | undefined): readonly string[] => (text ? [text] : []);
const distinct = (all: readonly (string | undefined)[]): string[] => [
  ...new Set(all.flatMap((text) => text || [])),
];

/** "17 October 2026". */
const dateIn = (at: number, timeZone: string): string =>
  new Intl.DateTimeFormat("en-GB", { timeZone, day: "numeric", month: "long", year: "numeric" }).format(at);

/** Names that tell where it was: none where a nest or a den is minded. */
const namesOf = (
  outing: Outing,
  { positionId }: MatchedBurst,
): Pick<CaptionFields, "outing" | "place" | "position"> =>
  keptOf(outing).hasNests
    ? { outing: [], place: [], position: [] }
    : {
        outing: only(outing.name),
        place: only(outing.place),
        position: only(outing.ground.positions.find((p) => p.id === positionId)?.name),
      };

/** What the fields of a caption say of a frame of a burst. */
export function captionFields(
  outing: Outing,
  frame: Frame,
  burst: MatchedBurst,
  creator: string,
): CaptionFields {
  const { names, people } = whoIsIn(outing, frame, burst);
  const event = timedProgramme(outing).find((e) => e.id === burst.eventId);
  const shot = outing.shots.find((s) => s.id === burst.shotId);
  const subject = outing.subjects.find((s) => s.id === shot?.subjectId);
  const animal = subject && animalName(subject.id);
  const date = dateIn(burst.from, outing.timeZone);
  return {
    person: names,
    number: distinct(people.map((p) => p.number)),
    club: distinct(people.map((p) => p.club)),
    event: only(event?.name),
    shot: only(shot?.name),
    subject: only(animal?.common ?? subject?.name),
    scientific: only(animal?.scientific),
    sport: only(outing.sport),
    ...namesOf(outing, burst),
    date: [date],
    time: [wallTimeOf(burst.from, outing.timeZone)],
    year: only(/\d{4}$/.exec(date)?.[0]),
    creator: only(creator),
  };
}
