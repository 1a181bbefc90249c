import { useCallback } from "react";
import { View } from "react-native";
import Svg, { G, Path, Rect } from "react-native-svg";
import { frameFrom, type FrameFrom } from "@/answers/ground/frame-from";
import type { OutingView } from "@/outing/outing-view";
import { SURFACE_FILL } from "@/ui/theme/surfaces";
import { useTokens } from "@/ui/theme/theme";
import { percentWords } from "@/words";
import { useAtRest } from "../../../outing/use-at-rest";
import { useOutline } from "../../../subjects/SubjectOutline";

/** Px of the room of a small frame: the same for a level and an upright one. */
const ROOM = { width: 76, height: 60 };
/** Units of the box in which outlines stand. */
const BOX = 100;

/** What a position makes of the shot, small: the subject to scale in its frame. Drawn once the hand rests. */
export function FrameThumb({ positionId }: { positionId: string }) {
  const seen = useAtRest(useCallback((view: OutingView) => frameFrom(view, positionId), [positionId]));
  return (
    <View style={{ height: ROOM.height }} className="justify-end">
      {seen && <SmallFrame {...seen} />}
    </View>
  );
}

/** Units by which an outline stands above the lower edge of its box. */
const heightOf = (path: string): number =>
  BOX - Math.min(...[...path.matchAll(/[ML]\S+ (\S+?)(?=[MLZ]|$)/g)].map(([, y]) => Number(y)));

/** A frame with its ground, what stands behind, and the outline of the subject, which bodies would make ten times as heavy. */
function SmallFrame({ input, found, frame }: FrameFrom) {
  const tokens = useTokens();
  const outline = useOutline(input.subject);
  const width = Math.min(ROOM.width, ROOM.height * frame.aspect) - 2;
  const height = width / frame.aspect;
  const y = (up: number): number => (0.5 - up) * height;
  const tall = input.subject.height * frame.metreUp * height;
  const foot = frame.aloft ? y(0) + tall / 2 : y(frame.feet);
  const ground = Math.max(0, Math.min(height, y(frame.horizon)));
  const scale = outline === undefined ? 0 : tall / heightOf(outline);
  return (
    <Svg
      width={width + 2}
      height={height + 2}
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      role="img"
      aria-label={`The frame: ${input.subject.name} fills ${percentWords(found.sighting.fill)}`}
    >
      <Rect width={width} height={height} fill={tokens.sheet} />
      <Rect y={ground} width={width} height={height - ground} fill={tokens[SURFACE_FILL[frame.surface]]} />
      {frame.things
        .filter((thing) => thing.distance > frame.subjectDistance)
        .map((thing) => (
          <Path
            key={thing.id}
            d={`M${thing.outline.map((p) => `${((0.5 + p.across) * width).toFixed(1)} ${y(p.up).toFixed(1)}`).join("L")}Z`}
            fill={tokens.built}
            fillOpacity={0.6}
          />
        ))}
      {outline && (
        <G
          transform={`translate(${width / 2} ${foot}) scale(${frame.heads * scale} ${scale}) translate(${-BOX / 2} ${-BOX})`}
        >
          <Path d={outline} fill={tokens.ink} fillRule="evenodd" />
        </G>
      )}
      <Rect width={width} height={height} fill="none" stroke={tokens.ink} strokeWidth={1.5} />
    </Svg>
  );
}
