import { SCALE, type Rail, type Settings } from "./marks";

/** A place where brightness can come from, and how much of what is wanted it gives. */
export interface StopSource {
  readonly rail: Rail | "lift";
  /** Thirds of a stop that it gives, 0 or more. */
  readonly clicks: number;
  /** The settings with it taken; the same as before for a lift. */
  readonly settings: Settings;
}

export interface FindStopsInput {
  readonly settings: Settings;
  /** Clicks by which the picture came out dark. */
  readonly clicks: number;
  /** The slowest shutter, widest aperture and highest ISO in clicks that are allowed, and the lift. */
  readonly slowestShutter: number;
  /** Widest aperture that is allowed, clicks. */
  readonly widestAperture: number;
  /** Highest ISO that is allowed, clicks. */
  readonly isoCeiling: number;
  /** Lift that is allowed, thirds of a stop, 0 or more. */
  readonly liftClicks: number;
}

/**
 * Where n clicks come from for a picture that came out dark: what each rail alone could give up to its limit, the most
 * giving first. Nothing that gives nothing is named.
 */
export function findStops(input: FindStopsInput): StopSource[] {
  const { settings, clicks } = input;
  const give = (room: number): number => Math.max(0, Math.min(clicks, room));
  const shutter = give(settings.shutter - Math.max(SCALE.shutter.first, input.slowestShutter));
  const aperture = give(settings.aperture - input.widestAperture);
  const iso = give(Math.min(SCALE.iso.last, input.isoCeiling) - settings.iso);
  const sources: StopSource[] = [
    { rail: "shutter", clicks: shutter, settings: { ...settings, shutter: settings.shutter - shutter } },
    { rail: "aperture", clicks: aperture, settings: { ...settings, aperture: settings.aperture - aperture } },
    { rail: "iso", clicks: iso, settings: { ...settings, iso: settings.iso + iso } },
    { rail: "lift", clicks: give(input.liftClicks), settings },
  ];
  return sources.filter((s) => s.clicks > 0).sort((a, b) => b.clicks - a.clicks);
}

/** Settings of the same exposure: each shutter of the scale with the aperture held and the ISO that follows. */
export function equalExposures(
  settings: Settings,
  limits: { readonly fastestShutter: number; readonly isoFloor: number; readonly isoCeiling: number },
): Settings[] {
  const sum = settings.shutter - settings.iso;
  const found: Settings[] = [];
  for (let shutter = SCALE.shutter.first; shutter <= limits.fastestShutter; shutter++) {
    const iso = shutter - sum;
    if (iso >= limits.isoFloor && iso <= limits.isoCeiling) found.push({ ...settings, shutter, iso });
  }
  return found;
}

/** The six neighbours of settings, one click either way on each rail, within the scales. */
export const neighbours = (
  settings: Settings,
): { readonly rail: Rail; readonly by: 1 | -1; readonly settings: Settings }[] =>
  (["shutter", "aperture", "iso"] as const).flatMap((rail) =>
    ([-1, 1] as const)
      .map((by) => ({ rail, by, settings: { ...settings, [rail]: settings[rail] + by } }))
      .filter((n) => n.settings[rail] >= SCALE[rail].first && n.settings[rail] <= SCALE[rail].last),
  );

/** What practice does with a picture that came out dark, rail by rail. */
export interface StopsTogether {
  /** What each gives in the order in which it is taken; nothing that gives nothing. */
  readonly taken: readonly StopSource[];
  /** The settings with all of it. */
  readonly settings: Settings;
  /** Clicks that are still missing, 0 or more: the picture stays so dark, to be lifted or lit. */
  readonly left: number;
}

/** In this order (common practice): a slower shutter while the movement still holds, a wider aperture, more ISO, then lifting. */
const IN_TURN = ["shutter", "aperture", "iso", "lift"] as const;

/** Where n clicks come from in practice: each rail gives what it can of what is still missing, up to its limit. */
export function stopsTogether(input: FindStopsInput): StopsTogether {
  let { settings, clicks } = input;
  const taken: StopSource[] = [];
  for (const rail of IN_TURN) {
    const source = findStops({ ...input, settings, clicks }).find((s) => s.rail === rail);
    if (!source) continue;
    taken.push(source);
    settings = source.settings;
    clicks -= source.clicks;
  }
  return { taken, settings, left: clicks };
}
