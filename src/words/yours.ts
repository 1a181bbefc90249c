import { countWords, isoWords, percentWords } from "./format";

// Apart from what tells all that was learnt: this stands in panels that come with their stage.

/** What is usual where nobody has measured: as the core has it. */
export const USUAL: Readonly<Record<"tracking" | "pan", string>> = { tracking: "15\u00a0%", pan: "5\u00a0%" };

export const valueWords = (key: "tracking" | "pan" | "iso", value: number): string =>
  key === "iso" ? isoWords(Math.round(value)) : percentWords(value);

/** Where a figure of one's own acts: "Your following hand: 12 %, yours, 148 frames; usual 15 %." */
export function yoursWords(
  key: "tracking" | "pan" | "iso",
  { value, frames }: { readonly value: number; readonly frames: number },
): string {
  const yours = `${valueWords(key, value)}, yours, ${countWords(frames, "frame")}`;
  return key === "iso"
    ? `Content up to ${yours}.`
    : `${key === "pan" ? "Spread of the pan" : "The following hand leaves"} ${yours}; usual ${USUAL[key]}.`;
}
