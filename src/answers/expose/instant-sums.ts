import type { OutingView } from "@/outing/outing-view";
import type { BurstInput, BurstRun } from "@/core/motion";
import { burstOf } from "@/outing/day/buffer-run";
import { figure, given, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { approachOf, delivered, imageSpeedOf } from "../explain/sums";
import { instant } from "./instant";

/** What the lines of the instant open to. */
export type InstantLine =
  "held" | "between" | "run" | "preBurst" | "jump" | "lean" | "followed" | "lockedBurst" | "lockedPress";

/** Seconds until the buffer is full, from what fills and clears it; without end where the card keeps up. */
export const burstSum = ({ seconds }: BurstRun, burst: BurstInput): Figure =>
  figure(seconds === "unlimited" ? Infinity : seconds, "burstRun.seconds", {
    framesPerSecond: given(burst.framesPerSecond, "/s", "kit"),
    frameMb: given(burst.frameMb, "MB", "kit"),
    bufferMb: given(burst.bufferMb, "MB", "kit"),
    writeMbPerSecond: given(burst.writeMbPerSecond, "MB/s", "kit"),
  });

/** Every number of the instant with its sum; nothing while there is no picture. */
export function instantSums(view: OutingView): Partial<Record<InstantLine, Figure>> | undefined {
  const found = instant(view);
  const of = picturedOf(view);
  if (!found || !of) return undefined;
  const { body } = of.input.rig;
  const { framesPerSecond } = body;
  const burst = burstOf(view.outing, view.kit, body.id);
  const approach = approachOf(of);
  const always = {
    followed: figure(found.followed, "focusDrift", { approach }),
    lockedPress: figure(found.lockedPress, "focusDrift.press", { approach }),
    ...(found.jump && {
      jump: figure(found.jump.takeOff, "takeOffSpeed", { rise: given(found.jump.rise, "m", "assumed") }),
    }),
    ...(found.leanUm !== undefined && {
      lean: delivered(
        figure(found.leanUm, "findMotion.skewUm", { asked: of.asked, imageSpeed: imageSpeedOf(of) }),
        of,
      ),
    }),
  };
  if (framesPerSecond === undefined) return always;
  const rate = given(framesPerSecond, "/s", "kit");
  const { between, held, event, preBurst, run, lockedBurst } = found;
  return {
    ...always,
    ...(between !== undefined && {
      between: figure(between, "betweenFrames", {
        speed: given(of.input.subject.bodySpeed, "m/s", "library"),
        framesPerSecond: rate,
      }),
    }),
    ...(held !== undefined &&
      event && {
        held: figure(held, "chanceToHold", {
          halfWidth: given(event.halfWidth, "s", "assumed"),
          framesPerSecond: rate,
        }),
      }),
    ...(preBurst && {
      preBurst: figure(preBurst.seconds, "preBurstSeconds", {
        frames: given(preBurst.frames, "frames", "kit"),
        framesPerSecond: rate,
      }),
    }),
    ...(lockedBurst !== undefined && {
      lockedBurst: figure(lockedBurst, "focusDrift.burst", { approach, framesPerSecond: rate }),
    }),
    ...(run && burst && { run: burstSum(run, burst) }),
  };
}
