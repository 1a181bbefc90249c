import { Circle, G, Path, Text as SvgText } from "react-native-svg";
import { memo } from "react";
import { marksOf } from "@/answers/plan/venue";
import type { Point, Venue } from "@/core/ground";
import { toScreen, type PlanView, type ScreenPoint } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { pathOf } from "@/ui/plan/paths";

/** Type size of what is written beside a mark, and the px of its line from which it is written. */
const TYPE = 14;
const ROOM = 14;

/** The painted pitch by the rules, laid as the venue lies. */
export const Pitch = memo(function Pitch({ view, venue }: { view: PlanView; venue: Venue }) {
  const { ink, sheet } = useTokens();
  return (
    <G>
      {marksOf(venue).map((mark, i) => {
        const { points } = mark;
        if (mark.kind === "spot") {
          const { left, top } = toScreen(view, points[0]!);
          return <Circle key={i} cx={left} cy={top} r={1.8} fill={ink} />;
        }
        const boundary = mark.kind === "boundary";
        return (
          <G key={i}>
            <Path
              d={pathOf(view, points, boundary || mark.kind === "goal")}
              fill={mark.kind === "goal" ? sheet : "none"}
              stroke={ink}
              strokeWidth={boundary || mark.kind === "goal" ? 2 : 1.2}
              strokeDasharray={mark.kind === "broken" ? "3 5" : undefined}
              strokeOpacity={mark.kind === "broken" ? 0.6 : 1}
            />
            {mark.label && <MarkLabel view={view} points={points} words={mark.label} />}
          </G>
        );
      })}
    </G>
  );
});

/** What a line is for, beyond its outer end; nothing while the plan is too small for it. */
function MarkLabel({ view, points, words }: { view: PlanView; points: readonly Point[]; words: string }) {
  const { ink2 } = useTokens();
  const [inner, outer] = points.map((p) => toScreen(view, p)) as [ScreenPoint, ScreenPoint];
  const [dx, dy] = [outer.left - inner.left, outer.top - inner.top];
  const length = Math.hypot(dx, dy);
  if (length < ROOM) return null;
  return (
    <SvgText
      x={outer.left + (dx / length) * 6}
      y={outer.top + (dy / length) * 6 + TYPE / 3}
      fontSize={TYPE}
      fontFamily="Text-400"
      fill={ink2}
      textAnchor={dx < 0 ? "end" : "start"}
    >
      {words}
    </SvgText>
  );
}
