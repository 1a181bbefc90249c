import { memo } from "react";
import { Defs, Line, Pattern, Rect } from "react-native-svg";

interface Props {
  readonly id: string;
  readonly ink: string;
  readonly ground?: string;
  readonly gap?: number;
  readonly weight?: number;
  readonly angle?: number;
  readonly opacity?: number;
}

/** A hatch to fill with: `fill="url(#id)"`. Ids must be unique in the document. */
export const Hatch = memo(function Hatch({
  id,
  ink,
  ground,
  gap = 6,
  weight = 1.6,
  angle = 45,
  opacity = 1,
}: Props) {
  return (
    <Defs>
      <Pattern
        id={id}
        patternUnits="userSpaceOnUse"
        width={gap}
        height={gap}
        patternTransform={`rotate(${angle})`}
      >
        {ground ? <Rect width={gap} height={gap} fill={ground} /> : null}
        <Line x1={0} y1={0} x2={0} y2={gap} stroke={ink} strokeWidth={weight} strokeOpacity={opacity} />
      </Pattern>
    </Defs>
  );
});
