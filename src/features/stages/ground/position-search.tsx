import { createContext, useContext, useEffect, useRef, useState, type ReactNode } from "react";
import { searchStep, type Candidate, type HeatCell, type SearchInput } from "@/core/judge";
import { boxOutline, fromVenue, venueParts, type Ground, type Point } from "@/core/ground";
import { lightPlanOf } from "@/data";
import type { SearchRun } from "@/workers/position-search-client";
import type { OutingView } from "@/outing/outing-view";
import { useOpenOuting, useOuting } from "../../outing/use-outing";

/** Metres round the venue in which candidates are looked for. */
const AROUND = 14;
/** Where no field bounds the search: as far about the spot as one would walk for a picture, by the distance now. */
const ABOUT_SPOT = { least: 3, most: 80, timesDistance: 1.6 };
/** Kneeling and standing, metres. */
const LENS_HEIGHTS = [0.7, 1.6];
/** Times of the shot's span that are tried. */
const TIMES = 5;
/** The distance in metres that a search starts from where nothing is known yet. */
const USUAL_DISTANCE = 30;

export interface FoundCandidates {
  readonly shotId: string;
  readonly at: number;
  readonly step: number;
  readonly heat: readonly HeatCell[];
  readonly list: readonly Candidate[];
  readonly span: { readonly from: number; readonly until: number };
  readonly input: SearchInput;
}

export type SearchState =
  | { readonly kind: "idle" }
  | { readonly kind: "running"; readonly share: number }
  | { readonly kind: "failed" }
  | { readonly kind: "found"; readonly candidates: FoundCandidates };

interface PositionSearch {
  readonly state: SearchState;
  readonly start: () => void;
  /** Stops a running search, or puts a found one away. */
  readonly stop: () => void;
}

const PositionSearchContext = createContext<PositionSearch | undefined>(undefined);

/** The search for candidates, shared by the plan that shows it and the list that starts it. Only inside its provider. */
export function usePositionSearch(): PositionSearch {
  const search = useContext(PositionSearchContext);
  if (!search) throw new Error("usePositionSearch needs a PositionSearchProvider above it");
  return search;
}

/** Where candidates are looked for: within a hall's walls; all round a venue; in open ground about the spot. */
function searchedArea({ venue, spots, hall }: Ground, spotId: string, distance: number): Point[] {
  if (hall) return [...hall.outline];
  const parts = venueParts(venue.template).flatMap((part) => part.outline);
  if (parts.length === 0) {
    const { at } = spots.find((s) => s.id === spotId)!;
    const { least, most, timesDistance } = ABOUT_SPOT;
    const half = Math.min(most, Math.max(least, distance * timesDistance));
    return boxOutline({ middle: at, length: 2 * half, width: 2 * half, bearing: 0 });
  }
  const [xs, ys] = [parts.map((p) => Math.abs(p.x)), parts.map((p) => Math.abs(p.y))];
  const [x, y] = [Math.max(...xs) + AROUND, Math.max(...ys) + AROUND];
  const corner = (a: number, b: number): Point => fromVenue(venue, { x: a, y: b });
  return [corner(-x, -y), corner(x, -y), corner(x, y), corner(-x, y)];
}

/** The shot's span: from the start, or from now while the outing is on, to its end. */
function spanOf({ window, at, live }: OutingView): FoundCandidates["span"] {
  return { from: live ? at : Math.min(window.starts, at), until: window.until };
}

/** What is searched: the ground about, over the shot's span, with every lens of the bag on the chosen body. */
function searchOf(state: OutingView): SearchInput | undefined {
  const { outing, bag, rig: mounted, shot, subject, preferences, inHand } = state;
  if (!mounted) return undefined;
  const rigs = bag.lenses.map((lens) =>
    lens.id === mounted.lens.id ? mounted : { body: mounted.body, support: mounted.support, lens },
  );
  const distance = inHand?.ok ? inHand.sighting.distance.value : USUAL_DISTANCE;
  const area = [searchedArea(outing.ground, shot.spotId, distance)];
  const { from, until } = spanOf(state);
  return {
    shot,
    subject,
    order: preferences.order,
    ground: outing.ground,
    light: lightPlanOf(outing),
    area,
    step: searchStep(distance, area),
    lensHeights: LENS_HEIGHTS,
    times: Array.from({ length: TIMES }, (_, i) => from + ((until - from) * i) / (TIMES - 1)),
    rigs,
    list: { most: 4, apart: Math.max(1, distance / 3) },
  };
}

export function PositionSearchProvider({ children }: { children: ReactNode }) {
  const { store } = useOpenOuting();
  const shotId = useOuting((v) => v.shot.id);
  const cloudEighths = useOuting((v) => v.outing.light.cloudEighths);
  const [state, setState] = useState<SearchState>({ kind: "idle" });
  const run = useRef<SearchRun>(undefined);
  useEffect(() => () => run.current?.stop(), []);

  const start = async (): Promise<void> => {
    const asked = store.getState().view;
    const input = searchOf(asked);
    if (!input) return setState({ kind: "failed" });
    run.current?.stop();
    setState({ kind: "running", share: 0 });
    const { startSearch } = await import("@/workers/position-search-client");
    const mine = startSearch(input, ({ done, total }) => {
      if (run.current === mine) setState({ kind: "running", share: done / total });
    });
    run.current = mine;
    const result = await mine.result;
    if (run.current !== mine) return;
    run.current = undefined;
    if (!result.ok) return setState({ kind: result.reason === "stopped" ? "idle" : "failed" });
    const { heat, list } = result.value;
    setState({
      kind: "found",
      candidates: {
        shotId: input.shot.id,
        at: asked.at,
        step: input.step,
        heat,
        list,
        input,
        span: spanOf(asked),
      },
    });
  };
  const stop = (): void => {
    if (run.current) run.current.stop();
    else setState({ kind: "idle" });
  };
  // What was found for another shot or sky is not shown as if it held now; it speaks of the whole span, not of a minute.
  const stale =
    state.kind === "found" &&
    (state.candidates.shotId !== shotId || state.candidates.input.light.cloudEighths !== cloudEighths);
  return (
    <PositionSearchContext.Provider
      value={{ state: stale ? { kind: "idle" } : state, start: () => void start(), stop }}
    >
      {children}
    </PositionSearchContext.Provider>
  );
}
