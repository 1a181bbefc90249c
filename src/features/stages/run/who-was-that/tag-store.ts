import { useEffect } from "react";
import { create } from "zustand";
import type { Tag } from "@/data";
import { useOuting } from "../../../outing/use-outing";

/** What could not be kept: it lives on the page alone until it is kept or carried away. */
export interface Unkept {
  readonly outingId: string;
  readonly tag: Tag;
  readonly sound?: Blob;
  /** The tag is kept, and its sound alone found no room. */
  readonly soundOnly: boolean;
  readonly reason: "storage-full" | "storage-failed";
}

interface Tags {
  readonly outingId: string;
  readonly tags: readonly Tag[];
  readonly unkept: readonly Unkept[];
  /** Reads the tags of an outing, as they are on the disk. */
  readonly load: (outingId: string) => Promise<void>;
  /** Keeps one; true once it is on the disk. */
  readonly add: (tag: Tag, sound?: Blob) => Promise<boolean>;
  readonly change: (tag: Tag) => Promise<boolean>;
  readonly remove: (id: string) => Promise<boolean>;
  /** Tries once more to keep what was not. */
  readonly retry: () => Promise<void>;
  readonly soundOf: (id: string) => Promise<Blob | undefined>;
}

const onDisk = async () => (await import("@/data/tags")).tags;

/** The tags of the open outing: written one by one, and shown once they are on the disk or told as not kept. */
export const useTags = create<Tags>((set, get) => {
  const leave = (unkept: Unkept): void => set({ unkept: [...get().unkept, unkept] });
  const keep = async (outingId: string, tag: Tag, sound?: Blob): Promise<boolean> => {
    const disk = await onDisk();
    const kept = await disk.add(outingId, tag, sound);
    if (kept.ok) return true;
    // Without room for the sound the tag still says who it was.
    const alone = sound ? await disk.add(outingId, tag) : kept;
    leave({ outingId, tag, sound, soundOnly: alone.ok, reason: kept.reason });
    return false;
  };
  return {
    outingId: "",
    tags: [],
    unkept: [],
    load: async (outingId) => {
      if (outingId !== get().outingId) set({ outingId, tags: [] });
      const known = new Set(get().tags);
      const found = await (await onDisk()).of(outingId).catch(() => undefined);
      if (!found || outingId !== get().outingId) return;
      const { tags, unkept } = get();
      const read = new Set(found.map((t) => t.id));
      const lost = unkept.filter((u) => u.outingId === outingId && !u.soundOnly).map((u) => u.tag);
      // What was given while it was read stays as well.
      const more = tags.filter((t) => !read.has(t.id) && !known.has(t) && !lost.includes(t));
      set({ tags: [...found, ...lost, ...more].toSorted((a, b) => a.at - b.at) });
    },
    add: async (tag, sound) => {
      const kept = await keep(get().outingId, tag, sound);
      const others = get().tags.filter((t) => t.id !== tag.id);
      set({ tags: [...others, tag].toSorted((a, b) => a.at - b.at) });
      return kept;
    },
    change: async (tag) => {
      const kept = await (await onDisk()).change(get().outingId, tag);
      if (kept.ok) set({ tags: get().tags.map((t) => (t.id === tag.id ? tag : t)) });
      return kept.ok;
    },
    remove: async (id) => {
      const kept = await (await onDisk()).remove(get().outingId, id);
      const without = {
        tags: get().tags.filter((t) => t.id !== id),
        unkept: get().unkept.filter((u) => u.tag.id !== id),
      };
      if (kept.ok) set(without);
      return kept.ok;
    },
    retry: async () => {
      const { unkept } = get();
      set({ unkept: [] });
      for (const one of unkept) {
        if (!one.soundOnly) await keep(one.outingId, one.tag, one.sound);
        else if (!(await (await onDisk()).addSound(one.outingId, one.tag.id, one.sound!)).ok) leave(one);
      }
    },
    soundOf: async (id) =>
      get().unkept.find((u) => u.tag.id === id)?.sound ??
      (await (await onDisk()).soundOf(get().outingId, id).catch(() => undefined)),
  };
});

/** Reads the tags of the open outing at first, and again when the page is looked at: another tab may have given some. */
export function useTagsRead(): void {
  const id = useOuting((v) => v.outing.id);
  const load = useTags((s) => s.load);
  useEffect(() => {
    const look = (): void => void load(id);
    look();
    window.addEventListener("focus", look);
    return () => window.removeEventListener("focus", look);
  }, [id, load]);
}
