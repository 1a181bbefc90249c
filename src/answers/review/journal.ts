import type { Settings } from "@/core/exposure";
import { readingOffset } from "@/core/light";
import { windowOf, type Outing } from "@/data";
import { countedIn } from "@/outing/counted";
import { settingsOf } from "@/outing/frames/judged";
import type { MatchedBurst } from "@/outing/frames/matched";
import { timedProgramme } from "@/outing/programme/event-times";

/** Something of the day, in its order. */
export type JournalMoment = { /** Epoch milliseconds. */ readonly at: number } & (
  | { readonly kind: "there" | "left" }
  | { readonly kind: "event"; readonly name: string; readonly taken: number; readonly kept: number }
  | {
      /** Bursts of one shot that followed one another. */
      readonly kind: "series";
      readonly shot?: string;
      readonly position?: string;
      readonly settings?: Settings;
      readonly taken: number;
      readonly kept: number;
    }
  | {
      readonly kind: "reading";
      readonly zone: string;
      /** Stops against the plan. */ readonly brighter: number;
    }
);

/** The story of a day: what was there when, what was had of each shot, what the light did. */
export interface Journal {
  readonly moments: readonly JournalMoment[];
  readonly shots: readonly {
    readonly name: string;
    readonly wanted: number;
    readonly taken: number;
    readonly kept: number;
  }[];
  readonly taken: number;
  readonly kept: number;
}

const keptIn = (bursts: readonly MatchedBurst[]): number =>
  bursts.reduce((sum, b) => sum + b.frames.filter((f) => f.mark === "keep").length, 0);
const takenIn = (bursts: readonly MatchedBurst[]): number =>
  bursts.reduce((sum, b) => sum + b.frames.length, 0);

/** Bursts of one event and shot that follow one another, as one part of the story. */
function runsOf(bursts: readonly MatchedBurst[]): MatchedBurst[][] {
  const runs: MatchedBurst[][] = [];
  for (const burst of bursts.toSorted((a, b) => a.from - b.from)) {
    const last = runs.at(-1)?.at(-1);
    const isSame = last && last.shotId === burst.shotId && last.eventId === burst.eventId;
    if (isSame) runs.at(-1)!.push(burst);
    else runs.push([burst]);
  }
  return runs;
}

function seriesOf({ shots, ground }: Outing, run: readonly MatchedBurst[]): JournalMoment {
  const [first] = run as readonly [MatchedBurst];
  const shot = shots.find((s) => s.id === first.shotId)?.name;
  const position = ground.positions.find((p) => p.id === first.positionId)?.name;
  const settings = settingsOf(first.frames[0]!);
  return {
    at: first.from,
    kind: "series",
    ...(shot !== undefined && { shot }),
    ...(position !== undefined && { position }),
    ...(settings && { settings }),
    taken: takenIn(run),
    kept: keptIn(run),
  };
}

/** At one instant: being there, then what begins, then what was taken. */
const ORDER: Readonly<Record<JournalMoment["kind"], number>> = {
  there: 0,
  event: 1,
  reading: 2,
  series: 3,
  left: 4,
};

/** The story of an outing; its counts are those of its log, which are of judged frames and of what was counted by hand. */
export function journalOf(outing: Outing, bursts: readonly MatchedBurst[]): Journal {
  const { from, until } = windowOf(outing);
  const zoneOf = (id: string): string => outing.ground.zones.find((z) => z.id === id)?.name ?? "";
  const moments: JournalMoment[] = [
    { at: from, kind: "there" },
    ...timedProgramme(outing).map((event): JournalMoment => {
      const own = bursts.filter((b) => b.eventId === event.id);
      return { at: event.starts, kind: "event", name: event.name, taken: takenIn(own), kept: keptIn(own) };
    }),
    ...outing.light.readings.map((r): JournalMoment => ({
      at: r.at,
      kind: "reading",
      zone: zoneOf(r.zoneId),
      brighter: readingOffset(r),
    })),
    ...runsOf(bursts).map((run) => seriesOf(outing, run)),
    { at: until, kind: "left" },
  ];
  const shots = outing.shots.map(({ id, name, wanted }) => ({ name, wanted, ...countedIn(outing.log, id) }));
  return {
    moments: moments.toSorted((a, b) => a.at - b.at || ORDER[a.kind] - ORDER[b.kind]),
    shots,
    ...countedIn(outing.log),
  };
}
