import type { CareId } from "@/core/catalogue";
import { cautionName, cautionSentence } from "./cautions";
import { careSentence } from "./packing";

type Said =
  | { readonly code: "refused"; readonly names: readonly string[] }
  /** By the clock on the wall, where it is still to come. */
  | { readonly code: "rain"; readonly from?: string }
  | { readonly code: "caution"; readonly caution: Parameters<typeof cautionName>[0] }
  | { readonly code: "care"; readonly care: CareId };

/** What one has to mind now, in a sentence. */
export function mindSentence(said: Said): string {
  switch (said.code) {
    case "refused":
      return `No pictures of ${said.names.join(" and ")}: consent was refused.`;
    case "rain":
      return said.from === undefined
        ? "Rain is likely now: cover on, and no lens is changed in it."
        : `Rain is likely from ${said.from}: the cover goes on before it.`;
    case "caution":
      return `${cautionName(said.caution)}: ${cautionSentence(said.caution)}`;
    case "care":
      return careSentence(said.care);
  }
}
