import Svg, { Circle, G, Path, Text as SvgText } from "react-native-svg";
import { useTokens } from "@/ui/theme/theme";

const SIZE = 112;
const MIDDLE = SIZE / 2;
const RING = 50;

interface Props {
  /** Degrees clockwise from the upper edge to the way. */
  readonly turn: number;
  /** Degrees clockwise from the upper edge to north. */
  readonly north: number;
}

/** The way as a pointer within a ring, and on the ring where north is. */
export function WayArrow({ turn, north }: Props) {
  const { water, ink, line } = useTokens();
  return (
    <Svg width={SIZE} height={SIZE} aria-hidden>
      <Circle cx={MIDDLE} cy={MIDDLE} r={RING} fill="none" stroke={line} strokeWidth={3} />
      <G rotation={north} origin={`${MIDDLE}, ${MIDDLE}`}>
        <Path d={`M${MIDDLE} ${MIDDLE - RING - 5}V${MIDDLE - RING + 6}`} stroke={ink} strokeWidth={3} />
        <SvgText
          x={MIDDLE}
          y={MIDDLE - RING + 20}
          fontSize={14}
          fontFamily="Text-700"
          textAnchor="middle"
          fill={ink}
        >
          N
        </SvgText>
      </G>
      <G rotation={turn} origin={`${MIDDLE}, ${MIDDLE}`}>
        <Path d={`M${MIDDLE} ${MIDDLE + 24}V${MIDDLE - 12}`} stroke={water} strokeWidth={9} />
        <Path d={`M${MIDDLE} ${MIDDLE - 34}L${MIDDLE + 17} ${MIDDLE - 8}H${MIDDLE - 17}Z`} fill={water} />
      </G>
    </Svg>
  );
}
