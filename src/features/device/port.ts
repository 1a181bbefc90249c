import type { Absent } from "@/words/device";

export type Done = { readonly ok: true } | { readonly ok: false; readonly reason: Absent };

export type Held =
  { readonly ok: true; readonly release: () => void } | { readonly ok: false; readonly reason: Absent };

/** A sound that is being taken. */
export interface Speaking {
  /** Ends it and hands it over; a rejection is a microphone that failed meanwhile. */
  readonly end: () => Promise<Blob>;
  /** Lets it go. */
  readonly drop: () => void;
}

/** What is asked of the phone itself: one door for all of it, so that it can be seen what was asked. */
export interface Device {
  /** Shakes for so many milliseconds, still between, and so on. */
  readonly vibrate: (pattern: readonly number[]) => Done;
  /** A short quiet tone. */
  readonly tone: () => Promise<Done>;
  /** Keeps the screen from going dark until it is released; taken again when the page is looked at again. */
  readonly keepAwake: () => Promise<Held>;
  /** Listens to the microphone. */
  readonly speak: () => Promise<
    { readonly ok: true; readonly speaking: Speaking } | { readonly ok: false; readonly reason: Absent }
  >;
}

const no = (reason: Absent): { readonly ok: false; readonly reason: Absent } => ({ ok: false, reason });

const absence = (): Absent => (globalThis.isSecureContext ? "not-here" : "needs-https");

/** Hertz and seconds of the tone, and how loud it is out of 1: heard at arm's length, not across a hall. */
const TONE = { hz: 880, seconds: 0.25, gain: 0.06 };

/** The browser's own ways; each says that it is absent where it is. */
export const browserDevice: Device = {
  vibrate: (pattern) => {
    if (!("vibrate" in navigator)) return no("not-here");
    return navigator.vibrate([...pattern]) ? { ok: true } : no("refused");
  },
  tone: async () => {
    if (typeof AudioContext === "undefined") return no("not-here");
    const context = new AudioContext();
    // Before anybody touched the page the browser lets nothing sound, and would wait for that.
    if (context.state !== "running") {
      await context.close();
      return no("refused");
    }
    const [source, gain] = [context.createOscillator(), context.createGain()];
    source.frequency.value = TONE.hz;
    gain.gain.value = TONE.gain;
    source.connect(gain).connect(context.destination);
    source.onended = () => void context.close();
    source.start();
    source.stop(context.currentTime + TONE.seconds);
    return { ok: true };
  },
  keepAwake: async () => {
    if (!("wakeLock" in navigator)) return no(absence());
    try {
      return { ok: true, release: await heldAwake() };
    } catch {
      return no("refused");
    }
  },
  speak: async () => {
    if (!navigator.mediaDevices || typeof MediaRecorder === "undefined") return no(absence());
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
      return { ok: true, speaking: recorded(stream) };
    } catch {
      return no("refused");
    }
  },
};

/** The browser lets go of the lock whenever the page is hidden: it is taken again when that ends. */
async function heldAwake(): Promise<() => void> {
  let lock = await navigator.wakeLock.request("screen");
  let wanted = true;
  const again = (): void => {
    if (!wanted || document.visibilityState !== "visible") return;
    void navigator.wakeLock.request("screen").then(
      (next) => {
        if (wanted) lock = next;
        else void next.release();
      },
      () => undefined,
    );
  };
  document.addEventListener("visibilitychange", again);
  return () => {
    wanted = false;
    document.removeEventListener("visibilitychange", again);
    void lock.release();
  };
}

function recorded(stream: MediaStream): Speaking {
  const recorder = new MediaRecorder(stream);
  const pieces: Blob[] = [];
  const quiet = (): void => stream.getTracks().forEach((track) => track.stop());
  recorder.ondataavailable = ({ data }) => void (data.size > 0 && pieces.push(data));
  recorder.start(1000);
  return {
    end: () =>
      new Promise((resolve, reject) => {
        const done = (): void => {
          quiet();
          resolve(new Blob(pieces, { type: recorder.mimeType }));
        };
        recorder.onstop = done;
        recorder.onerror = () => {
          quiet();
          reject(new Error("the microphone stopped"));
        };
        // A microphone that was pulled out has stopped by itself.
        if (recorder.state === "inactive") done();
        else recorder.stop();
      }),
    drop: () => {
      recorder.onstop = null;
      if (recorder.state !== "inactive") recorder.stop();
      quiet();
    },
  };
}
