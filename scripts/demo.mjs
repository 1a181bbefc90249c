// Installs what is missing, builds what has changed, and serves the application with its demo.
import { build, install, run } from "./prepare.mjs";

const code = install() || build() || run("npx", ["tsx", "server/index.ts"], { env: { DEMO: "1" } });
process.exit(code);
