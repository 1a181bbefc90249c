import { memo, useId } from "react";
import { G, Path } from "react-native-svg";
import { shadowsOf } from "@/answers/plan/light";
import { placeAlong } from "@/answers/plan/way";
import type { Hall, Mast, Obstacle, Point, WindowOpening } from "@/core/ground";
import type { Sun } from "@/core/light";
import { Hatch } from "@/ui/charts/Hatch";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { metresWords } from "@/words";
import { pathOf } from "@/ui/plan/paths";

/** Shadows to scale, hatched, of all that shades; nothing while the sun is down or hidden by cloud. */
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
  const d = shadowsOf(obstacles, sun)
    .map((outline) => pathOf(view, outline, true))
    .join("");
  return (
    <G>
      <Hatch id={hatch} ink={shade} gap={7} weight={2.6} opacity={0.42} angle={35} />
      <Path d={d} fill={`url(#${hatch})`} />
    </G>
  );
});

/** The photographer's own shadow, so that it is seen where it falls. */
export const OwnShadow = memo(function OwnShadow({
  view,
  outline,
}: {
  view: PlanView;
  outline: readonly Point[];
}) {
  const { shade } = useTokens();
  if (outline.length === 0) return null;
  return (
    <G role="img" aria-label="Your own shadow">
      <Path d={pathOf(view, outline, true)} fill={shade} fillOpacity={0.75} />
    </G>
  );
});

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

/** Windows: an opening in the wall, with a stroke the way they look. */
export const Windows = memo(function Windows({
  view,
  windows,
}: {
  view: PlanView;
  windows: readonly WindowOpening[];
}) {
  const { sun, sheet } = useTokens();
  return (
    <G>
      {windows.map((window) => {
        const end = (side: number): Point =>
          placeAlong(window.at, window.facing + 90, (side * window.width) / 2);
        return (
          <G key={window.id} role="img" aria-label={`${window.name}, window`}>
            <Path d={pathOf(view, [end(-1), end(1)], false)} stroke={sheet} strokeWidth={6} />
            <Path d={pathOf(view, [end(-1), end(1)], false)} stroke={sun} strokeWidth={3} />
            <Path
              d={pathOf(view, [window.at, placeAlong(window.at, window.facing, 1)], false)}
              stroke={sun}
              strokeWidth={2}
            />
          </G>
        );
      })}
    </G>
  );
});
