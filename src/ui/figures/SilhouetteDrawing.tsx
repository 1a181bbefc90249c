import { G, Path } from "react-native-svg";
import type { Silhouette } from "@/core/motion";
import type { At } from "./shape";
import { placedFigure, type Seen } from "./silhouettes";

interface Props extends Pick<Seen, "heads" | "aloft">, Partial<Pick<Seen, "turn" | "phase" | "mirrored">> {
  readonly figure: Silhouette;
  /** Px of the measure that the figure is drawn in. */
  readonly size: number;
  /** Where its ground lies, or its middle where it is off the ground. */
  readonly left: number;
  readonly top: number;
  readonly colour: string;
  readonly opacity?: number;
}

/** A silhouette at its true size, seen from where one stands. */
export function SilhouetteDrawing(props: Props) {
  const {
    figure,
    size,
    left,
    top,
    heads,
    aloft,
    turn = 90,
    phase = "peak",
    mirrored,
    colour,
    opacity = 1,
  } = props;
  const text = ([x, y]: At): string => `${(left + x).toFixed(1)} ${(top - y).toFixed(1)}`;
  return (
    <G opacity={opacity}>
      {placedFigure(figure, size, { turn, phase, heads, aloft, mirrored }).map(({ outline }, i) => (
        <Path key={i} d={`M${outline.map(text).join("L")}Z`} fill={colour} />
      ))}
    </G>
  );
}
