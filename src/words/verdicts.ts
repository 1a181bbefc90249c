import type { KeptVerdict } from "@/core/motion";

const VERDICTS: Readonly<Record<KeptVerdict, string>> = {
  held: "held",
  "mostly-held": "mostly held",
  "at-the-edge": "at the edge",
  lost: "lost",
};
export const verdictWords = (verdict: KeptVerdict): string => VERDICTS[verdict];
