import { shippedLight } from "@/answers/library/light";
import { aboutSubject } from "@/answers/library/about-subject";
import { shippedSubjects, wordsOf } from "@/answers/library/subjects";
import { shippedTradePlaces } from "@/answers/library/trade-places";
import { isHall, shippedVenues, venueName } from "@/answers/library/venues";
import type { Library } from "@/data";
import type { StretchBand, StretchScale } from "@/ui/charts/Stretch";
import { cautionName } from "@/words/cautions";
import {
  evRangeWords,
  exposureWords,
  figureWords,
  framingWords,
  hoursWords,
  metresWords,
  monthsWords,
  sizeWords,
  speedWords,
} from "@/words";
import { LIGHT, SHUTTER, SPEED } from "./scales";

/** Parts of the library; of all but the places of the trade one may have entries of one's own. */
export type OwnSection = "subjects" | "venues" | "lightLevels" | "startingSettings";
export type SectionKey = OwnSection | "tradePlaces";

type Fact = readonly [name: string, value: string];

/** One row of the library as it is listed and opened. */
export interface LibraryRow {
  readonly id: string;
  readonly title: string;
  readonly detail: string;
  /** What it says when it is opened: worked out then. */
  readonly facts: () => readonly Fact[];
  readonly known: string;
  readonly source: string;
  readonly own: boolean;
  /** What it is filtered by. */
  readonly group: string;
  /** From where to where it goes on the scale of its section. */
  readonly bands?: readonly StretchBand[];
  readonly dots?: readonly number[];
  /** Sport, parts and synonyms by which it is found too. */
  readonly words?: string;
}

/** The group of what is one's own. */
const YOURS = "yours";

interface SubjectLike {
  readonly id: string;
  readonly name: string;
  readonly height: number;
  readonly length?: number;
  readonly span?: number;
  readonly bodySpeed: number;
  readonly fastSpeed?: number;
  readonly bob: number;
  readonly parts: readonly {
    readonly name: string;
    readonly speed: number;
    readonly fast?: number;
    readonly halfWidth?: number;
  }[];
  readonly known: string;
  readonly source: string;
  readonly group?: string;
}

const subjectRow = (s: SubjectLike, own: boolean): LibraryRow => ({
  id: s.id,
  title: s.name,
  detail: `${s.group ?? YOURS}, body ${speedWords(s.bodySpeed)}`,
  facts: () => [
    ["Height", sizeWords(s.height)],
    ...(s.length ? ([["Length", sizeWords(s.length)]] as const) : []),
    ...(s.span ? ([["Span", sizeWords(s.span)]] as const) : []),
    ["Bob, up and down", speedWords(s.bob)],
    ...(own ? [] : aboutFacts(s.id)),
  ],
  known: s.known,
  source: s.source,
  own,
  group: s.group ?? YOURS,
  bands: speedBands(s),
  words: own ? undefined : wordsOf(s.id),
});

/** The body from its usual to its fast speed, and behind it what of it is fastest. */
function speedBands({ bodySpeed, fastSpeed, parts }: SubjectLike): StretchBand[] {
  const fastest = Math.max(...parts.map((p) => p.fast ?? p.speed), 0);
  const least = Math.min(...parts.map((p) => p.speed), Infinity);
  return [
    ...(fastest > 0 ? [{ from: least, until: fastest, tone: "sunFill" } as const] : []),
    { from: bodySpeed, until: fastSpeed ?? bodySpeed, tone: "water" },
  ];
}

/** What the library tells of a subject besides its measures: when it is about, how it is framed, where it is met. */
function aboutFacts(id: string): readonly Fact[] {
  const about = aboutSubject(id);
  if (!about) return [];
  const { activity, keepOff, framing, starts, grounds, situations, cautions } = about;
  return [
    ["Drawn as", figureWords(about.figure)],
    ["About", hoursWords(activity)],
    ["Season", monthsWords(activity)],
    ...(keepOff === undefined ? [] : [["Keep off", keepOffWords(keepOff)] as const]),
    ["Usual framing", framingWords(framing)],
    ...starts.map((s, i) => [i === 0 ? "Practice starts at" : "or at", startWords(s)] as const),
    ["Begins on", grounds[0]!],
    ...(grounds.length > 1 ? [["Met on", grounds.slice(1).join("; ")] as const] : []),
    ["The trade stands for", situations.join("; ")],
    ["Mind", cautions.map(cautionName).join(", ")],
  ];
}

const startWords = ({
  discipline,
  shutter,
}: {
  readonly discipline: string;
  readonly shutter: number;
}): string => `${exposureWords(shutter)}, ${discipline.charAt(0).toLowerCase()}${discipline.slice(1)}`;

const keepOffWords = (metres: number): string =>
  metres > 0 ? `${metresWords(metres)} and more` : "as far as it stays undisturbed";

const venueRow = (v: ReturnType<typeof shippedVenues>[number]): LibraryRow => ({
  id: v.id,
  title: v.name,
  detail: `${metresWords(v.width)} × ${metresWords(v.length)}`,
  facts: () => [
    ["Width", metresWords(v.width)],
    ["Length", metresWords(v.length)],
    ["Run-off, sides", metresWords(v.runOff.side)],
    ["Run-off, ends", metresWords(v.runOff.end)],
  ],
  known: v.known,
  source: v.source,
  own: false,
  group: isHall(v.id) ? "in halls" : "in the open",
  words: v.words,
});

const ownVenueRow = (v: Library["venues"][number]): LibraryRow => ({
  id: v.id,
  title: v.name,
  detail: `yours, ${venueName(v.template)}`,
  facts: () => [
    ["Long axis", `${Math.round(v.bearing)}°`],
    ...(v.notes ? ([["Notes", v.notes]] as const) : []),
  ],
  known: v.known,
  source: v.source,
  own: true,
  group: YOURS,
});

type LevelLike = { id: string; name: string; evFrom: number; evTo: number; known: string; source: string };
/** EV from which a level is one of the day. */
const DAYLIGHT = 10;
const levelRow = (l: LevelLike, own: boolean): LibraryRow => ({
  id: l.id,
  title: l.name,
  detail: evRangeWords(l.evFrom, l.evTo),
  facts: () => [["Light", evRangeWords(l.evFrom, l.evTo)]],
  known: l.known,
  source: l.source,
  own,
  group: own ? YOURS : l.evTo >= DAYLIGHT ? "by day" : "by lamps, dusk and night",
  bands: [{ from: l.evFrom, until: l.evTo, tone: "sunFill" }],
});

type StartLike = Pick<
  Library["startingSettings"][number],
  "id" | "discipline" | "shutter" | "least" | "withLight" | "known" | "source"
> & {
  readonly fNumber: readonly [number, number];
  readonly schools?: readonly [string, string];
};
const startRow = (s: StartLike, own: boolean): LibraryRow => ({
  id: s.id,
  title: s.discipline,
  detail: `start at ${exposureWords(s.shutter)}, f/${s.fNumber[0]}`,
  facts: () => [
    ["Start at", exposureWords(s.shutter)],
    ["Slowest", exposureWords(s.least)],
    ["With light to spare", exposureWords(s.withLight)],
    [
      "Aperture",
      s.fNumber[0] === s.fNumber[1] ? `f/${s.fNumber[0]}` : `f/${s.fNumber[0]} to f/${s.fNumber[1]}`,
    ],
    ...(s.schools ?? []).map((school, i) => [i === 0 ? "Some" : "Others", school] as const),
  ],
  known: s.known,
  source: s.source,
  own,
  group: own ? YOURS : s.schools ? "of two schools" : "of one mind",
  bands: [{ from: s.least, until: s.withLight, tone: "water" }],
  dots: [s.shutter],
});

const tradeRow = (p: ReturnType<typeof shippedTradePlaces>[number]): LibraryRow => ({
  id: p.id,
  title: p.situation === p.discipline.toLowerCase() ? p.discipline : `${p.discipline}: ${p.situation}`,
  detail: `${p.venueNames[0]!}, ${p.lensMm} mm`,
  facts: () => [
    ["For", p.subjectNames.join(", ")],
    ["On", p.venueNames.join(", ")],
    ["Lens, on 36 × 24 mm", `${p.lensMm} mm`],
    ...(p.height === undefined ? [] : [["Lens height", metresWords(p.height)] as const]),
    ["Why there", p.why],
    ...(p.hazard ? [["What can hurt", p.hazard] as const] : []),
  ],
  known: "common practice",
  source: "common practice, no source",
  own: false,
  group: p.discipline,
  words: p.words,
});

export const SECTION_TITLES: Readonly<Record<SectionKey, string>> = {
  subjects: "Subjects",
  venues: "Venues",
  lightLevels: "Light",
  startingSettings: "Settings",
  tradePlaces: "Places",
};

/** The scale that the rows of a section share, where they go from somewhere to somewhere. */
export const SCALES: Partial<Readonly<Record<SectionKey, StretchScale>>> = {
  subjects: SPEED,
  lightLevels: LIGHT,
  startingSettings: SHUTTER,
};

/** Rows of a section, the user's own first; of the light from the brightest. */
export function rowsOf(section: SectionKey, own: Library): LibraryRow[] {
  switch (section) {
    case "subjects":
      return [
        ...own.subjects.map((s) => subjectRow(s, true)),
        ...shippedSubjects().map((s) => subjectRow(s, false)),
      ];
    case "venues":
      return [...own.venues.map(ownVenueRow), ...shippedVenues().map(venueRow)];
    case "lightLevels":
      return [
        ...own.lightLevels.map((l) => levelRow(l, true)),
        ...shippedLight.levels.map((l) => levelRow(l, false)),
      ].toSorted((a, b) => b.bands![0]!.until - a.bands![0]!.until);
    case "startingSettings":
      return [
        ...own.startingSettings.map((s) => startRow(s, true)),
        ...shippedLight.startingSettings.map((s) => startRow(s, false)),
      ];
    case "tradePlaces":
      return shippedTradePlaces().map(tradeRow);
  }
}
