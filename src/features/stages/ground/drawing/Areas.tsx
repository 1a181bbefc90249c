import { memo, useId } from "react";
import { G, Path } from "react-native-svg";
import {
  needsLeave,
  venueAreasOf,
  venueTemplate,
  type Area,
  type AreaKind,
  type Surface,
  type Venue,
} from "@/core/ground";
import { Hatch } from "@/ui/charts/Hatch";
import type { PlanView } from "@/ui/plan/view";
import { SURFACE_FILL } from "@/ui/theme/surfaces";
import { useTokens } from "@/ui/theme/theme";
import { areaWords, officialWords, surfaceWords } from "@/words";
import { pathOf } from "@/ui/plan/paths";

/** Parts of the ground that are made of something else: water with level strokes, the rest as a plain surface. */
export const Areas = memo(function Areas({ view, areas }: { view: PlanView; areas: readonly Area[] }) {
  const { fill, defs } = useSurfaceFill();
  const { ink2 } = useTokens();
  return (
    <G>
      {defs}
      {areas.map((area) => (
        <G key={area.id} role="img" aria-label={`${area.name}, ${surfaceWords(area.surface)}`}>
          <Path
            d={pathOf(view, area.outline, true)}
            fill={fill(area.surface)}
            stroke={ink2}
            strokeWidth={1.2}
          />
        </G>
      ))}
    </G>
  );
});

/** The fill of a surface: water has strokes, the rest a colour. */
function useSurfaceFill() {
  const tokens = useTokens();
  const ripples = `ripples-${useId().replace(/\W/g, "")}`;
  const defs = (
    <Hatch id={ripples} ink={tokens.ink2} ground={tokens.pool} gap={9} weight={1} opacity={0.35} angle={90} />
  );
  const fill = (surface: Surface): string =>
    surface === "water" ? `url(#${ripples})` : tokens[SURFACE_FILL[surface]];
  return { fill, defs };
}

/** Where implements and people land: dangerous without looking so. */
const DANGEROUS: readonly AreaKind[] = ["landing-sector", "pit", "range"];

interface VenueProps {
  readonly view: PlanView;
  readonly venue: Venue;
  /** What the ground at large is made of. */
  readonly surface: Surface;
  readonly leave: readonly AreaKind[];
}

/** The venue's own parts: what is played on by its surface, what is stood on by leave within a broken line. */
export const VenueAreas = memo(function VenueAreas({ view, venue, surface, leave }: VenueProps) {
  const { fill, defs } = useSurfaceFill();
  const { ink2, bracken, moss } = useTokens();
  const found = venueTemplate(venue.template);
  const official = found.ok ? found.value.official : "stewards";
  return (
    <G>
      {defs}
      {venueAreasOf(venue).map((area, i) => {
        const byLeave = needsLeave(area.kind);
        const agreed = byLeave && leave.includes(area.kind);
        const says = byLeave
          ? `${areaWords(area.kind)}, ${agreed ? "agreed with" : "only if agreed with"} ${officialWords(official)}`
          : `${areaWords(area.kind)}, no standing here`;
        const dangerous = DANGEROUS.includes(area.kind);
        return (
          <G key={i} role="img" aria-label={says}>
            <Path
              d={pathOf(view, area.outline, true)}
              fill={byLeave && !area.surface ? "none" : fill(area.surface ?? surface)}
              stroke={dangerous ? bracken : agreed ? moss : byLeave ? ink2 : "none"}
              strokeWidth={1.2}
              strokeDasharray={byLeave || dangerous ? "6 5" : undefined}
            />
          </G>
        );
      })}
    </G>
  );
});
