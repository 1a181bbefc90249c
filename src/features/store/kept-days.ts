/** Days for which an outing that was deleted can be brought back. */
export const KEPT_DAYS = 30;
const DAY = 86_400_000;

/** When a deleted outing goes for good by itself; epoch milliseconds. */
export const goneAt = (deletedAt: number): number => deletedAt + KEPT_DAYS * DAY;

/** The instant before which what was deleted is gone; epoch milliseconds. */
export const lastKept = (now: number): number => now - KEPT_DAYS * DAY;
