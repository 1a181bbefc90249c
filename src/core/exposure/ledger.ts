import type { Settings } from "./marks";
import type { LedgerLine, LostLight, SolveInput } from "./solution";

const LOST = ["close-up", "netting", "glass"] as const;

/** All stops that are lost between the subject and the sensor, 0 or more. */
export const lostStops = (lost: LostLight): number => lost["close-up"] + lost.netting + lost.glass;

/** The light that reaches the sensor, in whole clicks: a sixth of a stop is finer than any model of it. */
export const lightClicks = ({ lightEv, lost }: Pick<SolveInput, "lightEv" | "lost">): number =>
  Math.round(3 * (lightEv - lostStops(lost))) + 0;

/** ISO in clicks that shutter and aperture leave to so many clicks of light; the scale's ends left out. */
export const isoFollowing = (s: Pick<Settings, "shutter" | "aperture">, light: number): number =>
  s.shutter + s.aperture - light;

/** Where the light comes from and where it is spent. */
export function ledgerOf(input: SolveInput, s: Settings, lift: number, filterStops: number): LedgerLine[] {
  const losses = LOST.map((code) => ({ code, clicks: Math.round(3 * input.lost[code]) }));
  const lines: LedgerLine[] = [
    { code: "light", clicks: lightClicks(input) + losses.reduce((sum, l) => sum + l.clicks, 0) },
  ];
  const put = (code: LedgerLine["code"], clicks: number): void => {
    if (clicks !== 0) lines.push({ code, clicks });
  };
  for (const { code, clicks } of losses) put(code, -clicks);
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
