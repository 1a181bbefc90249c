import { memo } from "react";
import { Circle, G, Path } from "react-native-svg";
import type { Sighting } from "@/core/judge";
import { openingLimits } from "@/answers/plan/things";
import { wayBetween } from "@/answers/plan/way";
import type { Point, Position, Spot } from "@/core/ground";
import { toScreen, screenStep, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { pathOf } from "@/ui/plan/paths";
import { metresWords } from "@/words";

interface WedgeProps {
  readonly view: PlanView;
  readonly position: Position;
  readonly spot: Spot;
  readonly sighting: Sighting;
}

/** How far beyond the subject the wedge is drawn at most, metres. */
const BEYOND = 60;
/** A depth band thinner than this many px is drawn this thick, so that it is seen. */
const LEAST_BAND = 4;

/** The frame on the ground: what the lens takes in as far as the background, darker where it is sharp. */
export const Wedge = memo(function Wedge({ view, position, spot, sighting }: WedgeProps) {
  const { water } = useTokens();
  const { frame, depth, background } = sighting;
  const away = wayBetween(position.at, spot.at).metres;
  const half = frame.frameAcross / 2 / away;
  const edge = (distance: number, side: 1 | -1): Point =>
    along(position.at, spot.at, distance, side * half * distance);
  const end = away + Math.min(background.beyond, BEYOND);
  const thinnest = LEAST_BAND / view.pxPerMetre / 2;
  const near = Math.min(depth.near, away - thinnest);
  const far = Math.min(end, Math.max(depth.far === "unbounded" ? end : depth.far, away + thinnest));
  return (
    <G>
      <Path
        d={pathOf(view, [position.at, edge(end, 1), edge(end, -1)], true)}
        fill={water}
        fillOpacity={0.16}
        stroke={water}
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <Path
        d={pathOf(view, [edge(near, 1), edge(far, 1), edge(far, -1), edge(near, -1)], true)}
        fill={water}
        fillOpacity={0.55}
      />
    </G>
  );
});

/** A ring wider than this many px is no longer seen as one. */
const WIDEST_RING = 4000;

/** Where one may stand about a spot for the wished fill with the lens in hand. */
export const FillRing = memo(function FillRing({
  view,
  spot,
  metres,
}: {
  view: PlanView;
  spot: Spot;
  metres: number;
}) {
  const { water } = useTokens();
  const { left, top } = toScreen(view, spot.at);
  const radius = metres * view.pxPerMetre;
  if (radius > WIDEST_RING) return null;
  return (
    <G role="img" aria-label={`The lens in hand fills the frame as wished from ${metresWords(metres)}`}>
      <Circle
        cx={left}
        cy={top}
        r={radius}
        fill="none"
        stroke={water}
        strokeWidth={1.2}
        strokeDasharray="2 6"
        strokeOpacity={0.8}
      />
    </G>
  );
});

/** The point `forward` metres from one place toward another and `right` metres aside. */
function along(from: Point, to: Point, forward: number, right: number): Point {
  const length = Math.max(1e-6, wayBetween(from, to).metres);
  const ux = (to.x - from.x) / length;
  const uy = (to.y - from.y) / length;
  return { x: from.x + ux * forward + uy * right, y: from.y + uy * forward - ux * right };
}

/** Metres from the lens that the limits of an opening are drawn. */
const LIMITS_REACH = 12;

/** How far to either side the opening that one looks out of lets the lens go. */
export const OpeningLimits = memo(function OpeningLimits({
  view,
  position,
}: {
  view: PlanView;
  position: Position;
}) {
  const { ink2 } = useTokens();
  const limits = openingLimits(position, LIMITS_REACH);
  if (!limits) return null;
  return (
    <G role="img" aria-label={`What the opening at ${position.name} lets one see`}>
      <Path
        d={pathOf(view, [limits[0], position.at, limits[1]], false)}
        fill="none"
        stroke={ink2}
        strokeWidth={1.4}
        strokeDasharray="7 3 1 3"
      />
    </G>
  );
});

/** Px from a position to the head of its arrow. */
const ARROW = 46;

/** The way a position looks at a spot, in short. */
export const ViewArrow = memo(function ViewArrow({
  view,
  position,
  spot,
}: {
  view: PlanView;
  position: Position;
  spot: Spot;
}) {
  const { water } = useTokens();
  const from = toScreen(view, position.at);
  const to = toScreen(view, spot.at);
  const turn = (Math.atan2(to.top - from.top, to.left - from.left) * 180) / Math.PI;
  return (
    <G
      transform={`translate(${from.left} ${from.top}) rotate(${turn})`}
      role="img"
      aria-label={`${position.name} looks to ${spot.name}`}
    >
      <Path
        d={`M4 0H${ARROW}M${ARROW - 9} -6L${ARROW} 0L${ARROW - 9} 6`}
        fill="none"
        stroke={water}
        strokeWidth={2}
      />
    </G>
  );
});

interface BallProps {
  readonly view: PlanView;
  readonly spot: Spot;
  /** Bearing the light comes from; undefined when no direct light reaches the spot. */
  readonly litFrom: number | undefined;
  readonly chosen: boolean;
}

/** The subject as a ball seen from above, lit on the sun's side; the short line is the way it faces. */
export const Ball = memo(function Ball({ view, spot, litFrom, chosen }: BallProps) {
  const { ink, sunFill, paper, sheet } = useTokens();
  const { left, top } = toScreen(view, spot.at);
  const r = chosen ? 10 : 6;
  const face = screenStep(view, spot.facing);
  const turn = litFrom === undefined ? 0 : litFrom - view.up;
  return (
    <G
      transform={`translate(${left} ${top})`}
      opacity={chosen ? 1 : 0.8}
      role="img"
      aria-label={`Spot ${spot.name}, ${litFrom === undefined ? "no direct sun" : "in the sun"}`}
    >
      <Path
        d={`M${face.left * r} ${face.top * r}L${face.left * (r + 8)} ${face.top * (r + 8)}`}
        stroke={ink}
        strokeWidth={chosen ? 3 : 2}
        strokeLinecap="round"
      />
      <Circle r={r + 2} fill={paper} />
      <Circle r={r} fill={litFrom === undefined ? sheet : ink} stroke={ink} strokeWidth={2} />
      {litFrom === undefined ? (
        <Path d={`M${-r * 0.6} ${r * 0.6}L${r * 0.6} ${-r * 0.6}`} stroke={ink} strokeWidth={1.6} />
      ) : (
        <Path d={`M${-r} 0A${r} ${r} 0 0 1 ${r} 0Z`} fill={sunFill} transform={`rotate(${turn})`} />
      )}
    </G>
  );
});

/** A track as a dotted line with a head at its end. */
export const TrackLine = memo(function TrackLine({
  view,
  points,
}: {
  view: PlanView;
  points: readonly Point[];
}) {
  const { ink } = useTokens();
  const end = toScreen(view, points[points.length - 1]!);
  const before = toScreen(view, points[points.length - 2]!);
  const turn = (Math.atan2(end.top - before.top, end.left - before.left) * 180) / Math.PI;
  return (
    <G>
      <Path
        d={pathOf(view, points, false)}
        fill="none"
        stroke={ink}
        strokeWidth={3}
        strokeDasharray="0.1 7"
        strokeLinecap="round"
      />
      <Path
        d="M-7 -5L2 0L-7 5"
        fill="none"
        stroke={ink}
        strokeWidth={2}
        transform={`translate(${end.left} ${end.top}) rotate(${turn})`}
      />
    </G>
  );
});
