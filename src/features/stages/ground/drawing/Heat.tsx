import { memo } from "react";
import { Circle, G, Path, Text as SvgText } from "react-native-svg";
import type { Point } from "@/core/ground";
import type { Candidate, HeatCell } from "@/core/judge";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import type { FoundCandidates } from "@/answers/ground/other-positions";

/** Steps between the worst and the best place found. */
const LEVELS = 5;

/** The grid's squares in steps between the worst and the best place found. */
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

/**
 * How good every place is, as quiet as it can be said: the lower steps as a light tint, the better half as dots that grow, so
 * that the lines of the ground stay readable between them; nothing where no picture is to be had.
 */
export const Heat = memo(function Heat({
  view,
  candidates,
}: {
  view: PlanView;
  candidates: FoundCandidates;
}) {
  const { moss } = useTokens();
  const dot = ({ at }: HeatCell, level: number): string => {
    const { left, top } = toScreen(view, at);
    // The size tells the step as well as the tone: no colour alone.
    const r = Math.max(0.7, candidates.step * view.pxPerMetre * (0.1 + (0.26 * level) / (LEVELS - 1)));
    return `M${(left - r).toFixed(1)} ${top.toFixed(1)}a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(2 * r).toFixed(1)} 0a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(-2 * r).toFixed(1)} 0`;
  };
  return (
    <G role="img" aria-label="How good each place is: larger and darker is better">
      {levelsOf(candidates).map((cells, level) => (
        <Path
          key={level}
          d={cells.map((c) => dot(c, level)).join("")}
          fill={moss}
          fillOpacity={0.22 + (0.4 * level) / (LEVELS - 1)}
        />
      ))}
    </G>
  );
});

/** A place of practice: a diamond with its letter. */
export const PracticeMark = memo(function PracticeMark({
  view,
  at,
  mark,
  situation,
}: {
  view: PlanView;
  at: Point;
  mark: string;
  situation: string;
}) {
  const { sheet, sun, ink } = useTokens();
  const { left, top } = toScreen(view, at);
  return (
    <G role="img" aria-label={`Practice ${mark}: ${situation}`} transform={`translate(${left} ${top})`}>
      <Path d="M0 -13L13 0L0 13L-13 0Z" fill={sheet} stroke={sun} strokeWidth={2.5} />
      <SvgText y={5} fontSize={14} fontFamily="Text-700" fill={ink} textAnchor="middle">
        {mark}
      </SvgText>
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
