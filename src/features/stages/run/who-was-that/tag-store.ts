import { useEffect } from "react";
import type { Tag } from "@/data";
import type { RemovedTag } from "@/data/beside";
import { slice } from "../../../outing/slice";
import { useOuting } from "../../../outing/use-outing";
import { openBeside } from "../../../store/open-repository";
import { onWritten } from "../../../store/written";
import { tagsKey, tellTags } from "./tags-told";
import { useUnkept } from "./unkept-store";

interface Tags {
  readonly tags: readonly Tag[];
  /** The tags of this outing could not be read: none are shown, and that is not because there are none. */
  readonly isUnread: boolean;
  /** Reads them as they are on the disk. */
  readonly load: () => Promise<void>;
  /** Keeps one; true once it is on the disk. */
  readonly add: (tag: Tag, sound?: Blob) => Promise<boolean>;
  readonly change: (tag: Tag) => Promise<boolean>;
  readonly remove: (id: string) => Promise<boolean>;
  /** Deleted tags of the outing that can still be brought back, the last first. */
  readonly removed: () => Promise<readonly RemovedTag[]>;
  /** Brings one back as it was, with what was spoken; one that never was on the disk is given again. */
  readonly restore: (tag: Tag, sound?: Blob) => Promise<boolean>;
  readonly soundOf: (id: string) => Promise<Blob | undefined>;
}

const onDisk = async () => (await openBeside()).tags;

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

/** The tags of an outing: written one by one, and shown once they are on the disk or told as not kept. */
const tagging = slice<Tags>((outingId) => (set, get) => {
  const keep = (tag: Tag, sound?: Blob): Promise<boolean> =>
    useUnkept.getState().keep({ outingId, tag, sound });
  const show = (tags: readonly Tag[]): void => set({ tags: tags.toSorted((a, b) => a.at - b.at) });
  const others = (id: string): readonly Tag[] => get().tags.filter((t) => t.id !== id);
  return {
    tags: [],
    isUnread: false,
    load: async () => {
      const known = new Set(get().tags);
      const found = await readTags(outingId);
      if (!found) return set({ isUnread: true });
      const { tags } = get();
      const read = new Set(found.map((t) => t.id));
      const { unkept } = useUnkept.getState();
      const lost = unkept.filter((u) => u.outingId === outingId && !u.soundOnly).map((u) => u.tag);
      // What was given while it was read stays as well.
      const more = tags.filter((t) => !read.has(t.id) && !known.has(t) && !lost.includes(t));
      set({ isUnread: false });
      show([...found, ...lost, ...more]);
    },
    add: async (tag, sound) => {
      const kept = await keep(tag, sound);
      show([...others(tag.id), tag]);
      return kept;
    },
    change: async (tag) => {
      const kept = await (await onDisk()).change(outingId, tag);
      if (!kept.ok) return false;
      set({ tags: get().tags.map((t) => (t.id === tag.id ? tag : t)) });
      const { unkept, put } = useUnkept.getState();
      // Of one that was not kept before, what was spoken is still to be.
      put(unkept.flatMap((u) => (u.tag.id !== tag.id ? [u] : u.sound ? [{ ...u, soundOnly: true }] : [])));
      tellTags(outingId);
      return true;
    },
    remove: async (id) => {
      const kept = await (await onDisk()).remove(outingId, id, Date.now());
      if (!kept.ok) return false;
      set({ tags: others(id) });
      const { unkept, put } = useUnkept.getState();
      put(unkept.filter((u) => u.tag.id !== id));
      tellTags(outingId);
      return true;
    },
    removed: async () => (await onDisk()).removedOf(outingId).catch(() => []),
    restore: async (tag, sound) => {
      if (!(await (await onDisk()).bringBack(outingId, tag.id))) return get().add(tag, sound);
      show([...others(tag.id), tag]);
      tellTags(outingId);
      return true;
    },
    soundOf: async (id) =>
      useUnkept.getState().unkept.find((u) => u.tag.id === id)?.sound ??
      (await (await onDisk()).soundOf(outingId, id).catch(() => undefined)),
  };
});

export const useTags = tagging.useSlice;

/** Reads the tags of the open outing at first, when another tab has given some, and again when the page is looked at. */
export function useTagsRead(): void {
  const id = useOuting((v) => v.outing.id);
  const load = useTags((s) => s.load);
  useEffect(() => {
    const look = (): void => void load();
    look();
    window.addEventListener("focus", look);
    const end = onWritten((keys, isElsewhere) => isElsewhere && keys.includes(tagsKey(id)) && look());
    return () => {
      window.removeEventListener("focus", look);
      end();
    };
  }, [id, load]);
}
