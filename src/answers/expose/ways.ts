import type { Rail, Settings } from "@/core/exposure";
import { assess, type AssessInput, type PricedWay } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import { answered, ofPicture } from "../answered";

/** A way out of light that is short, as it can be pressed. */
export interface WayToTake extends PricedWay {
  /** The rails that a press holds, in clicks; what was held stays. Absent where there is nothing to take. */
  readonly holds?: Partial<Settings>;
  /** What forbids it: a rail held by hand, at a click, and the clicks of light that letting go would give. */
  readonly held?: { readonly rail: Rail; readonly click: number; readonly gives: number };
}

/** Light that is short: the ways out, and what stands beside them. */
export interface Ways {
  /** Clicks short at the ceiling, and still missing after all that is given up; 0 or more. */
  readonly short: number;
  readonly missing: number;
  readonly ways: readonly WayToTake[];
  /** At the ceiling, the same with a click less ISO and a click slower, as some prefer (common practice). */
  readonly thirdUnder?: Settings;
  /** Positions with more light on the subject, and the stops that they gain. */
  readonly brighter: readonly { readonly id: string; readonly name: string; readonly stops: number }[];
}

/** Stops of light below which going elsewhere is not worth the walk: half a click. */
const WORTH_GOING = 1 / 6;

/** What a press holds, so that the picture is then what the way says: its shutter and aperture, and a higher ISO by hand alone. */
function holdsOf({ kind, settings, left }: PricedWay, locked: Partial<Settings>): Partial<Settings> {
  const { shutter, aperture, iso } = settings;
  // What was held stays as it was typed, also where the lens brings it into what it has.
  const kept = kind === "lift" ? locked : { ...locked, [kind]: settings[kind] };
  if (kind !== "iso") return { shutter, aperture, ...kept };
  return left > 0 ? settings : { aperture, ...kept, iso };
}

/** The rail whose hold forbids a way, and what letting go would give. */
function forbidden(
  { kind, clicks }: PricedWay,
  input: AssessInput,
  short: number,
): WayToTake["held"] | undefined {
  const { locked = {} } = input;
  if (clicks > 0 || kind === "lift") return undefined;
  const click = locked[kind];
  if (click === undefined) return undefined;
  const { [kind]: _, ...rest } = locked;
  const free = assess({ ...input, locked: rest });
  return { rail: kind, click, gives: free.ok ? Math.max(0, short - free.settings.short) : 0 };
}

const brighterFrom = (view: OutingView): Ways["brighter"] => {
  const here = view.found?.light.ev ?? 0;
  return view.outing.ground.positions.flatMap(({ id, name }) => {
    const there = view.from(id);
    const stops = there?.ok ? there.light.ev - here : 0;
    return id === view.position?.id || stops < WORTH_GOING ? [] : [{ id, name, stops }];
  });
};

const waysFor = answered(ofPicture, (input, found): Omit<Ways, "brighter"> | undefined => {
  if (!input || !found || found.settings.short === 0) return undefined;
  const { short, missing, ways, settings, rails } = found.settings;
  const free = !rails.iso.locked && !rails.shutter.locked;
  return {
    short,
    missing,
    ways: ways.map((way): WayToTake => {
      const held = forbidden(way, input, short);
      if (held) return { ...way, held };
      return way.clicks > 0 ? { ...way, holds: holdsOf(way, input.locked ?? {}) } : way;
    }),
    ...(free && settings.iso === rails.iso.to && settings.shutter > rails.shutter.first
      ? { thirdUnder: { ...settings, iso: settings.iso - 1, shutter: settings.shutter - 1 } }
      : {}),
  };
});

/** The ways out where the light is short of what the shot asks; nothing while it suffices. */
export const waysOfView = answered(
  (view) => [view] as const,
  (view): Ways | undefined => {
    const ways = waysFor(view);
    return ways && { ...ways, brighter: brighterFrom(view) };
  },
);
