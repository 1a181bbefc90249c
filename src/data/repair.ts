import type { z } from "zod";
import { fromJson, raisedRecord, type Fault, type RecordKind } from "./migrate";
import { RECORD_KINDS, type RecordTypes } from "./records";

export interface Repaired<T> {
  readonly value: T;
  /** What was done at each place, in the order in which it was done. */
  readonly mends: readonly Fault[];
}

/** Rounds of mending: mending one place may show what is wrong behind it. */
const ROUNDS = 12;

/**
 * A stored text that its schema refuses, mended where that can be done without inventing anything: a number goes to the end
 * of its range, a year of two figures into this century, a list to its longest, and what points at nothing goes. Nothing
 * where the text is no record, or cannot be mended.
 */
export function repair<N extends keyof RecordTypes>(
  name: N,
  raw: string,
): Repaired<RecordTypes[N]> | undefined {
  const kind: RecordKind<RecordTypes[N]> = RECORD_KINDS[name];
  const mends: Fault[] = [];
  let record = raisedRecord(kind, fromJson(raw));
  if (!record) return undefined;
  for (let round = 0; round < ROUNDS; round++) {
    const parsed = kind.schema.safeParse(record);
    if (parsed.success) return { value: parsed.data, mends };
    const next: Record<string, unknown> = structuredClone(record);
    // From the back, so that taking one thing out of a list moves none that is still to be mended.
    const issues: z.core.$ZodIssue[] = parsed.error.issues.toSorted((a, b) => comparePaths(b.path, a.path));
    for (const issue of issues) {
      const message = mend(next, issue);
      if (message === undefined) return undefined;
      mends.push({ path: issue.path.join("."), message });
    }
    record = next;
  }
  return undefined;
}

type Path = readonly PropertyKey[];
type Holder = Record<PropertyKey, unknown>;

function comparePaths(a: Path, b: Path): number {
  for (let i = 0; i < Math.max(a.length, b.length); i++) {
    const [x, y] = [a[i], b[i]];
    if (x === y) continue;
    if (typeof x === "number" && typeof y === "number") return x - y;
    return String(x ?? "").localeCompare(String(y ?? ""));
  }
  return 0;
}

const holderOf = (record: unknown, path: Path): Holder | undefined =>
  path.slice(0, -1).reduce<unknown>((at, key) => (at as Holder | undefined)?.[key], record) as
    Holder | undefined;

/** Mends one fault in place and says how; nothing where it cannot. */
function mend(record: unknown, issue: z.core.$ZodIssue): string | undefined {
  const key = issue.path.at(-1);
  const holder = holderOf(record, issue.path);
  if (key === undefined || !holder) return undefined;
  const value = holder[key];
  const put = (next: unknown): string => {
    holder[key] = next;
    return `${told(value)} becomes ${told(next)}`;
  };
  const ranged = intoRange(value, issue);
  if (ranged !== undefined) return put(ranged);
  const dated = intoThisCentury(value);
  if (dated !== undefined) return put(dated);
  return takeAway(record, issue.path);
}

function intoRange(value: unknown, issue: z.core.$ZodIssue): unknown {
  if (issue.code !== "too_big" && issue.code !== "too_small") return undefined;
  const end = Number(issue.code === "too_big" ? issue.maximum : issue.minimum);
  if (typeof value === "number") return issue.inclusive === false ? undefined : end;
  if (issue.code === "too_small") return undefined;
  return typeof value === "string" || Array.isArray(value) ? value.slice(0, end) : undefined;
}

/** 0026-10-17, as a browser makes of a year typed in two figures. */
function intoThisCentury(value: unknown): string | undefined {
  const found = typeof value === "string" ? /^00(\d\d-\d\d-\d\d)$/.exec(value) : null;
  return found ? `20${found[1]}` : undefined;
}

/** Takes the nearest thing of a list that a fault lies in out of its list. */
function takeAway(record: unknown, path: Path): string | undefined {
  const at = path.findLastIndex((key) => typeof key === "number");
  if (at < 0) return undefined;
  const list = holderOf(record, path.slice(0, at + 1)) as unknown;
  if (!Array.isArray(list)) return undefined;
  const [gone] = list.splice(path[at] as number, 1) as ({ name?: unknown; id?: unknown } | undefined)[];
  return `${told(gone?.name ?? gone?.id ?? path[at])} is taken away`;
}

const told = (value: unknown): string => {
  const text = typeof value === "string" ? value : (JSON.stringify(value) ?? "nothing");
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
};
