import { G, Path } from "react-native-svg";

/** An outline of a figure in its own measure: x to the right, y up from its place. */
export interface Outlined {
  readonly outline: readonly (readonly [x: number, y: number])[];
  /** What it is: a shadow is drawn as one. */
  readonly look?: string;
}

interface Props {
  readonly pieces: readonly Outlined[];
  /** Px of one of the figure's measure. */
  readonly scale: number;
  /** Where its ground lies, or its middle where it is off the ground. */
  readonly left: number;
  readonly top: number;
  readonly colour: string;
  readonly shadow?: string;
}

/** A figure at its place, its pieces in their order; what is open within, a wheel, stays open. */
export function FigureDrawing({ pieces, scale, left, top, colour, shadow = "none" }: Props) {
  const text = ([x, y]: readonly [number, number]): string =>
    `${(left + x * scale).toFixed(1)} ${(top - y * scale).toFixed(1)}`;
  return (
    <G>
      {pieces.map(({ outline, look }, i) => (
        <Path
          key={i}
          d={`M${outline.map(text).join("L")}Z`}
          fillRule="evenodd"
          fill={look === "shadow" ? shadow : colour}
        />
      ))}
    </G>
  );
}
