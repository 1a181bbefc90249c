import { memo } from "react";
import { G, Path, Text as SvgText } from "react-native-svg";
import type { Position } from "@/core/ground";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";

export const TAG = { width: 30, body: 25, height: 36 };

interface Props {
  readonly view: PlanView;
  readonly position: Position;
  readonly chosen: boolean;
  /** Standing there is vetoed: said by a bar through the tag. */
  readonly vetoed: boolean;
}

/** A position: a small tag whose point marks the place, filled when it is the chosen one. */
export const Tag = memo(function Tag({ view, position, chosen, vetoed }: Props) {
  const { water, onWater, sheet, bracken } = useTokens();
  const { left, top } = toScreen(view, position.at);
  const half = TAG.width / 2;
  const colour = vetoed ? bracken : water;
  return (
    <G
      transform={`translate(${left} ${top})`}
      role="img"
      aria-label={`Position ${position.name}${chosen ? ", chosen" : ""}${vetoed ? ", ruled out" : ""}`}
    >
      <Path
        d={`M${-half} ${-TAG.height}H${half}V${TAG.body - TAG.height}L0 0L${-half} ${TAG.body - TAG.height}Z`}
        fill={chosen ? colour : sheet}
        stroke={colour}
        strokeWidth={2.5}
        strokeLinejoin="round"
      />
      <SvgText
        y={-TAG.height + 19}
        fontSize={16}
        fontFamily="Text-700"
        textAnchor="middle"
        fill={chosen ? onWater : colour}
      >
        {position.name.slice(0, 2)}
      </SvgText>
      {vetoed && (
        <Path
          d={`M${-half} ${-TAG.height}L${half} ${TAG.body - TAG.height}`}
          stroke={chosen ? onWater : bracken}
          strokeWidth={2.5}
        />
      )}
    </G>
  );
});
