import { READY, readyWorker } from "./ready-worker";

/** Stands for the browser's worker: what it does on its start is told by each test. */
class Stand extends EventTarget {
  isEnded = false;
  terminate(): void {
    this.isEnded = true;
  }
  /** Comes once the turn is over, as from a worker. */
  come(event: Event): this {
    void Promise.resolve().then(() => this.dispatchEvent(event));
    return this;
  }
}

const ready = (): Event => new MessageEvent("message", { data: READY });
const make = (made: Stand[], each: (stand: Stand, i: number) => void) => (): Worker => {
  const stand = new Stand();
  made.push(stand);
  each(stand, made.length);
  return stand as unknown as Worker;
};

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("one that does not start is ended, and the next is taken", async () => {
  const made: Stand[] = [];
  const taken = readyWorker(make(made, (stand, n) => n === 3 && stand.come(ready())));
  await jest.runAllTimersAsync();
  expect(await taken).toBe(made[2]);
  expect(made.map((w) => w.isEnded)).toEqual([true, true, false]);
});

test("what it says of its work is not taken for its start", async () => {
  const made: Stand[] = [];
  const taken = readyWorker(
    make(made, (stand, n) => stand.come(n === 1 ? new MessageEvent("message", { data: "other" }) : ready())),
  );
  await jest.runAllTimersAsync();
  expect(await taken).toBe(made[1]);
});

test("where none starts, and where its script fails, it says so and leaves none behind", async () => {
  const silent: Stand[] = [];
  const none = expect(readyWorker(make(silent, () => undefined))).rejects.toThrow("has not started a worker");
  await jest.runAllTimersAsync();
  await none;
  expect(silent.map((w) => w.isEnded)).toEqual([true, true, true]);
  const broken: Stand[] = [];
  await expect(readyWorker(make(broken, (stand) => stand.come(new Event("error"))))).rejects.toThrow();
  expect(broken.map((w) => w.isEnded)).toEqual([true]);
});

test("what is no longer wanted is not started again", async () => {
  const made: Stand[] = [];
  const wanted = new AbortController();
  const given = expect(
    readyWorker(
      make(made, () => undefined),
      wanted.signal,
    ),
  ).rejects.toThrow();
  wanted.abort();
  await given;
  await jest.runAllTimersAsync();
  expect(made.map((w) => w.isEnded)).toEqual([true]);
});
