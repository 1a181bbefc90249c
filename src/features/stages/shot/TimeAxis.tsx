import { Text as SvgText } from "react-native-svg";
import type { Outing } from "@/data";
import { useTokens } from "@/ui/theme/theme";
import { wallOf } from "./titles";

interface Props {
  readonly outing: Outing;
  /** Epoch milliseconds. */
  readonly from: number;
  readonly until: number;
  readonly x: (at: number) => number;
  /** Px of the line on which the times stand. */
  readonly foot: number;
}

/** The beginning, the middle and the end of a stretch of time under a drawing, by the outing's clock. */
export function TimeAxis({ outing, from, until, x, foot }: Props) {
  const { ink2 } = useTokens();
  return (["start", "middle", "end"] as const).map((anchor, i) => {
    const at = from + ((until - from) * i) / 2;
    return (
      <SvgText
        key={anchor}
        x={x(at)}
        y={foot}
        fontSize={14}
        fontFamily="Text-400"
        fill={ink2}
        textAnchor={anchor}
      >
        {wallOf({ outing }, at)}
      </SvgText>
    );
  });
}
