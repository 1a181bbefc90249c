import { useRouter } from "expo-router";
import { View } from "react-native";
import type { Shoot, StoredKit, Preferences } from "@/data";
import { Button } from "@/ui/controls/Button";
import { useToast } from "@/ui/controls/toast";
import { savingFailure } from "@/words";
import { downloadOuting } from "../store/file-transfer";
import { useDuplicateShoot, useRemoveShoot, useSaveShoot } from "../store/shoots";

interface Props {
  readonly shoot: Shoot;
  readonly kit: StoredKit | undefined;
  readonly preferences: Preferences;
  /** Called before anything is done, to close what shows the actions. */
  readonly onDone: () => void;
}

/** What can be done with an outing as a whole: written to a file, made again, archived, removed. */
export function OutingActions({ shoot, kit, preferences, onDone }: Props) {
  const remove = useRemoveShoot();
  const save = useSaveShoot();
  const duplicate = useDuplicateShoot();
  const router = useRouter();
  const toast = useToast();

  const onWrite = (): void => {
    onDone();
    if (kit) downloadOuting({ shoot, kit, preferences });
    toast({ words: "Exported to a file. Open it on any device under Outings." });
  };
  const onDuplicate = async (): Promise<void> => {
    onDone();
    const made = await duplicate(shoot);
    if (!made.ok) return toast({ words: savingFailure(made.reason).title });
    router.push(`/shoot/${made.value.id}/brief`);
    toast({ words: `${made.value.name} made. Set its date` });
  };
  const onPutAway = async (): Promise<void> => {
    onDone();
    const saved = await save({ ...shoot, archived: !shoot.archived });
    if (!saved.ok) return toast({ words: savingFailure(saved.reason).title });
    if (!shoot.archived) router.replace("/shoots");
    toast({
      words: `${shoot.name} ${shoot.archived ? "restored" : "archived"}`,
      undo: () => void save({ ...saved.value, archived: shoot.archived }),
    });
  };
  const onRemove = async (): Promise<void> => {
    onDone();
    const undo = await remove(shoot);
    router.replace("/shoots");
    toast({ words: `${shoot.name} deleted`, undo: () => void undo() });
  };
  return (
    <View className="gap-2">
      <Button label="Export to a file" kind="filled" onPress={onWrite} />
      <Button label="Duplicate" onPress={() => void onDuplicate()} />
      <Button label={shoot.archived ? "Restore" : "Archive"} onPress={() => void onPutAway()} />
      <Button label="Delete" kind="danger" onPress={() => void onRemove()} />
      <Button label="Close" kind="plain" onPress={onDone} />
    </View>
  );
}
