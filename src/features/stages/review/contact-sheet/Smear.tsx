import { useEffect, useState } from "react";
import { View } from "react-native";
import { measuredSmear, type SmearTold } from "@/answers/review/frames/smears";
import type { Tap } from "@/core/review";
import type { Frame } from "@/data/schema/frame";
import type { MatchedBurst } from "@/outing/frames/matched";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { smearSentence } from "@/words/frames";
import { pixelsIn } from "../frames/look-at";
import { useOpenOuting } from "../../../outing/use-outing";
import { useFrames } from "../frames/frames-store";

interface Props {
  readonly frame: Frame;
  readonly burst: MatchedBurst;
  readonly picture: Blob;
  /** Pixels of the picture. */
  readonly size: { readonly width: number; readonly height: number };
  readonly taps: readonly Tap[];
}

/** What two taps measure: the smear in pixels, beside what the model has for this shot at these settings. */
export function Smear({ frame, burst, picture, size, taps }: Props) {
  const { store } = useOpenOuting();
  const put = useFrames((s) => s.put);
  const [told, setTold] = useState<SmearTold>();
  const [from, to] = taps;
  useEffect(() => {
    if (!from || !to) return;
    let isWanted = true;
    void pixelsAbout(picture, size, from, to).then((about) => {
      if (isWanted) setTold(measuredSmear(store.getState().view, burst.shotId, frame, size, about));
    });
    return () => {
      isWanted = false;
    };
  }, [picture, size, from, to, frame, burst.shotId, store]);
  if (!from || !to)
    return (
      <Txt size={14}>{`Tap ${from ? "the other" : "one"} side of a blurred edge, across the blur.`}</Txt>
    );
  if (!told) return null;
  if (!told.ok)
    return (
      <Txt size={14} tone="bracken">
        {smearSentence(told)}
      </Txt>
    );
  const { px } = told;
  return (
    <View className="flex-row flex-wrap items-center gap-2">
      <Txt className="min-w-0 flex-1">{smearSentence(told)}</Txt>
      <Button
        label={frame.smear?.px === px ? "Kept" : "Keep this"}
        disabled={frame.smear?.px === px}
        onPress={() => void put([{ ...frame, smear: { px, longPx: Math.max(size.width, size.height) } }])}
      />
    </View>
  );
}

/** Pixels about two taps that are read, and where the taps lie in them. */
async function pixelsAbout(picture: Blob, size: Props["size"], from: Tap, to: Tap) {
  const room = 8 + Math.hypot(to.x - from.x, to.y - from.y) / 2;
  const left = Math.max(0, Math.floor(Math.min(from.x, to.x) - room));
  const top = Math.max(0, Math.floor(Math.min(from.y, to.y) - room));
  const width = Math.min(size.width - left, Math.ceil(Math.abs(to.x - from.x) + 2 * room));
  const height = Math.min(size.height - top, Math.ceil(Math.abs(to.y - from.y) + 2 * room));
  const part = await createImageBitmap(picture, left, top, width, height);
  const pixels = pixelsIn(part, { left: 0, top: 0, width, height });
  part.close();
  const at = (tap: Tap): Tap => ({ x: tap.x - left, y: tap.y - top });
  return { pixels, from: at(from), to: at(to) };
}
