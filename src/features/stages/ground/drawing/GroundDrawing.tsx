import { useDeferredValue, useMemo } from "react";
import { G } from "react-native-svg";
import { ownShadow, ringOfFill, sunOnSpots, throwsShadows } from "@/answers/plan/light";
import { tradePlacesFor } from "@/outing/trade-places";
import type { PlanView } from "@/ui/plan/view";
import { Late } from "../../../layout/Late";
import { useOuting } from "../../../outing/use-outing";
import { lightHolds, onPlan, practiceMark } from "./on-plan";
import type { FoundCandidates } from "@/answers/ground/other-positions";
import { Areas, MarkedAreas, VenueAreas, Zones } from "./Areas";
import { Masts, OwnShadow, Shadows, Walls, Windows } from "./Built";
import { Heat, PracticeMark, Ranks } from "./Heat";
import type { Layer } from "./layers";
import { LightSteps } from "./LightSteps";
import { Pitch } from "./Pitch";
import { Ball, FillRing, OpeningLimits, TrackLine, ViewArrow, Wedge } from "./Sight";
import { SpotLabels, type FirstLabel } from "./SpotLabels";
import { Tag } from "./Tag";
import { Obstacles } from "./Things";

interface Drawn {
  readonly view: PlanView;
  /** Layers that are left out. */
  readonly hidden?: readonly Layer[];
}
const NOTHING: readonly Layer[] = [];

/**
 * The ground to scale, from the grass up: what lies and stands there, the light on it, the names. Each layer reads what it
 * draws, so that a drag of the minute redraws the light and leaves the ground as it is.
 */
export function Grass({ view, hidden = NOTHING }: Drawn) {
  const ground = useOuting((v) => v.outing.ground);
  const venue = !hidden.includes("venue");
  return (
    <G>
      {ground.hall && <Walls view={view} hall={ground.hall} />}
      {venue && (
        <VenueAreas
          view={view}
          venue={ground.venue}
          surface={ground.surface ?? "grass"}
          leave={ground.leave ?? NO_LEAVE}
        />
      )}
      {!hidden.includes("areas") && <Areas view={view} areas={ground.areas} />}
      {venue && <Pitch view={view} venue={ground.venue} />}
    </G>
  );
}

/** The light as it was mapped, while the minute in hand is one of those it speaks of. */
function MappedLight({ view }: Drawn) {
  const light = onPlan.useSlice((s) => s.light);
  const holds = useOuting((v) => light !== undefined && lightHolds(light, v.at));
  const venue = useOuting((v) => v.outing.ground.venue);
  return light && holds ? <LightSteps view={view} map={light} venue={venue} /> : null;
}

export function SunShadows({ view }: Drawn) {
  const obstacles = useOuting((v) => v.outing.ground.obstacles);
  // Hundreds of shadows may come a frame after the minute: the strip under the finger does not wait for them.
  const sun = useDeferredValue(useOuting((v) => (throwsShadows(v.scene) ? v.scene.sun : undefined)));
  return (
    <G>
      <MappedLight view={view} />
      {sun && obstacles.length > 0 && <Shadows view={view} obstacles={obstacles} sun={sun} />}
      <OwnShadow view={view} outline={useOuting(ownShadow)} />
    </G>
  );
}

/** `found` is what a search found, while it is shown. */
export function Standing({ view, found, hidden = NOTHING }: Drawn & { found?: FoundCandidates }) {
  const ground = useOuting((v) => v.outing.ground);
  const shown = (layer: Layer): boolean => !hidden.includes(layer);
  return (
    <G>
      {shown("obstacles") && <Obstacles view={view} obstacles={ground.obstacles} />}
      {ground.windows && <Windows view={view} windows={ground.windows} />}
      {shown("areas") && <MarkedAreas view={view} areas={ground.areas} />}
      {shown("zones") && <Zones view={view} zones={ground.zones} />}
      {found && <Heat view={view} candidates={found} />}
      {shown("tracks") &&
        ground.tracks.map((track) => <TrackLine key={track.id} view={view} points={track.points} />)}
    </G>
  );
}

/** The masts, what the chosen position sees, and the light on every spot. */
export function Lit({ view }: Drawn) {
  return (
    <G>
      <LitMasts view={view} />
      <ViewArrows view={view} />
      <ChosenWedge view={view} />
      <Balls view={view} />
    </G>
  );
}

/** `first` is written before the names. */
export function Names({
  view,
  found,
  first,
}: Drawn & { found?: FoundCandidates; first?: readonly FirstLabel[] }) {
  const ground = useOuting((v) => v.outing.ground);
  const spotId = useOuting((v) => v.shot.spotId);
  return (
    <G>
      <SpotLabels view={view} ground={ground} spotId={spotId} first={first} />
      {found && <Ranks view={view} list={found.list} />}
      <TradeMarks view={view} />
      <Tags view={view} />
    </G>
  );
}

const NO_LEAVE: readonly never[] = [];

function LitMasts({ view }: { view: PlanView }) {
  const masts = useOuting((v) => v.outing.ground.masts);
  const alight = useOuting((v) => v.scene.lampLux > 0);
  return <Masts view={view} masts={masts} alight={alight} />;
}

/** Where the trade stands, when that is asked for. */
function TradeMarks({ view }: { view: PlanView }) {
  const shown = onPlan.useSlice((s) => s.trade);
  const ground = useOuting((v) => v.outing.ground);
  const subject = useOuting((v) => v.subject);
  const side = useOuting((v) => v.shot.side);
  const spot = useOuting((v) => v.spot);
  const places = useMemo(
    () => (shown ? tradePlacesFor(ground, { subject, side }, spot) : []),
    [shown, ground, subject, side, spot],
  );
  return places.map(({ place, at }, i) => (
    <PracticeMark key={place.id} view={view} at={at} mark={practiceMark(i)} situation={place.situation} />
  ));
}

/** Where every position looks, when that is asked for. */
function ViewArrows({ view }: { view: PlanView }) {
  const arrows = onPlan.useSlice((s) => s.arrows);
  const positions = useOuting((v) => v.outing.ground.positions);
  const spot = useOuting((v) => v.spot);
  return arrows && positions.map((p) => <ViewArrow key={p.id} view={view} position={p} spot={spot} />);
}

function ChosenWedge({ view }: { view: PlanView }) {
  const position = useOuting((v) => v.position);
  const spot = useOuting((v) => v.spot);
  const sighting = useOuting((v) => v.found?.sighting);
  const ring = useOuting(ringOfFill);
  return (
    <G>
      {ring !== undefined && <FillRing view={view} spot={spot} metres={ring} />}
      {position?.slit && <OpeningLimits view={view} position={position} />}
      {position && sighting && <Wedge view={view} position={position} spot={spot} sighting={sighting} />}
    </G>
  );
}

/** Px of a subject from which it is drawn as its body. */
const LEAST_BODY = 22;
const loadBodyOnPlan = async () => (await import("./BodyOnPlan")).BodyOnPlan;

function Balls({ view }: { view: PlanView }) {
  const spots = useOuting((v) => v.outing.ground.spots);
  const spotId = useOuting((v) => v.shot.spotId);
  return spots.map((s) => <LitBall key={s.id} view={view} spot={s} chosen={s.id === spotId} />);
}

function LitBall(props: Omit<Parameters<typeof Ball>[0], "litFrom" | "body">) {
  const { id } = props.spot;
  const litFrom = useOuting((v) => sunOnSpots(v)[id]);
  const size = useOuting((v) => Math.max(v.subject.length ?? 0, v.subject.span ?? 0, v.subject.height / 2));
  const isBody = props.chosen && size * props.view.pxPerMetre >= LEAST_BODY;
  if (!isBody) return <Ball {...props} litFrom={litFrom} />;
  return <Late load={loadBodyOnPlan}>{(BodyOnPlan) => <BodyOnPlan {...props} litFrom={litFrom} />}</Late>;
}

function Tags({ view }: { view: PlanView }) {
  const positions = useOuting((v) => v.outing.ground.positions);
  const chosen = useOuting((v) => v.position?.id);
  return [...positions]
    .sort((a, b) => Number(a.id === chosen) - Number(b.id === chosen))
    .map((p) => <VetoedTag key={p.id} view={view} position={p} chosen={p.id === chosen} />);
}

function VetoedTag(props: Omit<Parameters<typeof Tag>[0], "vetoed">) {
  const { id } = props.position;
  return <Tag {...props} vetoed={useOuting((v) => v.ruledOut.has(id))} />;
}
