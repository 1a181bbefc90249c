import { createServer, type Server } from "node:http";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { inflateSync } from "node:zlib";
import type { AddressInfo } from "node:net";
import request from "supertest";
import { createApp } from "../app";
import { cameraSchema, playCamera, type Frame } from "./camera";
import { MOST_LISTENERS } from "./event-stream";
import { forecastFor, type Forecast } from "./forecast";
import { playMeet, type MeetAsked } from "./meet";
import { standInsOf } from ".";

const MINUTE = 60_000;
const START = Date.UTC(2026, 10, 14, 10);
const events = Array.from({ length: 60 }, (_, i) => ({
  id: `event-${i}`,
  starts: START + i * 10 * MINUTE,
  minutes: 4,
  calls: [30, 20, 10],
  who: ["Ida Roth", "Mia Falk", "Nora Sund", "Lena Holm"],
  course: i % 3 === 0 ? "pit" : "track",
}));
const asked: MeetAsked = { events, speed: 600, seed: 3, drops: 2 };
const dist = mkdtempSync(path.join(tmpdir(), "stand-ins-"));
const all = createApp(dist, { standIns: ["camera", "meet", "forecast"] });

test("stand-ins are off unless they are switched on, one by one or all", async () => {
  expect([standInsOf(), standInsOf("meet, camera"), standInsOf("all"), standInsOf("printer")]).toEqual([
    [],
    ["camera", "meet"],
    ["camera", "meet", "forecast"],
    [],
  ]);
  const off = createApp(dist);
  expect((await request(off).get("/api/stand-ins")).body).toEqual({ ok: true, on: [] });
  for (const path of ["/forecast?latitude=1&longitude=1&from=1&until=2", "/camera/events", "/meet/1/events"])
    expect([path, (await request(off).get(`/api/stand-ins${path}`)).status]).toEqual([path, 404]);
  expect((await request(off).post("/api/stand-ins/meet").send(asked)).status).toBe(404);
});

test("what is not understood is refused with what and where, and what is too long is not taken in", async () => {
  const post = (body: object) => request(all).post("/api/stand-ins/meet").send(body);
  expect((await post({ ...asked, speed: 1e9 })).body).toMatchObject({ ok: false, where: "speed" });
  expect((await post({ ...asked, events: [] })).status).toBe(400);
  expect((await post({ ...asked, events: [{ ...events[0], id: "<script>" }] })).body).toMatchObject({
    where: "events.0.id",
  });
  expect((await post({ ...asked, note: "x".repeat(400_000) })).status).toBe(413);
  expect((await request(all).get("/api/stand-ins/camera/events?iso=none")).body).toMatchObject({
    reason: "not-understood",
  });
  expect((await request(all).get("/api/stand-ins/meet/99/events")).status).toBe(404);
  expect((await request(all).get("/api/stand-ins/forecast?latitude=100")).status).toBe(400);
});

test("a meet of a seed is the same again: every event has its start and its result, calls move with the delays", () => {
  const { told, cutAt } = playMeet(asked);
  expect(playMeet(asked).told).toEqual(told);
  expect(playMeet({ ...asked, seed: 4 }).told).not.toEqual(told);
  expect(told.map((t) => t.id)).toEqual(told.map((_, i) => i + 1));
  expect(told.every((t, i) => i === 0 || t.due >= told[i - 1]!.due)).toBe(true);
  const of = <T>(name: string) => told.filter((t) => t.event === name).map((t) => t.data as T);
  expect(of("result")).toHaveLength(60);
  const delays = of<{ eventIds: string[]; minutes: number }>("delay");
  expect(delays.length).toBeGreaterThan(2);
  const courseOf = (id: string) => events.find((e) => e.id === id)!.course;
  // A delay moves what is still to come on its own course, and nothing of another.
  for (const { eventIds } of delays) {
    const [first] = eventIds;
    const from = events.findIndex((e) => e.id === first);
    const own = events.filter((e, i) => i >= from && e.course === courseOf(first!));
    expect(eventIds).toEqual(own.map((e) => e.id));
  }
  expect(new Set(delays.map(({ eventIds }) => courseOf(eventIds[0]!))).size).toBe(2);
  const starts = of<{ eventId: string; at: number }>("start");
  for (const { eventId, at } of starts) {
    const late = delays.filter((d) => d.eventIds.includes(eventId)).reduce((sum, d) => sum + d.minutes, 0);
    expect(at).toBe(events.find((e) => e.id === eventId)!.starts + late * MINUTE);
  }
  expect(of("call")).toHaveLength(180);
  expect(of("scratch").length).toBeGreaterThan(2);
  // Ten hours at six hundred times are a minute.
  expect(told.at(-1)!.due / 1000).toBeGreaterThan(60);
  expect(told.at(-1)!.due / 1000).toBeLessThan(75);
  expect(cutAt).toHaveLength(2);
});

test("frames come in bursts with a clock that is ahead, a buffer that fills, and pictures as bright as they are off", () => {
  const camera = cameraSchema.parse({
    exposureTime: 0.001,
    fNumber: 2.8,
    iso: 800,
    focalLength: 200,
    brighter: -1,
    bufferMb: 100,
  });
  const told = playCamera(camera, START);
  const frames = told.filter((t) => t.event === "frame").map((t) => ({ ...(t.data as Frame), due: t.due }));
  expect(told.at(-1)).toMatchObject({ event: "over", data: { frames: frames.length } });
  expect(frames.length).toBeGreaterThan(50);
  for (const frame of frames) {
    expect(Date.parse(frame.DateTimeOriginal) - START - frame.due).toBeCloseTo(37_000, -1);
    expect(frame.bufferFrames).toBeGreaterThanOrEqual(0);
    const png = Buffer.from(frame.picture, "base64");
    expect([png.subarray(1, 4).toString(), png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([
      "PNG",
      48,
      32,
    ]);
    const at = png.indexOf("IDAT");
    const rows = inflateSync(png.subarray(at + 4, at + 4 + png.readUInt32BE(at - 4)));
    // A row is its filter and 48 px: the middle of the picture.
    const v = rows[16 * 49 + 1 + 24]! / 255;
    const linear = ((v + 0.055) / 1.055) ** 2.4;
    expect(Math.abs(Math.log2(linear / 0.18) + 1)).toBeLessThan(0.25);
  }
  expect(Math.min(...frames.map((f) => f.bufferFrames))).toBe(0);
  expect(frames.at(-1)!.cardMb).toBe(64_000 - frames.length * 28);
});

test("a forecast is the same for its seed, in its ranges, and its members part as the hours go on", async () => {
  const query = "latitude=53&longitude=-1&from=1794000000000&until=1794086400000&seed=2";
  const { body } = (await request(all).get(`/api/stand-ins/forecast?${query}`)) as { body: Forecast };
  expect((await request(all).get(`/api/stand-ins/forecast?${query}`)).body).toEqual(body);
  expect(body.hours.length).toBeGreaterThanOrEqual(25);
  const spread = (i: number): number => {
    const clouds = body.hours[i]!.members.map((m) => m.cloud);
    return Math.max(...clouds) - Math.min(...clouds);
  };
  expect(spread(23) + spread(22) + spread(21)).toBeGreaterThan(spread(0) + spread(1) + spread(2));
  for (const { members } of body.hours)
    for (const m of members) {
      expect(m.cloud >= 0 && m.cloud <= 8 && m.rain >= 0 && m.wind >= 0 && m.wind <= 40).toBe(true);
      expect(Math.abs(m.temperature)).toBeLessThan(45);
    }
  const far = { latitude: 0, longitude: 0, from: 0, until: 1e13, seed: 1 };
  expect(forecastFor(far).hours).toHaveLength(240);
});

/** Lines of a stream until it ends or is cut off. */
async function listen(url: string, lastId?: number): Promise<string> {
  const answer = await fetch(url, { headers: lastId ? { "Last-Event-ID": String(lastId) } : {} });
  let text = "";
  try {
    const reader = answer.body!.getReader();
    for (let piece = await reader.read(); !piece.done; piece = await reader.read())
      text += Buffer.from(piece.value).toString();
  } catch {
    // Cut off: what came until then counts.
  }
  return text;
}
const idsOf = (text: string): number[] => [...text.matchAll(/^id: (\d+)$/gm)].map((m) => Number(m[1]));

test("a listener that is cut off comes back and misses nothing; more listeners than one machine has are refused", async () => {
  const server: Server = createServer(all);
  await new Promise<void>((ready) => void server.listen(0, "127.0.0.1", ready));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/stand-ins`;
  const short = { ...asked, events: events.slice(0, 6), speed: 3600, drops: 2 };
  const made = await fetch(`${base}/meet`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(short),
  });
  const { id } = (await made.json()) as { id: string };
  const heard: number[] = [];
  let rounds = 0;
  let last = "";
  while (!last.includes("event: over") && rounds++ < 10) {
    last = await listen(`${base}/meet/${id}/events`, heard.at(-1));
    heard.push(...idsOf(last));
  }
  expect(rounds).toBe(3);
  expect(heard).toEqual(playMeet(short).told.map((t) => t.id));
  const open = await Promise.all(
    Array.from({ length: MOST_LISTENERS }, () =>
      fetch(`${base}/camera/events?exposureTime=0.001&fNumber=4&iso=100&focalLength=200`),
    ),
  );
  const more = await fetch(`${base}/meet/${id}/events`);
  expect([open.every((o) => o.status === 200), more.status]).toEqual([true, 503]);
  await Promise.all(open.map((o) => o.body!.cancel()));
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
});

test("another machine is turned away unless that was asked for", async () => {
  const from = (app: ReturnType<typeof createApp>) => {
    app.set("trust proxy", false);
    return request(app).get("/api/stand-ins");
  };
  expect((await from(all)).status).toBe(200);
  const far = createApp(dist, { standIns: ["meet"] });
  const server = createServer((req, res) => {
    Object.defineProperty(req.socket, "remoteAddress", { value: "192.0.2.7", configurable: true });
    far(req, res);
  });
  expect((await request(server).get("/api/stand-ins")).body).toEqual({
    ok: false,
    reason: "this-machine-alone",
  });
});

test("a meet from the year 1970 to the year 5138 ended the server: it is refused before any of it is made", async () => {
  const [first, second] = events;
  const long = {
    ...asked,
    events: [
      { ...first!, starts: 0 },
      { ...second!, starts: 1e14 },
    ],
  };
  const answer = await request(all).post("/api/stand-ins/meet").send(long);
  expect(answer.status).toBe(400);
  expect(answer.body).toMatchObject({ reason: "not-understood", where: "events" });
  const weekend = { ...asked, events: [first!, { ...second!, starts: first!.starts + 95 * 60 * MINUTE }] };
  expect((await request(all).post("/api/stand-ins/meet").send(weekend)).status).toBe(201);
});

test("a page from elsewhere drove the stand-ins through the user’s browser: its name and its origin are looked at", async () => {
  const get = (header: string, value: string) => request(all).get("/api/stand-ins").set(header, value);
  expect((await get("Origin", "http://localhost:4173")).status).toBe(200);
  for (const [header, value] of [
    ["Origin", "https://elsewhere.example"],
    ["Origin", "null"],
    ["Host", "elsewhere.example"],
    ["Host", "localhost.elsewhere.example:4173"],
  ] as const)
    expect((await get(header, value)).body).toEqual({ ok: false, reason: "foreign-page" });
});
