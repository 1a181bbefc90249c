import { pageEntries } from "../store/page-entries";
import type { Frame } from "../schema/frame";
import { createFrames, FRAMES_AN_ENTRY } from "./frames";

const T = Date.UTC(2026, 9, 17, 15);
const frame = (n: number, more: Partial<Frame> = {}): Frame => ({
  id: `f${n}`,
  files: [{ name: `B${n}.JPG`, size: 1000 + n }],
  taken: T + n * 100,
  hasSubSeconds: true,
  body: "a",
  ...more,
});
const many = Array.from({ length: 2 * FRAMES_AN_ENTRY + 30 }, (_, n) => frame(n));
const clock = { body: "a", ahead: 3600, error: 0.5, drift: 0, at: T, by: "picture" } as const;

test("frames are kept in the order of their time, and one that is marked gives way to its newer self", async () => {
  const entries = pageEntries();
  const frames = createFrames(entries);
  expect(await frames.put("o", many.toReversed())).toEqual({ ok: true });
  const before = new Map(await entries.list("frames/o/"));
  expect(await frames.put("o", [frame(7, { mark: "keep" })])).toEqual({ ok: true });
  const after = await entries.list("frames/o/");
  // A mark writes the one entry that holds the frame.
  expect(after).toHaveLength(3);
  expect(after.filter(([key, text]) => before.get(key) !== text)).toHaveLength(1);
  const { frames: read } = await frames.of("o");
  expect(read).toHaveLength(many.length);
  expect(read.map((f) => f.taken)).toEqual(many.map((f) => f.taken));
  expect(read[7]!.mark).toBe("keep");
  await frames.put("o", [frame(-5)]);
  expect((await frames.of("o")).frames[0]!.id).toBe("f-5");
  expect((await frames.of("other")).frames).toEqual([]);
});

test("a frame that could not be read again refuses all that is written with it", async () => {
  const frames = createFrames(pageEntries());
  await frames.put("o", [frame(1)]);
  const bad = { ...frame(3), iso: -1 };
  expect(await frames.put("o", [frame(2), bad])).toEqual({ ok: false, reason: "storage-failed" });
  expect((await frames.of("o")).frames.map((f) => f.id)).toEqual(["f1"]);
});

test("an entry that is damaged is passed over and left where it is", async () => {
  const entries = pageEntries();
  const frames = createFrames(entries);
  await frames.put("o", many);
  await entries.change((tx) => tx.put("frames/o/000001", "{"));
  expect((await frames.of("o")).frames).toHaveLength(FRAMES_AN_ENTRY + 30);
  await frames.put("o", [frame(0, { mark: "away" })]);
  expect(await entries.get("frames/o/000001")).toBe("{");
});

test("what comes with a file comes beside what is here, goes again, and all goes with its outing", async () => {
  const entries = pageEntries();
  const frames = createFrames(entries);
  const brought = { frames: [frame(1, { mark: "away" }), frame(2)], clocks: [clock] };
  await entries.change((tx) => frames.bringing("new", brought).write(tx));
  expect(await frames.of("new")).toEqual(brought);
  await frames.put("o", [frame(1, { mark: "keep" })]);
  await entries.change((tx) => frames.bringing("o", brought).write(tx));
  const { frames: here, clocks } = await frames.of("o");
  expect(here.map((f) => f.mark)).toEqual(["keep", undefined]);
  expect(clocks).toEqual([]);
  await frames.remove("o", new Set(["f1"]));
  expect((await frames.of("o")).frames.map((f) => f.id)).toEqual(["f2"]);
  await frames.putClocks("o", [clock]);
  await frames.forget("o");
  expect(await frames.of("o")).toEqual({ frames: [], clocks: [] });
  expect((await frames.of("new")).frames).toHaveLength(2);
});
