import { useId } from "react";
import { ClipPath, Defs, G, Rect } from "react-native-svg";
import { bodyAbove } from "@/answers/frame/figure-of";
import type { Spot } from "@/core/ground";
import { FigureDrawing } from "@/ui/figures/FigureDrawing";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";

interface Props {
  readonly view: PlanView;
  readonly spot: Spot;
  /** Bearing the light comes from; undefined when no direct light reaches the spot. */
  readonly litFrom: number | undefined;
}

/** Px to every side that the lit half covers. */
const WIDE = 4000;

/** The subject's own body to scale from above, where the plan is large enough to show one: turned as it faces, lit on the sun's side. */
export function BodyOnPlan({ view, spot, litFrom }: Props) {
  const { ink, sunFill } = useTokens();
  const { pieces } = useOuting(bodyAbove);
  const clip = useId();
  const { left, top } = toScreen(view, spot.at);
  const turn = spot.facing - view.up;
  const body = (colour: string) => (
    <FigureDrawing pieces={pieces} scale={view.pxPerMetre} left={0} top={0} colour={colour} />
  );
  return (
    <G
      transform={`translate(${left} ${top}) rotate(${turn})`}
      role="img"
      aria-label={`Spot ${spot.name}, ${litFrom === undefined ? "no direct sun" : "in the sun"}, drawn to scale from above`}
    >
      {body(ink)}
      {litFrom !== undefined && (
        <>
          <Defs>
            <ClipPath id={clip}>
              <Rect
                x={-WIDE}
                y={-WIDE}
                width={2 * WIDE}
                height={WIDE}
                transform={`rotate(${litFrom - spot.facing})`}
              />
            </ClipPath>
          </Defs>
          <G clipPath={`url(#${clip})`}>{body(sunFill)}</G>
        </>
      )}
    </G>
  );
}
