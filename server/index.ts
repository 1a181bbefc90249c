import { createServer } from "node:http";
import { createServer as createSecureServer } from "node:https";
import path from "node:path";
import { createApp } from "./app";
import { readCertificate } from "./certificate";
import { addressesOf } from "./pick-up";
import { servedUnder } from "./served-under.mjs";
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

const certificate = readCertificate(process.env.TLS_CERT, process.env.TLS_KEY);
if (certificate && !certificate.ok) {
  console.error(certificate.why);
  process.exit(1);
}
const scheme = certificate ? "https" : "http";

const options = {
  demo: process.env.DEMO === "1",
  standIns: standInsOf(process.env.STAND_INS),
  open: process.env.STAND_INS_OPEN === "1",
  proxies: readProxies(process.env.PROXIES),
  handOver: process.env.HANDOVER === "1",
  addresses: addressesOf(host, port, scheme),
};
const app = createApp(dist, options);
const server = certificate
  ? createSecureServer({ ...IMPATIENT, cert: certificate.cert, key: certificate.key }, app)
  : createServer(IMPATIENT, app);
server.once("error", ({ message }) => {
  console.error(
    `The server could not start on port ${port}: ${message}. Set PORT to a free one: PORT=4174 npm run demo.`,
  );
  process.exit(1);
});
server.listen(port, host, () => console.log(listensOn(host, port, { scheme, under: servedUnder(dist) })));
drainOn(server, process);
