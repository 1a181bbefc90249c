import { memo, useId } from "react";
import { G, Path, Rect, Text as SvgText } from "react-native-svg";
import type { Hall, Mast, NoGo, Obstacle, Point } from "@/core/ground";
import { shadowOutlines, type Sun } from "@/core/light";
import { Hatch } from "@/ui/charts/Hatch";
import { labelWidth } from "@/ui/plan/labels";
import { screenDistance, toScreen, type PlanView, type ScreenPoint } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { metresWords } from "@/words";
import { pathOf } from "@/ui/plan/paths";

/** Shadows to scale, hatched; nothing while the sun is down or hidden by cloud. */
export const Shadows = memo(function Shadows({
  view,
  obstacles,
  sun,
}: {
  view: PlanView;
  obstacles: readonly Obstacle[];
  sun: Sun;
}) {
  const { shade } = useTokens();
  const hatch = `shade-${useId().replace(/\W/g, "")}`;
  // One path: where shadows lie over each other it is no darker.
  const d = obstacles
    .flatMap((obstacle) => {
      const outlines = shadowOutlines(obstacle, sun);
      return outlines.ok ? outlines.value.map((outline) => pathOf(view, outline, true)) : [];
    })
    .join("");
  return (
    <G>
      <Hatch id={hatch} ink={shade} gap={7} weight={2.6} opacity={0.42} angle={35} />
      <Path d={d} fill={`url(#${hatch})`} />
    </G>
  );
});

/** What stands there, hatched by kind, with its height in words along its longest side. */
export const Obstacles = memo(function Obstacles({
  view,
  obstacles,
}: {
  view: PlanView;
  obstacles: readonly Obstacle[];
}) {
  const tokens = useTokens();
  const hatch = `built-${useId().replace(/\W/g, "")}`;
  const leaves = `leaves-${useId().replace(/\W/g, "")}`;
  return (
    <G>
      <Hatch id={hatch} ink={tokens.ink2} ground={tokens.built} gap={9} weight={1} angle={0} />
      <Hatch id={leaves} ink={tokens.moss} ground={tokens.turf} gap={5} weight={2} angle={70} />
      {obstacles.map((obstacle) => (
        <G key={obstacle.id} role="img" aria-label={`${obstacle.name}, ${metresWords(obstacle.height)} high`}>
          <Path
            d={pathOf(view, obstacle.outline, true)}
            fill={`url(#${obstacle.kind === "trees" ? leaves : hatch})`}
            stroke={tokens.ink}
            strokeWidth={1.6}
          />
          <AlongSide view={view} obstacle={obstacle} />
        </G>
      ))}
    </G>
  );
});

interface Side {
  readonly a: ScreenPoint;
  readonly b: ScreenPoint;
  readonly length: number;
}

function longestSide(view: PlanView, outline: readonly Point[]): Side {
  const corners = outline.map((p) => toScreen(view, p));
  const sides = corners.map((a, i) => {
    const b = corners[(i + 1) % corners.length]!;
    return { a, b, length: screenDistance(a, b) };
  });
  return sides.reduce((best, side) => (side.length > best.length ? side : best));
}

const shortestSide = (corners: readonly ScreenPoint[]): number =>
  Math.min(...corners.map((a, i) => screenDistance(a, corners[(i + 1) % corners.length]!)));

const TYPE = 14;

/** The name inside the outline, along its longest side, turned so that it reads upward or to the right. */
function AlongSide({ view, obstacle }: { view: PlanView; obstacle: Obstacle }) {
  const { ink, built, turf } = useTokens();
  const words = `${obstacle.name}, ${metresWords(obstacle.height)}`;
  const side = longestSide(view, obstacle.outline);
  const corners = obstacle.outline.map((p) => toScreen(view, p));
  const middle = {
    left: corners.reduce((n, c) => n + c.left, 0) / corners.length,
    top: corners.reduce((n, c) => n + c.top, 0) / corners.length,
  };
  const seen = middle.left > 0 && middle.left < view.width && middle.top > 0 && middle.top < view.height;
  const thin = shortestSide(corners) < TYPE + 2;
  if (!seen || thin || side.length < labelWidth(words, TYPE)) return null;
  const raw = (Math.atan2(side.b.top - side.a.top, side.b.left - side.a.left) * 180) / Math.PI;
  const turn = raw > 89 || raw <= -91 ? raw - 180 : raw;
  const common = {
    x: middle.left,
    y: middle.top + 5,
    fontSize: TYPE,
    fontFamily: "Text-600",
    textAnchor: "middle" as const,
    transform: `rotate(${turn} ${middle.left} ${middle.top})`,
  };
  return (
    <G>
      <Rect
        x={middle.left - labelWidth(words, TYPE) / 2}
        y={middle.top - TYPE * 0.75}
        width={labelWidth(words, TYPE)}
        height={TYPE * 1.5}
        fill={obstacle.kind === "trees" ? turf : built}
        transform={common.transform}
      />
      <SvgText {...common} fill={ink}>
        {words}
      </SvgText>
    </G>
  );
}

/** The walls of a hall: a thick line about its floor. */
export const Walls = memo(function Walls({ view, hall }: { view: PlanView; hall: Hall }) {
  const { ink, sheet } = useTokens();
  return (
    <G role="img" aria-label={`Walls of the hall, ${metresWords(hall.height)} high`}>
      <Path d={pathOf(view, hall.outline, true)} fill={sheet} stroke={ink} strokeWidth={4} />
    </G>
  );
});

/** Lamp masts: a cross in a ring, filled while the lamps are alight. */
export const Masts = memo(function Masts({
  view,
  masts,
  alight,
}: {
  view: PlanView;
  masts: readonly Mast[];
  alight: boolean;
}) {
  const { ink, sunFill, paper } = useTokens();
  return (
    <G>
      {masts.map((mast) => {
        const { left, top } = toScreen(view, mast.at);
        return (
          <G
            key={mast.id}
            transform={`translate(${left} ${top})`}
            role="img"
            aria-label={`${mast.name}, ${alight ? "alight" : "dark"}`}
          >
            <Path
              d="M-7 0a7 7 0 1 0 14 0a7 7 0 1 0 -14 0"
              fill={alight ? sunFill : paper}
              stroke={ink}
              strokeWidth={1.6}
            />
            <Path d="M-5 -5L5 5M-5 5L5 -5" stroke={ink} strokeWidth={1.6} />
          </G>
        );
      })}
    </G>
  );
});

/** Where nobody may stand: a broken line in the colour of danger, named for a screen reader. */
export const NoGoAreas = memo(function NoGoAreas({
  view,
  areas,
}: {
  view: PlanView;
  areas: readonly NoGo[];
}) {
  const { bracken } = useTokens();
  return (
    <G>
      {areas.map((area) => (
        <G key={area.id} role="img" aria-label={`${area.name}: no standing here`}>
          <Path
            d={pathOf(view, area.outline, true)}
            fill="none"
            stroke={bracken}
            strokeWidth={1.4}
            strokeDasharray="8 5"
          />
        </G>
      ))}
    </G>
  );
});
