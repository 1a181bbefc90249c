import { proxy, wrap } from "comlink";
import { readFile, type FileRead, type OnProgress } from "@/data/files";
import { failureOf, readyWorker } from "./ready-worker";

/**
 * Reads a file of ours in a worker, so that a long one holds up no screen; on the page where the browser gives no worker. Ends the worker
 * as soon as the progress is not to go on; the reason is then "stopped".
 */
export async function readFileElsewhere(file: Blob, onProgress: OnProgress): Promise<FileRead> {
  let worker: Worker;
  try {
    worker = await readyWorker(() => new Worker(new URL("./files.worker.ts", window.location.href)));
  } catch {
    return readFile(file, onProgress);
  }
  const remote = wrap<{ readFile: typeof readFile }>(worker);
  try {
    return await Promise.race([remote.readFile(file, proxy(onProgress)), failureOf(worker)]);
  } catch {
    return await readFile(file, onProgress);
  } finally {
    worker.terminate();
  }
}
