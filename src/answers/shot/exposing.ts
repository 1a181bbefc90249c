import { lightSpread, modeFor, zonesLight } from "@/core/judge";
import type { ModeAdvice } from "@/core/exposure";
import { answered } from "../answered";

/** Milliseconds ahead over which one way of exposing has to do. */
const AHEAD = 30 * 60_000;

/** Which way of exposing suits the ground of play and the half hour to come; nothing while there is no picture. */
export const exposing = answered(
  ({ input, found, timeline }) => [input, found, timeline] as const,
  (input, found, timeline): ModeAdvice | undefined =>
    input &&
    found &&
    modeFor({
      timeline,
      at: found.at,
      ahead: AHEAD,
      spread: lightSpread(input, found),
      zones: zonesLight(input, found),
    }),
);
