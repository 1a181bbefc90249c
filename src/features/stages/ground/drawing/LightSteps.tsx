import { memo } from "react";
import { G, Path, Text as SvgText } from "react-native-svg";
import { onVenueGrid } from "@/answers/plan/way";
import type { Venue } from "@/core/ground";
import type { LitPlace } from "@/core/judge";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import type { LightMap } from "./on-plan";

/** More clicks than these are tinted no stronger. */
const DEEPEST = 9;
/** Px between two numbers at least. */
const ROOM = 40;

interface Props {
  readonly view: PlanView;
  readonly map: LightMap;
  readonly venue: Venue;
}

/** The light over the ground in clicks against the spot: brighter in the sun's colour, darker in that of shade, each with its number where there is room. */
export const LightSteps = memo(function LightSteps({ view, map, venue }: Props) {
  const { sunFill, shade, ink } = useTokens();
  const side = map.step * view.pxPerMetre;
  const steps = Map.groupBy(map.lit, ({ ev }) => Math.round(3 * (ev - map.ev)));
  // The map's rows lie along the venue, and so does the plan: every second or third place of both ways has its number.
  const every = Math.ceil(ROOM / side);
  const numbered = ({ at }: LitPlace): boolean => onVenueGrid(venue, at, map.step, every);
  const square = ({ at }: LitPlace): string => {
    const { left, top } = toScreen(view, at);
    const half = side / 2 + 0.25;
    return `M${(left - half).toFixed(1)} ${(top - half).toFixed(1)}h${(2 * half).toFixed(1)}v${(2 * half).toFixed(1)}h${(-2 * half).toFixed(1)}z`;
  };
  return (
    <G role="img" aria-label="Light over the ground in clicks against the spot">
      {[...steps].map(([clicks, places]) =>
        clicks === 0 ? null : (
          <Path
            key={clicks}
            d={places.map(square).join("")}
            fill={clicks > 0 ? sunFill : shade}
            fillOpacity={0.08 + 0.34 * Math.min(1, Math.abs(clicks) / DEEPEST)}
          />
        ),
      )}
      {[...steps].flatMap(([clicks, places]) =>
        clicks === 0
          ? []
          : places.filter(numbered).map(({ at }) => {
              const { left, top } = toScreen(view, at);
              return (
                <SvgText
                  key={`${at.x} ${at.y}`}
                  x={left}
                  y={top + 4}
                  fontSize={14}
                  fontFamily="Text-400"
                  fill={ink}
                  fillOpacity={0.75}
                  textAnchor="middle"
                >
                  {`${clicks > 0 ? "+" : "−"}${Math.abs(clicks)}`}
                </SvgText>
              );
            }),
      )}
    </G>
  );
});
