import { Circle, G, Text as SvgText } from "react-native-svg";
import { useTokens } from "../theme/theme";

interface Props {
  /** Px of its middle. */
  readonly left: number;
  readonly top: number;
  readonly radius: number;
  readonly words: string;
  readonly isFilled: boolean;
}

/** A number in a ring on a plan; filled where it counts most. */
export function NumberTag({ left, top, radius, words, isFilled }: Props) {
  const { water, paper } = useTokens();
  const large = radius > 12;
  return (
    <G>
      <Circle
        cx={left}
        cy={top}
        r={radius}
        fill={isFilled ? water : paper}
        stroke={water}
        strokeWidth={large ? 3 : 2}
      />
      <SvgText
        x={left}
        y={top + (large ? 6 : 5)}
        fontSize={large ? 16 : 14}
        fontFamily="Text-700"
        textAnchor="middle"
        fill={isFilled ? paper : water}
      >
        {words}
      </SvgText>
    </G>
  );
}
