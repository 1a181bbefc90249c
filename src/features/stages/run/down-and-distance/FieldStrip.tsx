import { useState } from "react";
import { View } from "react-native";
import Svg, { G, Line, Path, Rect } from "react-native-svg";
import { FIELD, type Downs } from "@/outing/downs";
import { useSlider } from "@/ui/controls/useSlider";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { ballWords } from "@/words/downs";

const HEIGHT = 76;
const INSET = 22;
const EVERY = 10;

interface Props {
  readonly downs: Downs;
  readonly onBall: (ball: number) => void;
}

/** The field along its length, played to the right: the ball, the line that is to be gained. The ball is dragged or pressed along it. */
export function FieldStrip({ downs, onBall }: Props) {
  const { turf, ink, line, sun, water } = useTokens();
  const [size, onLayout] = useSize();
  const [dragged, setDragged] = useState<number>();
  const ball = dragged ?? downs.ball;
  const slider = useSlider({
    label: "The ball",
    value: ball,
    min: 1,
    max: FIELD - 1,
    step: 1,
    page: EVERY,
    words: ballWords({ ...downs, ball }),
    inset: INSET,
    onChange: setDragged,
    onEnd: (at) => {
      setDragged(undefined);
      if (at !== downs.ball) onBall(at);
    },
  });
  const x = (yards: number): number => INSET + (yards / FIELD) * ((size?.width ?? 0) - 2 * INSET);
  const gain = Math.min(FIELD, downs.ball + downs.toGo);
  return (
    <View {...slider} style={[slider.style, { height: HEIGHT }]} onLayout={onLayout} className="w-full">
      {size && (
        <Svg width={size.width} height={HEIGHT} style={{ pointerEvents: "none" }}>
          <Rect
            x={0}
            y={14}
            width={size.width}
            height={HEIGHT - 28}
            fill={turf}
            stroke={ink}
            strokeWidth={1.5}
          />
          {Array.from({ length: FIELD / EVERY + 1 }, (_, i) => (
            <Line
              key={i}
              x1={x(i * EVERY)}
              x2={x(i * EVERY)}
              y1={14}
              y2={HEIGHT - 14}
              stroke={i % 10 === 0 ? ink : line}
              strokeWidth={i % 10 === 0 ? 2.5 : 1.5}
            />
          ))}
          <Line x1={x(gain)} x2={x(gain)} y1={4} y2={HEIGHT - 4} stroke={sun} strokeWidth={4} />
          <G>
            <Path
              d={`M${x(ball) - 11} ${HEIGHT / 2}Q${x(ball)} ${HEIGHT / 2 - 14} ${x(ball) + 11} ${HEIGHT / 2}Q${x(ball)} ${HEIGHT / 2 + 14} ${x(ball) - 11} ${HEIGHT / 2}Z`}
              fill={water}
              stroke={ink}
              strokeWidth={1.5}
            />
          </G>
        </Svg>
      )}
    </View>
  );
}
