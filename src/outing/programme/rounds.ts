/** What of an event's name says which round of which discipline it is. */
export interface Round {
  /** Without the round: "100 m women". */
  readonly discipline: string;
  /** Undefined for what has no rounds. */
  readonly round?: "qualifying" | "heat" | "quarter-final" | "semi-final" | "final";
  /** Of several of one round, from 1. */
  readonly number?: number;
}

const ROUND =
  /[\s,;:–-]*\b(qualifying|qualification|heats?|quarter[- ]?finals?|semi[- ]?finals?|finals?)\b\s*(\d{1,2})?(?:\s*(?:of|\/)\s*\d{1,2})?/i;

const NAMES: readonly (readonly [RegExp, NonNullable<Round["round"]>])[] = [
  [/^q.*qual|^qual/i, "qualifying"],
  [/^heat/i, "heat"],
  [/^quarter/i, "quarter-final"],
  [/^semi/i, "semi-final"],
  [/^final/i, "final"],
];

/** Rounds in the order in which they are gone through. */
const ROUNDS: readonly NonNullable<Round["round"]>[] = NAMES.map(([, round]) => round);

/** "100 m women, heat 2 of 3" as its discipline, its round and which of them. */
export function roundOf(name: string): Round {
  const [whole, told, number] = ROUND.exec(name) ?? [];
  const discipline = whole === undefined ? name.trim() : name.replace(whole, "").trim();
  if (told === undefined || discipline === "") return { discipline: name.trim() };
  const round = NAMES.find(([pattern]) => pattern.test(told))![1];
  return { discipline, round, ...(number && { number: Number(number) }) };
}

/** Whether an event is a later round of the same discipline, into which one may get. */
export function isLaterRound(name: string, of: string): boolean {
  const [later, earlier] = [roundOf(name), roundOf(of)];
  if (!later.round || !earlier.round) return false;
  const same = later.discipline.toLowerCase() === earlier.discipline.toLowerCase();
  return same && ROUNDS.indexOf(later.round) > ROUNDS.indexOf(earlier.round);
}
