/** What each worker posts once it listens. */
export const READY = "ready";

/** Milliseconds that a start may take, try by try: a browser now and then loses one, and a busy machine is slow. */
const PATIENCE = [4000, 8000, 16_000] as const;

/**
 * A worker that has said that it listens; one that does not start is ended, and another is started in its place.
 * Rejects where none can be made, where its script fails, where the last of them did not start either, and once it is no
 * longer wanted.
 */
export async function readyWorker(make: () => Worker, wanted?: AbortSignal): Promise<Worker> {
  for (const patience of PATIENCE) {
    if (wanted?.aborted) break;
    const worker = make();
    const came = await startOf(worker, patience, wanted);
    if (came === "ready") return worker;
    worker.terminate();
    if (came === "failed") break;
  }
  throw new Error("this browser has not started a worker");
}

/** Rejects once a worker that has started fails. */
export const failureOf = (worker: Worker): Promise<never> =>
  new Promise((_, reject) => {
    worker.onerror = () => reject(new Error("the worker failed"));
  });

type Came = "ready" | "failed" | "late";

const startOf = (worker: Worker, patience: number, wanted: AbortSignal | undefined): Promise<Came> =>
  new Promise((resolve) => {
    const settle = (came: Came): void => {
      clearTimeout(late);
      resolve(came);
    };
    const late = setTimeout(() => settle("late"), patience);
    worker.addEventListener("message", ({ data }: MessageEvent<unknown>) => {
      if (data === READY) settle("ready");
    });
    worker.addEventListener("error", () => settle("failed"));
    wanted?.addEventListener("abort", () => settle("failed"));
  });
