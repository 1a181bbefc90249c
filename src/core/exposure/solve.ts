import { SCALE, type Rail, type Settings } from "./marks";

/** What may be given up when the light is short. */
export type Sacrifice = "lift" | "shutter" | "aperture" | "iso";

/** All limits in clicks of their scales; see `Settings`. */
export interface SolveInput {
  /** EV at ISO 100 on the subject, and the stops of it that are lost close up. */
  readonly lightEv: number;
  readonly closeUpStops: number;
  /** Widest and narrowest mark of the lens; the mark that holds the depth asked for; the narrowest before diffraction. */
  readonly lensWidest: number;
  readonly lensNarrowest: number;
  readonly depthAperture: number;
  readonly diffractionAperture: number;
  /** Set where depth comes first: then it is given up in its turn, not before the others. */
  readonly depthFirst: boolean;
  readonly fastestShutter: number;
  /**
   * Set for a pan or a streak: the shutter click that draws the wished lines. Then the shutter stays there, and too much
   * light goes into base ISO, a smaller aperture, and at last a neutral-density filter.
   */
  readonly streakShutter?: number;
  /** Slowest shutter click that holds the picture at an aperture click. */
  readonly slowestShutter: (aperture: number) => number;
  /** Whether what does not move blurs more than a shutter can mend at an aperture click. */
  readonly unmended: (aperture: number) => boolean;
  readonly isoBase: number;
  readonly isoFloor: number;
  /** Up to here the light is not called short. */
  readonly isoPreferred: number;
  readonly isoCeiling: number;
  readonly isoMax: number;
  /** Clicks of underexposure that may be lifted later. */
  readonly liftClicks: number;
  /** First what is given up first. */
  readonly order: readonly Sacrifice[];
  /**
   * Rails that the user holds, brought into what lens and body have. At most two have an effect on exposure; with
   * three the picture may be off.
   */
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
  /** First and last mark that lens and body have: the rail goes no further. */
  readonly first: number;
  readonly last: number;
  readonly held: boolean;
  /** "inside", or by which end it is out. */
  readonly standing: "inside" | "below" | "above";
}

export interface LedgerLine {
  readonly code: "light" | "close-up" | "shutter" | "aperture" | "iso" | "filter" | "lift";
  /** Clicks: positive supplies light, negative spends it. The lines add up to the balance. */
  readonly clicks: number;
}

export interface Solution {
  readonly settings: Settings;
  /** What the limits alone would ask for, before anything is given up; its ISO may lie past the ceiling. */
  readonly asked: Settings;
  readonly rails: Readonly<Record<Rail, RailState>>;
  readonly ledger: readonly LedgerLine[];
  /** Clicks short at the ceiling before anything is given up; 0 when the light suffices. */
  readonly short: number;
  /** Clicks still missing after all that was given up: the picture comes out so much too dark. */
  readonly missing: number;
  /** Clicks by which the picture comes out too bright. */
  readonly over: number;
  /** Whole stops of neutral-density filter that a pan or a streak needs; 0 otherwise. */
  readonly filterStops: number;
  readonly taken: readonly { readonly kind: Sacrifice; readonly clicks: number }[];
  /** Clicks of depth that were given up for light, before the order of sacrifice. */
  readonly depthGiven: number;
  /** Which rail follows the light. */
  readonly follows: Rail;
}

/** A shutter may be slowed this many clicks past its limit: twice the tolerance still reads as held. */
const SHUTTER_GIVE = 3;

/** A streak twice or half as long as wished is still the picture. */
const STREAK_GIVE = 3;

/**
 * Settings for a picture. To freeze: the aperture holds the depth asked for, the shutter stands at its limit for that
 * aperture, ISO follows the light. Is the light short, depth is given up first; **after every move of the aperture the
 * shutter is solved again**. Too much light goes into a faster shutter, then a smaller aperture. What is short at the
 * ceiling is taken from what the user gives up first, each to its allowance. A rail that the user holds stays; then
 * the next free one follows: ISO, shutter, aperture. A pan or streak keeps the shutter that draws its lines instead,
 * and takes a filter where ISO and aperture are not enough.
 */
export function solveSettings(given: SolveInput): Solution {
  const input = withinKit(given);
  const follows = followingRail(input.held);
  const { asked, depthGiven } = ask(input, follows);
  const short = follows === "iso" ? Math.max(0, asked.iso - input.isoCeiling) : 0;
  const { settings, taken } = giveUp(input, asked, short);
  const lift = taken.find((t) => t.kind === "lift")?.clicks ?? 0;
  const bare = evClicks(settings) - lightClicks(input) - lift;
  const filterStops = input.streakShutter === undefined ? 0 : Math.ceil(Math.max(0, -bare) / 3);
  // A filter comes in whole stops; what it takes too much is given back by the ISO.
  const spare = filterStops * 3 + bare;
  const fitted = filterStops > 0 ? changed(settings, "iso", spare) : settings;
  const off = filterStops > 0 ? 0 : bare;
  return {
    settings: fitted,
    asked,
    rails: railStates(input, fitted),
    ledger: ledgerOf(input, fitted, lift, filterStops),
    short,
    missing: Math.max(0, off),
    over: Math.max(0, -off),
    filterStops,
    taken,
    depthGiven,
    follows,
  };
}

/** Settings with one rail moved by so many clicks. */
export const changed = (s: Settings, rail: Rail, by: number): Settings => ({
  shutter: rail === "shutter" ? s.shutter + by : s.shutter,
  aperture: rail === "aperture" ? s.aperture + by : s.aperture,
  iso: rail === "iso" ? s.iso + by : s.iso,
});

const evClicks = ({ shutter, aperture, iso }: Settings): number => shutter + aperture - iso;

/** The light that reaches the sensor, in whole clicks: a sixth of a stop is finer than any model of it. */
const lightClicks = ({ lightEv, closeUpStops }: SolveInput): number =>
  Math.round(3 * (lightEv - closeUpStops)) + 0;

const inside = (value: number, from: number, to: number): number => Math.max(from, Math.min(to, value));

/** Held rails and the asked aperture brought into what lens and body have. */
function withinKit(input: SolveInput): SolveInput {
  const { held, lensWidest, isoBase, isoMax } = input;
  const lensNarrowest = Math.max(lensWidest, input.lensNarrowest);
  const bring = (value: number | undefined, first: number, last: number): number | undefined =>
    value === undefined ? undefined : inside(value, first, last) + 0;
  return {
    lightEv: input.lightEv,
    closeUpStops: input.closeUpStops,
    lensWidest,
    lensNarrowest,
    depthAperture: inside(input.depthAperture, lensWidest, lensNarrowest),
    diffractionAperture: input.diffractionAperture,
    depthFirst: input.depthFirst,
    fastestShutter: input.fastestShutter,
    streakShutter: input.streakShutter,
    slowestShutter: input.slowestShutter,
    unmended: input.unmended,
    isoBase,
    isoFloor: input.isoFloor,
    isoPreferred: input.isoPreferred,
    isoCeiling: input.isoCeiling,
    isoMax,
    liftClicks: input.liftClicks,
    order: input.order,
    held: {
      shutter: bring(held.shutter, SCALE.shutter.first, input.fastestShutter),
      aperture: bring(held.aperture, lensWidest, lensNarrowest),
      iso: bring(held.iso, isoBase, isoMax),
    },
  };
}

function followingRail(held: Partial<Settings>): Rail {
  if (held.iso === undefined) return "iso";
  return held.shutter === undefined ? "shutter" : "aperture";
}

/** The shutter that an aperture asks for: held, drawn by the lines, or the slowest that holds the picture. */
const shutterAt = (input: SolveInput, aperture: number): number =>
  input.held.shutter ?? Math.min(input.fastestShutter, input.streakShutter ?? input.slowestShutter(aperture));

/** What the limits ask for, and the clicks of depth that were given up because the light was short. */
function ask(input: SolveInput, follows: Rail): { readonly asked: Settings; readonly depthGiven: number } {
  const light = lightClicks(input);
  const { held } = input;
  if (follows === "iso") {
    const isoAt = (aperture: number): number => shutterAt(input, aperture) + aperture - light;
    const aperture = held.aperture ?? apertureFor(input, isoAt);
    const start = { shutter: shutterAt(input, aperture), aperture, iso: isoAt(aperture) };
    const depthGiven = held.aperture === undefined ? Math.max(0, input.depthAperture - aperture) : 0;
    return { asked: spendSurplus(input, start), depthGiven };
  }
  const iso = held.iso!;
  if (follows === "shutter") {
    const follow = (aperture: number): number =>
      inside(light + iso - aperture, SCALE.shutter.first, input.fastestShutter);
    const aperture = held.aperture ?? widerUntilHeld(input, follow);
    const depthGiven = held.aperture === undefined ? input.depthAperture - aperture : 0;
    return { asked: { shutter: follow(aperture), aperture, iso }, depthGiven };
  }
  const shutter = held.shutter!;
  const aperture = held.aperture ?? inside(light + iso - shutter, input.lensWidest, input.lensNarrowest);
  return { asked: { shutter, aperture, iso }, depthGiven: 0 };
}

/** Last aperture before diffraction or the lens ends it; at least the one that the depth asks for. */
const sharpEnd = (input: SolveInput): number =>
  Math.max(input.depthAperture, Math.min(input.lensNarrowest, input.diffractionAperture));

/**
 * The aperture of a picture whose ISO follows: the one that holds the depth, while the ISO stays at or under the
 * preferred one; else the nearest that brings it there and keeps the picture sharp at rest (a narrower one holds more, and may allow a
 * slower shutter); else the one with the lowest ISO, of those that do so while the ceiling is not passed.
 */
function apertureFor(input: SolveInput, isoAt: (aperture: number) => number): number {
  const { depthAperture, isoPreferred, isoCeiling, depthFirst, lensWidest } = input;
  if (depthFirst || isoAt(depthAperture) <= isoPreferred) return depthAperture;
  const any = { aperture: depthAperture, iso: Infinity };
  const kept = { aperture: depthAperture, iso: Infinity };
  /** Whether an aperture keeps the ISO at or under the preferred one, and the picture sharp at rest. */
  const fits = (aperture: number): boolean => {
    const iso = isoAt(aperture);
    if (iso < any.iso) [any.aperture, any.iso] = [aperture, iso];
    if (iso >= kept.iso || input.unmended(aperture)) return false;
    [kept.aperture, kept.iso] = [aperture, iso];
    return iso <= isoPreferred;
  };
  const end = sharpEnd(input);
  for (let a = depthAperture; a <= end; a++) if (fits(a)) return a;
  for (let a = depthAperture - 1; a >= lensWidest; a--) if (fits(a)) return a;
  return kept.iso <= isoCeiling ? kept.aperture : any.aperture;
}

/** With the ISO held and the shutter following: as little wider than the depth asks as makes the shutter hold. */
function widerUntilHeld(input: SolveInput, follow: (aperture: number) => number): number {
  const short = (a: number): number => (input.streakShutter ?? input.slowestShutter(a)) - follow(a);
  let best = input.depthAperture;
  if (input.streakShutter !== undefined) return best;
  for (let a = input.depthAperture; a >= input.lensWidest; a--) {
    if (short(a) < short(best)) best = a;
    if (short(best) <= 0) break;
  }
  return best;
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
    const end = streak ? input.lensNarrowest : Math.max(aperture, sharpEnd(input));
    aperture += Math.max(0, Math.min(surplus, end - aperture));
  }
  return { shutter, aperture, iso: Math.max(input.isoFloor, shutter + aperture - lightClicks(input)) };
}

/** Clicks of light that opening from one aperture to another gives, the shutter solved again. */
const gainOf = (input: SolveInput, from: number, to: number): number =>
  shutterAt(input, from) + from - shutterAt(input, to) - to;

/** The least opening that gives so many clicks of light; the one that gives most where none gives all. */
export function opening(
  input: SolveInput,
  from: number,
  wanted: number,
): { readonly to: number; readonly clicks: number } {
  let [to, clicks] = [from, 0];
  if (input.held.aperture !== undefined) return { to, clicks };
  for (let a = from - 1; a >= input.lensWidest && clicks < wanted; a--) {
    const gain = gainOf(input, from, a);
    if (gain > clicks) [to, clicks] = [a, gain];
  }
  return { to, clicks };
}

type NotAperture = Exclude<Sacrifice, "aperture">;

/** Room in clicks that each sacrifice but the aperture has from a set of settings. */
export function roomFor(input: SolveInput, s: Settings, kind: NotAperture): number {
  if (kind === "lift") return input.liftClicks;
  if (kind === "iso") return Math.max(0, input.isoMax - input.isoCeiling);
  return input.held.shutter === undefined ? Math.min(SHUTTER_GIVE, s.shutter - SCALE.shutter.first) : 0;
}

function giveUp(input: SolveInput, asked: Settings, short: number) {
  let settings = changed(asked, "iso", -short);
  let left = short;
  const taken: { kind: Sacrifice; clicks: number }[] = [];
  for (const kind of left > 0 ? input.order : []) {
    const wider = kind === "aperture" ? opening(input, settings.aperture, left) : undefined;
    const clicks = wider?.clicks ?? Math.min(left, roomFor(input, settings, kind as NotAperture));
    if (clicks <= 0) continue;
    if (wider) {
      const slower = shutterAt(input, settings.aperture) - shutterAt(input, wider.to);
      settings = { shutter: settings.shutter - slower, aperture: wider.to, iso: settings.iso };
      // An opening comes in whole clicks of both rails; what it gives too much lowers the ISO.
      settings = changed(settings, "iso", -Math.max(0, clicks - left));
    } else if (kind !== "lift") settings = changed(settings, kind, kind === "iso" ? clicks : -clicks);
    taken.push({ kind, clicks: Math.min(clicks, left) });
    left = Math.max(0, left - clicks);
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
    first: number,
    last: number,
  ): RailState => ({
    first,
    last,
    at: s[rail],
    from,
    to,
    fromReason,
    toReason,
    held: input.held[rail] !== undefined,
    standing: s[rail] < from ? "below" : s[rail] > to ? "above" : "inside",
  });
  const [first, last] = [SCALE.shutter.first, input.fastestShutter];
  const { streakShutter: drawn, lensWidest, lensNarrowest, isoBase, isoMax } = input;
  const slowestReason = slowest <= first ? "slowest-shutter" : "motion";
  return {
    shutter:
      drawn === undefined
        ? state("shutter", slowest, last, slowestReason, "fastest-shutter", first, last)
        : state("shutter", drawn - STREAK_GIVE, drawn + STREAK_GIVE, "streak", "streak", first, last),
    aperture: state(
      "aperture",
      byDepth ? input.depthAperture : lensWidest,
      sharpEnd(input),
      byDepth ? "depth" : "widest-aperture",
      byDiffraction ? "diffraction" : "narrowest-aperture",
      lensWidest,
      lensNarrowest,
    ),
    iso: state("iso", input.isoFloor, input.isoCeiling, "iso-floor", "iso-ceiling", isoBase, isoMax),
  };
}

function ledgerOf(input: SolveInput, s: Settings, lift: number, filterStops: number): LedgerLine[] {
  const closeUp = Math.round(3 * input.closeUpStops);
  const lines: LedgerLine[] = [{ code: "light", clicks: lightClicks(input) + closeUp }];
  const put = (code: LedgerLine["code"], clicks: number): void => {
    if (clicks !== 0) lines.push({ code, clicks });
  };
  put("close-up", -closeUp);
  lines.push({ code: "iso", clicks: s.iso });
  put("lift", lift);
  put("filter", -3 * filterStops);
  lines.push({ code: "shutter", clicks: 0 - s.shutter });
  lines.push({ code: "aperture", clicks: 0 - s.aperture });
  return lines;
}

/** What is left of the light after the ledger's lines, in clicks: 0 is right, − too dark, + too bright. */
export const ledgerBalance = (ledger: readonly LedgerLine[]): number =>
  ledger.reduce((sum, { clicks }) => sum + clicks, 0);
