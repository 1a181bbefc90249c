import type { Tag } from "@/data";
import { eventAt, tagAt } from "@/outing/tags/tagging";
import { useToast } from "@/ui/layout/toast";
import { tagMarked } from "@/outing/people/refused";
import { tagWords } from "@/words/tags";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useTags } from "./tag-store";

/** The event that is on at the minute that is looked at. */
export const useEventNow = () => {
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  return eventAt(outing, at);
};

/** Keeps a tag of now: its time is the device's, as the frames' is. What cannot be kept is told where the tags stand. */
export function useTagging(): (
  said: Pick<Tag, "kind" | "names"> & Partial<Tag>,
  sound?: Blob,
) => Promise<void> {
  const { store } = useOpenOuting();
  const { add, remove } = useTags((s) => s);
  const toast = useToast();
  return async (said, sound) => {
    const { outing, at, shot } = store.getState().view;
    const tag: Tag = { ...tagAt(Date.now(), Math.random(), eventAt(outing, at), shot.id), ...said };
    if (await add(tag, sound))
      toast({
        words: tagWords(tagMarked(tag, store.getState().view.outing.people)),
        undo: () => void remove(tag.id),
      });
  };
}
