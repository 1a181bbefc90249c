import { TRADE_PLACES } from "@/core/catalogue";
import {
  assess,
  searchStep,
  type Assessment,
  type Candidate,
  type HeatCell,
  type NoPicture,
  type SearchInput,
} from "@/core/judge";
import { lensesFor } from "@/core/optics";
import { sceneAt } from "@/core/scene";
import { lightPlanOf, sameValue } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { searchedArea } from "@/outing/searched-area";
import { tradePlacesFor } from "@/outing/trade-places";

/** Kneeling and standing, metres. */
const LENS_HEIGHTS = [0.7, 1.6];
/** Times of the shot's span that are tried. */
const TIMES = 5;
/** The distance in metres that a search starts from where nothing is known yet. */
const USUAL_DISTANCE = 30;

/** What a search over the ground found, and what it was asked. */
export interface FoundCandidates {
  readonly shotId: string;
  /** Epoch milliseconds of the minute at which it was asked. */
  readonly at: number;
  readonly step: number;
  readonly heat: readonly HeatCell[];
  readonly list: readonly Candidate[];
  readonly span: { readonly from: number; readonly until: number };
  readonly input: SearchInput;
}

/** The shot's span: from the start, or from now while the outing is on, to its end; epoch milliseconds. */
export function spanOf({ window, at, live }: OutingView): FoundCandidates["span"] {
  return { from: live ? at : Math.min(window.starts, at), until: window.until };
}

/** What is searched: the ground about, over the shot's span, with every lens of the bag on the chosen body, as the shot is asked. */
export function searchOf(view: OutingView): SearchInput | undefined {
  const { outing, bag, asked, inHand } = view;
  if (!asked) return undefined;
  const { rig: mounted, shot } = asked;
  const rigs = lensesFor(mounted.body, bag.lenses).map((lens) =>
    lens.id === mounted.lens.id ? mounted : { body: mounted.body, support: mounted.support, lens },
  );
  const distance = inHand?.ok ? inHand.sighting.distance : USUAL_DISTANCE;
  const area = [searchedArea(outing.ground, shot.spotId, distance)];
  const { from, until } = spanOf(view);
  return {
    shot,
    subject: asked.subject,
    dangers: asked.dangers,
    order: asked.order,
    locked: asked.locked,
    weights: asked.weights,
    ...(asked.hands && { hands: asked.hands }),
    ground: outing.ground,
    light: lightPlanOf(outing),
    area,
    step: searchStep(distance, area),
    lensHeights: LENS_HEIGHTS,
    times: Array.from({ length: TIMES }, (_, i) => from + ((until - from) * i) / (TIMES - 1)),
    rigs,
    practice: tradePlacesFor(outing.ground, { subject: asked.subject, side: shot.side }, view.spot).map(
      ({ place, at, lensHeight }) => ({
        id: place.id,
        at,
        lensHeight,
      }),
    ),
    list: { most: 4, apart: Math.max(1, distance / 3) },
  };
}

/**
 * Whether what was found still answers what is asked: another shot, subject, ground, light, lens, hold or weight is another
 * question; another minute, or one position more, is not.
 */
export function isStale({ input, shotId }: FoundCandidates, view: OutingView): boolean {
  const now = searchOf(view);
  return shotId !== view.shot.id || !now || !sameValue(questionOf(input), questionOf(now));
}

const questionOf = ({ shot, subject, order, locked, weights, hands, ground, light, rigs }: SearchInput) => ({
  ...{ shot, subject, order, locked, weights, hands, light },
  rigs: rigs.map(({ body, lens, support }) => ({ body, lens, support })),
  ground: { ...ground, positions: [] },
});

/** The picture from a candidate at the minute of the search: what its score and its words stand for. */
export const pictureFrom = (
  { input, at }: Pick<FoundCandidates, "input" | "at">,
  { at: place, lensHeight, rig }: Candidate,
): Assessment | NoPicture =>
  assess({
    ...input,
    rig: input.rigs[rig]!,
    position: { id: "here", name: "here", at: place, lensHeight },
    scene: sceneAt(input.ground, input.light, at),
  });

/** What happens at a place of practice, as it is called; nothing for a place that the search found by itself. */
export const practiceOf = ({ practice }: Candidate): string | undefined =>
  practice && TRADE_PLACES.find(({ id }) => id === practice.id)?.situation;
