import type { ReactNode } from "react";
import Svg, { Circle, G, Line, Path } from "react-native-svg";
import { standingThing } from "@/answers/plan/things";
import { boundaryOf, marksOf, playedOn } from "@/answers/plan/venue";
import type { Outing } from "@/data";
import { fitView, toScreen, type PlanView } from "@/ui/plan/view";
import { SURFACE_FILL } from "@/ui/theme/surfaces";
import { useTokens } from "@/ui/theme/theme";
import { pathOf } from "@/ui/plan/paths";

const SIZE = { width: 92, height: 112 };
const MARGINS = { left: 14, right: 8, top: 8, bottom: 8 };
const sizeOf = (scale: number) => ({ width: SIZE.width * scale, height: SIZE.height * scale });
const roomy = (room: number) => ({
  left: Math.max(MARGINS.left, room),
  right: Math.max(MARGINS.right, room),
  top: Math.max(MARGINS.top, room),
  bottom: Math.max(MARGINS.bottom, room),
});
const SKETCHED = ["boundary", "line", "circle"];

interface Props {
  /** An outing, or a place. */
  readonly outing: { readonly ground: Outing["ground"]; readonly light: Pick<Outing["light"], "roof"> };
  readonly scale?: number;
  /** Px of the drawing; by the scale when left out. */
  readonly size?: { readonly width: number; readonly height: number };
  /** Px about it that stay free for what is drawn over it. */
  readonly room?: number;
  /** All that stands there is drawn, where what is behind a subject is looked at; else the stands alone. */
  readonly withThings?: boolean;
  /** What is drawn over it. */
  readonly over?: (view: PlanView) => ReactNode;
}

/** An outing or a place known by its shape: its own ground, small, with what stands there and where one stands. */
export function GroundSketch({ outing, scale = 1, size = sizeOf(scale), room = 0, withThings, over }: Props) {
  const tokens = useTokens();
  const { ink, built, water, sun } = tokens;
  const { venue, obstacles, positions, tracks, spots, surface = "grass" } = outing.ground;
  const marks = marksOf(venue).filter((m) => SKETCHED.includes(m.kind));
  const outline = boundaryOf(venue);
  const open = outline.length === 0;
  const areas = outing.ground.areas.filter((a) => a.surface !== undefined);
  const stands = obstacles
    .filter((o) => withThings || o.kind === "stand")
    .map((o) => ({ id: o.id, outline: standingThing(o).covers }));
  const shape = open
    ? [...spots.map((s) => s.at), ...tracks.flatMap((t) => t.points), ...areas.flatMap((a) => a.outline)]
    : [...outline, ...stands.flatMap((o) => o.outline)];
  const view = fitView([...shape, ...positions.map((p) => p.at)], size, venue.bearing, roomy(room));
  const played = playedOn(venue) ?? surface;
  return (
    <Svg width={size.width} height={size.height} aria-hidden>
      {areas.map((area) => (
        <Path
          key={area.id}
          d={pathOf(view, area.outline, true)}
          fill={tokens[SURFACE_FILL[area.surface ?? surface]]}
          stroke={ink}
          strokeWidth={1}
        />
      ))}
      {marks.map((mark, i) => (
        <Path
          key={i}
          d={pathOf(view, mark.points, mark.kind === "boundary")}
          fill={mark.kind === "boundary" ? tokens[SURFACE_FILL[played]] : "none"}
          stroke={ink}
          strokeWidth={mark.kind === "boundary" ? 1.6 : 1}
        />
      ))}
      {open &&
        tracks.map((track) => (
          <Path
            key={track.id}
            d={pathOf(view, track.points, false)}
            fill="none"
            stroke={ink}
            strokeWidth={2}
            strokeDasharray="1 4"
            strokeLinecap="round"
          />
        ))}
      {stands.map((o) => (
        <Path key={o.id} d={pathOf(view, o.outline, true)} fill={built} stroke={ink} strokeWidth={1.2} />
      ))}
      {!outing.light.roof && (
        <G>
          {[0.3, 0.5, 0.7, 0.9].map((share) => (
            <Line
              key={share}
              x1={2}
              x2={10}
              y1={size.height * share}
              y2={size.height * share - 4}
              stroke={sun}
              strokeWidth={2}
            />
          ))}
        </G>
      )}
      {positions.map((p) => {
        const { left, top } = toScreen(view, p.at);
        return <Circle key={p.id} cx={left} cy={top} r={3.4} fill={water} />;
      })}
      {over?.(view)}
    </Svg>
  );
}
