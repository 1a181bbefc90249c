import { sameValue, type Repository, type Saved, type Store } from "@/data";
import { rewriteAll } from "@/data/store/rewrite";
import { failureOf } from "@/data/store/store";
import { forgetterOf } from "@/outing/people/forget";
import type { OutingChange } from "@/core/review";
import { openBeside } from "./open-repository";
import { tellWritten } from "./written";

/** What the key of every record begins with. */
const EVERYTHING = "bp/";

/** How much of what is kept named somebody, before they were forgotten. */
export interface Forgotten {
  readonly outings: number;
  /** Texts of records and of their earlier states, deleted ones too. */
  readonly states: number;
  readonly tags: number;
  readonly sounds: number;
}

/**
 * Takes whoever has a name out of every outing, every earlier state, every tag with what was spoken, and what this browser holds
 * half-typed. Final; where it fails in the middle it is done again from the beginning.
 */
export async function forgetPerson(
  repository: Repository,
  store: Store,
  name: string,
): Promise<Saved<Forgotten>> {
  const forget = forgetterOf(name);
  const note = { change: JSON.stringify([{ code: "part", part: "people" } satisfies OutingChange]) };
  let outings = 0;
  for (const outing of (await repository.listOutings()).outings) {
    const without = forget.outing(outing);
    if (sameValue(without, outing)) continue;
    // As a state of its own: whoever has it open elsewhere hears of it, and writes nothing back over it.
    const saved = await repository.saveOuting(without, note);
    if (!saved.ok) return saved;
    outings++;
  }
  const states = await rewriteAll(store, EVERYTHING, forget.stored).catch(failureOf);
  if ("ok" in states) return { ok: false, reason: states.reason };
  tellWritten(states.keys);
  const tagged = await (await openBeside()).tags.rewrite(forget.tag);
  if (!tagged.ok) return { ok: false, reason: tagged.reason };
  for (const storage of [localStorage, sessionStorage]) forgetIn(storage, forget.stored);
  return {
    ok: true,
    value: { outings, states: states.count, tags: tagged.tags, sounds: tagged.sounds },
  };
}

function forgetIn(storage: Storage, stored: (text: string) => string): void {
  for (const key of Object.keys(storage).filter((one) => one.startsWith("bp/"))) {
    const before = storage.getItem(key)!;
    const after = stored(before);
    if (after !== before) storage.setItem(key, after);
  }
}
