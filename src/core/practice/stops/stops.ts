import type { Settings } from "../../exposure";
import { evenFrom } from "../../units";
import { shuffled } from "../run/shuffled";

/** Three dark, where from; which is the same exposure; what a zone wants that is darker or brighter. */
export type StopsKind = "dark" | "equal" | "zone";

/** A question of stops with what may be answered. */
export interface StopsQuestion {
  readonly kind: StopsKind;
  readonly from: Settings;
  /** Clicks of light that are wanted more, below 0 less; 0 where the exposure should stay. */
  readonly clicks: number;
  /** What may be answered, each with the clicks by which it would be off: 0 is right. */
  readonly options: readonly {
    readonly settings: Settings;
    /** Clicks, above 0 where it is too bright. */
    readonly off: number;
  }[];
}

/** First and last click of each rail that may be asked. */
export type Rails = Readonly<Record<keyof Settings, readonly [first: number, last: number]>>;

const RAILS = ["shutter", "aperture", "iso"] as const;
type Rail = (typeof RAILS)[number];
/** What a click up on a rail does to the light. */
const SIGN: Readonly<Record<Rail, 1 | -1>> = { shutter: -1, aperture: -1, iso: 1 };

const within = (s: Settings, rails: Rails): boolean =>
  RAILS.every((r) => s[r] >= rails[r][0] && s[r] <= rails[r][1]);

/** Settings that give so many clicks more, all of it on one rail. */
const given = (from: Settings, rail: Rail, clicks: number): Settings => ({
  ...from,
  [rail]: from[rail] + SIGN[rail] * clicks,
});

/** Settings of the same light: so many clicks given on one rail and taken on another. */
const traded = (from: Settings, give: Rail, take: Rail, clicks: number): Settings =>
  given(given(from, give, clicks), take, -clicks);

/** What is off in wrong answers, in clicks: the slips that people make. */
const SLIPS = [-6, -3, -2, -1, 1, 2, 3, 6] as const;

/**
 * A question of stops about settings, from a seed: four answers, one of them right and within the rails. The wrong ones are off by what
 * people slip by, a click to two stops. Throws where the rails leave no room for four.
 */
export function stopsQuestion({
  seed,
  kind,
  from,
  rails,
}: {
  readonly seed: number;
  readonly kind: StopsKind;
  readonly from: Settings;
  readonly rails: Rails;
}): StopsQuestion {
  const random = evenFrom(seed);
  const wanted = kind === "dark" ? [3, 6, 9] : kind === "zone" ? [-6, -4, -3, -2, 2, 3, 4] : [0];
  const [clicks] = shuffled(wanted, random) as [number];
  const rightOnes = (off: number): Settings[] =>
    kind === "zone"
      ? [given(from, "iso", clicks + off)]
      : kind === "dark"
        ? RAILS.map((rail) => given(from, rail, clicks + off))
        : RAILS.flatMap((give) =>
            RAILS.filter((take) => take !== give).flatMap((take) =>
              [2, 3, 6].map((n) => given(traded(from, give, take, n), give, off)),
            ),
          );
  const able = (off: number): Settings[] =>
    shuffled(
      rightOnes(off).filter((s) => within(s, rails)),
      random,
    );
  const right = able(0)[0];
  const wrong = shuffled(SLIPS, random).flatMap((off) =>
    able(off)
      .slice(0, 1)
      .map((settings) => ({ settings, off })),
  );
  if (!right || wrong.length < 3)
    throw new Error(
      `no question of stops fits ${JSON.stringify(rails)} from ${JSON.stringify(from)}; give rails of nine clicks and more about it`,
    );
  return {
    kind,
    from,
    clicks,
    options: shuffled([{ settings: right, off: 0 }, ...wrong.slice(0, 3)], random),
  };
}
