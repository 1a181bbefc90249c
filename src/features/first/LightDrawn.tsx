import Svg, { Circle, G, Line, Path, Rect } from "react-native-svg";
import { useTokens } from "@/ui/theme/theme";

const SIZE = 72;
const FLOOR = 60;

/** A hall by how many lamps it has and how bright they are: what one sees on looking up. */
export function HallDrawn({ lamps }: { lamps: number }) {
  const { ink, sunFill, shade, sheet } = useTokens();
  return (
    <Svg width={SIZE} height={SIZE} aria-hidden>
      <Path d={`M4 ${FLOOR}V20L36 6L68 20V${FLOOR}Z`} fill={sheet} stroke={ink} strokeWidth={2} />
      <Rect x={5} y={20} width={62} height={FLOOR - 21} fill={shade} opacity={0.75 - lamps * 0.14} />
      {Array.from({ length: lamps }, (_, i) => {
        const x = 36 + (i - (lamps - 1) / 2) * 12;
        return (
          <G key={i}>
            <Path
              d={`M${x - 4} 22L${x - 13} ${FLOOR - 1}H${x + 13}L${x + 4} 22Z`}
              fill={sunFill}
              opacity={0.35}
            />
            <Rect x={x - 4} y={18} width={8} height={4} fill={sunFill} stroke={ink} strokeWidth={1.2} />
          </G>
        );
      })}
      <Line x1={4} x2={68} y1={FLOOR} y2={FLOOR} stroke={ink} strokeWidth={2.4} />
    </Svg>
  );
}

const CLOUD = "M18 44a10 10 0 0 1 2-20a14 14 0 0 1 26-2a11 11 0 0 1 6 22Z";

/** The sky as one sees it: sun, sun and clouds, closed, or leaves over one's head. */
export function SkyDrawn({ sky }: { sky: "sun" | "clouds" | "dull" | "trees" }) {
  const { ink, sunFill, shade, sheet, mossFill } = useTokens();
  const sun = sky === "sun" || sky === "clouds";
  return (
    <Svg width={SIZE} height={SIZE} aria-hidden>
      {sun && (
        <G>
          <Circle
            cx={sky === "sun" ? 36 : 48}
            cy={sky === "sun" ? 30 : 22}
            r={sky === "sun" ? 15 : 12}
            fill={sunFill}
            stroke={ink}
            strokeWidth={2}
          />
        </G>
      )}
      {(sky === "clouds" || sky === "dull") && (
        <Path d={CLOUD} fill={sky === "dull" ? shade : sheet} stroke={ink} strokeWidth={2} />
      )}
      {sky === "dull" && (
        <Path d={CLOUD} fill={shade} stroke={ink} strokeWidth={2} transform="translate(14 10) scale(0.8)" />
      )}
      {sky === "trees" && (
        <G>
          <Path d="M32 62V34H40V62Z" fill={ink} />
          <Path
            d="M10 34a14 14 0 0 1 10-20a18 18 0 0 1 32 0a14 14 0 0 1 10 20a12 12 0 0 1-14 6a14 14 0 0 1-24 0a12 12 0 0 1-14-6Z"
            fill={mossFill}
            stroke={ink}
            strokeWidth={2}
          />
        </G>
      )}
      <Line x1={6} x2={66} y1={62} y2={62} stroke={ink} strokeWidth={2} />
    </Svg>
  );
}
