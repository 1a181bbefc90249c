import { G, Circle, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { farthest } from "@/answers/plan/drawing";
import { wayBetween } from "@/answers/plan/way";
import type { Point } from "@/core/ground";
import { sidesOf } from "@/outing/things/hit";
import type { Shape } from "@/outing/things/sorts";
import { middleOf, shapeOf, thingOf } from "@/outing/things/thing";
import { labelWidth } from "@/ui/plan/labels";
import { pathOf } from "@/ui/plan/paths";
import { screenDistance, toScreen, type PlanView, type ScreenPoint } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { bearingWords, metresWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { Grass, Lit, Names, Standing, SunShadows } from "../drawing/GroundDrawing";
import { useChosen } from "./actions";
import { TracedPicture } from "./TracedPicture";
import { useDrawing } from "./use-drawing";

/** Px above a thing at which the handle stands that turns it, and from its middle at most. */
const TURN = { above: 44, reach: 110 };
const TYPE = 14;

/** Px from the middle of a shape to its farthest corner. */
export const reachOf = (view: PlanView, shape: Shape): number =>
  view.pxPerMetre * farthest(middleOf(shape), shape.corners);

/** Where the handle stands that turns a shape: above it on the screen, within reach of its middle. */
export function turnHandleAt(view: PlanView, shape: Shape): ScreenPoint {
  const { left, top } = toScreen(view, middleOf(shape));
  return { left, top: top - TURN.above - Math.min(TURN.reach, reachOf(view, shape)) };
}

/** The ground without what is hidden. */
export function Layers({ view }: { view: PlanView }) {
  const hidden = useDrawing((s) => s.hidden);
  return (
    <G>
      <Grass view={view} hidden={hidden} />
      <TracedPicture view={view} />
      {!hidden.includes("light") && <SunShadows view={view} />}
      <Standing view={view} hidden={hidden} />
      {!hidden.includes("light") && <Lit view={view} />}
      {!hidden.includes("names") && <Names view={view} />}
    </G>
  );
}

/** What is chosen: its outline over everything, its corners, the lengths of its sides, and the handle that turns it. */
export function Chosen({ view }: { view: PlanView }) {
  const chosen = useChosen();
  const corner = useDrawing((s) => s.corner);
  const thing = useOuting((v) => chosen && thingOf(v.outing, chosen));
  const { water, sheet } = useTokens();
  if (!chosen || !thing) return null;
  const shape = shapeOf(chosen.sort, thing);
  const middle = toScreen(view, middleOf(shape));
  const corners = shape.corners.map((p) => toScreen(view, p));
  const turn = turnHandleAt(view, shape);
  return (
    <G role="img" aria-label={`Chosen: ${thing.name}`}>
      {shape.form === "point" ? (
        <Circle cx={middle.left} cy={middle.top} r={18} fill="none" stroke={water} strokeWidth={3} />
      ) : (
        <Path
          d={pathOf(view, shape.corners, shape.form === "outline")}
          fill={shape.form === "outline" ? water : "none"}
          fillOpacity={0.12}
          stroke={water}
          strokeWidth={3}
        />
      )}
      {sidesOf(shape).map(([a, b], i) => (
        <SideLength key={i} view={view} a={a} b={b} off={middle} />
      ))}
      {shape.form !== "point" &&
        corners.map((p, i) => (
          <Rect
            key={i}
            x={p.left - 7}
            y={p.top - 7}
            width={14}
            height={14}
            fill={i === corner ? water : sheet}
            stroke={water}
            strokeWidth={2.5}
          />
        ))}
      <Line
        x1={middle.left}
        y1={middle.top}
        x2={turn.left}
        y2={turn.top}
        stroke={water}
        strokeWidth={1.4}
        strokeDasharray="3 3"
      />
      <Circle cx={turn.left} cy={turn.top} r={12} fill={sheet} stroke={water} strokeWidth={2.5} />
      <Path
        d={`M${turn.left - 5} ${turn.top + 3}A6 6 0 1 1 ${turn.left + 5} ${turn.top + 3}M${turn.left + 5} ${turn.top - 3}V${turn.top + 4}H${turn.left - 1}`}
        fill="none"
        stroke={water}
        strokeWidth={2}
      />
    </G>
  );
}

/** Words on a plate, so that nothing under them makes them hard to read. */
function Plate({ at, words }: { at: ScreenPoint; words: string }) {
  const { ink, paper } = useTokens();
  const width = labelWidth(words, TYPE);
  return (
    <G>
      <Rect
        x={at.left - width / 2}
        y={at.top - 11}
        width={width}
        height={21}
        rx={4}
        fill={paper}
        fillOpacity={0.9}
      />
      <SvgText
        x={at.left}
        y={at.top + 5}
        fontSize={TYPE}
        fontFamily="Text-600"
        fill={ink}
        textAnchor="middle"
      >
        {words}
      </SvgText>
    </G>
  );
}

/** Px of a side under which its length is not written: it would cover the side; and under which its bearing is left out. */
const SHORT = 52;
const SHORT_FOR_BEARING = 130;

/** Px from a side at which its length is written. */
const ASIDE = 16;

/** The length of a side and, where there is room, its bearing: beside it and away from a place. */
function SideLength({ view, a, b, off }: { view: PlanView; a: Point; b: Point; off?: ScreenPoint }) {
  const [p, q] = [toScreen(view, a), toScreen(view, b)];
  const length = screenDistance(p, q);
  if (length < SHORT) return null;
  const middle = { left: (p.left + q.left) / 2, top: (p.top + q.top) / 2 };
  const out = { left: (q.top - p.top) / length, top: (p.left - q.left) / length };
  const side = off && (middle.left - off.left) * out.left + (middle.top - off.top) * out.top < 0 ? -1 : 1;
  const at = { left: middle.left + side * ASIDE * out.left, top: middle.top + side * ASIDE * out.top };
  const { metres, bearing } = wayBetween(a, b);
  const words = metresWords(metres);
  return <Plate at={at} words={length < SHORT_FOR_BEARING ? words : `${words} · ${bearingWords(bearing)}`} />;
}

/** The ruler between two places: how far, and which way. */
export function RulerMark({ view, ends }: { view: PlanView; ends: readonly Point[] }) {
  const { ink, sunFill } = useTokens();
  const [a, b] = ends;
  if (!a) return null;
  const from = toScreen(view, a);
  const to = b && toScreen(view, b);
  return (
    <G role="img" aria-label={b ? `Ruler: ${rulerWords(a, b)}` : "Ruler: one end set"}>
      {to && <Line x1={from.left} y1={from.top} x2={to.left} y2={to.top} stroke={ink} strokeWidth={3} />}
      {[from, ...(to ? [to] : [])].map((p, i) => (
        <Circle key={i} cx={p.left} cy={p.top} r={8} fill={sunFill} stroke={ink} strokeWidth={2} />
      ))}
      {b && to && (
        <Plate
          at={{ left: (from.left + to.left) / 2, top: (from.top + to.top) / 2 - 20 }}
          words={rulerWords(a, b)}
        />
      )}
    </G>
  );
}

function rulerWords(a: Point, b: Point): string {
  const { metres, bearing } = wayBetween(a, b);
  return `${metresWords(metres)} to ${bearingWords(bearing)}`;
}

/** The points that were tapped so far. */
export function TappedMark({ view, points }: { view: PlanView; points: readonly Point[] }) {
  const { water, sheet } = useTokens();
  return (
    <G role="img" aria-label={`${points.length} points set`}>
      {points.length > 1 && (
        <Path
          d={pathOf(view, points, false)}
          fill="none"
          stroke={water}
          strokeWidth={3}
          strokeDasharray="6 4"
        />
      )}
      {points.slice(1).map((p, i) => (
        <SideLength key={i} view={view} a={points[i]!} b={p} />
      ))}
      {points.map((p, i) => {
        const { left, top } = toScreen(view, p);
        return <Circle key={i} cx={left} cy={top} r={7} fill={sheet} stroke={water} strokeWidth={3} />;
      })}
    </G>
  );
}
