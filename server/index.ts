import path from "node:path";
import { createApp } from "./app";

const port = Number(process.env.PORT ?? 4173);
const host = process.env.HOST ?? "0.0.0.0";
const dist = path.resolve(process.env.DIST ?? "dist");

createApp(dist, { demo: process.env.DEMO === "1" }).listen(port, host, (error?: Error) => {
  if (error) {
    console.error(`The server could not start on port ${port}: ${error.message}. Set PORT to a free one.`);
    process.exit(1);
  }
  console.log(`Bright Perch is at http://localhost:${port}`);
});
