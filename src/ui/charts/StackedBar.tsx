import { View } from "react-native";
import { percentWords } from "@/words";
import { Txt } from "../controls/Txt";

export interface BarPart {
  readonly key: string;
  readonly colour: string;
  readonly words: string;
  /** Share 0 … 1 of the whole. */
  readonly share: number;
  /** What is said of it where its figure stands beside the bar; else its share is written on it. */
  readonly figure?: string;
}

const LEAST_SHOWN = 0.015;
const LEAST_NAMED = 0.12;
const LEAST_COUNTED = 0.25;

/** Shares of one whole, largest first as given; parts too small to name are told together under the bar. */
export function StackedBar({ label, parts }: { label: string; parts: readonly BarPart[] }) {
  const shown = parts.filter((p) => p.share >= LEAST_SHOWN);
  const said = parts.map((p) => `${p.words} ${p.figure ?? percentWords(p.share)}`).join(", ");
  return (
    <View role="img" aria-label={`${label}: ${said}`}>
      <View className="h-7 flex-row gap-[2px] overflow-hidden rounded">
        {shown.map((part) => (
          <View key={part.key} style={{ flexGrow: part.share, flexBasis: 0, backgroundColor: part.colour }} />
        ))}
      </View>
      <View className="flex-row gap-[2px]">
        {shown.map((part) => (
          <View key={part.key} style={{ flexGrow: part.share, flexBasis: 0, minWidth: 0 }}>
            {part.share >= LEAST_NAMED && (
              <Txt size={14} numberOfLines={1}>
                {part.share >= LEAST_COUNTED && !part.figure
                  ? `${part.words} ${percentWords(part.share)}`
                  : part.words}
              </Txt>
            )}
          </View>
        ))}
      </View>
    </View>
  );
}
