import { apertureFor, opening, shutterAt, widerUntilHeld } from "./choose-aperture";
import { isoFollowing, ledgerOf, lightClicks } from "./ledger";
import { SCALE, type Rail, type Settings } from "./marks";
import { railStates } from "./rail-states";
import type { Sacrifice, Solution, SolveInput } from "./solution";
import { spendSurplus } from "./spend-surplus";

/** A shutter may be slowed this many clicks past its limit: twice the tolerance still reads as held. */
const SHUTTER_GIVE = 3;

/**
 * Settings for a picture. To freeze: the aperture holds the depth asked for, the shutter stands at its limit for that
 * aperture, ISO follows the light. Is the light short, depth is given up first; **after every move of the aperture the
 * shutter is solved again**. Light to spare is spent by purpose. What is short at the ceiling is taken from what the user
 * gives up first, each to its allowance; the ceiling itself is never passed, but offered among the ways out. A rail that the user
 * locks stays; then the next free one follows: ISO, shutter, aperture, each to its end before it comes out too bright. A pan or streak keeps the shutter that draws its lines instead,
 * and takes a filter where ISO and aperture are not enough.
 */
export function solveSettings(given: SolveInput): Solution {
  const input = withinKit(given);
  const follows = followingRail(input.locked);
  const { asked, depthGiven } = ask(input, follows);
  const short = follows === "iso" ? Math.max(0, asked.iso - input.isoCeiling) : 0;
  const { settings, taken } = giveUp(input, asked, short);
  const lift = taken.find((t) => t.kind === "lift")?.clicks ?? 0;
  const bare = evClicks(settings) - lightClicks(input) - lift;
  const { filterStops, fitted } = filtered(input, settings, Math.max(0, -bare));
  const off = bare + 3 * filterStops - (fitted.iso - settings.iso) - (settings.aperture - fitted.aperture);
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

/**
 * The filter that a streak needs in light that is so many clicks too bright. It comes in whole stops; what it takes too much is given
 * back by the ISO, or by the aperture where the ISO is held. Where both are held it is as strong as does not darken.
 */
function filtered(
  input: SolveInput,
  settings: Settings,
  over: number,
): { readonly filterStops: number; readonly fitted: Settings } {
  if (input.streakShutter === undefined || over === 0) return { filterStops: 0, fitted: settings };
  const filterStops = Math.ceil(over / 3);
  const spare = filterStops * 3 - over;
  if (input.locked.iso === undefined) return { filterStops, fitted: changed(settings, "iso", spare) };
  const opens = input.locked.aperture === undefined && settings.aperture - spare >= input.lensWidest;
  return opens
    ? { filterStops, fitted: changed(settings, "aperture", -spare) }
    : { filterStops: Math.floor(over / 3), fitted: settings };
}

/** Settings with one rail moved by so many clicks. */
export const changed = (s: Settings, rail: Rail, by: number): Settings => ({
  shutter: rail === "shutter" ? s.shutter + by : s.shutter,
  aperture: rail === "aperture" ? s.aperture + by : s.aperture,
  iso: rail === "iso" ? s.iso + by : s.iso,
});

const evClicks = ({ shutter, aperture, iso }: Settings): number => shutter + aperture - iso;

const inside = (value: number, from: number, to: number): number => Math.max(from, Math.min(to, value));

/** Locked rails and the asked aperture brought into what lens and body have. */
function withinKit(input: SolveInput): SolveInput {
  const { locked, lensWidest, isoBase, isoMax } = input;
  const lensNarrowest = Math.max(lensWidest, input.lensNarrowest);
  const bring = (value: number | undefined, first: number, last: number): number | undefined =>
    value === undefined ? undefined : inside(value, first, last) + 0;
  return {
    lightEv: input.lightEv,
    lost: input.lost,
    lensWidest,
    lensNarrowest,
    depthAperture: inside(input.depthAperture, lensWidest, lensNarrowest),
    diffractionAperture: input.diffractionAperture,
    depthFirst: input.depthFirst,
    fastestShutter: input.fastestShutter,
    streakShutter: input.streakShutter,
    slowestShutter: input.slowestShutter,
    movingShutter: input.movingShutter,
    surplus: input.surplus,
    unmended: input.unmended,
    isoBase,
    isoFloor: input.isoFloor,
    isoPreferred: input.isoPreferred,
    isoCeiling: input.isoCeiling,
    isoMax,
    liftClicks: input.liftClicks,
    order: input.order,
    locked: {
      shutter: bring(locked.shutter, SCALE.shutter.first, input.fastestShutter),
      aperture: bring(locked.aperture, lensWidest, lensNarrowest),
      iso: bring(locked.iso, isoBase, isoMax),
    },
  };
}

function followingRail(locked: Partial<Settings>): Rail {
  if (locked.iso === undefined) return "iso";
  return locked.shutter === undefined ? "shutter" : "aperture";
}

/** What the limits ask for, and the clicks of depth that were given up because the light was short. */
function ask(input: SolveInput, follows: Rail): { readonly asked: Settings; readonly depthGiven: number } {
  const light = lightClicks(input);
  const { locked } = input;
  if (follows === "iso") {
    const isoAt = (aperture: number): number =>
      isoFollowing({ shutter: shutterAt(input, aperture), aperture }, light);
    const aperture = locked.aperture ?? apertureFor(input);
    const start = { shutter: shutterAt(input, aperture), aperture, iso: isoAt(aperture) };
    const depthGiven = locked.aperture === undefined ? Math.max(0, input.depthAperture - aperture) : 0;
    const spent = spendSurplus(input, start, Math.max(0, input.isoFloor - start.iso));
    const iso = Math.max(input.isoFloor, isoFollowing(spent, light));
    return { asked: { shutter: spent.shutter, aperture: spent.aperture, iso }, depthGiven };
  }
  const iso = locked.iso!;
  if (follows === "shutter") {
    const follow = (aperture: number): number =>
      inside(light + iso - aperture, SCALE.shutter.first, input.fastestShutter);
    const aperture = locked.aperture ?? widerUntilHeld(input, follow);
    const depthGiven = locked.aperture === undefined ? input.depthAperture - aperture : 0;
    const needed = Math.max(SCALE.shutter.first, shutterAt(input, aperture));
    const spare = light + iso - aperture - needed;
    if (spare <= 0) return { asked: { shutter: follow(aperture), aperture, iso }, depthGiven };
    const spent = spendSurplus(input, { shutter: needed, aperture }, spare);
    return { asked: { shutter: spent.shutter, aperture: spent.aperture, iso }, depthGiven };
  }
  const shutter = locked.shutter!;
  const aperture = locked.aperture ?? inside(light + iso - shutter, input.lensWidest, input.lensNarrowest);
  return { asked: { shutter, aperture, iso }, depthGiven: 0 };
}

type NotAperture = Exclude<Sacrifice, "aperture">;

/** Room in clicks that each sacrifice but the aperture has from a set of settings; that of the ISO is the photographer's to take. */
export function roomFor(input: SolveInput, s: Settings, kind: NotAperture): number {
  if (kind === "lift") return input.liftClicks;
  if (kind === "iso") return Math.max(0, input.isoMax - input.isoCeiling);
  return input.locked.shutter === undefined ? Math.min(SHUTTER_GIVE, s.shutter - SCALE.shutter.first) : 0;
}

function giveUp(input: SolveInput, asked: Settings, short: number) {
  let settings = changed(asked, "iso", -short);
  let left = short;
  const taken: { kind: Sacrifice; clicks: number }[] = [];
  for (const kind of left > 0 ? input.order : []) {
    if (kind === "iso") continue;
    const wider = kind === "aperture" ? opening(input, settings.aperture, left) : undefined;
    const clicks = wider?.clicks ?? Math.min(left, roomFor(input, settings, kind as NotAperture));
    if (clicks <= 0) continue;
    if (wider) {
      const slower = shutterAt(input, settings.aperture) - shutterAt(input, wider.to);
      settings = { shutter: settings.shutter - slower, aperture: wider.to, iso: settings.iso };
      // An opening comes in whole clicks of both rails; what it gives too much lowers the ISO.
      settings = changed(settings, "iso", -Math.max(0, clicks - left));
    } else if (kind === "shutter") settings = changed(settings, kind, -clicks);
    taken.push({ kind, clicks: Math.min(clicks, left) });
    left = Math.max(0, left - clicks);
  }
  return { settings, taken };
}
