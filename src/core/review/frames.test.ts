import { burstsOf } from "./bursts";
import { pressesOf, stemOf, type Capture } from "./capture";
import { clockByPicture, clockByTag, clockByTwo, clocksAgreeing, trueTime } from "./clock";

const T = Date.UTC(2026, 9, 17, 15);
const frame = (ms: number, more: Partial<Capture> = {}): Capture => ({
  id: String(ms),
  taken: T + ms,
  hasSubSeconds: true,
  body: "a",
  exposureTime: 1 / 1000,
  ...more,
});
const lengths = (frames: readonly Capture[]) => burstsOf(frames).map((b) => b.frames.length);

test("frames that follow one another are one burst; a pause, another body or another lens begins one", () => {
  expect(lengths([0, 100, 200, 5000, 5100].map((ms) => frame(ms)))).toEqual([3, 2]);
  // Two bodies at once: each has its own.
  expect(lengths([frame(0), frame(50, { body: "b" }), frame(100), frame(150, { body: "b" })])).toEqual([
    2, 2,
  ]);
  expect(lengths([frame(0, { focalLengthMm: 70 }), frame(300, { focalLengthMm: 200 })])).toEqual([1, 1]);
  expect(lengths([frame(0), frame(300, { exposureTime: 1 / 60 })])).toEqual([1, 1]);
  // A pause is from the end of a frame: half a second of exposure is none.
  expect(lengths([frame(0, { exposureTime: 0.5 }), frame(1100, { exposureTime: 0.5 })])).toEqual([2]);
  const whole = { hasSubSeconds: false };
  expect(lengths([frame(0, whole), frame(0, whole), frame(1000, whole), frame(3000, whole)])).toEqual([3, 1]);
  expect(burstsOf([])).toEqual([]);
});

test("raw and JPEG of one press are one frame; the same number of another day or body is not", () => {
  const file = (name: string, taken: number, body = "a") => ({ name, taken, body, size: 1 });
  const presses = pressesOf([
    file("day/B1.JPG", T),
    file("raw/b1.dng", T + 300),
    file("B1.JPG", T + 86_400_000),
    file("B2.JPG", T + 1000),
    file("B1.JPG", T, "b"),
  ]);
  expect(presses.map((p) => p.map((f) => f.name))).toEqual([
    ["day/B1.JPG", "raw/b1.dng"],
    ["B1.JPG"],
    ["B2.JPG"],
    ["B1.JPG"],
  ]);
  expect(stemOf("a.b/C.D.jpg")).toBe("c.d");
});

test("a clock in a picture tells the camera's to half a second, a tag less well, two of them its drift", () => {
  const first = clockByPicture({ taken: T + 3_600_000, seen: T });
  expect(first).toEqual({ ahead: 3600, error: 0.5, drift: 0, at: T });
  expect(trueTime(T + 3_600_000, first)).toBe(T);
  expect(clockByTag({ taken: T, tagged: T + 12_000 })).toMatchObject({ ahead: 0, error: 10 });
  const later = clockByPicture({ taken: T + 3_600_000 + 43_200_000 + 4000, seen: T + 43_200_000 });
  const two = clockByTwo(later, first);
  expect(two).toMatchObject({ ok: true, value: { ahead: 3600, drift: 8, error: 0.5 } });
  expect(two.ok && trueTime(T + 3_600_000 + 43_200_000 + 4000, two.value)).toBeCloseTo(T + 43_200_000, -1);
  expect(clockByTwo(first, clockByPicture({ taken: T, seen: T + 60_000 }))).toMatchObject({ ok: false });
  expect(trueTime(T, undefined)).toBe(T);
});

test("without bursts or without a day there is nothing to agree with", () => {
  const day = { events: [], tags: [T] };
  expect(clocksAgreeing([T, T], day).ok).toBe(false);
  expect(clocksAgreeing([T, T, T, T, T], { events: [], tags: [] }).ok).toBe(false);
});
