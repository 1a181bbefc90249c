import { z } from "zod";

/** What every record is made of: ids, names, places on the plan, wall times. */

export const id = z.string().regex(/^[a-z0-9-]{1,40}$/, "an id has 1 to 40 of a-z, 0-9 and -");
export const name = z.string().trim().min(1, "a name is needed").max(80, "at most 80 characters");
export const words = (most: number) => z.string().trim().max(most, `at most ${most} characters`);
export const metres = (most: number) => z.number().min(0).max(most);
export const point = z.object({ x: z.number().min(-5000).max(5000), y: z.number().min(-5000).max(5000) });
/** A place in space: the plan, and the height in metres above its level. */
export const place = point.extend({ z: z.number().min(-200).max(200) });
export const outline = z.array(point).min(3).max(64);
export const bearing = z.number().min(0).lt(360);
export const weightG = z.number().min(0.1).max(50_000).optional();

/** Within any one list of a record an id stands once. */
const uniqueById = <T extends { id: string }>(items: readonly T[], context: z.RefinementCtx): void => {
  const seen = new Set<string>();
  items.forEach((item, i) => {
    if (seen.has(item.id))
      context.addIssue({ code: "custom", path: [i, "id"], message: `the id ${item.id} is used twice` });
    seen.add(item.id);
  });
};
export const listOf = <S extends z.ZodType<{ id: string }>>(item: S, most: number) =>
  z.array(item).max(most, `at most ${most} can be kept`).superRefine(uniqueById);

export const wallTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, "a time is HH:MM, 00:00 to 23:59");
/** Years that an outing can lie in: a two-figure year is a slip of the hand, and beyond these no instant can be relied on. */
const YEARS = { first: 1900, last: 2200 };
const isWithinYears = (date: string): boolean => {
  const year = Number(date.slice(0, 4));
  return year >= YEARS.first && year <= YEARS.last;
};
export const wallDate = z.iso
  .date("a date is YYYY-MM-DD, and it must be in the calendar")
  .refine(isWithinYears, `the year goes from ${YEARS.first} to ${YEARS.last}`);
/** Epoch milliseconds within those years. */
export const instant = z
  .number()
  .min(Date.UTC(YEARS.first, 0, 1))
  .max(Date.UTC(YEARS.last, 11, 31));
export const timeZone = z.string().refine(isKnownZone, "a time zone is an IANA name such as Europe/London");

function isKnownZone(value: string): boolean {
  try {
    return new Intl.DateTimeFormat("en", { timeZone: value }).resolvedOptions().timeZone.length > 0;
  } catch {
    return false;
  }
}

export const latitude = z
  .number()
  .min(-90, "latitude goes from −90 to 90")
  .max(90, "latitude goes from −90 to 90");
export const longitude = z
  .number()
  .min(-180, "longitude goes from −180 to 180")
  .max(180, "longitude goes from −180 to 180");

export const known = z.enum(["published", "from memory", "common practice", "estimated", "invented"]);
