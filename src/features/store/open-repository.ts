import { createRepository, createStore, hasFormer, openEntries, type Repository, type Store } from "@/data";
import type { Beside } from "@/data/beside";
import { loadDemo } from "./beginnings";
import { demoBeside } from "./demo-beside";
import { forgetWork, noteWork, wasEmptied } from "./storage";
import { noteNothingKept, noteUnmoved } from "./unsaved";
import { tellWritten } from "./written";
import { served } from "./served";

interface Opened {
  readonly store: Store;
  readonly repository: Repository;
  /** Whether it lasts longer than the page. */
  readonly isForGood: boolean;
}

let opened: Promise<Opened> | undefined;

/** The one repository of the running application; where the server is the demo's, with the demo put in on the first start. */
export const openRepository = async (): Promise<Repository> => (await openOnce()).repository;

/** What that repository keeps its records in. */
export const openStore = async (): Promise<Store> => (await openOnce()).store;

let beside: Beside | undefined;

/** Tags, sounds and traced pictures, in the same store; a part of the program that did not come is asked for again the next time. */
export async function openBeside(): Promise<Beside> {
  const [data, { store, isForGood }] = await Promise.all([import("@/data/beside"), openOnce()]);
  beside ??= data.openBeside(store, isForGood);
  await demoBeside(beside);
  return beside;
}

function openOnce(): Promise<Opened> {
  opened ??= open();
  return opened;
}

async function open(): Promise<Opened> {
  const kept = await openEntries().catch(() => undefined);
  if (!kept) noteNothingKept();
  const isForGood = kept !== undefined;
  const store = createStore(kept ?? (await import("@/data/store/page-entries")).pageEntries());
  await moveIn(store, isForGood);
  const repository = createRepository(store, (keys) => {
    tellWritten(keys);
    noteWork();
  });
  // A full storage at the first start leaves the list empty; the list then says so itself.
  if (!(await repository.isBegun()) && !wasEmptied() && (await isDemoServer())) {
    await repository.begin(loadDemo);
    forgetWork();
  }
  setTimeout(() => void sweep(repository), SWEPT_AFTER_MS);
  return { store, repository, isForGood };
}

/** What the last version of the program kept comes into the store, once. */
async function moveIn(store: Store, isForGood: boolean): Promise<void> {
  if (!(await hasFormer(Object.keys(localStorage)).catch(() => true))) return;
  const { moveFormer } = await import("@/data/move-former");
  if (!(await moveFormer(store, localStorage, isForGood).catch(() => false))) noteUnmoved();
}

/** Not while the application starts. */
const SWEPT_AFTER_MS = 10_000;

async function sweep(repository: Repository): Promise<void> {
  const { sweepDeleted } = await import("./forgetting");
  await sweepDeleted(repository, await openBeside(), Date.now()).catch(() => undefined);
}

/** Whether the server was started to show the demo. No answer, or any other one, is no. */
async function isDemoServer(): Promise<boolean> {
  try {
    const answer = await fetch(served("/api/start"));
    return answer.ok && ((await answer.json()) as { begin?: unknown }).begin === "demo";
  } catch {
    return false;
  }
}
