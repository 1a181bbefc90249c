import type { ReactNode } from "react";
import { Pressable, View } from "react-native";
import { Txt } from "@/ui/controls/Txt";

interface Tile {
  readonly id: string;
  readonly words: string;
  readonly drawing?: ReactNode;
}

interface Props {
  readonly label: string;
  readonly tiles: readonly Tile[];
  readonly onChoose: (id: string) => void;
}

/** Choices as large as a thumb, two beside each other, each with its drawing; a press is the answer. */
export function Tiles({ label, tiles, onChoose }: Props) {
  return (
    <View role="group" aria-label={label} className="flex-row flex-wrap gap-2">
      {tiles.map(({ id, words, drawing }) => (
        <Pressable
          key={id}
          role="button"
          aria-label={words}
          onPress={() => onChoose(id)}
          className={`min-w-[46%] flex-1 flex-row items-center gap-2 rounded-xl border-2 border-line bg-sheet px-3 active:border-water ${drawing ? "min-h-[84px]" : "min-h-16"}`}
        >
          {drawing}
          <Txt weight={600} className="min-w-0 flex-1">
            {words}
          </Txt>
        </Pressable>
      ))}
    </View>
  );
}
