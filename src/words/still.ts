import { shutterNoSlower } from "@/core/exposure";
import type { StillFound } from "@/core/judge";
import { metresWords, shutterWords } from "./format";
import { numberWords } from "./number";

const HOLDS: Readonly<Record<string, string>> = { hand: "By hand", stabiliser: "By hand, stabilised" };

/** The slowest shutter of each way to hold the camera, and of the subject's own sway. */
export const stillLines = (
  { steady, sway }: StillFound,
  nameOf: (supportId: string) => string,
): { readonly line: string; readonly name: string; readonly value: string }[] => [
  ...steady.map(({ id, slowest }) => ({ line: id, name: HOLDS[id] ?? nameOf(id), value: slower(slowest) })),
  ...(sway === undefined ? [] : [{ line: "sway", name: "Its own sway and bob bear", value: slower(sway) }]),
];

const slower = (seconds: number): string =>
  seconds > 30 ? "as slow as you like" : `${shutterWords(shutterNoSlower(seconds))} or faster`;

/** What focus, depth and light do so near. */
export function stillSentences({
  bellowsStops,
  smaller,
  drift,
  sway,
  steady,
}: StillFound): { readonly line?: string; readonly words: string }[] {
  const most = Math.max(...steady.map((s) => s.slowest));
  return [
    ...(sway !== undefined && sway < most
      ? [
          {
            words:
              "Its own sway limits the shutter, whatever the camera stands on: wait for a lull, or shield it from the wind.",
          },
        ]
      : []),
    drift === Infinity
      ? { words: "Everything from the eye on is sharp." }
      : {
          line: "drift",
          words: `It may drift ${metresWords(drift)} nearer or farther before it is soft: focus locked on the spot, rock with it, and take several.`,
        },
    ...(bellowsStops >= 0.1
      ? [
          {
            line: "bellows",
            words: `At 1:${numberWords(smaller, 1)} the lens loses ${numberWords(bellowsStops, 1)} stops of light; the meter sees it, the aperture's mark does not.`,
          },
        ]
      : []),
  ];
}
