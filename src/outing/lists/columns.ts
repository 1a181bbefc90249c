import { clockOf, minutesOf } from "./clock";
import { isDay } from "./day-of";

/** What a column of a table holds. */
export const ROLES = [
  "skip",
  "day",
  "at",
  "until",
  "stage",
  "name",
  "more",
  "round",
  "heat",
  "pool",
  "side",
  "minutes",
  "where",
  "lane",
  "person",
  "with",
  "club",
  "cap",
  "crew",
  "game",
  "group",
  "priority",
  "calls",
  "setUp",
  "rounds",
] as const;
export type Role = (typeof ROLES)[number];

/** What a place is called in a list: a word for it and which one. */
const PLACE_WORDS =
  "mat|tatami|ring|pitch|court|arena|field|hall|pool|rink|sheet|piste|pit|circle|bay|fence|lane area|stage|table|station|gym|bend|straight|water|track|area|venue";
const WHICH =
  "\\d{1,2}[a-d]?|[a-h]|one|two|three|four|five|six|seven|eight|north|south|east|west|main|centre|center|upper|lower|left|right|outer|inner|home|back";
const PLACE = new RegExp(
  `^(?:the )?(?:(?:${PLACE_WORDS})[ #.]*(?:no\\.? )?(?:${WHICH})|(?:${WHICH})[ -](?:${PLACE_WORDS}))$`,
  "i",
);

/** Whether a text names one of several places: "Mat 2", "COURT ONE", "Main arena", "pit A". */
export const isPlace = (text: string): boolean => PLACE.test(text.trim());

/** The place that a heading ends with: "Both age groups, pitch 1"; undefined where it names none. */
export const placeIn = (text: string): string | undefined => {
  const last = text
    .split(/,|\s[-–—]\s|:/)
    .at(-1)!
    .trim();
  return isPlace(last) ? last : undefined;
};

const HEADS: readonly (readonly [RegExp, Role])[] = [
  [/^(day|date)\b/, "day"],
  [/^(until|end|ends|finish time|to)$/, "until"],
  [
    /^(time|start|starts|start time|begin|begins|at|clock|kick[- ]?off|from|push[- ]?back|tip[- ]?off|first (horse|rider))\b/,
    "at",
  ],
  [/^(rounds|attempts|throws|trials)\b/, "rounds"],
  [/^(round|stage|phase)\b/, "round"],
  [/^heat\b/, "heat"],
  [/^(same|shows the same|final of)\b/, "group"],
  [/^(pool|group)\b/, "pool"],
  [/^(home|away|team [12ab]|red|white( corner)?|blue( corner)?|team|opponents?)$/, "side"],
  [/^(minutes?|length|duration|min|mins)\b/, "minutes"],
  [
    /^(where|place|location|spot|area|fence|venue|pitch|court|mat|ring|arena|field|hall|track|pit|sheet|rink|tatami)\b/,
    "where",
  ],
  [/^(calls?|check[- ]?in|report(ing)?|marshal\w*|assembly|call[- ]?room)\b/, "calls"],
  [/^set[- ]?up\b/, "setUp"],
  [/^(priority|worth|rank)\b/, "priority"],
  [/^(lane|ln|bib|no\.?|nr\.?|number|#|start no\.?|draw|cap no\.?)$/, "lane"],
  [/^(cap|cap colou?r|colou?r)\b/, "cap"],
  [/^(horse|pony|dog|boat|partner|owner)\b/, "with"],
  [/^(club|school|team name|nation|country|county)\b/, "club"],
  [
    /^(who|athletes?|entries|riders?|swimmers?|competitors?|names?|person|runners?|players?|fighter|judoka|handler|driver|crew|entrants?)\b/,
    "person",
  ],
  [/^(event|what|race|title|summary|discipline|fixture|match|game|activity|bout|programme|item)\b/, "name"],
  [
    /^(class|category|age|age group|division|section|stroke|distance|sex|gender|grade|level|boat class|weight)\b/,
    "more",
  ],
];

const ONE_OF_SEVERAL = /\b(\d{1,2}|[a-d])$/i;
const LANE_HEAD = /^(lane|ln|crew|boat|station)\s*\d{1,2}$/i;

/** Columns of a body by what they hold. */
interface Content {
  readonly filled: number;
  readonly clocks: number;
  readonly days: number;
  readonly whole: number;
  readonly lengths: number;
  readonly places: number;
  readonly letters: number;
  readonly named: number;
  /** Different texts among the filled. */
  readonly different: number;
}

/** A number, perhaps with a letter behind it: "12", "4a". */
const NUMBER = /^\d{1,4}[a-z]?$/i;
/** A text that is more than a letter by itself. */
const TEXT = /\p{L}{2}|\p{L}\P{L}+\p{L}/u;

function contentOf(cells: readonly string[]): Content {
  const filled = cells.filter((c) => c !== "");
  const share = (is: (cell: string) => boolean): number =>
    filled.length === 0 ? 0 : filled.filter(is).length / filled.length;
  return {
    filled: filled.length,
    clocks: share((c) => clockOf(c) !== undefined),
    days: share(isDay),
    whole: share((c) => NUMBER.test(c)),
    lengths: share((c) => /[a-z']/i.test(c) && minutesOf(c) !== undefined),
    places: share(isPlace),
    letters: share((c) => TEXT.test(c)),
    named: share((c) => /\p{L}/u.test(c)),
    different: filled.length === 0 ? 0 : new Set(filled).size / filled.length,
  };
}

const MOST = 0.6;

/** The role of one head by its words alone. */
const roleOfHead = (head: string): Role | undefined =>
  LANE_HEAD.test(head.trim()) ? "crew" : HEADS.find(([words]) => words.test(head.trim().toLowerCase()))?.[1];

/** Whether a row is the heads of a table: at least a share of its cells are words of heads, and none of them is a time. */
export function areHeads(row: readonly string[], share = 1 / 3): boolean {
  const filled = row.filter((c) => c.trim() !== "");
  if (filled.length < 2 || filled.some((c) => clockOf(c))) return false;
  return (
    filled.filter((c) => roleOfHead(c) !== undefined || isPlace(c)).length >=
    Math.max(1, filled.length * share)
  );
}

/** The column that holds the times of a table, −1 where there is none. */
export function timeColumn(rows: readonly (readonly string[])[]): number {
  const wide = Math.max(0, ...rows.map((r) => r.length));
  const shares = Array.from({ length: wide }, (_, i) => contentOf(rows.map((r) => (r[i] ?? "").trim())));
  return shares.findIndex((s) => s.clocks >= MOST && s.filled >= rows.length / 2);
}

/**
 * What each column holds: by its head first, then by what stands in it. A head that its column belies is not believed: a "Start" of bare
 * numbers is no time.
 */
export function rolesOf(heads: readonly string[] | undefined, body: readonly (readonly string[])[]): Role[] {
  const wide = Math.max(heads?.length ?? 0, ...body.map((r) => r.length));
  const content = Array.from({ length: wide }, (_, i) => contentOf(body.map((r) => (r[i] ?? "").trim())));
  const roles = content.map((c, i): Role | undefined => {
    const head = heads?.[i] ?? "";
    const told = roleOfHead(head);
    if (told && fits(told, c)) return told;
    if (c.filled === 0) return told ?? "skip";
    return undefined;
  });
  asStages(heads, roles, content);
  asMatrix(heads, roles, content);
  asHeatSheet(roles, content);
  const pairs = heads?.flatMap((h, i) => (/^(same|group)$/i.test(h.trim()) ? [i] : [])) ?? [];
  for (const i of pairs) if (roles[i] === "pool" && !isShort(body, i)) roles[i] = "group";
  return withoutHeads(roles, content, heads !== undefined);
}

/** A pool or group of a tournament is a letter or two. */
const isShort = (body: readonly (readonly string[])[], i: number): boolean =>
  body.every((r) => (r[i] ?? "").trim().length <= 2);

function fits(role: Role, { clocks, named, filled, whole }: Content): boolean {
  if (filled === 0) return true;
  if (role === "at" || role === "until") return clocks > 0.4;
  if (role === "person" || role === "club") return named >= MOST;
  // A race or event that is a bare number is not its name.
  return role !== "name" || whole < MOST;
}

/** Several columns of times whose heads name what begins then: a start in each of three phases. */
function asStages(
  heads: readonly string[] | undefined,
  roles: (Role | undefined)[],
  content: readonly Content[],
): void {
  const stages = roles.flatMap((role, i) =>
    role === undefined && content[i]!.clocks >= MOST && /\p{L}{2}/u.test(heads?.[i] ?? "") ? [i] : [],
  );
  if (stages.length >= 2 || (stages.length === 1 && !roles.includes("at")))
    for (const i of stages) roles[i] = "stage";
}

/** A time, and a column for each of several places whose head names it. */
function asMatrix(
  heads: readonly string[] | undefined,
  roles: (Role | undefined)[],
  content: readonly Content[],
): void {
  if (!heads || roles.some((r) => r === "name" || r === "side" || r === "person")) return;
  const games = roles.flatMap((role, i) => {
    const open = role === undefined || role === "where" || role === "more";
    const head = (heads[i] ?? "").trim();
    const named = isPlace(head) || (head !== "" && !ONE_OF_SEVERAL.test(head) && role === undefined);
    return open && named && content[i]!.letters >= MOST ? [i] : [];
  });
  if (games.length >= 2) for (const i of games) roles[i] = "game";
}

/** Where people stand in rows, an event's number is its number and no start number, and the lane is the lane. */
function asHeatSheet(roles: (Role | undefined)[], content: readonly Content[]): void {
  const lanes = roles.flatMap((r, i) => (r === "lane" ? [i] : []));
  if (lanes.length < 2) return;
  const best = lanes.reduce((a, b) => (content[b]!.different > content[a]!.different ? b : a));
  for (const i of lanes) if (i !== best) roles[i] = "skip";
}

/** The columns that no head explains, by what they hold. */
function withoutHeads(roles: (Role | undefined)[], content: readonly Content[], headed: boolean): Role[] {
  const has = (role: Role): boolean => roles.includes(role);
  const open = (): number[] => roles.flatMap((r, i) => (r === undefined ? [i] : []));
  const give = (role: Role, is: (c: Content) => boolean): void => {
    if (has(role)) return;
    const i = open().find((at) => is(content[at]!));
    if (i !== undefined) roles[i] = role;
  };
  if (!has("stage")) give("at", (c) => c.clocks >= MOST);
  // Under heads that do not say so a second time is no end.
  if (!headed) give("until", (c) => c.clocks >= MOST);
  give("day", (c) => c.days >= MOST);
  give("where", (c) => c.places >= MOST);
  give("minutes", (c) => c.lengths >= MOST);
  const texts = open().filter((i) => content[i]!.letters >= MOST && content[i]!.clocks < MOST);
  if (!has("name") && !has("game") && !has("side")) {
    // Under heads a class or a section is the name where nothing else is; without, what comes again and again is the event.
    const again = texts.filter((i) => content[i]!.different <= 0.6);
    const persons = texts.filter((i) => content[i]!.different > 0.6);
    const more = roles.indexOf("more");
    if (!headed && again.length > 0 && persons.length > 0) {
      roles[again[0]!] = "name";
      if (!has("person")) roles[persons[0]!] = "person";
      for (const i of persons.slice(1)) roles[i] = "with";
    } else if (has("person") && more >= 0) roles[more] = "name";
    else if (texts.length > 0) roles[texts[0]!] = "name";
    else if (more >= 0) roles[more] = "name";
  }
  for (const i of open()) {
    const { letters, whole } = content[i]!;
    // Among people a number is theirs; a text beside the name belongs to it where no head said otherwise.
    if (whole >= MOST && has("person") && !has("lane")) roles[i] = "lane";
    else if (letters >= MOST && !headed) roles[i] = "more";
  }
  return roles.map((role) => role ?? "skip");
}
