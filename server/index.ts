import { createServer } from "node:http";
import path from "node:path";
import { createApp } from "./app";
import { standInsOf } from "./stand-ins";
import { drainOn, IMPATIENT, listensOn, readPort, readProxies } from "./run";

// Other machines reach it where that is asked for.
const host = process.env.HOST ?? "127.0.0.1";
const dist = path.resolve(process.env.DIST ?? "dist");
const port = readPort(process.env.PORT);
if (port === undefined) {
  console.error(`PORT is “${process.env.PORT}”; set it to a whole number from 0 to 65535.`);
  process.exit(1);
}

const options = {
  demo: process.env.DEMO === "1",
  standIns: standInsOf(process.env.STAND_INS),
  open: process.env.STAND_INS_OPEN === "1",
  proxies: readProxies(process.env.PROXIES),
};
const server = createServer(IMPATIENT, createApp(dist, options));
server.once("error", ({ message }) => {
  console.error(`The server could not start on port ${port}: ${message}. Set PORT to a free one.`);
  process.exit(1);
});
server.listen(port, host, () => console.log(listensOn(host, port)));
drainOn(server, process);
