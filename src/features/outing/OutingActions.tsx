import { useRouter } from "expo-router";
import { View } from "react-native";
import type { OutingChange } from "@/core/review";
import type { Outing, StoredKit, Preferences } from "@/data";
import { Button } from "@/ui/controls/Button";
import { useToast } from "@/ui/layout/toast";
import { savingFailure } from "@/words";
import { leftOutWords } from "@/words/failures";
import { downloadOutingFile } from "../store/file-transfer";
import { useChangeStored, useDuplicateOuting, useRemoveOuting, useSaveOuting } from "../store/outings";

interface Props {
  readonly outing: Outing;
  readonly kit: StoredKit | undefined;
  readonly preferences: Preferences;
  /** Called before anything is done, to close what shows the actions. */
  readonly onDone: () => void;
}

/** What can be done with an outing as a whole: written to a file, made again, archived, removed. */
export function OutingActions({ outing, kit, preferences, onDone }: Props) {
  const remove = useRemoveOuting();
  const save = useSaveOuting();
  const changeStored = useChangeStored();
  const duplicate = useDuplicateOuting();
  const router = useRouter();
  const toast = useToast();

  const onWrite = async (): Promise<void> => {
    onDone();
    const file = kit && (await downloadOutingFile({ outing, kit, preferences }));
    const lacks = leftOutWords(file?.leftOut ?? []);
    toast({
      words: file?.isWhole
        ? `Exported to a file${lacks}. Open it on any device under Outings.`
        : "Exported as it is stored, without its kit: it would not have opened again as a whole.",
    });
  };
  const onDuplicate = async (): Promise<void> => {
    onDone();
    const made = await duplicate(outing);
    if (!made.ok) return toast({ words: savingFailure(made.reason).title });
    router.push(`/outing/${made.value.id}/brief`);
    toast({ words: `${made.value.name} made. Set its date`, follows: true });
  };
  const onPutAway = async (): Promise<void> => {
    onDone();
    const change = JSON.stringify([{ code: "part", part: "archive" } satisfies OutingChange]);
    const saved = await save({ ...outing, archived: !outing.archived }, { change, undoTo: outing.revision });
    if (!saved.ok) return toast({ words: savingFailure(saved.reason).title });
    if (!outing.archived) router.replace("/outings");
    toast({
      words: `${outing.name} ${outing.archived ? "restored" : "archived"}`,
      undo: () => void changeStored(outing.id, (now) => ({ ...now, archived: outing.archived })),
      follows: true,
    });
  };
  const onRemove = async (): Promise<void> => {
    onDone();
    // First away from its stages: they would tell that it is gone.
    router.replace("/outings");
    const removed = await remove(outing);
    if (!removed.ok) return toast({ words: savingFailure(removed.reason).title, follows: true });
    toast({ words: `${outing.name} deleted`, undo: () => void removed.value(), follows: true });
  };
  return (
    <View className="gap-2">
      <Button label="Export to a file" kind="filled" onPress={onWrite} />
      <Button label="Duplicate" onPress={() => void onDuplicate()} />
      <Button label={outing.archived ? "Restore" : "Archive"} onPress={() => void onPutAway()} />
      <Button label="Delete" kind="danger" onPress={() => void onRemove()} />
    </View>
  );
}
