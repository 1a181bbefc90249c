import { faultsOf, type Fault } from "./migrate";
import { outingSchema, type Outing } from "./schema";

/** The last outing that passed: its next keeping differs from it by its revision alone. */
let passed: Outing | undefined;

/**
 * What its schema finds wrong with an outing; nothing where it can be read again. What passed when it was changed is not looked through
 * once more when it is kept: its parts are never changed in place.
 */
export function outingFaults(outing: Outing): readonly Fault[] {
  if (passed && Number.isSafeInteger(outing.revision) && outing.revision >= 0 && sameParts(passed, outing))
    return [];
  const parsed = outingSchema.safeParse(outing);
  if (!parsed.success) return faultsOf(parsed.error);
  passed = outing;
  return [];
}

function sameParts(a: Outing, b: Outing): boolean {
  const [mine, theirs] = [Object.entries(a), b as unknown as Record<string, unknown>];
  return (
    mine.length === Object.keys(b).length &&
    mine.every(([key, part]) => key === "revision" || (key in theirs && theirs[key] === part))
  );
}
