import { wrap } from "comlink";
import type { HeaderRead } from "@/data/pictures/read-header";
import type { Progress } from "@/core/units";
import type { HeadersAsked, NamedFile, readHeaders } from "./picture-files";
import { failureOf, readyWorker } from "./ready-worker";

/** Files handed to the worker at once: between two of them it can be paused, stopped, and says how far it is. */
const PART = 48;

/** Reading that goes on beside the page. */
export interface Reading {
  /** Of each file in its order; fewer where it was stopped. Rejects where the browser gives no worker. */
  readonly result: Promise<HeaderRead[]>;
  readonly pause: () => void;
  readonly resume: () => void;
  readonly stop: () => void;
}

/** Reads the headers of files in a worker of its own, which ends with it. */
export function startReading(
  files: readonly NamedFile[],
  asked: HeadersAsked,
  report: (progress: Progress) => void,
): Reading {
  let isStopped = false;
  let going: Promise<void> = Promise.resolve();
  let go = (): void => undefined;
  const read = async (): Promise<HeaderRead[]> => {
    const worker = await readyWorker(
      () => new Worker(new URL("./picture-files.worker.ts", window.location.href)),
    );
    const failed = failureOf(worker);
    const remote = wrap<{ readHeaders: typeof readHeaders }>(worker);
    const all: HeaderRead[] = [];
    try {
      while (all.length < files.length && !isStopped) {
        const part = files.slice(all.length, all.length + PART);
        all.push(...(await Promise.race([remote.readHeaders(part, asked), failed])));
        report({ done: all.length, total: files.length });
        await going;
      }
      return all;
    } finally {
      worker.terminate();
    }
  };
  return {
    result: read(),
    pause: () => (going = new Promise((resolve) => (go = resolve))),
    resume: () => go(),
    stop: () => {
      isStopped = true;
      go();
    },
  };
}
