import { lightSpread, modeFor, zonesLight, type ModeFoundInput } from "@/core/judge";
import type { ModeAdvice } from "@/core/exposure";
import { answered } from "../answered";

/** Milliseconds ahead over which one way of exposing has to do. */
const AHEAD = 30 * 60_000;

/** The light of the ground of play and of the half hour to come; nothing while there is no picture. */
export const modeAsked = answered(
  ({ input, found, timeline }) => [input, found, timeline] as const,
  (input, found, timeline): ModeFoundInput | undefined =>
    input &&
    found && {
      timeline,
      at: found.at,
      ahead: AHEAD,
      spread: lightSpread(input, found),
      zones: zonesLight(input, found),
    },
);

/** Which way of exposing suits it. */
export const exposing = answered(
  (view) => [modeAsked(view)] as const,
  (asked): ModeAdvice | undefined => asked && modeFor(asked),
);
