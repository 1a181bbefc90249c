import { z } from "zod";
import type { Told } from "./event-stream";
import { evenFrom } from "../../src/core/units";

const MINUTE = 60_000;

/** Hours from the first start to the last that a meet plays: a long week-end. What is longer is refused before any of it is made. */
const MOST_HOURS = 96;

/** The programme that a meet plays, as an application hands it over. */
export const meetSchema = z.object({
  events: z
    .array(
      z.object({
        id: z.string().regex(/^[a-z0-9-]{1,40}$/),
        /** Epoch milliseconds. */
        starts: z.number().min(0).max(1e14),
        minutes: z.number().min(0).max(1440),
        /** Minutes before its start, the first call first. */
        calls: z.array(z.number().min(0).max(600)).max(3),
        who: z.array(z.string().max(80)).max(40),
        /** Events of one course come one after the other; all of a meet share one where none is named. */
        course: z.string().max(80).default(""),
      }),
    )
    .min(1)
    .max(400)
    .refine((events) => {
      const starts = events.map((e) => e.starts);
      return Math.max(...starts) - Math.min(...starts) <= MOST_HOURS * 60 * MINUTE;
    }, `a meet lasts at most ${MOST_HOURS} hours`),
  /** How many times as fast as it would be: 1 to 3600. */
  speed: z.number().min(1).max(3600),
  seed: z.int().min(0).max(1e9),
  /** How often the connection is dropped on purpose. */
  drops: z.int().min(0).max(10),
});
export type MeetAsked = z.infer<typeof meetSchema>;

/** What the meet says; times in epoch milliseconds of its own clock. */
type Said =
  | { readonly event: "clock"; readonly data: { readonly at: number } }
  | { readonly event: "call"; readonly data: { readonly eventId: string; readonly number: number } }
  | { readonly event: "start"; readonly data: { readonly eventId: string; readonly at: number } }
  | {
      readonly event: "delay";
      readonly data: { readonly eventIds: readonly string[]; readonly minutes: number };
    }
  | { readonly event: "scratch"; readonly data: { readonly eventId: string; readonly name: string } }
  | {
      readonly event: "result";
      readonly data: { readonly eventId: string; readonly places: readonly string[] };
    }
  | { readonly event: "over"; readonly data: { readonly results: number; readonly lateMinutes: number } };

type At = Said & { readonly at: number };

/** How often an event runs late, by how much, and how often somebody does not start (assumed). */
const LATE = { share: 0.12, least: 2, most: 9 };
const SCRATCHED = 0.15;
/** Minutes that a meet begins before its first call. */
const BEFORE = 1;

/** A day of the programme as it comes: clock, calls, delays, scratchings, starts, results; the same for the same seed. */
export function playMeet({ events, speed, seed, drops }: MeetAsked): {
  readonly told: readonly Told[];
  readonly cutAt: readonly number[];
} {
  const random = evenFrom(seed);
  const sorted = events.toSorted((a, b) => a.starts - b.starts);
  const said: At[] = [];
  const lateOf = new Map<string, number>();
  sorted.forEach((event, i) => {
    const { course } = event;
    const before = lateOf.get(course) ?? 0;
    const planned = event.starts + before * MINUTE;
    if (i > 0 && random() < LATE.share) {
      const minutes = LATE.least + Math.floor(random() * (LATE.most - LATE.least + 1));
      lateOf.set(course, before + minutes);
      // Told just before it should have begun: what is still to come on its course moves with it.
      const eventIds = sorted.slice(i).flatMap((e) => (e.course === course ? e.id : []));
      said.push({ at: planned - MINUTE, event: "delay", data: { eventIds, minutes } });
    }
    const late = lateOf.get(course) ?? 0;
    const starts = event.starts + late * MINUTE;
    event.calls.forEach((before, n) =>
      said.push({ at: starts - before * MINUTE, event: "call", data: { eventId: event.id, number: n + 1 } }),
    );
    const scratched =
      event.who.length > 2 && random() < SCRATCHED
        ? event.who[Math.floor(random() * event.who.length)]
        : undefined;
    if (scratched)
      said.push({ at: starts - 2 * MINUTE, event: "scratch", data: { eventId: event.id, name: scratched } });
    said.push({ at: starts, event: "start", data: { eventId: event.id, at: starts } });
    const places = shuffled(
      event.who.filter((w) => w !== scratched),
      random,
    ).slice(0, 3);
    said.push({ at: starts + event.minutes * MINUTE, event: "result", data: { eventId: event.id, places } });
  });
  const from = Math.min(...said.map((s) => s.at)) - BEFORE * MINUTE;
  const until = Math.max(...said.map((s) => s.at)) + MINUTE;
  for (let at = Math.ceil(from / MINUTE) * MINUTE; at <= until; at += MINUTE)
    said.push({ at, event: "clock", data: { at } });
  said.push({
    at: until,
    event: "over",
    data: { results: sorted.length, lateMinutes: Math.max(0, ...lateOf.values()) },
  });
  // What is told at one moment keeps the order in which it came about.
  const told = said
    .toSorted((a, b) => a.at - b.at)
    .map(({ at, event, data }, i): Told => ({ id: i + 1, due: (at - from) / speed, event, data }));
  const length = (until - from) / speed;
  const cutAt = Array.from({ length: drops }, (_, i) => (length * (i + 1)) / (drops + 1));
  return { told, cutAt };
}

function shuffled<T>(items: readonly T[], random: () => number): T[] {
  const all = [...items];
  for (let i = all.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [all[i], all[j]] = [all[j]!, all[i]!];
  }
  return all;
}
