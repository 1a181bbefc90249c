import { cosDeg } from "../units";

// What a place is judged by, each as a share 0 … 1 that a whole one counts: assumed; practice gives the order, not the numbers.

const share = (value: number): number => Math.max(0, Math.min(1, value));

/** Nothing at half or at twice the wished size; what is hidden (share 0 … 1) is not there. */
export const reachShare = (of: { readonly fill: number; readonly wished: number; readonly hidden: number }) =>
  share(1 - Math.abs(Math.log2(of.fill / of.wished))) * (1 - of.hidden);

/** 1 at the wished turn, ½ at 90° from it, 0 at 180°. */
export const turnShare = ({ turn, wished }: { readonly turn: number; readonly wished: number }): number =>
  (1 + cosDeg(turn - wished)) / 2;

/** Light from where no side is lit counts so much, wherever one wants it from. */
export const EVEN_SHARE = 0.7;

/** Three stops, nine clicks, short are nothing. */
export const lightShare = (of: { readonly short: number; readonly missing: number; readonly over: number }) =>
  share(1 - (of.short + of.missing + of.over) / 9);

/** Whole up to the tolerance, nothing from four times that on; both in µm. */
export const holdShare = ({ blur, tolerance }: { readonly blur: number; readonly tolerance: number }) =>
  share((4 - blur / tolerance) / 3);

/** By the softness of the busiest thing behind: blur over the image of its detail. */
export const smoothShare = ({ smoothness }: { readonly smoothness: number }): number =>
  share(0.5 + Math.log2(smoothness) / 3.2);

/** A face that is turned away, and none where the head is hidden (1). */
export const faceShare = ({ turn, hidden }: { readonly turn: number; readonly hidden: number }): number =>
  (1 - hidden) * turnShare({ turn, wished: 0 });

/** Whole at eye level, nothing at 45° up or down. */
export const levelShare = ({ heightAngle }: { readonly heightAngle: number }): number =>
  share(1 - Math.abs(heightAngle) / 45);

/** Nothing where the fault is there (1). */
export const clearShare = ({ fault }: { readonly fault: number }): number => 1 - fault;

/** A place five minutes away on foot, some 400 m, counts half. */
export const walkShare = ({ walk }: { readonly walk: number }): number => 400 / (400 + walk);

/** The mean of shares by their weights; 0 where nothing weighs. */
export function weighedMean(parts: readonly { readonly score: number; readonly weight: number }[]): number {
  let [sum, all] = [0, 0];
  for (const { score, weight } of parts) {
    sum += weight * score;
    all += weight;
  }
  return all > 0 ? sum / all : 0;
}
