import type { Outing, Tag } from "@/data";
import { eventAt } from "./tagging";

/** A frame as it was told by the camera: for which shot, and when by the clock of the camera and by that of the device. */
export interface FrameTold {
  readonly shotId: string;
  /** Where it was taken from; absent where that is not known. */
  readonly positionId?: string;
  /** Epoch milliseconds by the camera's clock. */
  readonly taken: number;
  /** Epoch milliseconds at which it came in. */
  readonly came: number;
}

/** Frames of an event, and whom its tags name beside them. */
export interface FramesOfEvent {
  /** Undefined for what was taken between events. */
  readonly eventId: string | undefined;
  readonly name: string;
  readonly frames: number;
  /** Names of the positions that they were taken from. */
  readonly from: readonly string[];
  readonly who: readonly string[];
}

/** Milliseconds between a frame and a tag that speaks of it (assumed). */
const BESIDE = 30_000;

/** Milliseconds by which the camera's clock is ahead of the device's: the middle of what its frames say; 0 without frames. */
export function clockAheadOf(frames: readonly FrameTold[]): number {
  const ahead = frames.map((f) => f.taken - f.came).toSorted((a, b) => a - b);
  return ahead[Math.floor(ahead.length / 2)] ?? 0;
}

/** Frames by the event that was on when they were taken, by the camera's clock set right, and who was tagged beside them; in their order. */
export function framesByEvent(
  outing: Outing,
  frames: readonly FrameTold[],
  tags: readonly Pick<Tag, "at" | "names">[],
): FramesOfEvent[] {
  const ahead = clockAheadOf(frames);
  const found = new Map<string, { name: string; at: number[]; from: Set<string> }>();
  for (const frame of frames) {
    const at = frame.taken - ahead;
    const event = eventAt(outing, at);
    const key = event?.id ?? "";
    const own = found.get(key) ?? { name: event?.name ?? "", at: [], from: new Set() };
    own.at.push(at);
    const position = outing.ground.positions.find((p) => p.id === frame.positionId);
    if (position) own.from.add(position.name);
    found.set(key, own);
  }
  return [...found].map(([eventId, { name, at, from }]) => {
    const beside = tags.filter((t) => at.some((a) => Math.abs(a - t.at) <= BESIDE));
    return {
      eventId: eventId || undefined,
      name,
      frames: at.length,
      from: [...from],
      who: [...new Set(beside.flatMap((t) => t.names))],
    };
  });
}
