import { existsSync } from "node:fs";

/** Debian's Chromium without a window draws a fifth faster; the usual one does as well. */
const USUAL = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"];

/** Where the browser of tests, pictures and benches is: CHROMIUM_PATH, else the first of Debian's that is there. */
export const browserPath = () => process.env.CHROMIUM_PATH ?? USUAL.find(existsSync) ?? USUAL[0];
