import { memo } from "react";
import { Image, Pressable, View } from "react-native";
import type { Frame } from "@/data/schema/frame";
import { settingsOf } from "@/outing/frames/judged";
import { Txt } from "@/ui/controls/Txt";
import { settingsWords } from "@/words";
import { MARK_WORDS } from "@/words/frames";
import { baseName } from "@/outing/frames/frames-from";
import { useSmall } from "../frames/use-small";

interface Props {
  readonly frame: Frame;
  /** Px. */
  readonly side: number;
  readonly onOpen: (id: string) => void;
}

/** Height of a cell for its width: most frames lie level. */
export const CELL_SHAPE = 0.74;

/** A frame on the sheet: its small picture, and its mark by word and shape. */
export const Cell = memo(function Cell({ frame, side, onOpen }: Props) {
  const small = useSmall(frame);
  const { mark } = frame;
  const settings = settingsOf(frame);
  const told = settings ? settingsWords(settings) : "no settings told";
  const name = baseName(frame.files[0]!.name);
  return (
    <Pressable
      role="listitem"
      aria-label={`${name}, ${mark ? MARK_WORDS[mark] : "not judged"}, ${told}`}
      onPress={() => onOpen(frame.id)}
      style={{ width: side, height: CELL_SHAPE * side, padding: 2 }}
    >
      <View className="flex-1 items-center justify-center overflow-hidden">
        {small === undefined && <View className="absolute h-full w-full bg-line opacity-40" />}
        {small && small !== "none" ? (
          <Image
            source={{ uri: small }}
            resizeMode="contain"
            style={{ width: "100%", height: "100%", opacity: mark === "away" ? 0.35 : 1 }}
          />
        ) : (
          <Txt size={14} tone="ink2" className="px-1 text-center">
            {small === "none" ? `no picture to look at · ${told}` : told}
          </Txt>
        )}
        {mark && <Mark mark={mark} />}
      </View>
    </Pressable>
  );
});

/** A whole bar for what is kept, a broken one for perhaps, a line through what is put away; each with its word. */
function Mark({ mark }: { mark: NonNullable<Frame["mark"]> }) {
  return (
    <>
      {mark === "away" && (
        <View className="absolute bottom-0 left-0 right-0 top-0 items-center justify-center">
          <View className="h-[3px] w-full bg-ink" style={{ transform: [{ rotate: "-35deg" }] }} />
        </View>
      )}
      <View
        className={`absolute bottom-0 left-0 right-0 items-center bg-sheet ${
          mark === "keep"
            ? "border-t-4 border-ink"
            : mark === "perhaps"
              ? "border-t-4 border-dashed border-ink"
              : ""
        }`}
      >
        <Txt size={14} weight={600}>
          {MARK_WORDS[mark]}
        </Txt>
      </View>
    </>
  );
}
