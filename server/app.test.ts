import { mkdtempSync, mkdirSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { brotliCompressSync, gzipSync } from "node:zlib";
import request from "supertest";
import { createApp } from "./app";

const dist = mkdtempSync(path.join(tmpdir(), "bright-perch-"));
mkdirSync(path.join(dist, "_expo/static/js"), { recursive: true });
writeFileSync(path.join(dist, "index.html"), "<title>Bright Perch</title>");
writeFileSync(path.join(dist, "_expo/static/js/entry-1.js"), "1");
writeFileSync(path.join(dist, "sw.js"), "1");
const app = createApp(dist);

test.each(["/", "/outings", "/outing/hockey-semi-final/ground", "/no/such/page"])(
  "%s is answered with the page",
  async (url) => {
    const answer = await request(app).get(url);
    expect(answer.status).toBe(200);
    expect(answer.text).toContain("Bright Perch");
  },
);

test.each(["/api/nothing", "/_expo/static/js/gone.js", "/assets/gone.ttf", "/gone.css"])(
  "%s is 404, not the page",
  async (url) => {
    const answer = await request(app).get(url);
    expect(answer.status).toBe(404);
    expect(answer.text).not.toContain("<title>");
  },
);

test("a build for a path of its own is served there, and the root leads to it", async () => {
  const below = mkdtempSync(path.join(tmpdir(), "bright-perch-below-"));
  mkdirSync(path.join(below, "_expo/static/js"), { recursive: true });
  writeFileSync(
    path.join(below, "index.html"),
    '<title>Bright Perch</title><script src="/perch/_expo/static/js/entry-1.js"></script>',
  );
  writeFileSync(path.join(below, "_expo/static/js/entry-1.js"), "1");
  const served = createApp(below, { demo: true });
  const get = (url: string) => request(served).get(url);
  expect((await get("/")).headers.location).toBe("/perch/");
  for (const url of ["/perch", "/perch/", "/perch/outing/hockey-semi-final/ground"])
    expect((await get(url).redirects(1)).text).toContain("<title>Bright Perch</title>");
  expect((await get("/perch/_expo/static/js/entry-1.js")).headers["cache-control"]).toContain("immutable");
  expect((await get("/perch/api/start")).body).toEqual({ begin: "demo" });
  for (const url of ["/perch/gone.css", "/perch/api/nothing", "/outings", "/api/start"])
    expect([url, (await get(url)).status]).toEqual([url, 404]);
});

test("the health of the server is told", async () => {
  expect((await request(app).get("/api/health")).body).toEqual({ ok: true });
});

test("named files last, the service worker does not, and scripts come from here alone", async () => {
  const script = await request(app).get("/_expo/static/js/entry-1.js");
  expect(script.headers["cache-control"]).toContain("immutable");
  expect((await request(app).get("/sw.js")).headers["cache-control"]).toBe("no-cache");
  expect(script.headers["content-security-policy"]).toContain("script-src 'self'");
  expect(script.headers["x-powered-by"]).toBeUndefined();
});

test("an address that is no address was answered with a stack and paths of the server", async () => {
  for (const url of ["/%ff", "/outing/%c0%af", "/assets/%ff.js"]) {
    const answer = await request(app).get(url);
    expect(answer.status).toBe(400);
    expect(answer.text).toBe("Bad request");
  }
});

test("a missing build was answered with the path where it should be", async () => {
  const empty = createApp(mkdtempSync(path.join(tmpdir(), "no-build-")));
  const answer = await request(empty).get("/outings");
  expect([answer.status, answer.text]).toEqual([
    503,
    "Not available. Build the application, then try again.",
  ]);
});

test("many other requests kept the application from starting", async () => {
  const busy = createApp(dist, { demo: true });
  const others = await Promise.all(Array.from({ length: 700 }, () => request(busy).get("/api/nothing")));
  expect(others.filter((answer) => answer.status === 429).length).toBeGreaterThan(50);
  expect((await request(busy).get("/api/start")).body).toEqual({ begin: "demo" });
  expect((await request(busy).get("/outings")).status).toBe(200);
});

const PACKED = "packed ".repeat(400);
writeFileSync(path.join(dist, "_expo/static/js/big-1.js"), PACKED);
writeFileSync(path.join(dist, "_expo/static/js/big-1.js.br"), brotliCompressSync(PACKED));
writeFileSync(path.join(dist, "_expo/static/js/big-1.js.gz"), gzipSync(PACKED));

test("every file was packed anew at every request: it is sent as it was packed with the build, as the client takes it", async () => {
  const withPacked = createApp(dist);
  const get = (accepts: string) =>
    request(withPacked).get("/_expo/static/js/big-1.js").set("Accept-Encoding", accepts).buffer(true);
  const tags = new Set<string>();
  for (const [accepts, encoding] of [
    ["gzip, deflate, br", "br"],
    ["gzip", "gzip"],
    ["identity", undefined],
  ] as const) {
    const answer = await get(accepts).parse((res, done) => {
      const parts: Buffer[] = [];
      res.on("data", (part: Buffer) => parts.push(part));
      res.on("end", () => done(null, Buffer.concat(parts)));
    });
    expect(answer.headers["content-encoding"]).toBe(encoding);
    expect(answer.headers["content-type"]).toContain("javascript");
    expect(answer.headers.vary).toContain("Accept-Encoding");
    expect(answer.headers["cache-control"]).toContain("immutable");
    tags.add(answer.headers.etag!);
  }
  expect(tags.size).toBe(3);
});

test("a range of a packed file is a range of what is sent", async () => {
  const answer = await request(createApp(dist))
    .get("/_expo/static/js/big-1.js")
    .set("Accept-Encoding", "identity")
    .set("Range", "bytes=7-12");
  expect([answer.status, answer.headers["content-range"]]).toEqual([206, `bytes 7-12/${PACKED.length}`]);
  const size = gzipSync(PACKED).length;
  const packed = await request(createApp(dist))
    .get("/_expo/static/js/big-1.js")
    .set("Accept-Encoding", "gzip")
    .set("Range", `bytes=0-${size + 50}`);
  expect([packed.status, packed.headers["content-range"]]).toEqual([206, `bytes 0-${size - 1}/${size}`]);
});

test("a page may ask for what the application needs, and for no other device", async () => {
  const { headers } = await request(app).get("/");
  expect(headers["permissions-policy"]).toContain("microphone=(self)");
  expect(headers["permissions-policy"]).toContain("camera=()");
});

test("behind a proxy all clients were one for the limit: they are told apart by a setting", async () => {
  const spent = async (behind: ReturnType<typeof createApp>, client: string): Promise<number> => {
    const answer = await request(behind).get("/api/nothing").set("X-Forwarded-For", client);
    return Number(/r=(\d+)/.exec(answer.headers["ratelimit"]!)![1]);
  };
  const told = createApp(dist, { proxies: 1 });
  expect([await spent(told, "192.0.2.1"), await spent(told, "192.0.2.2")]).toEqual([599, 599]);
  const untold = createApp(dist);
  expect([await spent(untold, "192.0.2.1"), await spent(untold, "192.0.2.2")]).toEqual([599, 598]);
});
