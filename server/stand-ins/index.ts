import express, { Router, type RequestHandler } from "express";
import type { z } from "zod";
import { cameraSchema, playCamera } from "./camera";
import { streamTo, type Told } from "./event-stream";
import { forecastFor, forecastSchema } from "./forecast";
import { meetSchema, playMeet } from "./meet";

/** Small simulated stand-ins for what is outside: a camera on a cable, a meet, a forecast. */
const STAND_INS = ["camera", "meet", "forecast"] as const;
export type StandIn = (typeof STAND_INS)[number];

/** Which are switched on, of a list parted by commas; "all" is every one, an unknown name is none. */
export function standInsOf(text = ""): StandIn[] {
  const asked = text.split(",").map((t) => t.trim());
  return STAND_INS.filter((name) => asked.includes("all") || asked.includes(name));
}

interface Options {
  readonly on: readonly StandIn[];
  /** Whether other machines may use them too. */
  readonly open: boolean;
}

/** Plays that are kept at once: the oldest goes first. */
const MOST_PLAYS = 16;

interface Play {
  readonly begun: number;
  readonly told: readonly Told[];
  readonly cutAt: readonly number[];
}

/** The routes of the stand-ins that are on; what is not on is not there. By default this machine alone reaches them. */
export function standInRoutes({ on, open }: Options): Router {
  const routes = Router();
  if (!open) routes.use(thisMachineAlone, fromOwnPage);
  routes.get("/", (_req, res) => void res.json({ ok: true, on }));
  if (on.includes("forecast"))
    routes.get("/forecast", (req, res) => {
      const asked = forecastSchema.safeParse(req.query);
      if (!asked.success) return void refuse(res, asked.error);
      res.json(forecastFor(asked.data));
    });
  if (on.includes("camera"))
    routes.get("/camera/events", (req, res) => {
      const asked = cameraSchema.safeParse(req.query);
      if (!asked.success) return void refuse(res, asked.error);
      // A camera that was cut off goes on with what it takes now: what it took meanwhile lies on its card.
      const begun = Date.now();
      streamTo(withoutMemory(req), res, { begun, told: playCamera(asked.data, begun) });
    });
  if (on.includes("meet")) meetRoutes(routes);
  return routes;
}

function meetRoutes(routes: Router): void {
  const plays = new Map<string, Play>();
  let count = 0;
  routes.post("/meet", express.json({ limit: "300kb" }), (req, res) => {
    const asked = meetSchema.safeParse(req.body);
    if (!asked.success) return void refuse(res, asked.error);
    const id = String(++count);
    plays.set(id, { begun: Date.now(), ...playMeet(asked.data) });
    const [oldest] = plays.keys();
    if (plays.size > MOST_PLAYS && oldest) plays.delete(oldest);
    res.status(201).json({ ok: true, id });
  });
  routes.get("/meet/:id/events", (req, res) => {
    const play = plays.get(req.params.id);
    if (!play) return void res.status(404).json({ ok: false, reason: "unknown-meet" });
    streamTo(req, res, play);
  });
}

const refuse = (res: express.Response, error: z.ZodError): void => {
  const [issue] = error.issues;
  res
    .status(400)
    .json({ ok: false, reason: "not-understood", where: issue?.path.join("."), why: issue?.message });
};

/** Addresses of this machine itself, as a socket tells them. */
const OWN = /^(127\.|::1$|::ffff:127\.)/;

const thisMachineAlone: RequestHandler = (req, res, next) => {
  if (OWN.test(req.socket.remoteAddress ?? "")) return next();
  res.status(403).json({ ok: false, reason: "this-machine-alone" });
};

/** Names of this machine, as a browser on it calls it. */
const OWN_NAMES = ["localhost", "127.0.0.1", "[::1]"];

const nameIn = (address: string): string | undefined => {
  try {
    return new URL(address).hostname;
  } catch {
    return undefined;
  }
};

/** A page from elsewhere, or a foreign name that was made to point here, does not drive the stand-ins through the user's browser. */
const fromOwnPage: RequestHandler = (req, res, next) => {
  const { host, origin } = req.headers;
  const names = [nameIn(`http://${host ?? ""}`), ...(origin === undefined ? [] : [nameIn(origin)])];
  if (names.every((name) => name !== undefined && OWN_NAMES.includes(name))) return next();
  res.status(403).json({ ok: false, reason: "foreign-page" });
};

/** The same request without what a listener heard before. */
function withoutMemory(req: express.Request): express.Request {
  delete req.headers["last-event-id"];
  return req;
}
