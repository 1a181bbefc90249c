import { memo, useId, useMemo } from "react";
import { G, Path } from "react-native-svg";
import { isClosedTo, venueSeen } from "@/answers/plan/venue";
import type { Area, AreaKind, Surface, Venue, Zone } from "@/core/ground";
import { Hatch } from "@/ui/charts/Hatch";
import type { PlanView } from "@/ui/plan/view";
import { SURFACE_FILL } from "@/ui/theme/surfaces";
import { useTokens } from "@/ui/theme/theme";
import { areaWords, drawnKindWords, officialWords, signedClicks, surfaceWords } from "@/words";
import { pathOf } from "@/ui/plan/paths";

/** Parts of the ground that are made of something else: water with level strokes, the rest as a plain surface. */
export const Areas = memo(function Areas({ view, areas }: { view: PlanView; areas: readonly Area[] }) {
  const { fill, defs } = useSurfaceFill();
  const { ink2 } = useTokens();
  return (
    <G>
      {defs}
      {areas.map((area) => {
        const surface = area.surface ?? (area.kind === "path" ? "track" : undefined);
        if (!surface) return null;
        return (
          <G key={area.id} role="img" aria-label={`${area.name}, ${surfaceWords(surface)}`}>
            <Path
              d={pathOf(view, area.outline, true)}
              fill={fill(surface)}
              stroke={ink2}
              strokeWidth={1.2}
              strokeDasharray={area.kind === "path" ? "5 4" : undefined}
            />
          </G>
        );
      })}
    </G>
  );
});

/**
 * What is marked on the ground: where nobody may stand in the colour of danger, a canopy under leaves, the photographers'
 * own line in that of what holds. The kind is said by the edge and in words beside it.
 */
export const MarkedAreas = memo(function MarkedAreas({
  view,
  areas,
}: {
  view: PlanView;
  areas: readonly Area[];
}) {
  const { bracken, moss, ink2 } = useTokens();
  const id = useId().replace(/\W/g, "");
  const look = (area: Area): { fill: string; stroke: string; dash: string } => {
    if (area.kind === "canopy") return { fill: `url(#canopy-${id})`, stroke: moss, dash: "1 4" };
    if (area.kind === "photographers-line") return { fill: "none", stroke: moss, dash: "12 4" };
    if (area.kind === "no-go") return { fill: "none", stroke: bracken, dash: "8 5" };
    return isClosedTo(area)
      ? { fill: `url(#hazard-${id})`, stroke: bracken, dash: "8 5" }
      : { fill: "none", stroke: ink2, dash: "3 5" };
  };
  return (
    <G>
      <Hatch id={`hazard-${id}`} ink={bracken} gap={11} weight={1} opacity={0.45} angle={45} />
      <Hatch id={`canopy-${id}`} ink={moss} gap={8} weight={1.4} opacity={0.4} angle={20} />
      {areas
        .filter((area) => area.kind !== "surface" && area.kind !== "path")
        .map((area) => {
          const { fill, stroke, dash } = look(area);
          const says = isClosedTo(area) ? "no standing here" : drawnKindWords(area.kind).toLowerCase();
          return (
            <G key={area.id} role="img" aria-label={`${area.name}: ${says}`}>
              <Path
                d={pathOf(view, area.outline, true)}
                fill={fill}
                stroke={stroke}
                strokeWidth={1.4}
                strokeDasharray={dash}
                strokeLinecap="round"
              />
            </G>
          );
        })}
    </G>
  );
});

/** Light zones that have an outline: a dotted line in the colour of the light, with what they differ by. */
export const Zones = memo(function Zones({ view, zones }: { view: PlanView; zones: readonly Zone[] }) {
  const { sun } = useTokens();
  return (
    <G>
      {zones.map((zone) =>
        zone.outline ? (
          <G
            key={zone.id}
            role="img"
            aria-label={`Light zone ${zone.name}, ${signedClicks(zone.offsetClicks)}`}
          >
            <Path
              d={pathOf(view, zone.outline, true)}
              fill={sun}
              fillOpacity={0.06}
              stroke={sun}
              strokeWidth={1.6}
              strokeDasharray="0.1 5"
              strokeLinecap="round"
            />
          </G>
        ) : null,
      )}
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
  const { official, parts } = useMemo(() => venueSeen(venue), [venue]);
  return (
    <G>
      {defs}
      {parts.map((area, i) => {
        const { byLeave } = area;
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
