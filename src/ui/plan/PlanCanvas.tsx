import { useId, type ReactNode } from "react";
import { View } from "react-native";
import Svg, { Circle, ClipPath, Defs, G, Line, Rect } from "react-native-svg";
import type { Point } from "@/core/ground";
import { useTokens } from "../theme/theme";
import { usePlanGestures, type PlanInput } from "./usePlanGestures";
import { toScreen, type PlanView } from "./view";

interface Props extends PlanInput {
  readonly label: string;
  /** Keys while the plan has the focus; it takes the focus where they are given. */
  readonly onKey?: (event: KeyboardEvent) => void;
  /**
   * The drawing in a view, from the ground up, in layers that the browser keeps apart: what moves in one leaves the others
   * as they are painted. It is drawn a second time, larger, in the loupe.
   */
  readonly layers: readonly ((view: PlanView) => ReactNode)[];
  /** What belongs to the sheet rather than to the ground: comb, scale, north. */
  readonly edge: (view: PlanView) => ReactNode;
  /** What is written over all of it, so that nothing runs through a name. */
  readonly names?: (view: PlanView) => ReactNode;
}

const NO_NAMES = (): ReactNode => null;

/** A plan to scale that can be panned, pinched, wheeled, tapped, and whose handles can be dragged. */
export function PlanCanvas({ label, view, layers, edge, names = NO_NAMES, onKey, ...gestures }: Props) {
  const { attach, held: grabbed } = usePlanGestures({ view, ...gestures });
  const handle = grabbed && gestures.handles.find((h) => h.id === grabbed.id);
  return (
    <View
      ref={attach}
      className="absolute inset-0 select-none overflow-hidden"
      style={{ touchAction: "none" } as object}
      role="group"
      aria-label={label}
      {...(onKey && ({ tabIndex: 0, onKeyDown: onKey } as object))}
    >
      {view &&
        [...layers, edge, names].map((draw, i) => (
          <Svg key={i} width={view.width} height={view.height} style={LAYER}>
            {draw(view)}
          </Svg>
        ))}
      {view && grabbed?.coarse && handle && (
        <Svg width={view.width} height={view.height} style={LAYER}>
          <Loupe view={view} at={handle.at} layers={[...layers, names]} />
        </Svg>
      )}
    </View>
  );
}

/** Above each other, each painted by itself. */
const LAYER = { position: "absolute", left: 0, top: 0, willChange: "transform" } as object;

const LOUPE = { radius: 58, above: 112, times: 2.2 };

/** What lies under the finger, larger and above it. */
function Loupe({ view, at, layers }: { view: PlanView; at: Point; layers: Props["layers"] }) {
  const tokens = useTokens();
  const clip = `loupe-${useId().replace(/\W/g, "")}`;
  const { radius, above, times } = LOUPE;
  const under = toScreen(view, at);
  const cx = Math.min(view.width - radius - 4, Math.max(radius + 4, under.left));
  const cy = under.top - above < radius + 4 ? under.top + above : under.top - above;
  const zoomed: PlanView = {
    ...view,
    centre: at,
    pxPerMetre: view.pxPerMetre * times,
    width: 2 * radius,
    height: 2 * radius,
  };
  return (
    <G aria-hidden>
      <Defs>
        <ClipPath id={clip}>
          <Circle cx={radius} cy={radius} r={radius} />
        </ClipPath>
      </Defs>
      <G transform={`translate(${cx - radius} ${cy - radius})`}>
        <G clipPath={`url(#${clip})`}>
          <Rect width={2 * radius} height={2 * radius} fill={tokens.paper} />
          {layers.map((draw, i) => (
            <G key={i}>{draw(zoomed)}</G>
          ))}
          <Line x1={radius - 9} x2={radius + 9} y1={radius} y2={radius} stroke={tokens.ink} strokeWidth={2} />
          <Line x1={radius} x2={radius} y1={radius - 9} y2={radius + 9} stroke={tokens.ink} strokeWidth={2} />
        </G>
        <Circle cx={radius} cy={radius} r={radius - 1.5} fill="none" stroke={tokens.water} strokeWidth={3} />
      </G>
    </G>
  );
}
