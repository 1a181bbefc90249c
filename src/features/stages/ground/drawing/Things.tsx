import { memo, useId } from "react";
import { Circle, Defs, G, Path, Pattern, Rect, Text as SvgText } from "react-native-svg";
import { lookOf, standingThing } from "@/answers/plan/things";
import { reachAlong } from "@/answers/plan/way";
import type { Block, Obstacle, Point, Tree } from "@/core/ground";
import { Hatch } from "@/ui/charts/Hatch";
import { labelWidth, type Box } from "@/ui/plan/labels";
import { pathOf } from "@/ui/plan/paths";
import { screenDistance, toScreen, type PlanView, type ScreenPoint } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { metresWords, obstacleWords } from "@/words";

/** How a kind is told apart on the plan: by its hatch, with its name written on it or beside it. */
type Manner = "built" | "leaves" | "netting" | "glass" | "crowd" | "bank";
function mannerOf({ kind }: Obstacle): Manner {
  const look = lookOf(kind);
  return look === "thin" ? "built" : look;
}

interface Props {
  readonly view: PlanView;
  readonly obstacles: readonly Obstacle[];
}

/** What stands there, hatched by kind, with its height in words along its longest side. */
export const Obstacles = memo(function Obstacles({ view, obstacles }: Props) {
  const { ink2, built, moss, turf, paper } = useTokens();
  const id = useId().replace(/\W/g, "");
  const fills: Readonly<Record<Manner, string>> = {
    built: `url(#built-${id})`,
    leaves: `url(#leaves-${id})`,
    netting: "none",
    glass: "none",
    crowd: `url(#crowd-${id})`,
    bank: turf,
  };
  return (
    <G>
      <Hatch id={`built-${id}`} ink={ink2} ground={built} gap={9} weight={1} angle={0} />
      <Hatch id={`leaves-${id}`} ink={moss} ground={turf} gap={5} weight={2} angle={70} />
      <Defs>
        <Pattern id={`crowd-${id}`} patternUnits="userSpaceOnUse" width={7} height={7}>
          <Rect width={7} height={7} fill={paper} />
          <Circle cx={2} cy={2} r={1.6} fill={ink2} />
          <Circle cx={5.5} cy={5.5} r={1.6} fill={ink2} />
        </Pattern>
      </Defs>
      {obstacles.map((obstacle) => (
        <One key={obstacle.id} view={view} obstacle={obstacle} fill={fills[mannerOf(obstacle)]} />
      ))}
    </G>
  );
});

/** By itself, so that moving one of hundreds draws one. */
const One = memo(function One({
  view,
  obstacle,
  fill,
}: {
  view: PlanView;
  obstacle: Obstacle;
  fill: string;
}) {
  const label = `${obstacle.name}, ${obstacleWords(obstacle.kind).toLowerCase()}, ${metresWords(standingThing(obstacle).top)} high`;
  return (
    <G role="img" aria-label={label}>
      {"outline" in obstacle ? (
        <BlockMark view={view} block={obstacle} fill={fill} />
      ) : obstacle.kind === "tree" ? (
        <TreeMark view={view} tree={obstacle} fill={fill} />
      ) : (
        <RodMark view={view} from={obstacle.from} to={obstacle.to} thickness={obstacle.thickness} />
      )}
    </G>
  );
});

function BlockMark({ view, block, fill }: { view: PlanView; block: Block; fill: string }) {
  const { ink, moss } = useTokens();
  const manner = mannerOf(block);
  const d = pathOf(view, block.outline, true);
  if (manner === "netting")
    return (
      <G>
        <Path d={d} fill="none" stroke={ink} strokeWidth={2} strokeDasharray="3 2" />
        {block.posts && <PostMarks view={view} block={block} spacing={block.posts.spacing} />}
      </G>
    );
  if (manner === "glass") return <Path d={d} fill="none" stroke={ink} strokeWidth={1} />;
  return (
    <G>
      <Path d={d} fill={fill} stroke={manner === "bank" ? moss : ink} strokeWidth={1.6} />
      {block.rise && <Hachures view={view} outline={block.outline} toward={block.rise.toward} />}
      {block.base ? <Path d={d} fill="none" stroke={ink} strokeWidth={1} strokeDasharray="2 4" /> : null}
      <AlongSide view={view} block={block} />
    </G>
  );
}

/** Px under which posts or hachures would run into each other. */
const LEAST_GAP = 6;

/** The posts of a mesh, along its longest side. */
function PostMarks({ view, block, spacing }: { view: PlanView; block: Block; spacing: number }) {
  const { ink } = useTokens();
  const { a, b, length } = longestSide(view, block.outline);
  const gap = Math.max(LEAST_GAP, spacing * view.pxPerMetre);
  const count = Math.floor(length / gap) + 1;
  return Array.from({ length: count }, (_, i) => {
    const t = count > 1 ? i / (count - 1) : 0.5;
    return (
      <Circle key={i} cx={a.left + (b.left - a.left) * t} cy={a.top + (b.top - a.top) * t} r={2} fill={ink} />
    );
  });
}

/** Strokes down a slope from its high side, as maps have them. */
function Hachures({ view, outline, toward }: { view: PlanView; outline: readonly Point[]; toward: number }) {
  const { ink2 } = useTokens();
  const { high, low, left, right, at } = reachAlong(outline, toward);
  const count = Math.min(60, Math.floor(((right - left) * view.pxPerMetre) / LEAST_GAP));
  const strokes = Array.from({ length: count }, (_, i) => {
    const s = left + ((i + 0.5) / count) * (right - left);
    const deep = (i % 2 ? 0.35 : 0.7) * (high - low);
    return pathOf(view, [at(high, s), at(high - deep, s)], false);
  });
  return <Path d={strokes.join("")} stroke={ink2} strokeWidth={1} />;
}

/** A crown to scale over its trunk; what stands under it shows through. */
function TreeMark({ view, tree, fill }: { view: PlanView; tree: Tree; fill: string }) {
  const { ink, moss } = useTokens();
  const { left, top } = toScreen(view, tree.at);
  return (
    <G>
      <Circle
        cx={left}
        cy={top}
        r={Math.max(4, tree.crownRadius * view.pxPerMetre)}
        fill={fill}
        fillOpacity={0.6}
        stroke={moss}
        strokeWidth={1.4}
      />
      <Circle cx={left} cy={top} r={Math.max(2, tree.trunkRadius * view.pxPerMetre)} fill={ink} />
    </G>
  );
}

/** A pole is a dot, a branch a stroke as thick as it is, never thinner than can be seen. */
function RodMark({
  view,
  from,
  to,
  thickness,
}: {
  view: PlanView;
  from: Point;
  to: Point;
  thickness: number;
}) {
  const { ink } = useTokens();
  const [a, b] = [toScreen(view, from), toScreen(view, to)];
  const weight = Math.max(2.5, thickness * view.pxPerMetre);
  if (screenDistance(a, b) < 2)
    return <Circle cx={a.left} cy={a.top} r={Math.max(3, weight / 2)} fill={ink} />;
  return (
    <G>
      <Path d={pathOf(view, [from, to], false)} stroke={ink} strokeWidth={weight} strokeLinecap="round" />
      <Circle cx={a.left} cy={a.top} r={weight / 2 + 1.5} fill={ink} />
    </G>
  );
}

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

/** Whether a thing has room for its name on it; otherwise the name is put beside it. */
export function hasRoomForName(view: PlanView, obstacle: Obstacle): boolean {
  if (!("outline" in obstacle) || ["netting", "glass"].includes(mannerOf(obstacle))) return false;
  const corners = obstacle.outline.map((p) => toScreen(view, p));
  const { length } = longestSide(view, obstacle.outline);
  return shortestSide(corners) >= TYPE + 2 && length >= labelWidth(nameOf(obstacle), TYPE);
}

const nameOf = (obstacle: Obstacle): string =>
  `${obstacle.name}, ${metresWords(standingThing(obstacle).top)}`;

/** Degrees by which the name on a thing is turned, so that it reads upward or to the right. */
function turnOf({ a, b }: Side): number {
  const raw = (Math.atan2(b.top - a.top, b.left - a.left) * 180) / Math.PI;
  return raw > 89 || raw <= -91 ? raw - 180 : raw;
}

function middleOnScreen(view: PlanView, block: Block): ScreenPoint {
  const corners = standingThing(block).covers.map((p) => toScreen(view, p));
  return {
    left: corners.reduce((n, c) => n + c.left, 0) / corners.length,
    top: corners.reduce((n, c) => n + c.top, 0) / corners.length,
  };
}

/** The upright box about the name that is written on a thing: other names keep off it. */
export function nameBox(view: PlanView, obstacle: Obstacle): Box | undefined {
  if (!("outline" in obstacle) || !hasRoomForName(view, obstacle)) return undefined;
  const { left, top } = middleOnScreen(view, obstacle);
  const turn = (turnOf(longestSide(view, obstacle.outline)) * Math.PI) / 180;
  const [long, thick] = [labelWidth(nameOf(obstacle), TYPE), TYPE * 1.5];
  const width = Math.abs(long * Math.cos(turn)) + Math.abs(thick * Math.sin(turn));
  const height = Math.abs(long * Math.sin(turn)) + Math.abs(thick * Math.cos(turn));
  return { left: left - width / 2, top: top - height / 2, width, height };
}

/** The name inside the outline, along its longest side, turned so that it reads upward or to the right. */
function AlongSide({ view, block }: { view: PlanView; block: Block }) {
  const { ink, built, turf, paper } = useTokens();
  const ground: Readonly<Record<Manner, string>> = {
    built,
    leaves: turf,
    netting: paper,
    glass: paper,
    crowd: paper,
    bank: turf,
  };
  const words = nameOf(block);
  const middle = middleOnScreen(view, block);
  const seen = middle.left > 0 && middle.left < view.width && middle.top > 0 && middle.top < view.height;
  if (!seen || !hasRoomForName(view, block)) return null;
  const turn = turnOf(longestSide(view, block.outline));
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
        fill={ground[mannerOf(block)]}
        transform={common.transform}
      />
      <SvgText {...common} fill={ink}>
        {words}
      </SvgText>
    </G>
  );
}
