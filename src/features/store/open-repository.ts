import AsyncStorage from "@react-native-async-storage/async-storage";
import { createRepository, openIdbJournal, type Repository } from "@/data";
import { loadDemo } from "./beginnings";
import { forgetWork, noteWork, wasEmptied } from "./storage";
import { noteNothingKept } from "./unsaved";
import { tellWritten } from "./written";

let opened: Promise<Repository> | undefined;

/** The one repository of the running application; where the server is the demo's, with the demo put in on the first start. */
export function openRepository(): Promise<Repository> {
  opened ??= open();
  return opened;
}

async function open(): Promise<Repository> {
  // Where the browser blocks IndexedDB the storage alone keeps the records.
  const journal = await openIdbJournal().catch(() => undefined);
  // `public/start.js` has put the page in the place of a storage that is refused.
  if (!journal && document.documentElement.dataset.storage === "page") noteNothingKept();
  const repository = createRepository(AsyncStorage, journal, (keys) => {
    tellWritten(keys);
    noteWork();
  });
  // A full storage at the first start leaves the list empty; the list then says so itself.
  if (!(await repository.isBegun()) && !wasEmptied() && (await isDemoServer())) {
    await repository.begin(loadDemo);
    forgetWork();
  }
  setTimeout(() => void sweep(repository), SWEPT_AFTER_MS);
  return repository;
}

/** Not while the application starts. */
const SWEPT_AFTER_MS = 10_000;

async function sweep(repository: Repository): Promise<void> {
  const { sweepDeleted } = await import("./forgetting");
  await sweepDeleted(repository, Date.now()).catch(() => undefined);
}

/** Whether the server was started to show the demo. No answer, or any other one, is no. */
async function isDemoServer(): Promise<boolean> {
  try {
    const answer = await fetch("/api/start");
    return answer.ok && ((await answer.json()) as { begin?: unknown }).begin === "demo";
  } catch {
    return false;
  }
}
