import { bodyClockSchema, frameSchema, type BodyClock, type Frame, type Frames } from "../schema/frame";
import type { Along, Entries, EntriesChange } from "../store/entries";
import { failureOf } from "../store/store";
import { done } from "./along";

/** Frames that one entry holds: a mark writes one entry, however many there are. */
export const FRAMES_AN_ENTRY = 200;

export type FramesKept =
  { readonly ok: true } | { readonly ok: false; readonly reason: "storage-full" | "storage-failed" };

/** Frames of an outing, beside its record. What cannot be read is left where it is, and not among them. */
export interface FrameStore {
  /** In the order of their time. Rejects where they cannot be read. */
  of(outingId: string): Promise<Frames>;
  /** Keeps frames: one that stands gives way to its newer self, what is new comes behind. All or none. */
  put(outingId: string, frames: readonly Frame[]): Promise<FramesKept>;
  /** Frames go; their pictures stay where they are. */
  remove(outingId: string, ids: ReadonlySet<string>): Promise<FramesKept>;
  putClocks(outingId: string, clocks: readonly BodyClock[]): Promise<FramesKept>;
  /** To be written: frames and clocks of an outing that has none of them yet. */
  bringing(outingId: string, frames: Frames): Along;
  /** To be written: what was brought goes. */
  takingAway(outingId: string, frames: Frames): Along;
  /** Of an outing that is gone for good. */
  forget(outingId: string): Promise<void>;
}

const CHUNKS = "frames/";
const CLOCKS = "frame-clocks/";
const chunkKey = (outingId: string, number: number): string =>
  `${CHUNKS}${outingId}/${String(number).padStart(6, "0")}`;

/** The parts of an entry that pass; nothing of a damaged one. */
function listIn<T>(text: string | null | undefined, read: (one: unknown) => T | undefined): T[] {
  try {
    const found: unknown = JSON.parse(text ?? "[]");
    return Array.isArray(found) ? found.flatMap((one) => read(one) ?? []) : [];
  } catch {
    return [];
  }
}
const frameIn = (raw: unknown): Frame | undefined => frameSchema.safeParse(raw).data;
const clockIn = (raw: unknown): BodyClock | undefined => bodyClockSchema.safeParse(raw).data;

export function createFrames(entries: Entries): FrameStore {
  const written = async (write: Along["write"]): Promise<FramesKept> => {
    try {
      await done(entries, alone(write));
      return { ok: true };
    } catch (error) {
      const { reason } = failureOf(error);
      return { ok: false, reason: reason === "storage-full" ? reason : "storage-failed" };
    }
  };
  return {
    of: async (outingId) => ({
      frames: (await entries.list(`${CHUNKS}${outingId}/`))
        .flatMap(([, text]) => listIn(text, frameIn))
        .toSorted((a, b) => a.taken - b.taken),
      clocks: listIn(await entries.get(CLOCKS + outingId), clockIn),
    }),
    put: (outingId, frames) => written((tx) => putFrames(tx, outingId, frames)),
    remove: (outingId, ids) => written((tx) => rewritten(tx, outingId, (f) => (ids.has(f.id) ? [] : [f]))),
    putClocks: (outingId, clocks) => written((tx) => putClocks(tx, outingId, clocks)),
    bringing: (outingId, { frames, clocks }) =>
      alone(async (tx) => {
        const here = new Set<string>();
        await rewritten(tx, outingId, (f) => (here.add(f.id), [f]));
        const isNew = here.size === 0;
        await putFrames(
          tx,
          outingId,
          frames.filter((f) => !here.has(f.id)),
        );
        if (isNew) await putClocks(tx, outingId, clocks);
      }),
    takingAway: (outingId, { frames }) => {
      const ids = new Set(frames.map((f) => f.id));
      return alone((tx) => rewritten(tx, outingId, (f) => (ids.has(f.id) ? [] : [f])));
    },
    forget: (outingId) =>
      entries.change(async (tx) => {
        await tx.deleteAll(`${CHUNKS}${outingId}/`);
        await tx.delete(CLOCKS + outingId);
      }),
  };
}

/** Names no bytes: there is nothing to do once it ended. */
const alone = (write: Along["write"]): Along => ({ write, ended: () => Promise.resolve() });

/** Refuses what could not be read again: `of` passes over it. */
async function putClocks(tx: EntriesChange, outingId: string, clocks: readonly BodyClock[]): Promise<void> {
  await tx.put(CLOCKS + outingId, JSON.stringify(clocks.map((clock) => bodyClockSchema.parse(clock))));
}

async function putFrames(tx: EntriesChange, outingId: string, frames: readonly Frame[]): Promise<void> {
  const newer = new Map(frames.map((frame) => [frame.id, frameSchema.parse(frame)]));
  await rewritten(tx, outingId, (frame) => {
    const own = newer.get(frame.id);
    newer.delete(frame.id);
    return [own ?? frame];
  });
  await appended(tx, outingId, [...newer.values()]);
}

/** Frames behind those that stand: the last entry is filled first. */
async function appended(tx: EntriesChange, outingId: string, frames: readonly Frame[]): Promise<void> {
  const keys = await tx.keys(`${CHUNKS}${outingId}/`);
  const last = keys.at(-1);
  const filled = last === undefined ? [] : listIn(await tx.get(last), frameIn);
  const isRoom = last !== undefined && filled.length < FRAMES_AN_ENTRY;
  const all = isRoom ? [...filled, ...frames] : frames;
  const number = last === undefined ? 0 : Number(last.slice(last.lastIndexOf("/") + 1)) + (isRoom ? 0 : 1);
  for (let i = 0; i * FRAMES_AN_ENTRY < all.length; i++) {
    const part = all.slice(i * FRAMES_AN_ENTRY, (i + 1) * FRAMES_AN_ENTRY);
    await tx.put(chunkKey(outingId, number + i), JSON.stringify(part));
  }
}

/** Entries in which a frame changes are written anew, the others stay as they are; what cannot be read among them as well. */
async function rewritten(
  tx: EntriesChange,
  outingId: string,
  by: (frame: Frame) => readonly Frame[],
): Promise<void> {
  for (const key of await tx.keys(`${CHUNKS}${outingId}/`)) {
    const before = listIn(await tx.get(key), (raw) => raw as Frame);
    const after = before.flatMap((frame) => (typeof frame?.id === "string" ? by(frame) : [frame]));
    if (after.length === before.length && after.every((frame, i) => frame === before[i])) continue;
    await tx.put(key, JSON.stringify(after));
  }
}
