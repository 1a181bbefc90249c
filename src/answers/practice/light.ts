import { evenFrom } from "@/core/units";
import { lightBias, type LightGuess } from "@/core/practice";
import type { OutingView } from "@/outing/outing-view";

/** Kinds of light between which people's bias differs. */
export type LightKind = "sun" | "shade" | "cloud" | "dusk" | "lamps" | "roof";

/** A scene to be guessed, as it is told. */
export interface LightScene {
  /** EV at ISO 100 on the subject. */
  readonly ev: number;
  readonly kind: LightKind;
  /** Epoch milliseconds. */
  readonly at: number;
  /** Degrees as seen; below 0 it is down. */
  readonly sunAltitude: number;
  readonly cloudEighths: number;
  readonly isRoofed: boolean;
  readonly hasLamps: boolean;
  readonly side: "front" | "side" | "back" | "even";
}

function kindOf({ scene, outing }: OutingView, found: NonNullable<OutingView["found"]>): LightKind {
  if (outing.light.roof) return "roof";
  const { lux, direct } = found.light;
  if (lux.lamps > lux.total / 2) return "lamps";
  if (scene.sun.apparentAltitude < 0) return "dusk";
  if (direct === "sun") return "sun";
  return outing.light.cloudEighths >= 6 ? "cloud" : "shade";
}

/** The light of an outing at a minute of its window; nothing while there is no picture then. */
export function lightScene(view: OutingView): LightScene | undefined {
  const { found, scene, outing, at } = view;
  if (!found) return undefined;
  return {
    ev: found.light.ev,
    kind: kindOf(view, found),
    at,
    sunAltitude: scene.sun.apparentAltitude,
    cloudEighths: outing.light.cloudEighths,
    isRoofed: outing.light.roof !== undefined,
    hasLamps: found.light.lux.lamps > 0,
    side: found.light.side,
  };
}

/** A minute of an outing's window, from a seed. */
export const minuteOf = ({ window }: OutingView, seed: number): number =>
  window.from + evenFrom(seed)() * (window.until - window.from);

export const biasOf = (guesses: readonly LightGuess[]) => lightBias(guesses);
