import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { dateWords, instantWords, savingFailure } from "@/words";
import { useDeletedOutings, useSaveOuting } from "../store/outings";

/** Outings that were deleted, as they were last: each comes back with a press. */
export function Deleted({ onClose }: { onClose: () => void }) {
  const { data: deleted } = useDeletedOutings();
  const save = useSaveOuting();
  const toast = useToast();
  return (
    <Dialog title="Deleted outings" open onClose={onClose}>
      {deleted?.length === 0 && <Txt>Nothing was deleted here. What is comes back from this list.</Txt>}
      <View role="list" aria-label="Deleted outings">
        {deleted?.map(({ outing, deletedAt }) => (
          <View
            key={outing.id}
            role="listitem"
            className="flex-row items-center justify-between gap-3 border-b border-line py-2"
          >
            <View className="min-w-0 flex-1">
              <Txt weight={600}>{`${outing.name}, ${dateWords(outing.date)}`}</Txt>
              <Txt size={14} tone="ink2">{`Deleted ${instantWords(deletedAt)}`}</Txt>
            </View>
            <Button
              label="Restore"
              says={`Restore ${outing.name}`}
              onPress={() =>
                void save({ ...outing, revision: 0 }).then((saved) =>
                  toast({
                    words: saved.ok ? `${outing.name} restored` : savingFailure(saved.reason).title,
                  }),
                )
              }
            />
          </View>
        ))}
      </View>
    </Dialog>
  );
}
