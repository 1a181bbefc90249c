import express from "express";
import request from "supertest";
import { addressesOf, pickUpRoutes } from "./pick-up";

function serving(options: Partial<Parameters<typeof pickUpRoutes>[0]> = {}) {
  const clock = { at: 0 };
  const app = express();
  app.use("/api/pick-up", pickUpRoutes({ on: true, addresses: [], now: () => clock.at, ...options }));
  return { app, clock };
}
const leave = (app: express.Express, body: Buffer) =>
  request(app).post("/api/pick-up").set("Content-Type", "application/octet-stream").send(body);

test("off it takes nothing and has nothing", async () => {
  const { app } = serving({ on: false });
  expect((await request(app).get("/api/pick-up")).body).toMatchObject({ on: false });
  expect((await leave(app, Buffer.from("a"))).status).toBe(404);
});

test("what is left is fetched once, byte by byte, and is gone then", async () => {
  const { app } = serving();
  const body = Buffer.from([0, 1, 255, 128, 7]);
  const { body: left, status } = await leave(app, body);
  expect(status).toBe(201);
  expect(left.name).toMatch(/^[0-9a-f]{32}$/);
  const first = await request(app)
    .get(`/api/pick-up/${left.name}`)
    .buffer(true)
    .parse((res, done) => {
      const parts: Buffer[] = [];
      res.on("data", (part: Buffer) => parts.push(part));
      res.on("end", () => done(null, Buffer.concat(parts)));
    });
  expect(Buffer.compare(first.body as Buffer, body)).toBe(0);
  expect(first.headers["cache-control"]).toBe("no-store");
  expect((await request(app).get(`/api/pick-up/${left.name}`)).status).toBe(404);
});

test("after ten minutes it is gone, a minute before it is not", async () => {
  const { app, clock } = serving();
  const one = (await leave(app, Buffer.from("one"))).body.name as string;
  const two = (await leave(app, Buffer.from("two"))).body.name as string;
  expect(one).not.toBe(two);
  clock.at = 9 * 60_000;
  expect((await request(app).get(`/api/pick-up/${one}`)).status).toBe(200);
  clock.at = 10 * 60_000;
  expect((await request(app).get(`/api/pick-up/${two}`)).status).toBe(404);
});

test("five megabytes are the most, nothing is refused, and so is what is no file", async () => {
  const { app } = serving();
  expect((await leave(app, Buffer.alloc(5_000_001))).status).toBe(413);
  expect((await leave(app, Buffer.alloc(4_000_000))).status).toBe(201);
  expect((await request(app).post("/api/pick-up").send({ a: 1 })).status).toBe(400);
  expect((await request(app).get("/api/pick-up/0123")).status).toBe(404);
});

test("more than lie at once are told that there is no room", async () => {
  const { app } = serving();
  const answers: number[] = [];
  for (let i = 0; i < 7; i++) answers.push((await leave(app, Buffer.alloc(4_000_000))).status);
  expect(answers).toEqual([201, 201, 201, 201, 201, 201, 503]);
});

test("an address is named only where others reach it", () => {
  expect(addressesOf("127.0.0.1", 4173, "http")).toEqual([]);
  expect(addressesOf("192.0.2.7", 4173, "https")).toEqual(["https://192.0.2.7:4173"]);
  for (const address of addressesOf("0.0.0.0", 80, "http")) expect(address).not.toMatch(/127\.0\.0\.1/);
});
