import { waitFor } from "@testing-library/react";
import { browserDevice } from "./port";

const put = (of: object, name: string, value: unknown): void =>
  void Object.defineProperty(of, name, { value, configurable: true, writable: true });
const takeAway = (of: object, name: string): void => void Reflect.deleteProperty(of, name);

afterEach(() => {
  for (const name of ["vibrate", "wakeLock", "mediaDevices", "geolocation", "serviceWorker"])
    takeAway(navigator, name);
  for (const name of [
    "AudioContext",
    "MediaRecorder",
    "isSecureContext",
    "Notification",
    "DeviceOrientationEvent",
  ])
    takeAway(globalThis, name);
});

test("what the browser has not is told with why: plain http where that is the reason", async () => {
  expect(browserDevice.vibrate([100])).toEqual({ ok: false, reason: "not-here" });
  expect(await browserDevice.tone()).toEqual({ ok: false, reason: "not-here" });
  put(globalThis, "isSecureContext", false);
  expect(await browserDevice.keepAwake()).toEqual({ ok: false, reason: "needs-https" });
  expect(await browserDevice.speak()).toEqual({ ok: false, reason: "needs-https" });
  put(globalThis, "isSecureContext", true);
  expect(await browserDevice.keepAwake()).toEqual({ ok: false, reason: "not-here" });
  expect(await browserDevice.speak()).toEqual({ ok: false, reason: "not-here" });
});

test("a phone shakes as it is asked, and a browser that refuses is told as refusing", () => {
  const patterns: unknown[] = [];
  put(navigator, "vibrate", (pattern: unknown) => patterns.push(pattern) > 0);
  expect(browserDevice.vibrate([400, 150])).toEqual({ ok: true });
  expect(patterns).toEqual([[400, 150]]);
  put(navigator, "vibrate", () => false);
  expect(browserDevice.vibrate([1])).toEqual({ ok: false, reason: "refused" });
});

test("a page that nobody touched yet sounds nothing and leaves nothing open", async () => {
  let closed = 0;
  put(
    globalThis,
    "AudioContext",
    class {
      state = "suspended";
      close = async (): Promise<void> => void closed++;
    },
  );
  expect(await browserDevice.tone()).toEqual({ ok: false, reason: "refused" });
  expect(closed).toBe(1);
});

test("the screen is kept on again when the page comes back, and let go for good when it is released", async () => {
  const asked: string[] = [];
  put(navigator, "wakeLock", {
    request: async () => {
      const number = asked.push("taken");
      return { release: async () => void asked.push(`released ${number}`) };
    },
  });
  const held = await browserDevice.keepAwake();
  document.dispatchEvent(new Event("visibilitychange"));
  await waitFor(() => expect(asked).toEqual(["taken", "taken"]));
  if (held.ok) held.release();
  document.dispatchEvent(new Event("visibilitychange"));
  await waitFor(() => expect(asked).toEqual(["taken", "taken", "released 2"]));
  put(navigator, "wakeLock", { request: () => Promise.reject(new Error("low battery")) });
  expect(await browserDevice.keepAwake()).toEqual({ ok: false, reason: "refused" });
});

test("a microphone that is refused is told; one that was pulled out still hands over what it had", async () => {
  put(navigator, "mediaDevices", { getUserMedia: () => Promise.reject(new Error("no")) });
  put(globalThis, "MediaRecorder", class {});
  expect(await browserDevice.speak()).toEqual({ ok: false, reason: "refused" });
  let stopped = 0;
  put(navigator, "mediaDevices", {
    getUserMedia: async () => ({ getTracks: () => [{ stop: () => stopped++ }] }),
  });
  put(
    globalThis,
    "MediaRecorder",
    class {
      mimeType = "audio/webm";
      state = "inactive";
      ondataavailable?: (event: { data: Blob }) => void;
      start(): void {
        this.ondataavailable?.({ data: new Blob(["so far"]) });
      }
    },
  );
  const begun = await browserDevice.speak();
  if (!begun.ok) throw new Error(begun.reason);
  const sound = await begun.speaking.end();
  expect([sound.size, sound.type, stopped]).toEqual([6, "audio/webm", 1]);
});

test("a notice is shown by the service worker where there is one, silent as asked, and not before it may", async () => {
  put(globalThis, "isSecureContext", true);
  expect(await browserDevice.mayNotify()).toEqual({ ok: false, reason: "not-here" });
  const shown: unknown[] = [];
  class Notices {
    static permission = "default";
    static requestPermission = async (): Promise<string> => Notices.permission;
    constructor(...told: unknown[]) {
      shown.push(["page", ...told]);
    }
  }
  put(globalThis, "Notification", Notices);
  expect(await browserDevice.mayNotify()).toEqual({ ok: false, reason: "refused" });
  expect(await browserDevice.notify({ title: "Call", silent: true })).toEqual({
    ok: false,
    reason: "refused",
  });
  Notices.permission = "granted";
  expect(await browserDevice.mayNotify()).toEqual({ ok: true });
  expect(await browserDevice.notify({ title: "Call", silent: true })).toEqual({ ok: true });
  const showNotification = async (...told: unknown[]): Promise<void> => void shown.push(["worker", ...told]);
  put(navigator, "serviceWorker", { getRegistration: async () => ({ showNotification }) });
  expect(await browserDevice.notify({ title: "Leave", silent: false })).toEqual({ ok: true });
  expect(shown).toEqual([
    ["page", "Call", { silent: true, tag: "call" }],
    ["worker", "Leave", { silent: false, tag: "call" }],
  ]);
});

test("a place is told until it is let go; a refusal and a place that is not found are told apart", () => {
  const told: unknown[] = [];
  const sensed = {
    onTold: (fix: unknown) => void told.push(fix),
    onTrouble: (reason: unknown) => void told.push(reason),
  };
  put(globalThis, "isSecureContext", true);
  browserDevice.watchPlace(sensed);
  let [onFix, onError]: ((of: object) => void)[] = [];
  const cleared: unknown[] = [];
  put(navigator, "geolocation", {
    watchPosition: (...asked: ((of: object) => void)[]) => {
      [onFix, onError] = asked;
      return 7;
    },
    clearWatch: (id: unknown) => cleared.push(id),
  });
  const letGo = browserDevice.watchPlace(sensed);
  onFix!({ coords: { latitude: 53, longitude: -1, accuracy: 9, speed: 3 } });
  onError!({ code: 3 });
  onError!({ code: 1 });
  put(globalThis, "isSecureContext", false);
  onError!({ code: 1 });
  letGo();
  expect(told).toEqual([
    "not-here",
    { latitude: 53, longitude: -1, accuracy: 9 },
    "not-now",
    "refused",
    "needs-https",
  ]);
  expect(cleared).toEqual([7]);
});

test("a heading is told clockwise from north, never that of a device that only knows how it was turned", async () => {
  const told: unknown[] = [];
  const sensed = {
    onTold: (degrees: number) => void told.push(degrees),
    onTrouble: (reason: unknown) => void told.push(reason),
  };
  put(globalThis, "isSecureContext", true);
  (await browserDevice.watchHeading(sensed))();
  put(globalThis, "DeviceOrientationEvent", class {});
  const letGo = await browserDevice.watchHeading(sensed);
  const turned = (name: string, attitude: object): void =>
    void globalThis.dispatchEvent(Object.assign(new Event(name), attitude));
  turned("deviceorientation", { alpha: 30, absolute: false });
  turned("deviceorientationabsolute", { alpha: 30, absolute: true });
  turned("deviceorientation", { alpha: 1, absolute: false, webkitCompassHeading: 271 });
  letGo();
  turned("deviceorientationabsolute", { alpha: 40, absolute: true });
  expect(told).toEqual(["not-here", 330, 271]);
  put(globalThis, "DeviceOrientationEvent", { requestPermission: async () => "denied" });
  await browserDevice.watchHeading(sensed);
  expect(told.at(-1)).toBe("refused");
});
