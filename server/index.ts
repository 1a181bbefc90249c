import { readFileSync } from "node:fs";
import { createServer } from "node:http";
import { createServer as createSecureServer } from "node:https";
import path from "node:path";
import { createApp } from "./app";
import { addressesOf } from "./pick-up";
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

// A certificate of one's own makes it https: then a phone of the network gets all that needs it.
const [certificate, key] = [process.env.TLS_CERT, process.env.TLS_KEY];
const scheme = certificate && key ? "https" : "http";

const options = {
  demo: process.env.DEMO === "1",
  standIns: standInsOf(process.env.STAND_INS),
  open: process.env.STAND_INS_OPEN === "1",
  proxies: readProxies(process.env.PROXIES),
  handOver: process.env.HANDOVER === "1",
  addresses: addressesOf(host, port, scheme),
};
const app = createApp(dist, options);
const server =
  certificate && key
    ? createSecureServer({ ...IMPATIENT, cert: readFileSync(certificate), key: readFileSync(key) }, app)
    : createServer(IMPATIENT, app);
server.once("error", ({ message }) => {
  console.error(
    `The server could not start on port ${port}: ${message}. Set PORT to a free one: PORT=4174 npm run demo.`,
  );
  process.exit(1);
});
server.listen(port, host, () => console.log(listensOn(host, port, scheme)));
drainOn(server, process);
