import { useCallback } from "react";
import { takenBack } from "@/data";
import type { Edit } from "@/outing/edits";
import { useToast } from "@/ui/layout/toast";
import { useCommit, useOpenOuting } from "./use-outing";

/**
 * Changes the outing and says so, with an undo that takes back what this change did and keeps what was done since. Nothing is said of a
 * change that was refused.
 */
export function useToldChange(): (edit: Edit, words: string) => Promise<boolean> {
  const { store } = useOpenOuting();
  const commit = useCommit();
  const toast = useToast();
  return useCallback(
    async (edit, words) => {
      const before = store.getState().view.outing;
      const kept = commit(edit);
      const after = store.getState().view.outing;
      if (store.getState().refused) return false;
      const undo = (): void =>
        void commit((now) => ({ ...takenBack(now, before, after), revision: now.revision }));
      toast({ words, undo });
      return kept;
    },
    [store, commit, toast],
  );
}
