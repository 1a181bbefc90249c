import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { exportedWords, exportEverything } from "../preferences/export-everything";

/** Over every screen of a browser that keeps nothing: what that means, and the way out. */
export function NothingKept() {
  const toast = useToast();
  const save = async (): Promise<void> => toast({ words: exportedWords(await exportEverything()) });
  return (
    <View
      role="alert"
      className="flex-row flex-wrap items-center gap-2 border-b-2 border-bracken bg-sheet px-4 py-2"
    >
      <Txt size={14} tone="bracken" weight={600} className="min-w-[220px] flex-1">
        This browser keeps nothing here: all of it lasts as long as this page. Allow data of this site, or
        save a file.
      </Txt>
      <Button label="Save a file" onPress={() => void save()} />
    </View>
  );
}
