import { useRouter } from "expo-router";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, dateWords } from "@/words";
import { downloadOuting } from "../store/file-transfer";
import { useRemoveShoot } from "../store/shoots";
import { useOuting } from "./outing-context";

/** The outing as a thing: its facts, its file, its end. */
export function OutingMenu({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { shoot, kit, preferences } = useOuting();
  const remove = useRemoveShoot();
  const router = useRouter();
  const toast = useToast();
  const { anchor, venue } = shoot.ground;

  const onWrite = (): void => {
    downloadOuting({ shoot, kit, preferences });
    onClose();
    toast({ words: "Written to a file. Open it on any device under Shoots." });
  };
  const onRemove = async (): Promise<void> => {
    onClose();
    const undo = await remove(shoot);
    router.replace("/shoots");
    toast({ words: `${shoot.name} removed`, undo: () => void undo() });
  };
  return (
    <Dialog title={shoot.name} open={open} onClose={onClose}>
      <Txt>{`${shoot.sport}. ${dateWords(shoot.date)} ${shoot.date.slice(0, 4)}, ${shoot.from} to ${shoot.until}, start ${shoot.starts}.`}</Txt>
      <Txt tone="ink2">
        {`${shoot.place}, ${Math.abs(anchor.latitude).toFixed(2)}° ${anchor.latitude < 0 ? "S" : "N"} ${Math.abs(anchor.longitude).toFixed(2)}° ${anchor.longitude < 0 ? "W" : "E"}, ${shoot.zone}. The pitch points to ${bearingWords(venue.bearing)}.`}
      </Txt>
      <View className="gap-2">
        <Button label="Write to a file" kind="filled" onPress={onWrite} />
        <Button label="Remove this outing" kind="danger" onPress={() => void onRemove()} />
        <Button label="Close" kind="plain" onPress={onClose} />
      </View>
    </Dialog>
  );
}
