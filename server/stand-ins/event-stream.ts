import type { Request, Response } from "express";

/** Something that is told at a moment of a play, under a number by which a listener goes on where it was cut off. */
export interface Told {
  /** From 1, without gaps. */
  readonly id: number;
  /** Milliseconds after the beginning at which it is due. */
  readonly due: number;
  readonly event: string;
  readonly data: unknown;
}

/** Milliseconds between two looks at what is due, and between two signs of life. */
const LOOK = 50;
const ALIVE = 10_000;

/** Listeners over all stand-ins at once: it is one photographer's own machine. */
export const MOST_LISTENERS = 8;
let listeners = 0;

/**
 * Server-sent events (WHATWG HTML, "Server-sent events"): what of a play is due since it began, to one listener. A listener that
 * comes back with Last-Event-ID gets all that it missed. `cutAt` are milliseconds at which the connection is dropped on purpose.
 */
export function streamTo(
  req: Request,
  res: Response,
  play: { readonly begun: number; readonly told: readonly Told[]; readonly cutAt?: readonly number[] },
): void {
  if (listeners >= MOST_LISTENERS) {
    res.status(503).json({ ok: false, reason: "too-many-listeners" });
    return;
  }
  listeners++;
  const last = Number(req.get("Last-Event-ID") ?? 0);
  let next = Number.isInteger(last) && last > 0 ? play.told.findIndex((t) => t.id > last) : 0;
  if (next < 0) next = play.told.length;
  res.status(200).set({
    "Content-Type": "text/event-stream",
    "Cache-Control": "no-cache, no-transform",
    "X-Accel-Buffering": "no",
  });
  // How soon a listener that was cut off comes back.
  res.write("retry: 500\n\n");
  const since = Date.now() - play.begun;
  const cut = play.cutAt?.find((at) => at > since);
  let alive = Date.now();
  const timer = setInterval(() => {
    const now = Date.now() - play.begun;
    for (; next < play.told.length && play.told[next]!.due <= now; next++) {
      const { id, event, data } = play.told[next]!;
      res.write(`id: ${id}\nevent: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
    }
    if (cut !== undefined && now >= cut) return void res.socket?.destroy();
    if (next === play.told.length) return void res.end();
    if (Date.now() - alive > ALIVE) {
      res.write(": still here\n\n");
      alive = Date.now();
    }
  }, LOOK);
  res.once("close", () => {
    clearInterval(timer);
    listeners--;
  });
}
