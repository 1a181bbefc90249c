// The product as it is served, and a Chromium to measure it in.
import { spawn } from "node:child_process";
import { once } from "node:events";
import path from "node:path";
import { chromium } from "@playwright/test";
import { browserPath } from "../browser-path.mjs";
import { root } from "../prepare.mjs";

const PORT = 4191;

export const LAUNCH = {
  executablePath: browserPath(),
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
};

/** Does something with a browser and the product's address, and puts both away afterwards. */
export async function withProduct(measure) {
  const server = spawn(
    process.execPath,
    [path.join(root, "node_modules/tsx/dist/cli.mjs"), "server/index.ts"],
    {
      cwd: root,
      env: { ...process.env, PORT: String(PORT), HOST: "127.0.0.1", DIST: "dist", DEMO: "1" },
      stdio: ["ignore", "pipe", "inherit"],
    },
  );
  await once(server.stdout, "data");
  const browser = await chromium.launch(LAUNCH);
  try {
    await measure(browser, `http://127.0.0.1:${PORT}`);
  } finally {
    await browser.close();
    server.kill();
  }
}
