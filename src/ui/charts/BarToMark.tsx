import { View } from "react-native";
import type { Tone } from "../controls/Txt";
import { useTokens } from "../theme/theme";

interface Props {
  /** Of the width; more than 1 runs out of it. */
  readonly share: number;
  /** Where the stroke stands, of the width. */
  readonly mark: number;
  readonly tone: Tone;
}

/** A bar from the left and a stroke to hold it against, under a figure of a table; all of a table are to one scale. */
export function BarToMark({ share, mark, tone }: Props) {
  const tokens = useTokens();
  return (
    <View aria-hidden className="ml-2 h-3 justify-center overflow-hidden">
      <View
        className="h-1.5 rounded-r-sm"
        style={{ width: `${100 * Math.min(1, share)}%`, backgroundColor: tokens[tone] }}
      />
      <View
        className="absolute h-3 w-0.5"
        style={{ left: `${100 * Math.min(0.98, mark)}%`, backgroundColor: tokens.ink2 }}
      />
    </View>
  );
}
