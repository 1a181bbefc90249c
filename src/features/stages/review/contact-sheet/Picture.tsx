import { useEffect, useRef, useState } from "react";
import { View } from "react-native";
import type { Tap } from "@/core/review";
import type { Frame } from "@/data/schema/frame";
import type { MatchedBurst } from "@/outing/frames/matched";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";
import { useFilesAtHand } from "../frames/files-at-hand";
import { isShipped, pictureOf } from "../frames/look-at";
import { Smear } from "./Smear";

interface Props {
  readonly frame: Frame;
  readonly burst: MatchedBurst;
  /** At the size of the delivery instead of whole. */
  readonly isLoupe: boolean;
  /** Two taps then measure a smear. */
  readonly isMeasuring: boolean;
}

type Shown =
  | { readonly kind: "waiting" | "none" }
  | {
      readonly kind: "shown";
      readonly picture: Blob;
      readonly address: string;
      readonly width: number;
      readonly height: number;
    };

/** The picture of a frame, whole or at the size of its delivery; two taps measure a smear in it. */
export function Picture({ frame, burst, isLoupe, isMeasuring }: Props) {
  const files = useFilesAtHand((s) => s.files);
  const shown = useShown(frame, files);
  const [size, onLayout] = useSize();
  const [taps, setTaps] = useState<readonly Tap[]>([]);
  const delivered = useOuting(
    (v) =>
      v.outing.shots.find((s) => s.id === burst.shotId)?.deliveredLongEdgePx ?? v.shot.deliveredLongEdgePx,
  );
  if (shown.kind === "none")
    return (
      <View className="flex-1 items-center justify-center p-4">
        <Txt>
          {files.size === 0 && !isShipped(frame)
            ? "The pictures are not at hand: choose their folder under Pictures in."
            : "No picture to look at; its data is used all the same."}
        </Txt>
      </View>
    );
  if (shown.kind !== "shown" || !size) return <View className="flex-1" onLayout={onLayout} />;
  const { width, height } = shown;
  const whole = Math.min(size.width / width, size.height / height);
  // One pixel of the delivery on one of the screen: never larger than the picture's own.
  const scale = isLoupe ? Math.max(whole, Math.min(1, delivered / Math.max(width, height))) : whole;
  const tap = (at: Tap): void => setTaps(taps.length === 2 ? [at] : [...taps, at]);
  return (
    <View className="flex-1" onLayout={onLayout}>
      <div
        style={{ flex: 1, overflow: isLoupe ? "auto" : "hidden", display: "flex", minHeight: 0 }}
        key={isLoupe ? "loupe" : "whole"}
        ref={centred}
      >
        <div
          style={{
            position: "relative",
            margin: "auto",
            width: width * scale,
            height: height * scale,
            flexShrink: 0,
            cursor: isMeasuring ? "crosshair" : "default",
          }}
          onClick={(event) => {
            if (!isMeasuring) return;
            const box = event.currentTarget.getBoundingClientRect();
            tap({ x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale });
          }}
        >
          <img
            src={shown.address}
            alt={frame.files[0]!.name}
            style={{ width: "100%", height: "100%", display: "block" }}
          />
          {taps.map((at, i) => (
            <Dot key={i} x={at.x * scale} y={at.y * scale} />
          ))}
        </div>
      </div>
      {isMeasuring && (
        <View className="px-3">
          <Smear frame={frame} burst={burst} picture={shown.picture} size={{ width, height }} taps={taps} />
        </View>
      )}
    </View>
  );
}

/** A picture larger than its window begins in its middle, where the subject is expected. */
function centred(box: HTMLDivElement | null): void {
  if (box) box.scrollTo((box.scrollWidth - box.clientWidth) / 2, (box.scrollHeight - box.clientHeight) / 2);
}

function Dot({ x, y }: { x: number; y: number }) {
  const { paper, bracken } = useTokens();
  return (
    <div
      style={{
        position: "absolute",
        left: x - 7,
        top: y - 7,
        width: 14,
        height: 14,
        borderRadius: 7,
        border: `3px solid ${bracken}`,
        boxShadow: `0 0 0 2px ${paper}`,
      }}
    />
  );
}

function useShown(frame: Frame, files: ReadonlyMap<string, File>): Shown {
  const [shown, setShown] = useState<Shown>({ kind: "waiting" });
  const address = useRef<string>(undefined);
  useEffect(() => {
    let isWanted = true;
    void (async () => {
      const picture = await pictureOf(frame, files).catch(() => undefined);
      const drawn = picture && (await createImageBitmap(picture).catch(() => undefined));
      if (!isWanted) return;
      if (!picture || !drawn) return setShown({ kind: "none" });
      address.current = URL.createObjectURL(picture);
      setShown({
        kind: "shown",
        picture,
        address: address.current,
        width: drawn.width,
        height: drawn.height,
      });
      drawn.close();
    })();
    return () => {
      isWanted = false;
      if (address.current) URL.revokeObjectURL(address.current);
    };
    // A mark changes the frame and not its picture.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [frame.id, files]);
  return shown;
}
