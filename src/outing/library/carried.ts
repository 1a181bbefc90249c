import { mergeRecords, sameValue, windowOf, type Library, type Outing } from "@/data";
import type { Edit } from "../edits";
import { changeVenue, editVenue } from "../edits/ground";

type OwnSubject = Library["subjects"][number];
type OwnVenue = Library["venues"][number];

/** Own entries that an over outing keeps as they were, besides what lies in it anyway. */
const FROZEN = ["lightLevels", "startingSettings"] as const;

/** Whether an outing is over: what happens in the library then leaves it as it was. */
const isOver = (outing: Outing, now: number): boolean => now > windowOf(outing).until;

/**
 * An outing after the library was changed from one state to another. One that is not over takes its own entries as they are now, but for what
 * was set otherwise in it; one that is over keeps what it had. The outing itself where nothing of it changed.
 *
 * @param now Epoch milliseconds.
 */
export function carriedInto(outing: Outing, before: Library, after: Library, now: number): Outing {
  if (isOver(outing, now)) return frozen(outing, before, after);
  const subjects = after.subjects.reduce((o, row) => {
    const was = before.subjects.find((s) => s.id === row.id);
    return sameValue(was, row) ? o : takeSubject(row, was)(o);
  }, outing);
  const venue = after.venues.find((v) => v.id === outing.own?.venue?.id);
  return venue && !sameValue(venue, outing.own!.venue) ? takeVenue(venue)(subjects) : subjects;
}

function frozen(outing: Outing, before: Library, after: Library): Outing {
  return FROZEN.reduce((o, section) => {
    if (o.own?.[section] || sameValue(before[section], after[section])) return o;
    return { ...o, own: { ...o.own, [section]: before[section] } };
  }, outing);
}

/** Takes a subject of the library; what was set otherwise in the outing than it stood in the library stays. */
const takeSubject =
  (row: OwnSubject, was: OwnSubject | undefined): Edit =>
  (outing) => {
    const mine = outing.subjects.find((s) => s.id === row.id);
    if (!mine) return outing;
    const next = was
      ? mergeRecords<OwnSubject>(was, { ...mine, source: mine.source ?? was.source }, row)
      : row;
    const parts = ["body", ...next.parts.map((p) => p.id)];
    return {
      ...outing,
      subjects: outing.subjects.map((s) => (s.id === row.id ? next : s)),
      // What was held and is there no longer: the body is held instead.
      shots: outing.shots.map((shot) =>
        shot.subjectId === row.id && !parts.includes(shot.holdPartId)
          ? { ...shot, holdPartId: "body" }
          : shot,
      ),
    };
  };

/** Takes a venue of the library: its marks, how it lies, where, and its name where the place had the one before. */
const takeVenue =
  (row: OwnVenue): Edit =>
  (outing) => {
    const was = outing.own?.venue;
    const { template, bearing } = outing.ground.venue;
    const marked = row.template === template ? outing : changeVenue(row.template)(outing);
    const turned = row.bearing === bearing ? marked : editVenue({ bearing: row.bearing })(marked);
    return {
      ...turned,
      ...(was && outing.place === was.name && { place: row.name }),
      ground: { ...turned.ground, anchor: liesAt(row, turned.ground.anchor) },
      own: { ...outing.own, venue: row },
    };
  };

function liesAt({ latitude, longitude }: OwnVenue, anchor: Outing["ground"]["anchor"]) {
  if (latitude === undefined || longitude === undefined) return anchor;
  const { assumed: _, ...known } = anchor;
  return { ...known, latitude, longitude };
}

/** The library as an outing has it: one that was over when it changed keeps what it had. */
export const libraryFor = ({ own }: Outing, library: Library): Library =>
  own?.lightLevels || own?.startingSettings
    ? {
        ...library,
        lightLevels: own.lightLevels ?? library.lightLevels,
        startingSettings: own.startingSettings ?? library.startingSettings,
      }
    : library;

/** An entry of one's own that the library has otherwise than the outing. */
export interface Newer {
  readonly section: "subjects" | "venues" | (typeof FROZEN)[number];
  readonly id: string;
  /** As the library calls it; of levels and settings the section alone, which is taken as a whole. */
  readonly name?: string;
  /** Takes the library's. */
  readonly take: Edit;
}

/** What of the outing the library has otherwise now. A colour that the outing alone has is no difference. */
export function newerFor(outing: Outing, library: Library): Newer[] {
  const subjects = library.subjects.flatMap((row): Newer[] => {
    const mine = outing.subjects.find((s) => s.id === row.id);
    const like = mine && {
      ...mine,
      colour: row.colour === undefined ? undefined : mine.colour,
      source: mine.source ?? row.source,
    };
    if (!like || sameValue(like, row)) return [];
    return [{ section: "subjects", id: row.id, name: row.name, take: takeSubject(row, undefined) }];
  });
  const venue = library.venues.find((v) => v.id === outing.own?.venue?.id);
  const venues: Newer[] =
    venue && !sameValue(venue, outing.own!.venue)
      ? [{ section: "venues", id: venue.id, name: venue.name, take: takeVenue(venue) }]
      : [];
  const lists = FROZEN.flatMap((section): Newer[] =>
    outing.own?.[section] && !sameValue(outing.own[section], library[section])
      ? [{ section, id: section, take: thaw(section) }]
      : [],
  );
  return [...subjects, ...venues, ...lists];
}

const thaw =
  (section: (typeof FROZEN)[number]): Edit =>
  (outing) => {
    const { [section]: _, ...own } = outing.own ?? {};
    return { ...outing, own };
  };
