import {
  acceptedFrom,
  paceFrom,
  panSpreadFrom,
  trackingResidualFrom,
  type Estimate,
  type Walked,
} from "@/core/review";
import type { Maybe } from "@/core/units";
import type { Outing, Preferences } from "@/data";

/** What is in use of what was learnt. */
export type InUse = NonNullable<Preferences["learnt"]>;
/** What can be learnt and switched. */
export const LEARNT_KEYS = ["tracking", "pan", "iso", "lift", "keepers", "pace"] as const;
export type LearntKey = (typeof LEARNT_KEYS)[number];

/** An estimate with the outings behind it. */
export interface Learnt extends Estimate {
  readonly outings: number;
}

/** All that the outings which one learns of say. */
export interface AllLearnt {
  readonly tracking: Maybe<Learnt, "too-few-frames">;
  readonly pan: Maybe<Learnt, "too-few-frames">;
  readonly iso: Maybe<Learnt, "too-few-frames">;
  readonly lift: Maybe<Learnt, "too-few-frames">;
  /** Its frames are walks. */
  readonly pace: Maybe<Learnt, "too-few-frames">;
  readonly keepers: NonNullable<InUse["keepers"]>;
  /** Outings behind it. */
  readonly from: readonly Pick<Outing, "id" | "name" | "date">[];
}

/** Series of an outing all of whose frames were judged: those that were read back, never what was counted by hand. */
const judgedOf = ({ log }: Outing): Outing["log"] => log.filter((s) => s.bursts !== undefined);

function withOutings(
  found: Maybe<Estimate, "too-few-frames">,
  outings: number,
): Maybe<Learnt, "too-few-frames"> {
  return found.ok ? { ok: true, value: { ...found.value, outings } } : found;
}

/** Walks of an outing that are over. */
export const walkedOf = ({ walks }: Outing): Walked[] =>
  (walks ?? []).flatMap(({ metres, grams, left, there }) =>
    there === undefined || there <= left ? [] : [{ metres, grams, seconds: (there - left) / 1000 }],
  );

/** Rows that are in use at most: those of the latest outings. */
const MOST_ROWS = 400;

function keepersOf(outing: Outing): NonNullable<InUse["keepers"]> {
  const rows = new Map<string, NonNullable<InUse["keepers"]>[number]>();
  for (const { shotId, settings, taken, kept } of judgedOf(outing)) {
    const shot = outing.shots.find((s) => s.id === shotId);
    if (!shot) continue;
    const key = `${shot.subjectId} ${shot.technique} ${settings.shutter}`;
    const own = rows.get(key);
    rows.set(key, {
      outingId: outing.id,
      subjectId: shot.subjectId,
      technique: shot.technique,
      shutter: settings.shutter,
      taken: taken + (own?.taken ?? 0),
      kept: kept + (own?.kept ?? 0),
    });
  }
  return [...rows.values()];
}

/** What the outings that one learns of say of hands, of ISO, of keepers. */
export function learntFrom(outings: readonly Outing[]): AllLearnt {
  const behind = outings.filter((o) => o.evidence !== undefined);
  const having = (has: (o: Outing) => boolean): number => behind.filter(has).length;
  const tracked = behind.flatMap((o) => o.evidence!.tracked);
  const panned = behind.flatMap((o) => o.evidence!.panned);
  const kept = behind.flatMap((o) => judgedOf(o).map((s) => ({ click: s.settings.iso, kept: s.kept })));
  return {
    tracking: withOutings(
      trackingResidualFrom(tracked),
      having((o) => o.evidence!.tracked.length > 0),
    ),
    pan: withOutings(
      panSpreadFrom(panned),
      having((o) => o.evidence!.panned.length > 0),
    ),
    iso: withOutings(
      acceptedFrom(kept),
      having((o) => judgedOf(o).some((s) => s.kept > 0)),
    ),
    lift: withOutings(
      acceptedFrom(behind.flatMap((o) => o.evidence!.lifted ?? [])),
      having((o) => (o.evidence!.lifted ?? []).some((l) => l.kept > 0)),
    ),
    pace: withOutings(
      paceFrom(behind.flatMap(walkedOf)),
      having((o) => walkedOf(o).length > 0),
    ),
    keepers: behind
      .toSorted((a, b) => (a.date < b.date ? 1 : -1))
      .flatMap(keepersOf)
      .slice(0, MOST_ROWS),
    from: behind.map(({ id, name, date }) => ({ id, name, date })),
  };
}

/** What is in use, with one of them switched. */
export function switched(inUse: InUse, key: LearntKey, all: AllLearnt, isOn: boolean): InUse {
  const { [key]: _, ...others } = inUse;
  if (!isOn) return others;
  if (key === "keepers") return all.keepers.length > 0 ? { ...others, keepers: all.keepers } : others;
  const found = all[key];
  return found.ok ? { ...others, [key]: found.value } : others;
}

/** What is in use, as the outings behind it say it now: what nothing stands behind any more is used no longer. */
export const asNow = (inUse: InUse, all: AllLearnt): InUse =>
  LEARNT_KEYS.reduce((use, key) => {
    const one = inUse[key];
    // What a drill measured hangs on no outing.
    const isOfDrill = one !== undefined && "by" in one && one.by === "practice";
    return one === undefined || isOfDrill ? use : switched(use, key, all, true);
  }, inUse);
