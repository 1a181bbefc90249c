import { evOfSettings } from "@/core/exposure";
import { keepersBy, keepersByKey, type KeeperGroup, type KeeperRow, type Series } from "@/core/review";
import { wallTimeOf, type Outing } from "@/data";
import type { Frame } from "@/data/schema/frame";
import { whoIsIn } from "@/outing/captions/fields";
import { isJudged, settingsOf } from "@/outing/frames/judged";
import type { MatchedBurst } from "@/outing/frames/matched";
import type { OutingView } from "@/outing/outing-view";
import { smearModel } from "./smears";
import { plannedShots, type PlanOfShot } from "./planned";

/** A promise and what was kept of it. */
export interface Promised {
  readonly id: string;
  readonly name: string;
  /** Pictures; 0 where none were promised. */
  readonly wanted: number;
  readonly kept: number;
  readonly taken: number;
}

/** By what keepers are told apart, beside the shutter. */
export type KeepersBy = "lens" | "light" | "place" | "minute";

/** Exposure and ISO of a burst, and what the plan had then. */
export interface Found {
  /** Epoch milliseconds. */
  readonly at: number;
  /** EV at ISO 100 of its settings. */
  readonly ev: number;
  /** Click. */
  readonly iso: number;
  readonly shotId: string | undefined;
}

/** A smear that was measured, against the budget. */
export interface SmearFound {
  readonly frameId: string;
  readonly name: string;
  /** Pixels of the delivery. */
  readonly measured: number;
  readonly budget: number;
}

/** What came out of an outing. */
export interface CameOut {
  readonly shots: readonly Promised[];
  readonly people: readonly Promised[];
  readonly byShutter: readonly KeeperRow[];
  /** Chance that the plan had at each shutter that was used, over the shots that were judged. */
  readonly model: readonly { readonly shutter: number; readonly chance: number }[];
  readonly by: Readonly<Record<KeepersBy, readonly KeeperGroup<string>[]>>;
  readonly found: readonly Found[];
  readonly smears: readonly SmearFound[];
  /** Frames and keepers by the position that they were taken from. */
  readonly stood: readonly KeeperGroup<string>[];
  /** Frames that were judged, and all. */
  readonly judged: number;
  readonly frames: number;
}

/** A burst all of whose frames were judged, as a series. */
interface Judged extends Series {
  readonly burst: MatchedBurst;
}

const isKept = ({ mark }: Frame): boolean => mark === "keep";

function judgedBursts(bursts: readonly MatchedBurst[]): Judged[] {
  return bursts.flatMap((burst) => {
    const settings = settingsOf(burst.frames[0]!);
    if (!settings || !burst.frames.every(isJudged)) return [];
    const kept = burst.frames.filter(isKept).length;
    const taken = burst.frames.length;
    return [{ burst, settings, taken, kept, bursts: [[taken, kept] as const] }];
  });
}

const evOf = ({ exposureTime, fNumber, iso }: Frame): number | undefined =>
  exposureTime && fNumber && iso ? evOfSettings({ exposure: exposureTime, fNumber, iso }) : undefined;

/** Half an hour of the clock in which something was: "16:30". */
function halfHour(at: number, timeZone: string): string {
  const time = wallTimeOf(at, timeZone);
  return `${time.slice(0, 3)}${Number(time.slice(3, 5)) < 30 ? "00" : "30"}`;
}

const KEY_OF: Readonly<Record<KeepersBy, (burst: MatchedBurst, outing: Outing) => string>> = {
  lens: ({ frames: [frame] }) =>
    frame!.lens ??
    (frame!.focalLengthMm === undefined ? "not told" : `${Math.round(frame!.focalLengthMm)} mm`),
  light: ({ frames: [frame] }) => {
    const ev = evOf(frame!);
    return ev === undefined ? "not told" : `EV ${Math.round(ev)}`;
  },
  place: ({ positionId }, { ground }) =>
    ground.positions.find((p) => p.id === positionId)?.name ?? "not told",
  minute: ({ from }, { timeZone }) => halfHour(from, timeZone),
};

/** Promised against kept, by shot and by person. */
function promised(
  { outing }: OutingView,
  bursts: readonly MatchedBurst[],
): Pick<CameOut, "shots" | "people"> {
  const ofShot = (id: string) => bursts.filter((b) => b.shotId === id).flatMap((b) => b.frames);
  const shots = outing.shots.map(({ id, name, wanted }): Promised => {
    const frames = ofShot(id);
    return { id, name, wanted, kept: frames.filter(isKept).length, taken: frames.length };
  });
  const counts = new Map<string, { kept: number; taken: number }>();
  for (const burst of bursts)
    for (const frame of burst.frames)
      for (const person of whoIsIn(outing, frame, burst).people) {
        const own = counts.get(person.id) ?? { kept: 0, taken: 0 };
        counts.set(person.id, { taken: own.taken + 1, kept: own.kept + (isKept(frame) ? 1 : 0) });
      }
  const people = (outing.people ?? [])
    .filter((p) => p.consent !== "refused")
    .map(({ id, name }): Promised => ({ id, name, wanted: 1, ...(counts.get(id) ?? { kept: 0, taken: 0 }) }));
  return { shots, people };
}

/** The chance that the plan had at each shutter, the shots weighed by the frames that were judged of each. */
function modelOf(judged: readonly Judged[], plan: readonly PlanOfShot[]): CameOut["model"] {
  const frames = new Map<string, number>();
  for (const { burst, taken } of judged)
    if (burst.shotId) frames.set(burst.shotId, (frames.get(burst.shotId) ?? 0) + taken);
  const sums = new Map<number, { chance: number; weight: number }>();
  for (const { id, curve } of plan)
    for (const [shutter, chance] of curve) {
      const weight = frames.get(id) ?? 0;
      if (weight === 0) continue;
      const own = sums.get(shutter) ?? { chance: 0, weight: 0 };
      sums.set(shutter, { chance: own.chance + weight * chance, weight: own.weight + weight });
    }
  const most = Math.max(0, ...[...sums.values()].map((s) => s.weight));
  // Where not every shot has a chance told, the mean would be one of other shots.
  return [...sums]
    .filter(([, { weight }]) => weight === most)
    .map(([shutter, { chance, weight }]) => ({ shutter, chance: chance / weight }))
    .toSorted((a, b) => a.shutter - b.shutter);
}

function smearsOf(view: OutingView, bursts: readonly MatchedBurst[]): SmearFound[] {
  return bursts.flatMap(({ frames, shotId }) =>
    frames.flatMap((frame): SmearFound[] => {
      const model = frame.smear && smearModel(view, shotId, frame);
      if (!frame.smear || !model) return [];
      const measured = (frame.smear.px * model.sensorUm) / frame.smear.longPx / model.deliveredUm;
      return [
        {
          frameId: frame.id,
          name: frame.files[0]!.name,
          measured,
          budget: model.alongUm / model.deliveredUm,
        },
      ];
    }),
  );
}

/** What came out of the frames of a day, as far as they were judged. */
export function cameOut(view: OutingView, bursts: readonly MatchedBurst[]): CameOut {
  const { outing } = view;
  const judged = judgedBursts(bursts);
  const grouped = (by: KeepersBy): KeeperGroup<string>[] =>
    keepersByKey(judged, ({ burst }) => KEY_OF[by](burst, outing)).toSorted((a, b) =>
      by === "place" || by === "lens" ? b.taken - a.taken : a.key < b.key ? -1 : 1,
    );
  const frames = bursts.flatMap((b) => b.frames);
  return {
    ...promised(view, bursts),
    // With what was counted by hand, as the log has it: one answer to what a shutter keeps.
    byShutter: keepersBy("shutter", [...outing.log.filter((s) => !s.bursts), ...judged]),
    model: judged.length > 0 ? modelOf(judged, plannedShots(view)) : [],
    by: {
      lens: grouped("lens"),
      light: grouped("light"),
      place: grouped("place"),
      minute: grouped("minute"),
    },
    found: bursts.flatMap((burst): Found[] => {
      const [ev, settings] = [evOf(burst.frames[0]!), settingsOf(burst.frames[0]!)];
      return ev === undefined || !settings
        ? []
        : [{ at: burst.from, ev, iso: settings.iso, shotId: burst.shotId }];
    }),
    smears: smearsOf(view, bursts),
    stood: keepersByKey(
      judged.filter(({ burst }) => burst.positionId !== undefined),
      ({ burst }) => burst.positionId!,
    ),
    judged: frames.filter(isJudged).length,
    frames: frames.length,
  };
}
