import type { z } from "zod";

/** Raises a record by one version; keyed by the version it starts from. */
export type Migrations = Readonly<Record<number, (old: Record<string, unknown>) => Record<string, unknown>>>;

/** One fault: the place as a path such as `ground.spots.2.facing`, and what is wrong there. */
export interface Fault {
  readonly path: string;
  readonly message: string;
}

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | {
      readonly ok: false;
      readonly reason: "not-a-record" | "newer-version" | "no-way-up" | "faults";
      readonly faults: readonly Fault[];
    };

export interface RecordKind<T> {
  readonly schema: z.ZodType<T>;
  readonly version: number;
  readonly migrations: Migrations;
}

const refuse = (reason: "not-a-record" | "newer-version" | "no-way-up", path: string, message: string) =>
  ({ ok: false, reason, faults: [{ path, message }] }) as const;

/** Reads a record from outside: raised to the present version step by step, then checked as a whole. */
export function parseRecord<T>(kind: RecordKind<T>, raw: unknown): Parsed<T> {
  const raised = raise(kind, raw);
  if (!raised.ok) return raised;
  const parsed = kind.schema.safeParse(raised.value);
  if (parsed.success) return { ok: true, value: parsed.data };
  return { ok: false, reason: "faults", faults: faultsOf(parsed.error) };
}

/** A record at the present version, not checked yet; nothing where it is none, or of a version that cannot be raised. */
export function raisedRecord<T>(kind: RecordKind<T>, raw: unknown): Record<string, unknown> | undefined {
  const raised = raise(kind, raw);
  return raised.ok ? raised.value : undefined;
}

function raise<T>(kind: RecordKind<T>, raw: unknown): Parsed<Record<string, unknown>> {
  if (typeof raw !== "object" || raw === null || Array.isArray(raw))
    return refuse("not-a-record", "", "a record with a version is expected here");
  let record = raw as Record<string, unknown>;
  const from = record.version;
  if (typeof from !== "number" || !Number.isInteger(from))
    return refuse("not-a-record", "version", "a whole number is expected as the version");
  if (from > kind.version)
    return refuse(
      "newer-version",
      "version",
      `version ${from} is newer than this program's ${kind.version}; update the program`,
    );
  for (let version = from; version < kind.version; version++) {
    const step = kind.migrations[version];
    if (!step)
      return refuse("no-way-up", "version", `version ${from} is older than any that this program can raise`);
    record = { ...step(record), version: version + 1 };
  }
  return { ok: true, value: record };
}

/** The value of a JSON text; nothing where it is none. */
export function fromJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** Faults of a part of a file, told with the place of that part before their own. */
export const faultsUnder = (place: string, faults: readonly Fault[]): Fault[] =>
  faults.map(({ path, message }) => ({ path: path ? `${place}.${path}` : place, message }));

/** Every fault with its place, in the order of the record. */
export const faultsOf = (error: z.ZodError): Fault[] =>
  error.issues.map((issue) => ({ path: issue.path.join("."), message: issue.message }));
