// A hostile client of the server: addresses that are none, heads that never end, hundreds of loads at once. No answer holds a
// stack or a path of the machine, slow clients are given up, and everybody else is served. Run with the number of requests.
import { Buffer } from "node:buffer";
import { readdirSync } from "node:fs";
import { connect } from "node:net";
import path from "node:path";
import { setTimeout as after } from "node:timers/promises";
import { withProduct } from "../bench/browser.mjs";

const many = Number(process.argv[2] ?? 2000);
let seed = 20261017;
const random = () => (seed = (1664525 * seed + 1013904223) % 2 ** 32) / 2 ** 32;
const oneOf = (items) => items[Math.floor(random() * items.length)];

const PIECES = [
  "%ff",
  "%00",
  "..",
  "%2e%2e",
  "outing",
  "api",
  "_expo",
  "static",
  "assets",
  "a".repeat(3000),
  "%c0%af",
  "\\",
  "~",
  "?x=[",
  "sw.js",
];
const METHODS = ["GET", "HEAD", "POST", "PUT", "DELETE", "OPTIONS"];
const LEAK = /node_modules|\bat .*:\d+:\d+|\/(home|root|usr|work|tmp)\//;

/** Sends bytes as they are and gives back what comes within five seconds. */
function raw(port, text) {
  return new Promise((done) => {
    let answer = "";
    const socket = connect(port, "127.0.0.1", () => socket.write(text));
    socket.setTimeout(5000, () => socket.destroy());
    socket.on("data", (part) => (answer += part));
    socket.on("error", () => undefined);
    socket.on("close", () => done(answer));
  });
}

let wrong = 0;
const tell = (words) => {
  wrong++;
  console.log(words);
};

await withProduct(async (_, url) => {
  const port = Number(new URL(url).port);
  for (let i = 0; i < many; i++) {
    const place = `/${Array.from({ length: 1 + Math.floor(random() * 4) }, () => oneOf(PIECES)).join("/")}`;
    const range =
      random() < 0.2 ? `Range: bytes=${Math.floor(random() * 99)}-${Math.floor(random() * 99) - 50}\r\n` : "";
    const answer = await raw(
      port,
      `${oneOf(METHODS)} ${place} HTTP/1.1\r\nHost: x\r\n${range}Connection: close\r\n\r\n`,
    );
    const [head] = answer.split("\r\n\r\n");
    if (!/^HTTP\/1\.1 [2345]\d\d/.test(answer)) tell(`no answer to ${place.slice(0, 80)}`);
    if (/^HTTP\/1\.1 500/.test(answer) || LEAK.test(answer.slice(head.length, head.length + 2000)))
      tell(`${place.slice(0, 80)}: ${answer.slice(0, 200)}`);
  }
  const slow = Array.from({ length: 50 }, () => {
    const socket = connect(port, "127.0.0.1", () => socket.write("GET / HTTP/1.1\r\nX-Slow: "));
    socket.on("error", () => undefined);
    // An end is seen by who reads.
    socket.resume();
    return socket;
  });
  const scripts = readdirSync("dist/_expo/static/js/web").filter((name) => name.endsWith(".js"));
  const start = Date.now();
  const loads = await Promise.all(
    Array.from({ length: 200 }, async () => {
      for (const script of scripts.slice(0, 5)) {
        const answer = await fetch(`${url}/${path.posix.join("_expo/static/js/web", script)}`, {
          headers: { "Accept-Encoding": "br" },
        });
        if (!answer.ok || Buffer.from(await answer.arrayBuffer()).length === 0) return false;
      }
      return true;
    }),
  );
  if (loads.includes(false)) tell(`${loads.filter((ok) => !ok).length} of 200 loads failed`);
  const took = Date.now() - start;
  await after(16_000);
  const open = slow.filter((socket) => !socket.destroyed).length;
  if (open > 0) tell(`${open} clients that never ended their head are still served`);
  slow.forEach((socket) => socket.destroy());
  if (!(await fetch(`${url}/api/health`)).ok) tell("the server is not there any more");
  console.log(`${many} odd requests, 50 slow clients, 200 loads at once in ${took} ms: ${wrong} wrong`);
});
process.exit(wrong === 0 ? 0 : 1);
