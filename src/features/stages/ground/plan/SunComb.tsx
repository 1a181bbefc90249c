import { G, Path, Rect, Text as SvgText } from "react-native-svg";
import { personShadow } from "@/answers/plan/light";
import { turnedBy } from "@/answers/plan/way";
import type { Sun } from "@/core/light";
import { labelWidth } from "@/ui/plan/labels";
import { screenStep, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { combOf } from "./comb";

const SPACING = 24;
const INSET = 9;

interface Props {
  readonly view: PlanView;
  readonly sun: Sun;
  /** Said at the edge when there is no direct sun. */
  readonly without: string | undefined;
}

/**
 * The light's direction and height at once: parallel strokes entering from the edges that the light comes from, each as
 * long, to scale, as the shadow of a standing person.
 */
export function SunComb({ view, sun, without }: Props) {
  const tokens = useTokens();
  if (without) return <EdgeWord view={view} words={without} />;
  const step = screenStep(view, turnedBy(sun.azimuth, 180));
  const comb = combOf(personShadow(sun), view.pxPerMetre);
  const strokes = starts(view, step)
    .map(({ left, top }) => `M${left} ${top}l${step.left * comb.length} ${step.top * comb.length}`)
    .join("");
  return (
    <G>
      {[
        { colour: tokens.paper, width: 7 },
        { colour: tokens.sun, width: 2.8 },
      ].map(({ colour, width }) => (
        <Path key={colour} d={strokes} stroke={colour} strokeWidth={width} strokeLinecap="round" />
      ))}
      {comb.times !== 1 && (
        <EdgeWord
          view={view}
          words={comb.times > 1 ? `shadows ×${comb.times}` : `shadows ÷${Math.round(1 / comb.times)}`}
        />
      )}
    </G>
  );
}

/** Where strokes begin: along the left or right edge and along the upper or lower one, by where the light comes from. */
function starts(view: PlanView, step: { left: number; top: number }) {
  const points: { left: number; top: number }[] = [];
  const range = (most: number): number[] => {
    const count = Math.max(1, Math.floor((most - 2 * SPACING) / SPACING));
    return Array.from({ length: count + 1 }, (_, i) => SPACING + (i * (most - 2 * SPACING)) / count);
  };
  if (Math.abs(step.left) > 0.2) {
    const left = step.left > 0 ? INSET : view.width - INSET;
    points.push(...range(view.height).map((top) => ({ left, top })));
  }
  if (Math.abs(step.top) > 0.2) {
    const top = step.top > 0 ? INSET : view.height - INSET;
    points.push(...range(view.width).map((left) => ({ left, top })));
  }
  return points;
}

function EdgeWord({ view, words }: { view: PlanView; words: string }) {
  const { paper, sun } = useTokens();
  const width = labelWidth(words, 14) + 6;
  return (
    <G transform={`translate(${8} ${view.height - 30})`}>
      <Rect width={width} height={24} rx={5} fill={paper} fillOpacity={0.9} />
      <SvgText x={width / 2} y={17} fontSize={14} fontFamily="Text-600" fill={sun} textAnchor="middle">
        {words}
      </SvgText>
    </G>
  );
}
