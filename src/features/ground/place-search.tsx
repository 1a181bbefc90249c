import { createContext, useContext, useEffect, useRef, useState, type ReactNode } from "react";
import { shortList, type Candidate, type HeatCell, type SearchInput } from "@/core/judge";
import { boxOutline, fromVenue, venueMarks, type Ground, type Point } from "@/core/ground";
import { lightPlanOf } from "@/data";
import type { SearchRun } from "@/workers/place-search-client";
import { useOuting, type OutingState } from "../stage/outing-context";

/** Metres round the field in which places are looked for, and between two places of the grid. */
const AROUND = 14;
const STEP = 3;
/** Metres about the spot, where no field bounds the search. */
const ABOUT_SPOT = 60;
/** Kneeling and standing, metres. */
const LENS_HEIGHTS = [0.7, 1.6];
const LIST = { most: 4, apart: 12 };

export interface FoundPlaces {
  readonly shotId: string;
  readonly at: number;
  readonly step: number;
  readonly heat: readonly HeatCell[];
  readonly list: readonly Candidate[];
  readonly input: SearchInput;
}

export type SearchState =
  | { readonly kind: "idle" }
  | { readonly kind: "running"; readonly share: number }
  | { readonly kind: "failed" }
  | { readonly kind: "found"; readonly places: FoundPlaces };

interface PlaceSearch {
  readonly state: SearchState;
  readonly start: () => void;
  /** Stops a running search, or puts a found one away. */
  readonly stop: () => void;
}

const PlaceSearchContext = createContext<PlaceSearch | undefined>(undefined);

/** The search for places, shared by the plan that shows it and the list that starts it. Only inside its provider. */
export function usePlaceSearch(): PlaceSearch {
  const search = useContext(PlaceSearchContext);
  if (!search) throw new Error("usePlaceSearch needs a PlaceSearchProvider above it");
  return search;
}

/** Where places are looked for: all round the field; in open ground, as far about the spot as one would walk for a picture. */
function searchedArea({ venue, spots }: Ground, spotId: string): Point[] {
  const field = venueMarks(venue.template).find((m) => m.kind === "boundary");
  if (!field) {
    const { at } = spots.find((s) => s.id === spotId)!;
    return boxOutline({ middle: at, length: 2 * ABOUT_SPOT, width: 2 * ABOUT_SPOT, bearing: 0 });
  }
  const [xs, ys] = [field.points.map((p) => p.x), field.points.map((p) => p.y)];
  const [x, y] = [Math.max(...xs) + AROUND, Math.max(...ys) + AROUND];
  const corner = (a: number, b: number): Point => fromVenue(venue, { x: a, y: b });
  return [corner(-x, -y), corner(x, -y), corner(x, y), corner(-x, y)];
}

/** What is searched: the ground about, now, with every lens of the bag on the chosen body. */
function searchOf({
  shoot,
  bag,
  rig: mounted,
  shot,
  subject,
  choice,
  preferences,
  at,
}: OutingState): SearchInput | undefined {
  if (!mounted) return undefined;
  const rigs = bag.lenses.map((lens) =>
    lens.id === choice.lensId ? mounted : { body: mounted.body, support: mounted.support, lens },
  );
  return {
    shot,
    subject,
    order: preferences.order,
    ground: shoot.ground,
    light: lightPlanOf(shoot),
    area: [searchedArea(shoot.ground, shot.spotId)],
    step: STEP,
    lensHeights: LENS_HEIGHTS,
    times: [at],
    rigs,
  };
}

export function PlaceSearchProvider({ children }: { children: ReactNode }) {
  const outing = useOuting();
  const [state, setState] = useState<SearchState>({ kind: "idle" });
  const run = useRef<SearchRun>(undefined);
  useEffect(() => () => run.current?.stop(), []);

  const start = async (): Promise<void> => {
    const input = searchOf(outing);
    if (!input) return setState({ kind: "failed" });
    run.current?.stop();
    setState({ kind: "running", share: 0 });
    const { startSearch } = await import("@/workers/place-search-client");
    const mine = startSearch(input, ({ done, total }) => {
      if (run.current === mine) setState({ kind: "running", share: done / total });
    });
    run.current = mine;
    const result = await mine.result;
    if (run.current !== mine) return;
    run.current = undefined;
    if (!result.ok) return setState({ kind: result.reason === "stopped" ? "idle" : "failed" });
    const { heat } = result.value;
    const list = shortList(heat, LIST);
    setState({
      kind: "found",
      places: { shotId: input.shot.id, at: outing.at, step: STEP, heat, list, input },
    });
  };
  const stop = (): void => {
    if (run.current) run.current.stop();
    else setState({ kind: "idle" });
  };
  // What was found for another shot or minute is not shown as if it held now.
  const stale =
    state.kind === "found" && (state.places.shotId !== outing.shot.id || state.places.at !== outing.at);
  return (
    <PlaceSearchContext.Provider
      value={{ state: stale ? { kind: "idle" } : state, start: () => void start(), stop }}
    >
      {children}
    </PlaceSearchContext.Provider>
  );
}
