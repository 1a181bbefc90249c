import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { View } from "react-native";
import type { Outing } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { dateWords, instantWords, savingFailure } from "@/words";
import { goneAt, KEPT_DAYS } from "../store/kept-days";
import { openBeside, openRepository } from "../store/open-repository";
import { LIST_KEY, useDeletedOutings, useSaveOuting } from "../store/outings";

/** Outings that were deleted, as they were last: each comes back with a press, or goes for good with two. */
export function Deleted({ onClose }: { onClose: () => void }) {
  const { data: deleted } = useDeletedOutings();
  return (
    <Dialog title="Deleted outings" open onClose={onClose}>
      <Txt tone="ink2">
        {deleted?.length === 0
          ? "Nothing was deleted here. What is comes back from this list."
          : `With tags, spoken notes, traced pictures and earlier states for ${KEPT_DAYS} days; then gone for good. Files that you exported stay where they are.`}
      </Txt>
      <View role="list" aria-label="Deleted outings">
        {deleted?.map(({ outing, deletedAt }) => (
          <One key={outing.id} outing={outing} deletedAt={deletedAt} />
        ))}
      </View>
    </Dialog>
  );
}

function One({ outing, deletedAt }: { outing: Outing; deletedAt: number }) {
  const save = useSaveOuting();
  const client = useQueryClient();
  const toast = useToast();
  const [asking, setAsking] = useState(false);
  const restore = async (): Promise<void> => {
    const saved = await save({ ...outing, revision: 0 });
    toast({ words: saved.ok ? `${outing.name} restored` : savingFailure(saved.reason).title });
  };
  const remove = async (): Promise<void> => {
    if (!asking) return setAsking(true);
    const { forgetForGood } = await import("../store/forgetting");
    const gone = await forgetForGood(await openRepository(), await openBeside(), outing.id);
    await client.invalidateQueries({ queryKey: LIST_KEY });
    toast({ words: gone.ok ? `${outing.name} is gone for good` : savingFailure(gone.reason).title });
  };
  return (
    <View role="listitem" className="gap-2 border-b border-line py-2">
      <View>
        <Txt weight={600}>{`${outing.name}, ${dateWords(outing.date)}`}</Txt>
        <Txt size={14} tone="ink2">
          {`Deleted ${instantWords(deletedAt)}, gone on ${instantWords(goneAt(deletedAt))}`}
        </Txt>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Restore" says={`Restore ${outing.name}`} onPress={() => void restore()} />
        <Button
          label={asking ? "Yes, for good" : "Delete for good"}
          says={asking ? `Yes, delete ${outing.name} for good` : `Delete ${outing.name} for good`}
          kind={asking ? "danger" : "plain"}
          onPress={() => void remove()}
        />
      </View>
    </View>
  );
}
