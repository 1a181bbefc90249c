import { createContext, useContext, type ReactNode } from "react";
import { searchStep, type Candidate, type HeatCell, type SearchInput } from "@/core/judge";
import { lightPlanOf, sameValue } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { searchedArea } from "@/outing/searched-area";
import { useOpenOuting, useOuting } from "../../outing/use-outing";
import { useRun, type RunState } from "../../outing/use-run";
import { useWeights } from "./use-weights";

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

interface PositionSearch {
  readonly state: RunState<FoundCandidates>;
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
    weights: useWeights.getState().changed[shot.intent],
  };
}

const sameSky = (a: SearchInput["light"], b: SearchInput["light"]): boolean =>
  a.cloudEighths === b.cloudEighths && sameValue(a.cloudCourse, b.cloudCourse);

export function PositionSearchProvider({ children }: { children: ReactNode }) {
  const { store } = useOpenOuting();
  const shotId = useOuting((v) => v.shot.id);
  const outing = useOuting((v) => v.outing);
  const { state, start: begin, stop, fail } = useRun<FoundCandidates>();

  const start = async (): Promise<void> => {
    const asked = store.getState().view;
    const input = searchOf(asked);
    if (!input) return fail();
    await begin("search", input, ({ heat, list }) => ({
      shotId: input.shot.id,
      at: asked.at,
      step: input.step,
      heat,
      list,
      input,
      span: spanOf(asked),
    }));
  };
  // What was found for another shot or sky is not shown as if it held now; it speaks of the whole span, not of a minute.
  const stale =
    state.kind === "done" &&
    (state.value.shotId !== shotId || !sameSky(state.value.input.light, lightPlanOf(outing)));
  return (
    <PositionSearchContext.Provider
      value={{ state: stale ? { kind: "idle" } : state, start: () => void start(), stop }}
    >
      {children}
    </PositionSearchContext.Provider>
  );
}
