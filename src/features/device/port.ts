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

/** Where the device is, as it says. */
export interface Fix {
  /** Degrees, north and east positive. */
  readonly latitude: number;
  readonly longitude: number;
  /** Metres within which it is, 95 times of 100. */
  readonly accuracy: number;
}

/** How fast the device is turned about the line that stands up. */
export interface Turning {
  /** Milliseconds by the page's own clock. */
  readonly at: number;
  /** Degrees a second; which way is above 0 hangs on how it is held. */
  readonly rate: number;
}

/** What a sense of the device tells until it is let go. */
export interface Sensed<T> {
  readonly onTold: (told: T) => void;
  readonly onTrouble: (reason: Absent) => void;
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
  /** Asks the user whether the page may tell something as a notice. */
  readonly mayNotify: () => Promise<Done>;
  /** Tells something as a notice over other pages and the lock screen, once it may. */
  readonly notify: (notice: { readonly title: string; readonly silent: boolean }) => Promise<Done>;
  /** Says where the device is, again and again, until it is let go; the browser asks the user first. */
  readonly watchPlace: (sensed: Sensed<Fix>) => () => void;
  /** Says where the device's upper edge points, degrees clockwise from north, until it is let go. */
  readonly watchHeading: (sensed: Sensed<number>) => Promise<() => void>;
  /** Says how fast the device is turned about the line that stands up, until it is let go; the browser asks the user first. */
  readonly watchTurning: (sensed: Sensed<Turning>) => Promise<() => void>;
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
  mayNotify: async () => {
    if (typeof Notification === "undefined") return no(absence());
    return (await Notification.requestPermission()) === "granted" ? { ok: true } : no("refused");
  },
  notify: async ({ title, silent }) => {
    if (typeof Notification === "undefined") return no(absence());
    if (Notification.permission !== "granted") return no("refused");
    try {
      const how = { silent, tag: "call" };
      const worker = await navigator.serviceWorker?.getRegistration();
      // Browsers of phones take a notice from a service worker alone.
      if (worker) await worker.showNotification(title, how);
      else new Notification(title, how);
      return { ok: true };
    } catch {
      return no("refused");
    }
  },
  watchPlace: placeWatched,
  watchHeading: headingWatched,
  watchTurning: turningWatched,
};

/** Seconds for which a place may be looked for before it is said that there is none yet. */
const PATIENCE = 15;
/** GeolocationPositionError.PERMISSION_DENIED. */
const DENIED = 1;

function placeWatched({ onTold, onTrouble }: Sensed<Fix>): () => void {
  if (!("geolocation" in navigator)) {
    onTrouble(absence());
    return () => undefined;
  }
  const watch = navigator.geolocation.watchPosition(
    ({ coords: { latitude, longitude, accuracy } }) => onTold({ latitude, longitude, accuracy }),
    ({ code }) =>
      onTrouble(code !== DENIED ? "not-now" : globalThis.isSecureContext ? "refused" : "needs-https"),
    { enableHighAccuracy: true, timeout: PATIENCE * 1000 },
  );
  return () => navigator.geolocation.clearWatch(watch);
}

/** What an event of the device's attitude holds, the way of one maker's browsers included. */
type Attitude = DeviceOrientationEvent & { readonly webkitCompassHeading?: number };

/** Degrees clockwise from north of the upper edge of the screen; nothing where the device only knows how it was turned. */
function headingOf({ webkitCompassHeading, alpha, absolute }: Attitude): number | undefined {
  const turned = globalThis.screen?.orientation?.angle ?? 0;
  if (webkitCompassHeading !== undefined) return (webkitCompassHeading + turned) % 360;
  return absolute && alpha !== null ? (360 - alpha + turned) % 360 : undefined;
}

/** Milliseconds without a heading after which the device has none. */
const NO_COMPASS = 2000;

async function headingWatched({ onTold, onTrouble }: Sensed<number>): Promise<() => void> {
  const none = (reason: Absent) => (onTrouble(reason), () => undefined);
  if (typeof DeviceOrientationEvent === "undefined") return none(absence());
  const asks = DeviceOrientationEvent as unknown as { readonly requestPermission?: () => Promise<string> };
  const answer = await (asks.requestPermission?.() ?? "granted");
  if (answer !== "granted") return none("refused");
  const silence = setTimeout(() => onTrouble("not-here"), NO_COMPASS);
  const onTurn = (event: Event): void => {
    const heading = headingOf(event as Attitude);
    if (heading === undefined) return;
    clearTimeout(silence);
    onTold(heading);
  };
  // Browsers tell the true direction by one event or by the other.
  const names = ["deviceorientationabsolute", "deviceorientation"];
  for (const name of names) globalThis.addEventListener(name, onTurn);
  return () => {
    clearTimeout(silence);
    for (const name of names) globalThis.removeEventListener(name, onTurn);
  };
}

/** Upright it turns about its long side, on its side about its short one. */
const rateOf = ({ rotationRate }: DeviceMotionEvent): number | undefined => {
  const lies = Math.abs(globalThis.screen?.orientation?.angle ?? 0) % 180 === 90;
  return (lies ? rotationRate?.beta : rotationRate?.gamma) ?? undefined;
};

async function turningWatched({ onTold, onTrouble }: Sensed<Turning>): Promise<() => void> {
  const none = (reason: Absent) => (onTrouble(reason), () => undefined);
  if (typeof DeviceMotionEvent === "undefined") return none(absence());
  const asks = DeviceMotionEvent as unknown as { readonly requestPermission?: () => Promise<string> };
  const answer = await (asks.requestPermission?.() ?? Promise.resolve("granted")).catch(() => "denied");
  if (answer !== "granted") return none("refused");
  const silence = setTimeout(() => onTrouble(absence()), NO_COMPASS);
  const onMove = (event: DeviceMotionEvent): void => {
    const rate = rateOf(event);
    if (rate === undefined) return;
    clearTimeout(silence);
    onTold({ at: event.timeStamp, rate });
  };
  globalThis.addEventListener("devicemotion", onMove);
  return () => {
    clearTimeout(silence);
    globalThis.removeEventListener("devicemotion", onMove);
  };
}

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
