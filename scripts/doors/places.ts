import { grownOf, stagingOf, SUBJECTS, TRADE_PLACES, asSubject, type TradePlace } from "@/core/catalogue";
import { LEAVE_KINDS, planDistance, type Point } from "@/core/ground";
import {
  assess,
  searchPositions,
  type Candidate,
  type Score,
  type ScoreCode,
  type SearchInput,
} from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { DEFAULT_PREFERENCES, lightPlanOf, windowOf, type Outing } from "@/data";
import { newOuting } from "@/outing/begin/new-outing";
import { putShot } from "@/outing/edits";
import { searchedArea } from "@/outing/searched-area";
import { tradePlacesFor } from "@/outing/trade-places";
import { demoKit } from "../../demo";

/** A place of practice set against the search: both judged by the same score, with every lens of the demo's bag. */
export interface PlaceRow {
  readonly place: TradePlace;
  readonly subjectId: string;
  /** 0 … 1; a code where nobody may stand there or nothing can be taken. */
  readonly score: number | string;
  readonly best: number;
  /** Where it would come among the search's list, 1 the best. */
  readonly rank: number;
  /** Metres to the nearest of the list. */
  readonly nearest: number;
  /** The part that takes most from it against the best, where they part by more than `CLOSE`. */
  readonly parted?: ScoreCode;
}

/** Within it two places are as good as each other: a twentieth of the score. */
const CLOSE = 0.05;

/** Why the trade stands there all the same, by the part of the score that it gives away. */
const WHY: Readonly<Partial<Record<ScoreCode, string>>> = {
  reach: "kept farther off than the score asks, for safety or because the play comes nearer",
  face: "the score sees one instant; the trade waits for the one in which they turn",
  background: "the score weighs what stands behind; the trade takes the action that comes only there",
  "light-enough": "a longer or slower lens, for which the trade pays in ISO",
  "eye-level": "raised on purpose, to part players from one another and from the ground",
  movement: "across the way they go, as the action is told best, and dearer in shutter",
  "light-side": "where the action goes, whatever side the sun is on",
};

const SUMMER = { date: "2027-05-22", from: "14:00", until: "16:00", starts: "15:00" };
/** Places that the grid has at most: coarse, since what is found is polished. */
const MOST_PLACES = 200;

/** The first of a place's subjects that is met on its venues, and which of these. */
function metAt({ subjects, venues }: TradePlace): { readonly subjectId: string; readonly template: string } {
  const met = SUBJECTS.filter(({ id }) => subjects.includes(grownOf(id))).flatMap(({ id }) => {
    const template = stagingOf(id)!.venues.find((v) => venues.includes(v));
    return template ? [{ subjectId: id, template, usual: stagingOf(id)!.venues[0] === template }] : [];
  });
  return met.find((m) => m.usual && m.subjectId === subjects[0]) ?? met.find((m) => m.usual) ?? met[0]!;
}

function outingFor(subjectId: string, template: string, side: TradePlace["side"]): Outing {
  const row = SUBJECTS.find((s) => s.id === subjectId)!;
  const staging = stagingOf(subjectId)!;
  const subject = asSubject(row);
  const begun = newOuting(
    {
      name: "Place of practice",
      template,
      place: "Anywhere",
      latitude: 53.2,
      longitude: -1.4,
      timeZone: "Europe/London",
      ...SUMMER,
      subject: { ...subject, parts: [...subject.parts] },
      staging,
      group: row.group,
    },
    demoKit,
    DEFAULT_PREFERENCES,
  );
  const shot = { ...begun.shots[0]!, ...(side && { side }) };
  const outing = putShot(shot, begun.subjects[0]!, demoKit, shot.id)(begun);
  // Leave is given everywhere: what the officials say is another matter than how good a place is.
  return { ...outing, ground: { ...outing.ground, leave: [...LEAVE_KINDS] } };
}

function searchFor(outing: Outing): SearchInput {
  const area = [searchedArea(outing.ground, outing.shots[0]!.spotId, 0)];
  const xs = area[0]!.map((p) => p.x);
  const ys = area[0]!.map((p) => p.y);
  const size = (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  const [body, support] = [demoKit.bodies[0]!, demoKit.supports[0]!];
  return {
    shot: outing.shots[0]!,
    subject: outing.subjects[0]!,
    order: DEFAULT_PREFERENCES.order,
    ground: outing.ground,
    light: lightPlanOf(outing),
    area,
    step: Math.sqrt(size / MOST_PLACES),
    lensHeights: [0.7, 1.6],
    times: [windowOf(outing).starts],
    rigs: demoKit.lenses.map((lens) => ({ body, support, lens })),
    list: { most: 8, apart: 4 },
  };
}

/** The best that the lenses of the bag make of a place. */
function scoreAt(input: SearchInput, at: Point, lensHeight: number): Score | string {
  const scene = sceneAt(input.ground, input.light, input.times[0]!);
  let best: Score | undefined;
  let why = "no-picture";
  for (const rig of input.rigs) {
    const position = { id: "here", name: "here", at, lensHeight };
    const found = assess({
      shot: input.shot,
      subject: input.subject,
      order: input.order,
      position,
      rig,
      scene,
    });
    if (!found.ok) why = found.reason;
    else if (found.score.vetoed) why = found.judgement.find((j) => j.weight === "veto")!.code;
    else if (!best || found.score.value > best.value) best = found.score;
  }
  return best ?? why;
}

/** The part by which the better place is ahead most. */
function partedBy(better: Score, worse: Score): ScoreCode {
  const lead = better.parts.map((part) => {
    const own = worse.parts.find((p) => p.code === part.code);
    return { code: part.code, by: part.weight * (part.score - (own?.score ?? 0)) };
  });
  return lead.sort((a, b) => b.by - a.by)[0]!.code;
}

/** Every place of practice that has a venue, against the search on that venue for the first of its subjects. */
export function placeRows(): PlaceRow[] {
  const searched = new Map<string, { readonly input: SearchInput; readonly list: readonly Candidate[] }>();
  return TRADE_PLACES.filter((place) => place.venues.length > 0).map((place) => {
    const { subjectId, template } = metAt(place);
    const key = `${subjectId} ${template} ${place.side ?? ""}`;
    if (!searched.has(key)) {
      const input = searchFor(outingFor(subjectId, template, place.side));
      const work = searchPositions(input);
      let step = work.next();
      while (!step.done) step = work.next();
      searched.set(key, { input, list: step.value.list });
    }
    const { input, list } = searched.get(key)!;
    const spot = input.ground.spots.find((s) => s.id === input.shot.spotId)!;
    const laid = tradePlacesFor(input.ground, { subject: input.subject, side: place.side }, spot).find(
      (p) => p.place.id === place.id,
    )!;
    const score = scoreAt(input, laid.at, laid.lensHeight);
    const best = list[0]!;
    const value = typeof score === "string" ? -1 : score.value;
    const bestScore = scoreAt(input, best.at, best.lensHeight);
    const parts = typeof score !== "string" && typeof bestScore !== "string" && best.score - value > CLOSE;
    return {
      place,
      subjectId,
      score: typeof score === "string" ? score : value,
      best: best.score,
      rank: 1 + list.filter((c) => c.score > value).length,
      nearest: Math.min(...list.map((c) => planDistance(c.at, laid.at))),
      ...(parts && { parted: partedBy(bestScore, score) }),
    };
  });
}

const cell = (row: PlaceRow): string =>
  [
    row.place.discipline,
    row.place.situation,
    row.subjectId,
    typeof row.score === "string" ? row.score : row.score.toFixed(2),
    row.best.toFixed(2),
    typeof row.score === "string" ? "–" : String(row.rank),
    `${row.nearest.toFixed(0)} m`,
    row.parted ?? "",
  ].join(" | ");

/** docs/places.md: the trade's places against the search's. */
export function placesPage(rows: readonly PlaceRow[]): string {
  const scored = rows.flatMap((r) => (typeof r.score === "number" ? [r.best - r.score] : []));
  const within = (most: number): number => scored.filter((gap) => gap <= most).length;
  const parted = [...new Set(rows.flatMap((r) => r.parted ?? []))].sort();
  return `# Where the trade stands, and where the computation does

Written by \`npm run places\`; a test keeps it true. Places of practice (common practice, no source) on the venue of their
discipline, with the subject as the library has it met there, in open light at 15:00 in May, leave given everywhere, with the lenses
of the demo's bag. Both are judged by the same score with the same weights; nothing is fitted per row.

- *score*: of the trade's place, with the best lens; a code where it is ruled out. *best*: of the search's first.
- *rank*: where the trade's place would come in the search's list of eight that lie 4 m apart; 9 is after all of them. *nearest*:
  from it to the nearest of them.
- *parted by*: the part of the score that takes most from it, where the two part by more than 0.05.

${within(CLOSE)} of ${scored.length} places of the trade lie within 0.05 of the search's best, ${within(0.1)} within 0.10. Unaided: by the score alone, without the
rule that a place of practice as good as the best stands first. Why the trade stands there all the same (common practice), by the part
that it gives away:

${parted.map((code) => `- *${code}*: ${WHY[code]}.`).join("\n")}

discipline | situation | subject | score | best | rank | nearest | parted by
--- | --- | --- | --- | --- | --- | --- | ---
${rows.map(cell).join("\n")}
`;
}
