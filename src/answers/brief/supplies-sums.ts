import type { Outing } from "@/data";
import { burstOf } from "@/outing/day/buffer-run";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { burstSum } from "../expose/instant-sums";
import { supplies } from "./supplies";

/** What the lines of the supplies open to. */
export type SuppliesLine = "frames" | "cards" | "buffer" | "batteries" | "water";

/** Every number of the day's supplies with its sum. */
export function suppliesSums(
  view: OutingView,
  others: readonly Outing[],
): Partial<Record<SuppliesLine, Figure>> {
  const { input, supplies: found, buffer } = supplies(view, others);
  const { bursts, seconds, framesPerSecond, ownRate, frameMb, cardsGb, ratedFrames, hours } = input;
  const frames = ownRate
    ? figure(found.frames, "suppliesOf.framesByRate", {
        each: given(ownRate.each, "frames", "measured"),
        times: given(ownRate.times, "", "plan"),
      })
    : figure(found.frames, "suppliesOf.frames", {
        bursts: given(bursts, "", "plan"),
        framesPerSecond: given(framesPerSecond, "/s", "kit"),
        seconds: given(seconds, "s", "plan"),
      });
  const burst = burstOf(view.outing, view.kit, view.rig?.body.id);
  const temperature = given(input.temperature, "°C", "plan");
  return {
    frames,
    ...(cardsGb.length > 0 && {
      cards: figure(found.cards, "suppliesOf.cards", {
        frames,
        frameMb: given(frameMb, "MB", "kit"),
        largestCardGb: given(Math.max(...cardsGb), "", "kit"),
      }),
    }),
    ...(buffer && burst && { buffer: burstSum(buffer, burst) }),
    batteries: figure(found.batteries, "suppliesOf.batteries", {
      frames,
      ratedFrames: given(ratedFrames, "frames", "kit"),
      temperature,
      coldShare: figure(found.coldShare, "coldShare", { temperature }),
    }),
    water: figure(found.waterLitres, "suppliesOf.waterLitres", {
      hours: given(hours, "h", "plan"),
      temperature,
    }),
  };
}
