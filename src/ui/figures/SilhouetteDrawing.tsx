import { Circle, G, Path, Polyline } from "react-native-svg";
import type { Silhouette } from "@/core/motion";
import { smoothPath, type At } from "./shape";
import { SILHOUETTES } from "./silhouettes";

interface Props {
  readonly figure: Silhouette;
  /** Px of the measure that the figure is drawn in. */
  readonly size: number;
  /** Where its ground lies, or its middle where it is off the ground. */
  readonly left: number;
  readonly top: number;
  readonly aloft: boolean;
  /** 1 faces to the right, −1 to the left. */
  readonly heads: 1 | -1;
  readonly colour: string;
  readonly opacity?: number;
}

/** A silhouette at its true size. */
export function SilhouetteDrawing({ figure, size, left, top, aloft, heads, colour, opacity = 1 }: Props) {
  const { strokes, discs = [], outlines = [], from, to, middle } = SILHOUETTES[figure];
  const centre = (from + to) / 2;
  const base = aloft ? middle : 0;
  const place = ([x, y]: At): At => [left + heads * (x - centre) * size, top - (y - base) * size];
  return (
    <G opacity={opacity}>
      {outlines.map((outline, i) => (
        <Path key={i} d={smoothPath(outline, place)} fill={colour} />
      ))}
      {strokes.map(({ through, width }, i) => (
        <Polyline
          key={i}
          points={through
            .map((at) =>
              place(at)
                .map((n) => n.toFixed(1))
                .join(","),
            )
            .join(" ")}
          fill="none"
          stroke={colour}
          strokeWidth={Math.max(1, width * size)}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
      {discs.map(({ at, radius }, i) => {
        const [cx, cy] = place(at);
        return <Circle key={i} cx={cx} cy={cy} r={radius * size} fill={colour} />;
      })}
    </G>
  );
}
