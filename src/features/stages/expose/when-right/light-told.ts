import type { Settings } from "@/core/exposure";

/** What is known of the light: settings with how far off the picture was, + too bright, − too dark; or the EV of the light itself. */
export type LightTold = { readonly words: string } & (
  { readonly settings: Settings; readonly offClicks: number } | { readonly ev: number }
);
