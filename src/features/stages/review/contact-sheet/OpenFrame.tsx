import { useEffect, useRef, useState } from "react";
import { Modal, View } from "react-native";
import type { Frame, FrameMark } from "@/data/schema/frame";
import type { MatchedBurst } from "@/outing/frames/matched";
import { besideFrame, nextBurst } from "@/outing/frames/sheet";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useLayout } from "@/ui/layout/use-layout";
import { MARK_WORDS } from "@/words/frames";
import { useOuting } from "../../../outing/use-outing";
import { useFrames } from "../frames/frames-store";
import { burstWords } from "./BurstHead";
import { FrameTold } from "./FrameTold";
import { Picture } from "./Picture";
import { SharpInBurst } from "./SharpInBurst";

interface Props {
  readonly bursts: readonly MatchedBurst[];
  readonly id: string;
  readonly onGo: (id: string) => void;
  readonly onClose: () => void;
}

const MARKS: readonly FrameMark[] = ["keep", "perhaps", "away"];

/** One frame, or two beside each other, as large as the screen; what is said of it lies under the thumb. */
export function OpenFrame({ bursts, id, onGo, onClose }: Props) {
  const outing = useOuting((v) => v.outing);
  const { columns } = useLayout();
  const [isTwo, setTwo] = useState(false);
  const [isLoupe, setLoupe] = useState(false);
  const [isMore, setMore] = useState(false);
  const [isSmear, setSmear] = useState(false);
  const put = useFrames((s) => s.put);
  const burst = bursts.find((b) => b.frames.some((f) => f.id === id));
  const frame = burst?.frames.find((f) => f.id === id);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => box.current?.focus(), []);
  if (!burst || !frame) return null;
  const other = isTwo ? (besideFrame(bursts, id, 1) ?? besideFrame(bursts, id, -1)) : undefined;
  const go = (to: Frame | undefined): void => void (to && onGo(to.id));
  const mark = (said: FrameMark): void => {
    const { mark: before, ...rest } = frame;
    void put([before === said ? rest : { ...rest, mark: said }]);
    // What was said goes on to the next; what was taken back stays.
    if (before !== said) go(besideFrame(bursts, id, 1));
  };
  const keys: Readonly<Record<string, () => void>> = {
    k: () => mark("keep"),
    p: () => mark("perhaps"),
    a: () => mark("away"),
    n: () => go(nextBurst(bursts, id)),
    b: () => setTwo(!isTwo),
    l: () => setLoupe(!isLoupe),
    ArrowRight: () => go(besideFrame(bursts, id, 1)),
    ArrowLeft: () => go(besideFrame(bursts, id, -1)),
  };
  const at = burst.frames.indexOf(frame) + 1;
  return (
    <Modal visible onRequestClose={onClose} animationType="none">
      <div
        ref={box}
        tabIndex={-1}
        role="dialog"
        aria-label={`Frame ${at} of ${burst.frames.length}`}
        style={{ display: "flex", flexDirection: "column", height: "100%", outline: "none" }}
        onKeyDown={(event) => {
          if ((event.target as HTMLElement).closest("input, textarea")) return;
          const run = keys[event.key];
          if (!run || event.ctrlKey || event.metaKey || event.altKey) return;
          event.preventDefault();
          run();
        }}
      >
        <View className="flex-1 bg-paper">
          <View className="flex-row items-center gap-2 px-3">
            <Txt size={14} numberOfLines={2} className="min-w-0 flex-1">
              {`${at} of ${burst.frames.length} · ${burstWords(outing, burst)}`}
            </Txt>
            <Button label="Close" kind="plain" onPress={onClose} />
          </View>
          <View className={`flex-1 gap-1 ${columns ? "flex-row" : ""}`}>
            <Picture key={frame.id} frame={frame} burst={burst} isLoupe={isLoupe} isMeasuring={isSmear} />
            {other && (
              <Picture key={other.id} frame={other} burst={burst} isLoupe={isLoupe} isMeasuring={isSmear} />
            )}
          </View>
          {isMore ? (
            <FrameTold frame={frame} burst={burst} bursts={bursts} />
          ) : (
            <SharpInBurst burst={burst} id={id} onGo={onGo} />
          )}
          <Tools
            shown={{ isTwo, isLoupe, isSmear, isMore }}
            keys={keys}
            onSmear={() => setSmear(!isSmear)}
            onMore={() => setMore(!isMore)}
          />
          <Marks mark={frame.mark} onMark={mark} onNext={keys.n!} />
        </View>
      </div>
    </Modal>
  );
}

interface ToolsProps {
  readonly shown: Readonly<Record<"isTwo" | "isLoupe" | "isSmear" | "isMore", boolean>>;
  readonly keys: Readonly<Record<string, () => void>>;
  readonly onSmear: () => void;
  readonly onMore: () => void;
}

/** What is done with a picture that is looked at. */
function Tools({ shown: { isTwo, isLoupe, isSmear, isMore }, keys, onSmear, onMore }: ToolsProps) {
  return (
    <View className="flex-row justify-between px-1 py-1">
      <Button
        label={isTwo ? "One" : "Two"}
        says={isTwo ? "One picture" : "Two pictures beside each other"}
        kind="plain"
        onPress={keys.b!}
      />
      <Button
        label="Loupe"
        says={isLoupe ? "The whole picture" : "At the size of the delivery"}
        kind="plain"
        expanded={isLoupe}
        onPress={keys.l!}
      />
      <Button label="Smear" says="Measure a smear" kind="plain" expanded={isSmear} onPress={onSmear} />
      <Button label="About" says="About this frame" kind="plain" expanded={isMore} onPress={onMore} />
      <Button label="‹" says="The frame before" kind="plain" onPress={keys.ArrowLeft!} />
      <Button label="›" says="The frame after" kind="plain" onPress={keys.ArrowRight!} />
    </View>
  );
}

/** What is said of a frame, under the thumb. */
function Marks({
  mark,
  onMark,
  onNext,
}: {
  mark: FrameMark | undefined;
  onMark: (said: FrameMark) => void;
  onNext: () => void;
}) {
  return (
    <View className="flex-row gap-2 px-3 pb-3">
      {MARKS.map((said) => (
        <Button
          key={said}
          label={MARK_WORDS[said]}
          says={mark === said ? `${MARK_WORDS[said]}: take it back` : MARK_WORDS[said]}
          kind={mark === said ? "filled" : "outlined"}
          className="flex-1"
          onPress={() => onMark(said)}
        />
      ))}
      <Button label="Next burst" onPress={onNext} />
    </View>
  );
}
