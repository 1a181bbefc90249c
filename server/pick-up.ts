import { randomBytes } from "node:crypto";
import { networkInterfaces } from "node:os";
import express, { Router } from "express";
import { rateLimit } from "express-rate-limit";
import { isThisMachine } from "./run";

/** Bytes of one thing that lies for a pick-up, and of all of them; how many lie at once. */
const MOST = { bytes: 5_000_000, all: 25_000_000, things: 20 };
/** Milliseconds after which it is gone, fetched or not. */
const LIES = 10 * 60_000;

interface Lying {
  readonly body: Buffer;
  readonly until: number;
}

interface Options {
  /** Whether things may be left; nothing lies anywhere when not. */
  readonly on: boolean;
  /** Addresses at which other machines reach this server, none where it listens on this machine alone. */
  readonly addresses: readonly string[];
  readonly now?: () => number;
}

/**
 * A one-time pick-up between two devices of one person: what one leaves lies in memory alone under a name of 128 random bits, for ten minutes,
 * and is gone with the first fetch. Off unless it is switched on.
 */
export function pickUpRoutes({ on, addresses, now = Date.now }: Options): Router {
  const routes = Router();
  const lying = new Map<string, Lying>();
  const forget = (): void => {
    for (const [name, { until }] of lying) if (until <= now()) lying.delete(name);
  };
  routes.get("/", (_req, res) => void res.json({ ok: true, on, addresses }));
  if (!on) return routes;
  routes.post(
    "/",
    rateLimit({ windowMs: 60_000, limit: 20, standardHeaders: "draft-8", legacyHeaders: false }),
    express.raw({ type: "application/octet-stream", limit: MOST.bytes }),
    (req, res) => {
      forget();
      const body: unknown = req.body;
      if (!Buffer.isBuffer(body) || body.length === 0)
        return void res.status(400).json({ ok: false, reason: "nothing-to-leave" });
      const all = [...lying.values()].reduce((sum, one) => sum + one.body.length, body.length);
      if (lying.size >= MOST.things || all > MOST.all)
        return void res.status(503).json({ ok: false, reason: "no-room" });
      const name = randomBytes(16).toString("hex");
      lying.set(name, { body, until: now() + LIES });
      res.status(201).json({ ok: true, name, minutes: LIES / 60_000 });
    },
  );
  routes.get("/:name", (req, res) => {
    forget();
    const found = lying.get(req.params.name);
    if (!found) return void res.status(404).json({ ok: false, reason: "gone" });
    lying.delete(req.params.name);
    res.setHeader("Cache-Control", "no-store");
    res.type("application/octet-stream").send(found.body);
  });
  return routes;
}

const EVERYWHERE = ["0.0.0.0", "::"];

/** The addresses at which other machines of the network reach a server that listens on a host and port. */
export function addressesOf(host: string, port: number, scheme: "http" | "https"): string[] {
  if (isThisMachine(host)) return [];
  const hosts = EVERYWHERE.includes(host)
    ? Object.values(networkInterfaces())
        .flatMap((all) => all ?? [])
        .filter(({ internal, family }) => !internal && family === "IPv4")
        .map(({ address }) => address)
    : [host];
  return hosts.map((name) => `${scheme}://${name}:${port}`);
}
