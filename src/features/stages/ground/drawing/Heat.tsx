import { memo } from "react";
import { Circle, G, Path, Text as SvgText } from "react-native-svg";
import type { Candidate, HeatCell } from "@/core/judge";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import type { FoundCandidates } from "../position-search";
import { pathOf } from "@/ui/plan/paths";

const LEVELS = 6;

/** The grid's squares in levels between the worst and the best place found; one path per level. */
function levelsOf({ heat }: FoundCandidates): HeatCell[][] {
  const scores = heat.flatMap((c) => (c.best ? [c.best.score] : []));
  const [least, most] = [Math.min(...scores), Math.max(...scores)];
  const levels: HeatCell[][] = Array.from({ length: LEVELS }, () => []);
  for (const cell of heat) {
    if (!cell.best) continue;
    const share = most > least ? (cell.best.score - least) / (most - least) : 1;
    levels[Math.min(LEVELS - 1, Math.floor(share * LEVELS))]!.push(cell);
  }
  return levels;
}

/** How good every place is: the fuller the square, the better; nothing where no picture is to be had. */
export const Heat = memo(function Heat({
  view,
  candidates,
}: {
  view: PlanView;
  candidates: FoundCandidates;
}) {
  const { moss } = useTokens();
  const square = ({ at }: HeatCell, level: number): string => {
    // The size tells the level as well as the tone: no colour alone.
    const half = (candidates.step / 2) * (0.35 + (0.6 * (level + 1)) / LEVELS);
    return pathOf(
      view,
      [
        { x: at.x - half, y: at.y - half },
        { x: at.x + half, y: at.y - half },
        { x: at.x + half, y: at.y + half },
        { x: at.x - half, y: at.y + half },
      ],
      true,
    );
  };
  return (
    <G role="img" aria-label="How good each place is: larger and darker is better">
      {levelsOf(candidates).map((cells, level) => (
        <Path
          key={level}
          d={cells.map((c) => square(c, level)).join("")}
          fill={moss}
          fillOpacity={0.18 + (0.6 * level) / (LEVELS - 1)}
        />
      ))}
    </G>
  );
});

/** The candidates of the list by their rank. */
export const Ranks = memo(function Ranks({ view, list }: { view: PlanView; list: readonly Candidate[] }) {
  const { ink, sheet } = useTokens();
  return (
    <G>
      {list.map((candidate, i) => {
        const { left, top } = toScreen(view, candidate.at);
        return (
          <G key={i} role="img" aria-label={`Candidate ${i + 1}`}>
            <Circle cx={left} cy={top} r={11} fill={sheet} stroke={ink} strokeWidth={2} />
            <SvgText x={left} y={top + 5} fontSize={14} fontFamily="Text-700" fill={ink} textAnchor="middle">
              {String(i + 1)}
            </SvgText>
          </G>
        );
      })}
    </G>
  );
});
