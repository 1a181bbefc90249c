import { z } from "zod";
import { id, name, wallTime, words } from "./parts";

/** Something of the programme that one may photograph: when, where, how often it is called, what it is worth. */
export const programmeEventSchema = z.object({
  id,
  name,
  /** When it begins by the clock on the wall, as it was announced. */
  at: wallTime,
  /** Which day of the outing it is on, from 1; the first that has its time while it is left out. */
  day: z.int().min(1).max(60).optional(),
  /** Minutes that it lasts. */
  minutes: z.number().min(0).max(1440),
  /** Minutes before its start of each call, the first call first. */
  calls: z.array(z.number().min(0).max(600)).max(3),
  /** Where it happens: at a spot, along a track, within an area; not told while it is null. */
  place: z.object({ sort: z.enum(["spot", "track", "area"]), id }).nullable(),
  /** From where it may be taken, set by hand; from any position while it is left out. */
  positionIds: z.array(id).min(1).max(60).optional(),
  priority: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  /** Minutes needed in place before it. */
  setUp: z.number().min(0).max(240),
  /** Events of one group show the same: one of them is enough. */
  group: name.optional(),
  /** Who is in it, as the list has it. */
  who: words(600).optional(),
  /** The promised shots that it serves; those of its place while it is left out. */
  shotIds: z.array(id).min(1).max(60).optional(),
  /** Minutes by which it runs late on the day; negative is early. */
  late: z.number().min(-600).max(1440).optional(),
  /** How it ended, as it was announced. */
  result: words(300).optional(),
  /** Rounds of attempts, where the list tells them. */
  rounds: z.int().min(1).max(12).optional(),
  /** The kind of event, where its name does not say it; of the catalogue. */
  kind: id.optional(),
  /** Who takes it, where two photographers share the day; oneself while it is left out. */
  by: z.literal("second").optional(),
  /** Set by hand: it must be covered, or is left out. */
  wish: z.enum(["pinned", "excluded"]).optional(),
});
