import { G, Path } from "react-native-svg";
import type { Silhouette } from "@/core/motion";
import type { At, Phase } from "./shape";
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
  /** Degrees between the way it faces and the camera: 0 face on, 90 from the side, 180 from behind. */
  readonly turn?: number;
  readonly phase?: Phase;
  readonly colour: string;
  readonly opacity?: number;
}

/** A silhouette at its true size, seen from where one stands. */
export function SilhouetteDrawing({
  figure,
  size,
  left,
  top,
  aloft,
  heads,
  turn = 90,
  phase = "peak",
  colour,
  opacity = 1,
}: Props) {
  const { pieces, from, to, middle } = SILHOUETTES[figure];
  const centre = ((from + to) / 2) * Math.sin((turn * Math.PI) / 180);
  const base = aloft ? middle : 0;
  const text = ([x, y]: At): string =>
    `${(left + heads * (x - centre) * size).toFixed(1)} ${(top - (y - base) * size).toFixed(1)}`;
  return (
    <G opacity={opacity}>
      {pieces(turn, phase).map(({ outline }, i) => (
        <Path key={i} d={`M${outline.map(text).join("L")}Z`} fill={colour} />
      ))}
    </G>
  );
}
