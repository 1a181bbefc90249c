// What the two commands share: install, build and browser, each only when needed. Node alone, no dependencies.
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { fileURLToPath } from "node:url";
import { browserPath } from "./browser-path.mjs";
import { lackHere } from "./machine.mjs";

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "..");

const OFFLINE = { EXPO_OFFLINE: "1", EXPO_NO_TELEMETRY: "1", CI: "1" };
const BUILD_INPUTS = [
  "app",
  "src",
  "demo",
  "public",
  "global.css",
  "app.json",
  "app.config.js",
  "babel.config.js",
  "babel-direct-imports.js",
  "metro.config.js",
  "metro-minify.js",
  "tailwind.config.js",
  "zod-locales.js",
  "zod-from-json.js",
  "package-lock.json",
  "scripts/build-late.mjs",
  "scripts/build-sw.mjs",
  "scripts/compress.mjs",
  "scripts/late-chunks.mjs",
  "scripts/minify-file.mjs",
  "server/served-under.mjs",
];

/** Runs a command in the project and returns its exit code; a command that cannot start counts as failed. */
export function run(command, args, { env = {}, quiet = false } = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    env: { ...process.env, ...OFFLINE, ...env },
    stdio: quiet ? "ignore" : "inherit",
  });
  return result.status ?? 1;
}

const filesUnder = (place) => {
  const full = path.join(root, place);
  if (!existsSync(full)) return [];
  if (statSync(full).isFile()) return [place];
  return readdirSync(full, { withFileTypes: true })
    .flatMap((entry) => filesUnder(path.join(place, entry.name)))
    .sort();
};

function hashOf(places) {
  const hash = createHash("sha256");
  for (const file of places.flatMap(filesUnder))
    hash.update(file).update(readFileSync(path.join(root, file)));
  return hash.digest("hex");
}

/** Does a step when the hash of its inputs, or a setting of it, is not the one that its last success left behind. */
function whenChanged(marker, places, step, setting = "") {
  const hash = `${hashOf(places)} ${setting}`.trim();
  const kept = path.join(root, marker);
  if (existsSync(kept) && readFileSync(kept, "utf8") === hash) return 0;
  const lack = lackHere(root);
  if (lack) {
    console.error(lack);
    return 1;
  }
  const code = step();
  if (code === 0) writeFileSync(kept, hash);
  return code;
}

/**
 * `npm ci` refuses a lock file that lacks the binaries of other platforms, which some registries do not carry; so
 * `npm install` takes the versions of the lock file, and the file is put back as it was.
 */
export const install = () =>
  whenChanged("node_modules/.installed-from", ["package-lock.json"], () => {
    console.log("Installing packages: a minute or two on a fast network");
    const lock = path.join(root, "package-lock.json");
    const before = readFileSync(lock);
    const code = run("npm", ["install", "--no-audit", "--no-fund", "--loglevel=error"]);
    writeFileSync(lock, before);
    if (code !== 0)
      console.error(
        "The packages could not be fetched: see above; without a network, connect once and run this again.",
      );
    return code;
  });

/** The build, into the folder DIST (dist when left out) and for the path BASE_PATH, when what it is made of changed. */
export const build = () =>
  whenChanged(
    path.join(process.env.DIST ?? "dist", ".built-from"),
    BUILD_INPUTS,
    () => {
      console.log("Building the application: two to three minutes on two cores, once for every change");
      const code = run("npm", ["run", "build"]);
      if (code !== 0) console.error("The build failed: its last lines above say where.");
      return code;
    },
    process.env.BASE_PATH,
  );

/** Installs the browser for the tests where there is none: Debian's without a window, which root may install here. */
export function chromium() {
  const found = browserPath();
  if (existsSync(found)) return 0;
  if (process.platform !== "linux" || process.getuid?.() !== 0) {
    console.error(`No Chromium at ${found}. Install it, or set CHROMIUM_PATH to the one that you have.`);
    return 1;
  }
  console.log("Installing Chromium");
  return (
    run("apt-get", ["update"]) ||
    run("apt-get", ["install", "-y", "--no-install-recommends", "chromium-headless-shell"])
  );
}
