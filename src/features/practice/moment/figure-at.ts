import { bodyFigure, bodyPoses } from "@/answers/frame/body-figure";
import type { OutingView } from "@/outing/outing-view";

/** Who is seen where the subject itself does not do it: one metre of body drawn is one of the drawing. */
const LEAPER = { id: "volleyball-attack", height: 1.9 } as const;
const RUNNER = { id: "sprinter", height: 1.75 } as const;
const BIRD = { id: "small-bird-singing", height: 0.13 } as const;

/** Metres high that the figure of each kind of moment is, for the scale of its drawing. */
export interface MomentFigure {
  readonly pieces: ReturnType<typeof bodyFigure>;
  /** Metres. */
  readonly high: number;
}

/** The figure of a moment so many seconds from its instant, of which it shows so much, 0 … 1; in its place before it begins. */
export function momentFigure(
  code: string,
  subject: OutingView["subject"],
  seconds: number | undefined,
  share: number,
): MomentFigure {
  const who =
    code === "leaving" ? BIRD : code === "top-of-jump" ? LEAPER : code === "stride" ? RUNNER : subject;
  const { names, peak } = bodyPoses(who);
  const last = names.length - 1;
  const phase =
    seconds === undefined
      ? 0
      : code === "leaving"
        ? seconds > 0
          ? last
          : 0
        : seconds > 0 && share < 0.5
          ? last
          : share > 0.5
            ? peak
            : 0;
  return {
    pieces: bodyFigure(who, { turn: 90, above: 0, phase, heads: 1, aloft: false, mirrored: false }),
    high: who.height,
  };
}
