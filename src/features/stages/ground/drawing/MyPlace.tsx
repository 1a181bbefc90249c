import { Circle, G, Path } from "react-native-svg";
import type { Point } from "@/core/ground";
import { screenStep, toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { usePlace } from "../../../device/place";

interface Props {
  readonly view: PlanView;
  readonly at: Point;
  /** Metres within which it is. */
  readonly accuracy: number;
}

/** Px of the pointer that shows which way the device is turned. */
const POINTER = 20;

/** Where the device is: a cross within a circle as wide as it may be off, and which way it is turned where that is told. */
export function MyPlace({ view, at, accuracy }: Props) {
  const { ink, sheet, water } = useTokens();
  const heading = usePlace((s) => s.heading);
  const { left, top } = toScreen(view, at);
  const step = heading === undefined ? undefined : screenStep(view, heading);
  const cross = `M${left - 7} ${top}H${left + 7}M${left} ${top - 7}V${top + 7}`;
  return (
    <G>
      <Circle
        cx={left}
        cy={top}
        r={Math.max(9, accuracy * view.pxPerMetre)}
        fill={water}
        fillOpacity={0.14}
        stroke={water}
        strokeWidth={1.5}
        strokeDasharray="4 3"
      />
      {step && (
        <Path
          d={`M${left} ${top}L${left + POINTER * step.left} ${top + POINTER * step.top}`}
          stroke={ink}
          strokeWidth={3}
        />
      )}
      <Path d={cross} stroke={sheet} strokeWidth={6} strokeLinecap="round" />
      <Path d={cross} stroke={ink} strokeWidth={3} strokeLinecap="round" />
    </G>
  );
}
