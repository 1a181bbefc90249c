import type { Frame } from "@/data/schema/frame";
import type { MatchedBurst } from "./matched";

/** What of the frames lies on the sheet. */
export type Shown = "all" | "unjudged" | "keep" | "perhaps";

/** A line of the sheet: the head of a burst, or some of its frames. */
export type SheetRow =
  | { readonly kind: "head"; readonly burst: MatchedBurst }
  | { readonly kind: "frames"; readonly burst: MatchedBurst; readonly frames: readonly Frame[] };

const isShown = ({ mark }: Frame, shown: Shown): boolean =>
  shown === "all" || (shown === "unjudged" ? mark === undefined : mark === shown);

/** The bursts of a day in lines of so many frames; bursts of which nothing is shown are left out. */
export function sheetRows(bursts: readonly MatchedBurst[], columns: number, shown: Shown): SheetRow[] {
  return bursts.flatMap((burst): SheetRow[] => {
    const frames = burst.frames.filter((f) => isShown(f, shown));
    if (frames.length === 0) return [];
    const lines = Array.from({ length: Math.ceil(frames.length / columns) }, (_, i) => ({
      kind: "frames" as const,
      burst,
      frames: frames.slice(i * columns, (i + 1) * columns),
    }));
    return [{ kind: "head", burst }, ...lines];
  });
}

/** The frame after another in the order of the sheet, or before it. */
export function besideFrame(bursts: readonly MatchedBurst[], id: string, by: 1 | -1): Frame | undefined {
  const all = bursts.flatMap((b) => b.frames);
  return all[all.findIndex((f) => f.id === id) + by];
}

/** The first frame of the next burst that is not wholly judged; the next burst where all are. */
export function nextBurst(bursts: readonly MatchedBurst[], id: string): Frame | undefined {
  const at = bursts.findIndex((b) => b.frames.some((f) => f.id === id));
  const after = bursts.slice(at + 1);
  const open = after.find((b) => b.frames.some((f) => f.mark === undefined));
  return (open ?? after[0])?.frames[0];
}

/** How many frames carry each mark, and how many none. */
export function marksOf(frames: readonly Frame[]): Readonly<Record<Exclude<Shown, "all"> | "away", number>> {
  const counts = { keep: 0, perhaps: 0, away: 0, unjudged: 0 };
  for (const { mark } of frames) counts[mark ?? "unjudged"]++;
  return counts;
}

/** A burst and those after it that are of the same event, without a break. */
export function rangeFrom(bursts: readonly MatchedBurst[], id: string): MatchedBurst[] {
  const from = bursts.findIndex((b) => b.id === id);
  if (from < 0) return [];
  const rest = bursts.slice(from);
  const end = rest.findIndex((b) => b.eventId !== rest[0]!.eventId);
  return end < 0 ? rest : rest.slice(0, end);
}
