import { G, Line, Text as SvgText } from "react-native-svg";
import { useTokens } from "../theme/theme";

export interface HourMark {
  /** Epoch milliseconds. */
  readonly at: number;
  readonly words: string;
}

interface Props {
  readonly hours: readonly HourMark[];
  readonly x: (at: number) => number;
  /** Px: the edge that the hours hang from, and the line that their words stand on. */
  readonly top: number;
  readonly foot: number;
}

/** The hours under a course of time: a tick and a word each. */
export function HourMarks({ hours, x, top, foot }: Props) {
  const { ink2 } = useTokens();
  return hours.map((hour) => (
    <G key={hour.at}>
      <Line x1={x(hour.at)} x2={x(hour.at)} y1={top} y2={top + 5} stroke={ink2} strokeWidth={1.5} />
      <SvgText x={x(hour.at)} y={foot} fontSize={14} fontFamily="Text-400" fill={ink2} textAnchor="middle">
        {hour.words}
      </SvgText>
    </G>
  ));
}
