/** Sway in m/s of what stands on a stem, by the wind's speed in m/s (fitted to practice: 1/250 calm, 1/500 in wind). */
const SWAY: readonly (readonly [wind: number, sway: number])[] = [
  [0, 0.02],
  [2, 0.03],
  [6, 0.06],
];

/** Sway in m/s of a stem in a wind of so many m/s, 0 or more: linear between 0.02 calm and 0.06 from 6 m/s on. */
export function stemSway(wind: number): number {
  const after = SWAY.findIndex(([speed]) => speed >= wind);
  if (after < 0) return SWAY.at(-1)![1];
  if (after === 0) return SWAY[0]![1];
  const [[from, low], [to, high]] = [SWAY[after - 1]!, SWAY[after]!];
  return low + ((high - low) * (wind - from)) / (to - from);
}
