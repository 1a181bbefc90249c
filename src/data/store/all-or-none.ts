/** What of a transaction is needed to end it. */
interface Transaction {
  readonly done: Promise<void>;
  readonly error: DOMException | null;
  abort(): void;
}

/** A change within a transaction: all of it on the disk, or none. Rejects with what the transaction failed for. */
export async function allOrNone(tx: Transaction, change: () => Promise<unknown>): Promise<void> {
  const { done } = tx;
  done.catch(() => undefined);
  try {
    await change();
    await done;
  } catch (error) {
    const cause = tx.error ?? error;
    try {
      tx.abort();
    } catch {
      // It has ended by itself.
    }
    throw cause;
  }
}
