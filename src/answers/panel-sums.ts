import type { OutingView } from "@/outing/outing-view";
import { suppliesSums } from "./brief/supplies-sums";
import { causeSum, mineSum } from "./expose/chance-sums";
import { flickerSums } from "./expose/flicker-sums";
import { instantSums, type InstantLine } from "./expose/instant-sums";
import { belowFullFrameSum, evOfSettingsSum, halvesSum } from "./expose/one-click-sums";
import { panSums, type PanLine } from "./expose/pan-sums";
import { betweenSum, edgeSum, modeSum, prioritySum, toneSum, zoneSum } from "./expose/place-light-sums";
import { stillSums } from "./expose/still-sums";
import { worstSum } from "./expose/through-sums";
import { rowSum, servesSum, sharpBeforeSum, takeOverSum } from "./frame/group-sums";
import { printSums, type PrintLine } from "./frame/print-sums";
import { reachSums, type ReachLine } from "./frame/reach-sums";
import { roomSum } from "./frame/room-sums";
import { behindSum } from "./ground/in-the-way-sums";
import { carriedSum, walkSum } from "./ground/walk-sums";
import { readingSum } from "./review/reading-sums";
import type { Figure } from "./explain/figure";
import { keeperSum } from "./explain/keeper-sums";

/** The figures that panels have beside those of a picture, by name: each of the view and of what the panel shows. */
const PANEL_SUMS = {
  // Brief.
  supplies: (view, before: Parameters<typeof suppliesSums>[1], line: keyof ReturnType<typeof suppliesSums>) =>
    suppliesSums(view, before)[line],
  carried: carriedSum,
  // Ground.
  behind: behindSum,
  walk: walkSum,
  // Frame.
  reach: (view, line: ReachLine) => reachSums(view)?.[line],
  print: (view, line: PrintLine) => printSums(view)?.[line],
  room: (_view, of: Parameters<typeof roomSum>[0]) => roomSum(of),
  row: rowSum,
  sharpBefore: sharpBeforeSum,
  serves: servesSum,
  takeOver: takeOverSum,
  // Expose, and the field card.
  cause: causeSum,
  mine: mineSum,
  instant: (view, line: InstantLine) => instantSums(view)?.[line],
  belowFullFrame: belowFullFrameSum,
  halves: halvesSum,
  evOfSettings: evOfSettingsSum,
  worst: worstSum,
  pan: (view, line: PanLine) => panSums(view)[line],
  still: (view, line: string) => stillSums(view)[line],
  flicker: (view, line: keyof ReturnType<typeof flickerSums>) => flickerSums(view)[line],
  mode: modeSum,
  zone: zoneSum,
  between: betweenSum,
  edge: edgeSum,
  tone: toneSum,
  priority: prioritySum,
  // Review.
  reading: (_view, of: Parameters<typeof readingSum>[0]) => readingSum(of),
  keeper: (_view, ...of: Parameters<typeof keeperSum>) => keeperSum(...of),
} as const satisfies Readonly<Record<string, (view: OutingView, ...of: never[]) => Figure | undefined>>;

type Sums = typeof PANEL_SUMS;
type Shown<N extends keyof Sums> =
  Parameters<Sums[N]> extends readonly [OutingView?, ...infer Rest] ? Rest : never;

/** A figure of a panel by its name, with what the panel shows of it. */
export type PanelSum = { readonly [N in keyof Sums]: readonly [name: N, ...of: Shown<N>] }[keyof Sums];

/** That figure with its sum; nothing where the view has none. */
export const panelSum = (view: OutingView, [name, ...of]: PanelSum): Figure | undefined =>
  (PANEL_SUMS[name] as (view: OutingView, ...of: readonly unknown[]) => Figure | undefined)(view, ...of);
