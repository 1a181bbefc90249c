import { waitFor } from "@testing-library/react";
import { browserDevice } from "./port";

const put = (of: object, name: string, value: unknown): void =>
  void Object.defineProperty(of, name, { value, configurable: true, writable: true });
const takeAway = (of: object, name: string): void => void Reflect.deleteProperty(of, name);

afterEach(() => {
  for (const name of ["vibrate", "wakeLock", "mediaDevices"]) takeAway(navigator, name);
  for (const name of ["AudioContext", "MediaRecorder", "isSecureContext"]) takeAway(globalThis, name);
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
