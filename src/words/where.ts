import type { WayThere } from "@/answers/run/where-am-i";
import type { Official } from "@/core/ground";
import { bearingWords, metresWords, roundLengthWords } from "./format";
import { lengthShown } from "./display";
import { numberWords } from "./number";
import { crossingsWords, wayWords } from "./programme";

/** How sure a device is of its place. */
export const withinWords = (accuracy: number): string =>
  `Within ${roundLengthWords(Math.max(1, Math.round(lengthShown(accuracy))))}, as the device says.`;

/** Kilometres where metres would be counted out: "2.9 km", "111 km". */
const farWords = (metres: number): string => {
  const km = metres / 1000;
  return km < 1 ? metresWords(metres) : `${numberWords(km, km < 10 ? 1 : 0)} km`;
};

/** Somebody who is at another place altogether. */
export const awayWords = (metres: number): string =>
  `You are ${farWords(metres)} from this ground: the plan does not lead you there.`;

/** Degrees to either side that count as straight on. */
const STRAIGHT_ON = 15;
const BEHIND = 150;

function turnWords(turn: number): string {
  const by = Math.abs(turn);
  if (by <= STRAIGHT_ON) return "straight on";
  if (by >= BEHIND) return "behind you";
  return `${Math.round(by / 5) * 5}° to the ${turn > 0 ? "right" : "left"}`;
}

/** What to do next on the way to a position: how far, which way, and what to mind. `turn` in degrees, where it is known which way one looks. */
export function stepWords(
  name: string,
  way: WayThere,
  turn: number | undefined,
  official: Official,
): { readonly far: string; readonly toward: string; readonly care?: string } {
  if (way.kind === "there") return { far: `${name}: there`, toward: "Nearer than the device can tell." };
  const corner = way.way.length > 2;
  const toward = `toward ${bearingWords(way.bearing)}${turn === undefined ? "" : `, ${turnWords(turn)}`}`;
  const care =
    way.kind === "straight"
      ? "No way on foot is known from here: this is the straight line. Walk only where you may."
      : way.over.length > 0
        ? `It leads ${crossingsWords(way.over, official)}.`
        : undefined;
  return {
    far: wayWords(way.metres, way.seconds),
    toward: corner
      ? `First ${metresWords(way.next)} ${toward}, then round to ${name}.`
      : `${name} lies ${toward}.`,
    ...(care && { care }),
  };
}

/** A walk that was timed: "The last: 320 m in 250 s." */
export const walkTimedWords = ({
  metres,
  left,
  there,
}: {
  readonly metres: number;
  readonly left: number;
  readonly there?: number | undefined;
}): string => `The last: ${metresWords(metres)} in ${Math.round(((there ?? left) - left) / 1000)}\u00a0s.`;
