/**
 * What was kept before an outing was called one: the first versions of the program said "shoot", in the keys of the
 * storage and in both kinds of file. The old word stands here alone.
 */
export const OLD_OUTING_PREFIX = "bp/shoot/";

type Raw = Record<string, unknown>;

/** An envelope of version 1 with its members named as version 2 has them; anything else as it came. */
function renamed(raw: unknown, from: string, to: string): unknown {
  if (typeof raw !== "object" || raw === null || (raw as Raw).version !== 1 || !(from in raw)) return raw;
  const { [from]: value, ...rest } = raw as Raw;
  return { ...rest, version: 2, [to]: value };
}

export const withOutingNamed = (file: unknown): unknown => renamed(file, "shoot", "outing");
export const withOutingsNamed = (file: unknown): unknown => renamed(file, "shoots", "outings");
