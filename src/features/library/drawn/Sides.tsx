import { useState } from "react";
import { View } from "react-native";
import Svg, { G, Line, Path } from "react-native-svg";
import { bodyFigure, bodyPoses } from "@/answers/frame/body-figure";
import { subjectTaken } from "@/answers/library/subjects";
import type { StoredSubject } from "@/data";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { Head } from "./Head";

type At = readonly [x: number, y: number];
interface Outlined {
  readonly outline: readonly At[];
}

/** From where it is looked at, and how that is called. */
const SIDES = [
  { words: "side", turn: 90, above: 0 },
  { words: "front", turn: 0, above: 0 },
  { words: "behind", turn: 180, above: 0 },
  { words: "from a tower", turn: 40, above: 50 },
] as const;

const HEIGHT = 132;
const GROUND = HEIGHT - 8;
/** Px between two figures. */
const GAP = 6;

/** A figure from four sides, to one scale beside a person who stands; its poses are stepped through in the order of its movement. */
export function Sides({ subject }: { subject: StoredSubject }) {
  const [size, onLayout] = useSize();
  const poses = bodyPoses(subject);
  const [pose, setPose] = useState(poses.peak);
  const { ink, line, ink2 } = useTokens();
  const person = bodyFigure(subjectTaken("person-standing", [])!, seenFrom(SIDES[1], 1));
  const seen = SIDES.map((side) => ({
    words: side.words,
    pieces: bodyFigure(subject, seenFrom(side, pose)),
  }));
  const all = [{ words: "a person", pieces: person }, ...seen];
  return (
    <View className="gap-1">
      <Head>How it looks</Head>
      <View
        onLayout={onLayout}
        role="img"
        aria-label={`${subject.name} to scale beside a person, ${poses.names[pose]!}: ${seen.map((s) => s.words).join(", ")}`}
        style={{ height: HEIGHT }}
      >
        {size && (
          <Svg width={size.width} height={HEIGHT}>
            <Line x1={0} x2={size.width} y1={GROUND} y2={GROUND} stroke={line} strokeWidth={1.5} />
            {row(all, size.width).map(({ words, paths }) => (
              <G key={words}>
                {paths.map((d, i) => (
                  <Path key={i} d={d} fillRule="evenodd" fill={words === "a person" ? ink2 : ink} />
                ))}
              </G>
            ))}
          </Svg>
        )}
      </View>
      <Stepper
        label="In its movement"
        value={pose}
        words={poses.names[pose]!}
        min={0}
        max={poses.names.length - 1}
        onChange={setPose}
      />
      <Txt size={14} tone="ink2">
        {`A person, then ${seen.map((s) => s.words).join(", ")}. Poses from memory, bones by the tables of bodies.`}
      </Txt>
    </View>
  );
}

const seenFrom = ({ turn, above }: { readonly turn: number; readonly above: number }, phase: number) => ({
  turn,
  above,
  phase,
  heads: 1 as const,
  aloft: false,
  mirrored: false,
});

/** Figures beside each other on one ground and to one scale, as paths. */
function row(
  all: readonly { readonly words: string; readonly pieces: readonly Outlined[] }[],
  width: number,
) {
  const extents = all.map(({ pieces }) => {
    const points = pieces.flatMap((p) => p.outline);
    const xs = points.map(([x]) => x);
    return {
      left: Math.min(...xs, 0),
      wide: Math.max(...xs, 0) - Math.min(...xs, 0),
      // Seen from above what stands nearer lies lower.
      low: Math.min(...points.map(([, y]) => y), 0),
      high: Math.max(...points.map(([, y]) => y), 0.01),
    };
  });
  const metres = extents.reduce((sum, e) => sum + e.wide, 0);
  const scale = Math.min(
    (width - GAP * (all.length + 1)) / metres,
    (GROUND - 4) / Math.max(...extents.map((e) => e.high - e.low)),
  );
  const spare = Math.max(GAP, (width - metres * scale) / (all.length + 1));
  let x = spare;
  return all.map(({ words, pieces }, i) => {
    const { left, wide, low } = extents[i]!;
    const at = ([px, py]: At): string =>
      `${(x + (px - left) * scale).toFixed(1)} ${(GROUND - (py - low) * scale).toFixed(1)}`;
    const paths = pieces.map((p) => `M${p.outline.map(at).join("L")}Z`);
    x += wide * scale + spare;
    return { words, paths };
  });
}
