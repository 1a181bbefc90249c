import { useEffect } from "react";
import { create } from "zustand";
import type { Tag } from "@/data";
import type { RemovedTag } from "@/data/beside";
import { useOuting } from "../../../outing/use-outing";
import { openBeside } from "../../../store/open-repository";
import { noteUnkept } from "../../../store/unsaved";
import { onWritten, tellWritten } from "../../../store/written";
import { recallUnkept, rememberUnkept, type Unkept } from "./unkept-tags";

interface Tags {
  readonly outingId: string;
  readonly tags: readonly Tag[];
  readonly unkept: readonly Unkept[];
  /** The tags of this outing could not be read: none are shown, and that is not because there are none. */
  readonly isUnread: boolean;
  /** Reads the tags of an outing, as they are on the disk. */
  readonly load: (outingId: string) => Promise<void>;
  /** Keeps one; true once it is on the disk. */
  readonly add: (tag: Tag, sound?: Blob) => Promise<boolean>;
  readonly change: (tag: Tag) => Promise<boolean>;
  readonly remove: (id: string) => Promise<boolean>;
  /** Deleted tags of the outing that can still be brought back, the last first. */
  readonly removed: () => Promise<readonly RemovedTag[]>;
  /** Brings one back as it was, with what was spoken; one that never was on the disk is given again. */
  readonly restore: (tag: Tag, sound?: Blob) => Promise<boolean>;
  /** Tries once more to keep what was not. */
  readonly retry: () => Promise<void>;
  readonly soundOf: (id: string) => Promise<Blob | undefined>;
}

const onDisk = async () => (await openBeside()).tags;

/** The key under which the tags of an outing are told of to other tabs. */
const tagsKey = (outingId: string): string => `bp/tags/${outingId}`;
const tell = (outingId: string): void => tellWritten([tagsKey(outingId)]);

/** Tries at reading tags, and milliseconds between: a busy disk is no empty one. */
const TRIES = 3;
const AGAIN = 400;

async function readTags(outingId: string): Promise<Tag[] | undefined> {
  for (let tries = 1; ; tries++) {
    const found = await (await onDisk()).of(outingId).catch(() => undefined);
    if (found || tries === TRIES) return found;
    await new Promise((after) => setTimeout(after, AGAIN));
  }
}

/** Tries to keep one; what is left of it where it could not be. */
async function tried(one: Omit<Unkept, "reason">): Promise<Unkept | undefined> {
  const { outingId, tag, sound, soundOnly } = one;
  const disk = await onDisk();
  const kept = soundOnly
    ? await disk.addSound(outingId, tag.id, sound!)
    : await disk.add(outingId, tag, sound);
  if (kept.ok) {
    tell(outingId);
    return undefined;
  }
  // Without room for the sound the tag still says who it was.
  const alone = sound && !soundOnly ? await disk.add(outingId, tag) : kept;
  return { ...one, soundOnly: soundOnly || alone.ok, reason: kept.reason };
}

/** The tags of the open outing: written one by one, and shown once they are on the disk or told as not kept. */
export const useTags = create<Tags>((set, get) => {
  const recalled = recallUnkept();
  noteUnkept(recalled.length);
  const setUnkept = (unkept: readonly Unkept[]): void => {
    set({ unkept });
    noteUnkept(unkept.length);
    void rememberUnkept(unkept);
  };
  const leave = (unkept: Unkept): void => setUnkept([...get().unkept, unkept]);
  const keep = async (outingId: string, tag: Tag, sound?: Blob): Promise<boolean> => {
    const left = await tried({ outingId, tag, sound, soundOnly: false });
    if (left) leave(left);
    return !left;
  };
  return {
    outingId: "",
    tags: [],
    unkept: recalled,
    isUnread: false,
    load: async (outingId) => {
      if (outingId !== get().outingId) set({ outingId, tags: [], isUnread: false });
      const known = new Set(get().tags);
      const found = await readTags(outingId);
      if (outingId !== get().outingId) return;
      if (!found) return set({ isUnread: true });
      const { tags, unkept } = get();
      const read = new Set(found.map((t) => t.id));
      const lost = unkept.filter((u) => u.outingId === outingId && !u.soundOnly).map((u) => u.tag);
      // What was given while it was read stays as well.
      const more = tags.filter((t) => !read.has(t.id) && !known.has(t) && !lost.includes(t));
      set({ isUnread: false, tags: [...found, ...lost, ...more].toSorted((a, b) => a.at - b.at) });
    },
    add: async (tag, sound) => {
      const kept = await keep(get().outingId, tag, sound);
      const others = get().tags.filter((t) => t.id !== tag.id);
      set({ tags: [...others, tag].toSorted((a, b) => a.at - b.at) });
      return kept;
    },
    change: async (tag) => {
      const kept = await (await onDisk()).change(get().outingId, tag);
      if (!kept.ok) return false;
      set({ tags: get().tags.map((t) => (t.id === tag.id ? tag : t)) });
      // Of one that was not kept before, what was spoken is still to be.
      setUnkept(
        get().unkept.flatMap((u) => (u.tag.id !== tag.id ? [u] : u.sound ? [{ ...u, soundOnly: true }] : [])),
      );
      tell(get().outingId);
      return true;
    },
    remove: async (id) => {
      const kept = await (await onDisk()).remove(get().outingId, id, Date.now());
      if (!kept.ok) return false;
      set({ tags: get().tags.filter((t) => t.id !== id) });
      setUnkept(get().unkept.filter((u) => u.tag.id !== id));
      tell(get().outingId);
      return true;
    },
    removed: async () => (await onDisk()).removedOf(get().outingId).catch(() => []),
    restore: async (tag, sound) => {
      const { outingId, add } = get();
      if (!(await (await onDisk()).bringBack(outingId, tag.id))) return add(tag, sound);
      set({ tags: [...get().tags.filter((t) => t.id !== tag.id), tag].toSorted((a, b) => a.at - b.at) });
      tell(outingId);
      return true;
    },
    retry: async () => {
      // Each stays where it is remembered until it is on the disk: the page may end at any moment.
      for (const one of get().unkept) {
        const left = await tried(one);
        setUnkept(get().unkept.flatMap((u) => (u !== one ? [u] : left ? [left] : [])));
      }
    },
    soundOf: async (id) =>
      get().unkept.find((u) => u.tag.id === id)?.sound ??
      (await (await onDisk()).soundOf(get().outingId, id).catch(() => undefined)),
  };
});

/** Reads the tags of the open outing at first, when another tab has given some, and again when the page is looked at. */
export function useTagsRead(): void {
  const id = useOuting((v) => v.outing.id);
  const load = useTags((s) => s.load);
  useEffect(() => {
    const look = (): void => void load(id);
    look();
    window.addEventListener("focus", look);
    const end = onWritten((keys, isElsewhere) => isElsewhere && keys.includes(tagsKey(id)) && look());
    return () => {
      window.removeEventListener("focus", look);
      end();
    };
  }, [id, load]);
}
