import {
  apertureMark,
  apertureNearest,
  equalExposures,
  findStops,
  isoMark,
  isoNearest,
  SCALE,
  shutterNearest,
  stopsTogether,
  whyDark,
  type FindStopsInput,
  type Settings,
  type StopSource,
  type WayExposed,
  type WhyDark,
} from "@/core/exposure";
import { placeGains, type PlaceGains } from "@/core/light";
import { lensesFor } from "@/core/optics";
import type { StoredKit } from "@/data";

/** What is told of a frame that came out dark, as it is typed. */
export interface TooDark {
  /** Seconds. */
  readonly exposure: number;
  readonly fNumber: number;
  readonly iso: number;
  readonly way: WayExposed;
  readonly where: "outdoors" | "indoors";
  /** Thirds of a stop too dark. */
  readonly clicks: number;
  /** Slowest shutter in seconds that still holds the movement. */
  readonly slowest: number;
  readonly widest: number;
  readonly ceiling: number;
  /** Thirds of a stop lifted afterwards. */
  readonly lift: number;
}

/** What helps where no rail has anything left to give. */
export type WayForward =
  "brighter-end" | "turns-and-walls" | "rest" | "at-rest" | "wider-picture" | "lent-lens" | "flash-asked";

/** Where the missing stops come from. */
export interface StopsFound {
  readonly used: Settings;
  /** Clicks by which the shutter used was slower than holds the movement: the frame is blurred as well; 0 where it is not. */
  readonly blurred: number;
  readonly why: WhyDark;
  readonly clicks: number;
  readonly settings: Settings;
  /** Clicks still missing, 0 or more. */
  readonly left: number;
  readonly inTurn: readonly StopSource[];
  readonly alone: readonly StopSource[];
  /** What another place out of doors gives; absent under a roof, where no sun is to be had. */
  readonly elsewhere?: PlaceGains;
  readonly forward: readonly WayForward[];
  readonly alike: readonly Settings[];
}

/** Degrees above the horizon of the sun that is spoken of. */
const MIDDLE_SUN = 40;
/** Exposures that are listed at most on either side of the one in hand. */
const ABOUT = 3;
/** A lens that somebody lends, f-number. */
const LENT = 1.8;

const INDOORS: readonly WayForward[] = ["brighter-end", "turns-and-walls", "rest"];
const OUTDOORS: readonly WayForward[] = ["at-rest", "rest"];

/** A frame of an evening match, three stops dark (common practice, no source). */
export const TOO_DARK_EXAMPLE: TooDark = {
  exposure: 1 / 800,
  fNumber: apertureMark(apertureNearest(2.8)),
  iso: isoMark(isoNearest(2000)),
  way: "manual",
  where: "outdoors",
  clicks: 9,
  slowest: 1 / 500,
  widest: apertureMark(apertureNearest(2.8)),
  ceiling: isoMark(isoNearest(5000)),
  lift: 0,
};

/** What a form about a dark frame begins with: nothing of the frame, and of the kit that is owned its brightest lens and best ceiling. */
export function tooDarkFrom(kit: StoredKit | undefined): Partial<TooDark> {
  const begun = { way: "manual", where: "outdoors", slowest: 1 / 500, lift: 0 } as const;
  if (!kit || kit.bodies.length === 0) return begun;
  return {
    ...begun,
    widest: Math.min(...kit.bodies.flatMap((b) => lensesFor(b, kit.lenses).map((l) => l.widest))),
    ceiling: Math.max(...kit.bodies.map((b) => b.isoCeiling)),
  };
}

/** Where n stops come from for a frame that came out dark. A shutter that smears what must hold gives nothing: it has to be faster first. */
export function tooDark(told: TooDark): StopsFound {
  const used = {
    shutter: shutterNearest(told.exposure),
    aperture: apertureNearest(told.fNumber),
    iso: isoNearest(told.iso),
  };
  const slowestShutter = shutterNearest(told.slowest);
  const blurred = Math.max(0, slowestShutter - used.shutter);
  const input: FindStopsInput = {
    settings: { ...used, shutter: used.shutter + blurred },
    clicks: told.clicks + blurred,
    slowestShutter,
    widestAperture: apertureNearest(told.widest),
    isoCeiling: isoNearest(told.ceiling),
    liftClicks: told.lift,
  };
  const together = stopsTogether(input);
  return {
    used,
    blurred,
    why: whyDark(told.way, { ...input, settings: used }),
    clicks: told.clicks,
    settings: together.settings,
    left: together.left,
    inTurn: together.taken,
    alone: findStops(input),
    ...(told.where === "outdoors" ? { elsewhere: placeGains(MIDDLE_SUN) } : {}),
    forward: together.left > 0 ? waysForward(told) : [],
    alike: alikeTo(together.settings, input.isoCeiling),
  };
}

const waysForward = ({ where, widest }: TooDark): WayForward[] => [
  ...(where === "indoors" ? INDOORS : OUTDOORS),
  "wider-picture",
  ...(widest > LENT ? (["lent-lens"] as const) : []),
  ...(where === "indoors" ? (["flash-asked"] as const) : []),
];

function alikeTo(settings: Settings, isoCeiling: number): Settings[] {
  const all = equalExposures(settings, {
    fastestShutter: SCALE.shutter.last,
    isoFloor: SCALE.iso.first,
    isoCeiling: Math.max(settings.iso, isoCeiling),
  });
  const at = all.findIndex((s) => s.shutter === settings.shutter);
  return all.slice(Math.max(0, at - ABOUT), at + ABOUT + 1);
}
