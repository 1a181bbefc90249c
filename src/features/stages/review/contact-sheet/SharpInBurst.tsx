import { useEffect, useState } from "react";
import { Pressable, View } from "react-native";
import type { Frame } from "@/data/schema/frame";
import { partExpected, sharpnessOfPixels } from "@/answers/review/frames/smears";
import type { MatchedBurst } from "@/outing/frames/matched";
import { Txt } from "@/ui/controls/Txt";
import { MARK_WORDS } from "@/words/frames";
import { useFilesAtHand } from "../frames/files-at-hand";
import { pictureOf, pixelsIn } from "../frames/look-at";
import { useOpenOuting } from "../../../outing/use-outing";

/** Px of a bar at the sharpest frame of the burst. */
const BAR = 30;
/** Frames of a burst that are measured at most: longer ones are measured about the frame that is open. */
const MOST = 24;

const known = new Map<string, number>();

/** How much detail each frame of a burst holds where its subject is expected: bars to one scale, no verdict. */
export function SharpInBurst({
  burst,
  id,
  onGo,
}: {
  burst: MatchedBurst;
  id: string;
  onGo: (id: string) => void;
}) {
  const at = burst.frames.findIndex((f) => f.id === id);
  const from = Math.max(0, Math.min(at - MOST / 2, burst.frames.length - MOST));
  const frames = burst.frames.slice(from, from + MOST);
  const found = useSharpness(frames, burst.shotId);
  if (frames.length < 2) return null;
  const most = Math.max(...frames.map((f) => found.get(f.id) ?? 0), 1e-9);
  return (
    <View className="px-3">
      <View
        role="list"
        aria-label="Detail where the subject is expected, in each frame of the burst"
        className="flex-row items-end gap-1"
      >
        {frames.map((frame) => {
          const value = found.get(frame.id);
          const share = value === undefined ? undefined : value / most;
          return (
            <Pressable
              key={frame.id}
              role="listitem"
              aria-label={`Frame ${burst.frames.indexOf(frame) + 1}, ${share === undefined ? "not measured" : `detail ${Math.round(100 * share)} of 100`}${frame.mark ? `, ${MARK_WORDS[frame.mark]}` : ""}`}
              onPress={() => onGo(frame.id)}
              className={`min-h-12 max-w-[28px] flex-1 justify-end border-b-4 ${frame.id === id ? "border-ink" : "border-paper"}`}
            >
              <View
                className={frame.mark === "away" ? "bg-line" : "bg-water"}
                style={{ height: 2 + BAR * (share ?? 0) }}
              />
            </Pressable>
          );
        })}
      </View>
      <Txt size={14} tone="ink2">
        Detail where the subject is expected, this burst only.
      </Txt>
    </View>
  );
}

/** Pixels of its sides that are measured at most: more say no more. */
const MOST_PX = 1600;

async function measure(
  frame: Frame,
  files: ReadonlyMap<string, File>,
  partOf: (size: ImageBitmap) => number,
): Promise<number | undefined> {
  const picture = await pictureOf(frame, files);
  const whole = picture && (await createImageBitmap(picture).catch(() => undefined));
  if (!whole) return undefined;
  const side = Math.max(3, Math.min(MOST_PX, partOf(whole)));
  const [left, top] = [(whole.width - side) / 2, (whole.height - side) / 2];
  const pixels = pixelsIn(whole, { left, top, width: side, height: side });
  whole.close();
  return sharpnessOfPixels(pixels);
}

function useSharpness(frames: readonly Frame[], shotId: string | undefined): ReadonlyMap<string, number> {
  const { store } = useOpenOuting();
  const files = useFilesAtHand((s) => s.files);
  const [, setCount] = useState(0);
  const ids = frames.map((f) => f.id).join();
  useEffect(() => {
    let isWanted = true;
    const partOf = (size: ImageBitmap) => partExpected(store.getState().view, shotId, size);
    void (async () => {
      for (const frame of frames) {
        if (!isWanted) return;
        if (known.has(frame.id)) continue;
        const value = await measure(frame, files, partOf).catch(() => undefined);
        if (value !== undefined) known.set(frame.id, value);
        if (isWanted) setCount((n) => n + 1);
      }
    })();
    return () => {
      isWanted = false;
    };
    // The same frames in the same order.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [ids, files, shotId]);
  return known;
}
