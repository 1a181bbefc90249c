import { create } from "zustand";
import { openBeside } from "../../../store/open-repository";
import { noteUnkept } from "../../../store/unsaved";
import { tellTags } from "./tags-told";
import { recallUnkept, rememberUnkept, type Unkept } from "./unkept-tags";

interface Unkepts {
  /** Of all outings: none of it is lost while another is open. */
  readonly unkept: readonly Unkept[];
  readonly put: (unkept: readonly Unkept[]) => void;
  /** Keeps one; true once it is on the disk. What could not be kept of it stays here. */
  readonly keep: (one: Pick<Unkept, "outingId" | "tag" | "sound">) => Promise<boolean>;
  /** Tries once more to keep what was not. */
  readonly retry: () => Promise<void>;
}

/** Tries to keep one; what is left of it where it could not be. */
async function tried(one: Omit<Unkept, "reason">): Promise<Unkept | undefined> {
  const { outingId, tag, sound, soundOnly } = one;
  const disk = (await openBeside()).tags;
  const kept = soundOnly
    ? await disk.addSound(outingId, tag.id, sound!)
    : await disk.add(outingId, tag, sound);
  if (kept.ok) {
    tellTags(outingId);
    return undefined;
  }
  // Without room for the sound the tag still says who it was.
  const alone = sound && !soundOnly ? await disk.add(outingId, tag) : kept;
  return { ...one, soundOnly: soundOnly || alone.ok, reason: kept.reason };
}

/** What is not on the disk yet, for as long as the tab lives. */
export const useUnkept = create<Unkepts>((set, get) => {
  const recalled = recallUnkept();
  noteUnkept(recalled.length);
  const put = (unkept: readonly Unkept[]): void => {
    set({ unkept });
    noteUnkept(unkept.length);
    void rememberUnkept(unkept);
  };
  return {
    unkept: recalled,
    put,
    keep: async (one) => {
      const left = await tried({ ...one, soundOnly: false });
      if (left) put([...get().unkept, left]);
      return !left;
    },
    retry: async () => {
      // Each stays where it is remembered until it is on the disk: the page may end at any moment.
      for (const one of get().unkept) {
        const left = await tried(one);
        put(get().unkept.flatMap((u) => (u !== one ? [u] : left ? [left] : [])));
      }
    },
  };
});
