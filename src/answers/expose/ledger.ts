import { ledgerBalance, type LedgerLine } from "@/core/exposure";
import { answered } from "../answered";

/** Where the light comes from and where it is spent, in clicks. */
export interface Ledger {
  readonly lines: readonly LedgerLine[];
  /** What is left when all is added up, clicks: 0 is right, below 0 too dark, above 0 too bright. */
  readonly balance: number;
}

/** The stop ledger of the picture in hand. */
export const ledger = answered(
  ({ found }) => [found] as const,
  (found): Ledger | undefined =>
    found && { lines: found.settings.ledger, balance: ledgerBalance(found.settings.ledger) },
);
