import { Circle, G, Path } from "react-native-svg";
import { useMemo } from "react";
import { fromVenue, venueMarks, type Venue } from "@/core/ground";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { pathOf } from "./paths";

/** The painted pitch by the rules, laid as the venue lies. */
export function Pitch({ view, venue, indoors }: { view: PlanView; venue: Venue; indoors: boolean }) {
  const { turf, floor, ink, sheet } = useTokens();
  const marks = useMemo(() => venueMarks(venue.template), [venue.template]);
  return (
    <G>
      {marks.map((mark, i) => {
        const points = mark.points.map((p) => fromVenue(venue, p));
        if (mark.kind === "spot") {
          const { left, top } = toScreen(view, points[0]!);
          return <Circle key={i} cx={left} cy={top} r={1.8} fill={ink} />;
        }
        const boundary = mark.kind === "boundary";
        return (
          <Path
            key={i}
            d={pathOf(view, points, boundary || mark.kind === "goal")}
            fill={boundary ? (indoors ? floor : turf) : mark.kind === "goal" ? sheet : "none"}
            stroke={ink}
            strokeWidth={boundary || mark.kind === "goal" ? 2 : 1.2}
            strokeDasharray={mark.kind === "broken" ? "3 5" : undefined}
            strokeOpacity={mark.kind === "broken" ? 0.6 : 1}
          />
        );
      })}
    </G>
  );
}
