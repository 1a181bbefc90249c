import { clampClick, evOfClicks, SCALE, type Rail, type Settings } from "./marks";

/** What may be given up when the light is short. */
export type Sacrifice = "lift" | "shutter" | "aperture" | "iso";

/** All limits in clicks of their scales; see `Settings`. */
export interface SolveInput {
  /** EV at ISO 100 on the subject. */
  readonly lightEv: number;
  /** Widest and narrowest mark of the lens; the widest that holds the depth; the narrowest before diffraction. */
  readonly lensWidest: number;
  readonly lensNarrowest: number;
  readonly depthAperture: number;
  readonly diffractionAperture: number;
  readonly fastestShutter: number;
  /**
   * Set for a pan or a streak: the shutter click that draws the wished lines. Then the shutter stays there, and too much
   * light goes into base ISO, a smaller aperture, and at last a neutral-density filter.
   */
  readonly streakShutter?: number;
  /** Slowest shutter click that holds the picture at an aperture click. */
  readonly slowestShutter: (aperture: number) => number;
  readonly isoFloor: number;
  readonly isoCeiling: number;
  readonly isoMax: number;
  /** Clicks of underexposure that may be lifted later. */
  readonly liftClicks: number;
  /** First what is given up first. */
  readonly order: readonly Sacrifice[];
  /** Rails that the user holds. At most two have an effect on exposure; with three the picture may be off. */
  readonly held: Partial<Settings>;
}

export type EndReason =
  | "motion"
  | "streak"
  | "fastest-shutter"
  | "slowest-shutter"
  | "depth"
  | "widest-aperture"
  | "narrowest-aperture"
  | "diffraction"
  | "iso-floor"
  | "iso-ceiling";

/** The allowed stretch of a rail in clicks, what ends it on either side, and where it stands. */
export interface RailState {
  readonly at: number;
  readonly from: number;
  readonly to: number;
  readonly fromReason: EndReason;
  readonly toReason: EndReason;
  readonly held: boolean;
  /** "inside", or by which end it is out. */
  readonly standing: "inside" | "below" | "above";
}

export interface LedgerLine {
  readonly code: "light" | "shutter" | "aperture" | "iso" | "filter" | "lift" | "short" | "over" | "rounding";
  /** Stops: positive supplies light, negative spends it. The lines sum to zero. */
  readonly stops: number;
}

export interface Solution {
  readonly settings: Settings;
  /** What the limits alone would ask for, before anything is given up; its ISO may lie past the ceiling. */
  readonly asked: Settings;
  readonly rails: Readonly<Record<Rail, RailState>>;
  readonly ledger: readonly LedgerLine[];
  /** Clicks that are missing at the ceiling before anything is given up; 0 when the light suffices. */
  readonly missing: number;
  /** Whole stops of neutral-density filter that a pan or a streak needs; 0 otherwise. */
  readonly filterStops: number;
  readonly taken: readonly { readonly kind: Sacrifice; readonly clicks: number }[];
  /** Clicks by which the picture comes out under (+) or over (−) beyond the lift; 0 when it is right. */
  readonly off: number;
  /** Which rail follows the light. */
  readonly follows: Rail;
}

/** A shutter may be slowed this many clicks past its limit: twice the tolerance still reads as held. */
export const SHUTTER_GIVE = 3;

/** A streak twice or half as long as wished is still the picture. */
const STREAK_GIVE = 3;

/**
 * Settings for a picture. To freeze: shutter at its limit, aperture as wide as depth allows, ISO follows the light. Too much light
 * goes into a faster shutter, then a smaller aperture. Too little is taken from what the user gives up first, each to
 * its allowance. A rail that the user holds stays; then the next free one follows: ISO, shutter, aperture. A pan or
 * streak keeps the shutter that draws its lines instead, and takes a filter where ISO and aperture are not enough.
 */
export function solveSettings(input: SolveInput): Solution {
  const { held } = input;
  const aperture = clampClick("aperture", held.aperture ?? Math.max(input.lensWidest, input.depthAperture));
  const wanted = input.streakShutter ?? input.slowestShutter(aperture);
  const shutter = clampClick("shutter", held.shutter ?? Math.min(input.fastestShutter, wanted));
  const start = { shutter, aperture, iso: isoFor(input, shutter, aperture) };
  const follows = followingRail(held);
  const asked =
    follows === "iso"
      ? spendSurplus(input, start)
      : follow(input, { shutter, aperture, iso: held.iso! }, follows);
  const missing = follows === "iso" ? Math.max(0, asked.iso - input.isoCeiling) : 0;
  const { settings, taken } = giveUp(input, asked, missing);
  const lift = taken.find((t) => t.kind === "lift")?.clicks ?? 0;
  const bare = Math.round(evOfClicks(settings) * 3 - input.lightEv * 3) - lift + 0;
  const filterStops = input.streakShutter === undefined ? 0 : Math.ceil(Math.max(0, -bare) / 3);
  // A filter comes in whole stops; what it takes too much is given back by the ISO.
  const spare = filterStops * 3 + bare;
  const fitted = filterStops > 0 ? changed(settings, "iso", spare) : settings;
  const off = filterStops > 0 ? 0 : bare;
  return {
    settings: fitted,
    asked,
    rails: railStates(input, fitted),
    ledger: ledgerOf(input.lightEv, fitted, { lift, off, filterStops }),
    missing,
    filterStops,
    taken,
    off,
    follows,
  };
}

/** Settings with one rail moved by so many clicks. */
export const changed = (s: Settings, rail: Rail, by: number): Settings => ({
  shutter: rail === "shutter" ? s.shutter + by : s.shutter,
  aperture: rail === "aperture" ? s.aperture + by : s.aperture,
  iso: rail === "iso" ? s.iso + by : s.iso,
});

const isoFor = (input: SolveInput, shutter: number, aperture: number): number =>
  Math.round(shutter + aperture - 3 * input.lightEv);

function followingRail(held: Partial<Settings>): Rail {
  if (held.iso === undefined) return "iso";
  return held.shutter === undefined ? "shutter" : "aperture";
}

/** With the ISO held, the free rail takes what the light asks, inside what the kit can do. */
function follow(input: SolveInput, s: Settings, rail: Rail): Settings {
  const sum = Math.round(3 * input.lightEv) + s.iso;
  if (rail === "shutter") {
    const shutter = Math.max(SCALE.shutter.first, Math.min(input.fastestShutter, sum - s.aperture));
    return { shutter, aperture: s.aperture, iso: s.iso };
  }
  if (input.held.aperture !== undefined) return s;
  const aperture = Math.max(input.lensWidest, Math.min(input.lensNarrowest, sum - s.shutter));
  return { shutter: s.shutter, aperture, iso: s.iso };
}

/** Light beyond the ISO floor: faster shutter first, then a smaller aperture up to diffraction. */
function spendSurplus(input: SolveInput, s: Settings): Settings {
  let { shutter, aperture } = s;
  let surplus = Math.max(0, input.isoFloor - s.iso);
  const streak = input.streakShutter !== undefined;
  if (input.held.shutter === undefined && !streak) {
    const faster = Math.max(0, Math.min(surplus, input.fastestShutter - shutter));
    shutter += faster;
    surplus -= faster;
  }
  if (input.held.aperture === undefined) {
    const sharp = Math.max(aperture, input.diffractionAperture);
    const end = streak ? input.lensNarrowest : Math.min(input.lensNarrowest, sharp);
    aperture += Math.max(0, Math.min(surplus, end - aperture));
  }
  return { shutter, aperture, iso: Math.max(input.isoFloor, isoFor(input, shutter, aperture)) };
}

/** Room in clicks that each sacrifice has from a set of settings. */
function room(input: SolveInput, s: Settings, kind: Sacrifice): number {
  if (kind === "lift") return input.liftClicks;
  if (kind === "iso") return Math.max(0, input.isoMax - input.isoCeiling);
  if (kind === "aperture")
    return input.held.aperture === undefined ? Math.max(0, s.aperture - input.lensWidest) : 0;
  return input.held.shutter === undefined ? SHUTTER_GIVE : 0;
}

function giveUp(input: SolveInput, asked: Settings, missing: number) {
  let settings = changed(asked, "iso", -missing);
  let left = missing;
  const taken: { kind: Sacrifice; clicks: number }[] = [];
  for (const kind of input.order) {
    const clicks = Math.min(left, room(input, asked, kind));
    if (clicks === 0) continue;
    if (kind !== "lift") settings = changed(settings, kind, kind === "iso" ? clicks : -clicks);
    taken.push({ kind, clicks });
    left -= clicks;
  }
  return { settings, taken };
}

function railStates(input: SolveInput, s: Settings): Record<Rail, RailState> {
  const slowest = input.slowestShutter(s.aperture);
  const byDepth = input.depthAperture > input.lensWidest;
  const byDiffraction = input.diffractionAperture < input.lensNarrowest;
  const state = (
    rail: Rail,
    from: number,
    to: number,
    fromReason: EndReason,
    toReason: EndReason,
  ): RailState => ({
    at: s[rail],
    from,
    to,
    fromReason,
    toReason,
    held: input.held[rail] !== undefined,
    standing: s[rail] < from ? "below" : s[rail] > to ? "above" : "inside",
  });
  return {
    shutter:
      input.streakShutter === undefined
        ? state(
            "shutter",
            slowest,
            input.fastestShutter,
            slowest <= SCALE.shutter.first ? "slowest-shutter" : "motion",
            "fastest-shutter",
          )
        : state(
            "shutter",
            input.streakShutter - STREAK_GIVE,
            input.streakShutter + STREAK_GIVE,
            "streak",
            "streak",
          ),
    aperture: state(
      "aperture",
      byDepth ? input.depthAperture : input.lensWidest,
      byDiffraction ? input.diffractionAperture : input.lensNarrowest,
      byDepth ? "depth" : "widest-aperture",
      byDiffraction ? "diffraction" : "narrowest-aperture",
    ),
    iso: state("iso", input.isoFloor, input.isoCeiling, "iso-floor", "iso-ceiling"),
  };
}

function ledgerOf(
  lightEv: number,
  s: Settings,
  { lift, off, filterStops }: { lift: number; off: number; filterStops: number },
): LedgerLine[] {
  const rounding = evOfClicks(s) - lightEv + filterStops - (lift + off) / 3;
  const lines: LedgerLine[] = [
    { code: "light", stops: lightEv },
    { code: "shutter", stops: -s.shutter / 3 },
    { code: "aperture", stops: -s.aperture / 3 },
    { code: "iso", stops: s.iso / 3 },
  ];
  if (filterStops > 0) lines.push({ code: "filter", stops: -filterStops });
  if (lift > 0) lines.push({ code: "lift", stops: lift / 3 });
  if (off !== 0) lines.push({ code: off > 0 ? "short" : "over", stops: off / 3 });
  lines.push({ code: "rounding", stops: rounding });
  return lines;
}
