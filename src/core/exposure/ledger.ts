import type { Settings } from "./marks";
import type { LedgerLine, SolveInput } from "./solution";

/** The light that reaches the sensor, in whole clicks: a sixth of a stop is finer than any model of it. */
export const lightClicks = ({ lightEv, closeUpStops }: SolveInput): number =>
  Math.round(3 * (lightEv - closeUpStops)) + 0;

/** Where the light comes from and where it is spent. */
export function ledgerOf(input: SolveInput, s: Settings, lift: number, filterStops: number): LedgerLine[] {
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
