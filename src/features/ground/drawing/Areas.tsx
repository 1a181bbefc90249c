import { useId } from "react";
import { G, Path } from "react-native-svg";
import type { Area } from "@/core/ground";
import { Hatch } from "@/ui/charts/Hatch";
import type { PlanView } from "@/ui/plan/view";
import { SURFACE_FILL } from "@/ui/theme/surfaces";
import { useTokens } from "@/ui/theme/theme";
import { pathOf } from "./paths";

/** Parts of the ground that are made of something else: water with level strokes, the rest as a plain surface. */
export function Areas({ view, areas }: { view: PlanView; areas: readonly Area[] }) {
  const tokens = useTokens();
  const ripples = `ripples-${useId().replace(/\W/g, "")}`;
  return (
    <G>
      <Hatch
        id={ripples}
        ink={tokens.ink2}
        ground={tokens.pool}
        gap={9}
        weight={1}
        opacity={0.35}
        angle={90}
      />
      {areas.map((area) => (
        <G key={area.id} role="img" aria-label={`${area.name}, ${area.surface}`}>
          <Path
            d={pathOf(view, area.outline, true)}
            fill={area.surface === "water" ? `url(#${ripples})` : tokens[SURFACE_FILL[area.surface]]}
            stroke={tokens.ink2}
            strokeWidth={1.2}
          />
        </G>
      ))}
    </G>
  );
}
