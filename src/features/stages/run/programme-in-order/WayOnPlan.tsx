import { View } from "react-native";
import { Circle, G, Rect, Text as SvgText } from "react-native-svg";
import type { Coverage } from "@/core/schedule";
import { stopsOf, type Step } from "@/outing/programme/order";
import { useSize } from "@/ui/layout/use-size";
import { labelWidth, placeLabels } from "@/ui/plan/labels";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { GroundSketch } from "../../../outing/GroundSketch";
import { useOuting } from "../../../outing/use-outing";
import { WayLine } from "../../ground/drawing/WayLine";

const HEIGHT = 300;
const TYPE = 14;

interface Props {
  readonly steps: readonly Step[];
  readonly ways: Coverage["ways"];
}

/** The order as a way over the ground: round what stands there, with the numbers of the order at each position. */
export function WayOnPlan({ steps, ways }: Props) {
  const outing = useOuting((v) => v.outing);
  const [size, onLayout] = useSize();
  if (steps.length === 0) return null;
  const metres = steps.reduce((sum, s) => sum + s.metres, 0);
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`The way on the plan: ${steps.length} stops, ${Math.round(metres)} m on foot`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <GroundSketch
          outing={outing}
          size={{ width: size.width, height: HEIGHT }}
          over={(view) => <Way view={view} steps={steps} ways={ways} />}
        />
      )}
    </View>
  );
}

/** The legs of a way with the numbers of its stops, each with its position's name. */
function Way({ view, steps, ways }: Props & { view: PlanView }) {
  const { ink, sheet, water } = useTokens();
  const marks = stopsOf(steps).map(({ position, numbers }) => ({
    id: position.id,
    at: toScreen(view, position.at),
    words: `${position.name.slice(0, 12)}: ${numbers}`,
    clear: 9,
  }));
  const taken = marks.map(({ at }) => ({ left: at.left - 7, top: at.top - 7, width: 14, height: 14 }));
  const labels = placeLabels(marks, taken, { left: 0, top: 0, width: view.width, height: view.height }, TYPE);
  return (
    <G>
      <Legs view={view} steps={steps} ways={ways} />
      {marks.map(({ id, at }) => (
        <Circle key={id} cx={at.left} cy={at.top} r={6} fill={water} stroke={sheet} strokeWidth={2} />
      ))}
      {labels.map(({ id, left, top, words, width, height }) => (
        <G key={id}>
          <Rect x={left} y={top} width={width} height={height} rx={4} fill={sheet} opacity={0.9} />
          <SvgText
            x={left + labelWidth(words, TYPE) / 2}
            y={top + TYPE + 1}
            fontSize={TYPE}
            fontFamily="Text-700"
            textAnchor="middle"
            fill={ink}
          >
            {words}
          </SvgText>
        </G>
      ))}
    </G>
  );
}

/** The lines of a way from stop to stop. */
export function Legs({ view, steps, ways }: Props & { view: PlanView }) {
  return steps.slice(1).map((step, i) => {
    const way = ways[steps[i]!.position.id]?.[step.position.id]?.way;
    return way && <WayLine key={`${step.event.id} ${step.visit.from}`} view={view} way={way} />;
  });
}
