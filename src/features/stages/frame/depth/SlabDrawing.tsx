import { View } from "react-native";
import Svg, { Circle, G, Line, Rect, Text as SvgText } from "react-native-svg";
import { useSlider } from "@/ui/controls/useSlider";
import { useSize } from "@/ui/layout/use-size";
import { FigureDrawing, type Outlined } from "@/ui/figures/FigureDrawing";
import { useTokens } from "@/ui/theme/theme";

interface Props {
  /** Metres from the eye to the nearest and the farthest that is sharp, along the view; nearer is negative. */
  readonly near: number;
  readonly far: number | "unbounded";
  /** Metres of the subject along itself. */
  readonly length: number;
  /** Its body from above in metres, the way it faces upward, and where its eyes are; none for something flat. */
  readonly body?: { readonly pieces: readonly Outlined[]; readonly eye: readonly [number, number] };
  /** Degrees by which it is turned out of the plane of focus. */
  readonly turnDeg: number;
  /** Set where the finger may turn it. */
  readonly onTurn?: (degrees: number) => void;
}

const HEIGHT = 132;
const TYPE = 14;

/** From above, the lens to the left: the subject as it is turned, and the slab that is sharp. */
export function SlabDrawing(props: Props) {
  const [size, onLayout] = useSize();
  const { onTurn, turnDeg } = props;
  const words = `turned ${Math.round(turnDeg)} degrees out of the plane of focus`;
  const slider = useSlider({
    label: "Angle of a flat subject to the sensor",
    value: turnDeg,
    min: 0,
    max: 90,
    step: 1,
    page: 10,
    words,
    inset: 16,
    onChange: onTurn ?? (() => undefined),
  });
  return (
    <View
      {...(onTurn ? slider : { role: "img", "aria-label": `The subject from above, ${words}` })}
      style={[onTurn && slider.style, { height: HEIGHT }]}
      onLayout={onLayout}
      className="w-full"
    >
      {size && <Drawing {...props} width={size.width} />}
    </View>
  );
}

function Drawing({ near, far, length, body, turnDeg, width, onTurn }: Props & { width: number }) {
  const { ink, ink2, mossFill, moss, water, paper } = useTokens();
  const slab = far === "unbounded" ? Infinity : far - near;
  // What matters is in view: the subject whole, and the slab's ends where they lie near it.
  const shown = Math.max(1.4 * length, Math.min(1.3 * slab, 3 * length), 0.01);
  const px = Math.min((width - 40) / shown, (HEIGHT - 44) / Math.max(length, 0.01));
  const eye = { x: width / 2, y: HEIGHT / 2 - 8 };
  const x = (metres: number): number => Math.max(0, Math.min(width, eye.x + px * metres));
  const end = far === "unbounded" ? width : x(far);
  return (
    <Svg width={width} height={HEIGHT} style={{ pointerEvents: "none" }}>
      <Rect
        x={x(near)}
        y={4}
        width={Math.max(1.5, end - x(near))}
        height={HEIGHT - 32}
        fill={mossFill}
        fillOpacity={0.35}
      />
      <Line x1={x(near)} x2={x(near)} y1={4} y2={HEIGHT - 28} stroke={moss} strokeWidth={2} />
      {far !== "unbounded" && (
        <Line x1={end} x2={end} y1={4} y2={HEIGHT - 28} stroke={moss} strokeWidth={2} />
      )}
      <Line x1={eye.x} x2={eye.x} y1={4} y2={HEIGHT - 28} stroke={ink2} strokeDasharray="4 4" />
      {body ? (
        // A body faces up its own drawing; at a right angle to the plane of focus it faces the lens.
        <G transform={`translate(${eye.x} ${eye.y}) rotate(${-turnDeg})`}>
          <FigureDrawing
            pieces={body.pieces}
            scale={px}
            left={-px * body.eye[0]}
            top={px * body.eye[1]}
            colour={ink}
          />
        </G>
      ) : (
        <G transform={`rotate(${90 - turnDeg} ${eye.x} ${eye.y})`}>
          <Line
            x1={eye.x - (px * length) / 2}
            x2={eye.x + (px * length) / 2}
            y1={eye.y}
            y2={eye.y}
            stroke={ink}
            strokeWidth={5}
            strokeLinecap="round"
          />
        </G>
      )}
      <Circle cx={eye.x} cy={eye.y} r={4} fill={paper} stroke={ink} strokeWidth={1.6} />
      <SvgText x={6} y={HEIGHT - 8} fontSize={TYPE} fontFamily="Text-400" fill={ink2}>
        you
      </SvgText>
      <SvgText
        x={width / 2}
        y={HEIGHT - 8}
        fontSize={TYPE}
        fontFamily="Text-600"
        fill={onTurn ? water : ink2}
        textAnchor="middle"
      >
        {onTurn ? `turned ${Math.round(turnDeg)}°: slide to turn` : "sharp"}
      </SvgText>
    </Svg>
  );
}
