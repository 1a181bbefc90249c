import express, { Router, type ErrorRequestHandler, type Express, type RequestHandler } from "express";
import staticPacked from "express-static-gzip";
import { rateLimit } from "express-rate-limit";
import helmet from "helmet";
import path from "node:path";
import { pickUpRoutes } from "./pick-up";
import { servedUnder } from "./served-under.mjs";
import { standInRoutes, type StandIn } from "./stand-ins";

const CONTENT_SECURITY = {
  directives: {
    defaultSrc: ["'self'"],
    scriptSrc: ["'self'"],
    styleSrc: ["'self'", "'unsafe-inline'"],
    imgSrc: ["'self'", "data:", "blob:"],
    fontSrc: ["'self'"],
    connectSrc: ["'self'", "data:", "blob:"],
    workerSrc: ["'self'", "blob:"],
    // Spoken notes are played from what the browser keeps.
    mediaSrc: ["'self'", "blob:"],
    upgradeInsecureRequests: null,
  },
};

interface Options {
  /** Whether a first visit begins with the demo outings instead of asking. */
  readonly demo?: boolean;
  /** Stand-ins that are switched on; none by default. */
  readonly standIns?: readonly StandIn[];
  /** Whether other machines than this one reach the stand-ins. */
  readonly open?: boolean;
  /** Whether one device may leave a file for another to pick up once; not when left out. */
  readonly handOver?: boolean;
  /** Addresses at which other machines reach it; none when left out. */
  readonly addresses?: readonly string[];
  /** How many proxies stand before the server, so that limits count clients and not the last of them; 0 when left out. */
  readonly proxies?: number;
}

/** What the application asks a browser for: where it is, a microphone for spoken tags, a screen that stays on. Nothing else is let. */
const PERMISSIONS = [
  "geolocation=(self)",
  "microphone=(self)",
  "screen-wake-lock=(self)",
  ...["camera", "display-capture", "midi", "payment", "serial", "usb", "bluetooth", "hid"].map(
    (p) => `${p}=()`,
  ),
].join(", ");

/**
 * Serves the build. A page is answered for every address that could be a route; an unknown `/api` path or a missing
 * asset (anything with an ending) is 404, so that a broken build is seen as one. `demo` lets a first visit begin with the
 * demo outings instead of asking. All of it lies under the path that the build was made for; the root then leads there.
 */
export function createApp(dist: string, options: Options = {}): Express {
  const app = express();
  app.set("trust proxy", options.proxies ?? 0);
  app.disable("x-powered-by");
  app.use(helmet({ contentSecurityPolicy: CONTENT_SECURITY, crossOriginEmbedderPolicy: false }));
  app.use((_req, res, next) => {
    res.setHeader("Permissions-Policy", PERMISSIONS);
    next();
  });
  app.use(onlyAddresses);
  const under = servedUnder(dist);
  if (under)
    app.get("/", (_req, res) => {
      res.redirect(`${under}/`);
    });
  app.use(under || "/", site(dist, options));
  app.use(withoutDetails);
  return app;
}

/** What is served, whatever the path under which it lies. */
function site(
  dist: string,
  { demo = false, standIns, open = false, handOver = false, addresses = [] }: Options,
): Router {
  const routes = Router();
  routes.get("/api/health", (_req, res) => {
    res.json({ ok: true });
  });
  routes.get("/api/start", (_req, res) => {
    res.json({ begin: demo ? "demo" : "ask" });
  });
  // What the application needs to start stands before the limit: nobody's start is refused for another's haste.
  routes.use(
    "/api",
    rateLimit({ windowMs: 60_000, limit: 600, standardHeaders: "draft-8", legacyHeaders: false }),
  );
  routes.use("/api/pick-up", pickUpRoutes({ on: handOver, addresses }));
  routes.use("/api/stand-ins", standInRoutes({ on: standIns ?? [], open }));
  routes.use("/api", (_req, res) => {
    res.status(404).json({ ok: false, reason: "unknown-path" });
  });
  const lasting = { immutable: true, maxAge: "365d" };
  routes.use("/_expo/static", packed(path.join(dist, "_expo/static"), lasting));
  routes.use("/assets", packed(path.join(dist, "assets"), lasting));
  routes.use(
    packed(dist, {
      maxAge: 0,
      setHeaders: (res, file) => {
        if (file.endsWith("sw.js")) res.setHeader("Cache-Control", "no-cache");
      },
    }),
  );
  routes.get("/{*path}", (req, res) => {
    if (path.extname(req.path)) res.status(404).type("text").send("Not found");
    else res.sendFile(path.resolve(dist, "index.html"));
  });
  return routes;
}

/** What is no address at all is told so, and reaches nothing. */
const onlyAddresses: RequestHandler = (req, res, next) => {
  try {
    decodeURIComponent(req.path);
    next();
  } catch {
    res.status(400).type("text").send("Bad request");
  }
};

type Served = NonNullable<Parameters<typeof staticPacked>[1]>["serveStatic"];

/**
 * Files as they were packed with the build: brotli, gzip or plain, as the client takes them. A range is a range of what is
 * sent, which has a tag of its own for each of the three.
 */
const packed = (folder: string, serveStatic: Served) =>
  staticPacked(folder, { enableBrotli: true, orderPreference: ["br", "gz"], index: false, serveStatic });

/** A failure says what it is and nothing of how or where the server runs. */
const withoutDetails: ErrorRequestHandler = (
  error: { status?: unknown; code?: unknown },
  _req,
  res,
  next,
) => {
  if (res.headersSent) return next(error);
  const status = typeof error.status === "number" && error.status < 500 ? error.status : 503;
  res.status(error.code === "ENOENT" ? 503 : status).type("text");
  res.send(
    status < 500 && error.code !== "ENOENT"
      ? "Bad request"
      : "Not available. Build the application, then try again.",
  );
};
