import type { Settings } from "@/core/exposure";

/** What is known of the light, as settings or as an EV; + too bright, − too dark. */
export interface LightTold {
  readonly words: string;
  readonly settings?: Settings;
  readonly ev: number;
  readonly offClicks: number;
}
