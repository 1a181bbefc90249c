import {
  CARE,
  DAY_CONDITIONS,
  forDay,
  PACKING,
  type CareRow,
  type DayCondition,
  type PackingRow,
} from "@/core/catalogue";
import { sunAt } from "@/core/light";
import type { OwnRate, SuppliesInput } from "@/core/schedule";
import { bagOf, localDay, windowOf, type Outing, type StoredKit } from "@/data";

const HOUR = 3_600_000;
const MINUTE = 60_000;
/** Degrees Celsius from which a day is hot, and up to which it is cold (assumed). */
export const HOT = 27;
const COLD = 5;
/** Degrees of the sun's altitude from which it beats down (assumed). */
export const HIGH_SUN = 25;
/** Degrees of the sun's altitude under which one needs a lamp to walk. */
const DARK = -6;
/** Degrees at which the first animals stir: in a hide one sits before (common practice: before light). */
const FIRST_LIGHT = -12;
/** Minutes before the start at which one walks the ground (common practice). */
const EARLY = 45;

const TESTS: Readonly<Record<DayCondition, (outing: Outing) => boolean>> = {
  heat: ({ weather }) => (weather?.temperature ?? 15) >= HOT,
  cold: ({ weather }) => (weather?.temperature ?? 15) <= COLD,
  rain: ({ weather }) => weather?.falls === "rain",
  "wet-deck": ({ kind }) => kind === "pool",
  "dark-hall": ({ kind, light }) => kind === "court" && light.roof !== undefined,
  night: (outing) => {
    const { from, until } = windowOf(outing);
    return [from, until].some((at) => sunAt(at, outing.ground.anchor).altitude < DARK);
  },
  "damp-forest": ({ light }) => light.leaves !== undefined,
  dust: ({ sport }) => /climb|gymnast/i.test(sport),
  "snow-slope": ({ weather, ground }) => weather?.falls === "snow" || ground.surface === "snow",
  boat: () => false,
  hide: ({ kind }) => kind === "wild",
  alone: ({ cautions }) => cautions.includes("alone"),
};

/** What the day is for whoever packs: as set by hand, else as the outing tells. */
export const conditionsOf = (outing: Outing): readonly DayCondition[] =>
  outing.packing?.conditions ?? DAY_CONDITIONS.filter((c) => TESTS[c](outing));

/** What goes along for such a day, and how the kit is cared for. */
export function packingOf(outing: Outing): {
  readonly rows: readonly PackingRow[];
  readonly care: readonly CareRow[];
} {
  const conditions = conditionsOf(outing);
  const rows = forDay(PACKING, conditions);
  return { rows, care: forDay(CARE, conditions) };
}

/** Bursts to one event, and seconds of one, until somebody knows better (assumed). */
const BURSTS_PER_EVENT = 6;
const BURSTS_PER_HOUR = 30;
const BURST_SECONDS = 0.8;
/** Single frames that a usual battery is rated for (assumed). */
const RATED = 500;
const USUAL_RATE = 10;
const USUAL_MB = 28;

/**
 * What the day's supplies are reckoned with, for the body of the shot in hand or the first of the bag; by one's own rate, where that
 * is known and bursts are neither asked for nor typed.
 */
export function suppliesInput(
  outing: Outing,
  kit: StoredKit,
  bodyId?: string,
  ownRate?: OwnRate,
): SuppliesInput {
  const bag = bagOf(outing, kit);
  const body = bag.bodies.find((b) => b.id === bodyId) ?? bag.bodies[0];
  const { from, until } = windowOf(outing);
  const hours = (until - from) / HOUR;
  const events = outing.programme?.length ?? 0;
  const { bursts, burstSeconds, ratedFrames, framesBy } = outing.packing ?? {};
  const byBursts = (framesBy ?? (bursts === undefined ? "own-rate" : "bursts")) === "bursts";
  return {
    bursts: bursts ?? (events > 0 ? events * BURSTS_PER_EVENT : Math.round(hours * BURSTS_PER_HOUR)),
    seconds: burstSeconds ?? BURST_SECONDS,
    framesPerSecond: body?.framesPerSecond ?? USUAL_RATE,
    frameMb: body?.frameMb ?? USUAL_MB,
    cardsGb: bag.cards.map((c) => c.capacityGb),
    ...(ownRate && !byBursts && { ownRate }),
    ratedFrames: ratedFrames ?? body?.ratedFrames ?? RATED,
    temperature: outing.weather?.temperature ?? 15,
    hours,
  };
}

/** By when one is in place: before the first light in a hide where the outing waits for the morning, else early enough to walk round. */
export function inPlaceByOf(outing: Outing): {
  readonly at: number;
  readonly why: "before-light" | "walk-round";
} {
  const { starts, from } = windowOf(outing);
  if (outing.kind === "wild") {
    const day = localDay(outing);
    for (let at = day.from; at < day.until; at += 5 * MINUTE)
      if (sunAt(at, outing.ground.anchor).altitude >= FIRST_LIGHT) {
        // Only where the outing begins about then: who comes at noon waits for no dawn.
        if (at > day.from && Math.abs(from - at) < 3 * HOUR) return { at, why: "before-light" };
        break;
      }
  }
  return { at: starts - EARLY * MINUTE, why: "walk-round" };
}
