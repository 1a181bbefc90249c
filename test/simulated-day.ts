/** A day that never was, for checks: made without anything of what reads it back. */
export interface SimulatedDay {
  readonly events: readonly { id: string; starts: number; ends: number; shotIds: string[] }[];
  readonly tags: readonly { id: string; at: number; eventId: string }[];
  readonly presses: readonly {
    readonly name: string;
    readonly body: "long" | "wide";
    /** Epoch milliseconds as the camera wrote them, and as they were. */
    readonly written: number;
    readonly truly: number;
    readonly seconds: number;
    readonly f: number;
    readonly mm: number;
    /** The event that was on, and the shot that it was; absent between events. */
    readonly event?: string;
    readonly shot?: string;
  }[];
  readonly off: Readonly<Record<"long" | "wide", number>>;
}

function dice(seed: number): () => number {
  let state = (seed * 2654435761) >>> 0 || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    state >>>= 0;
    return state / 4294967296;
  };
}

interface Wish {
  readonly seed: number;
  /** Share of the bursts that are followed by a tag. */
  readonly tagged: number;
  /** Every event as long as the next and as far from it: nothing tells one from another. */
  readonly even?: boolean;
}

const START = Date.UTC(2026, 5, 13, 8);
const GLASS = { long: 400, wide: 120 };

export function simulatedDay({ seed, tagged, even = false }: Wish): SimulatedDay {
  const roll = dice(seed);
  for (let i = 0; i < 9; i++) roll();
  const events: SimulatedDay["events"][number][] = [];
  const tags: SimulatedDay["tags"][number][] = [];
  const presses: SimulatedDay["presses"][number][] = [];
  const off = {
    long: Math.round(roll() * 4 - 2) * 3600 + roll() * 200 - 100,
    wide: Math.round(roll() * 14 - 7) * 3600 + roll() * 900 - 450,
  };
  const gain = { long: roll() * 12 - 6, wide: roll() * 12 - 6 };
  let [clock, frame] = [START, 100];
  const hold = (body: "long" | "wide", at: number, count: number, shot?: string, event?: string): number => {
    let truly = at;
    const seconds = (body === "long" ? 1 / 1600 : 1 / 800) * 2 ** (Math.round(roll() * 4 - 2) / 3);
    for (let i = 0; i < count; i++) {
      const lost = off[body] + (gain[body] * (truly - START)) / 86_400_000;
      presses.push({
        name: `B${frame++}.JPG`,
        body,
        written: Math.round((truly + lost * 1000) / 10) * 10,
        truly,
        seconds,
        f: 2.8,
        mm: GLASS[body] * (body === "wide" ? 0.8 + roll() * 0.6 : 1),
        ...(event && { event }),
        ...(shot && { shot }),
      });
      truly += 90 + roll() * 30;
    }
    return truly;
  };
  const COUNT = 30;
  for (let n = 0; n < COUNT; n++) {
    const minutes = even ? 4 : 2 + roll() * 9;
    const gap = even ? 3 : 1 + roll() * 8;
    const id = `e${n}`;
    const starts = clock;
    const ends = starts + minutes * 60_000;
    // What is written down is not quite what happens.
    const late = even ? 0 : roll() * 40 - 10;
    events.push({ id, starts, ends, shotIds: ["far", "near"] });
    for (let b = 0; b < 7; b++) {
      const body = roll() < 0.65 ? "long" : "wide";
      const at = starts + late * 1000 + roll() * (ends - starts - 6000);
      const end = hold(body, at, 1 + Math.floor(roll() * 9), body === "long" ? "far" : "near", id);
      if (roll() < tagged)
        tags.push({ id: `t${tags.length}`, at: end + 3000 + roll() * 17_000, eventId: id });
    }
    // Somebody in the crowd, now and then.
    if (roll() < 0.4 && !even) hold("wide", ends + 75_000 + roll() * (gap * 60_000 - 60_000), 2);
    clock = ends + gap * 60_000;
  }
  tags.sort((a, b) => a.at - b.at);
  return { events, tags, presses, off };
}
