import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { useUnsaved } from "../store/unsaved";
import { exportedWords, exportEverything } from "../preferences/export-everything";

const NOTHING_KEPT =
  "This browser keeps nothing here: all of it lasts as long as this page. Allow data of this site, or save a file.";
const UNMOVED =
  "Something that an earlier version kept could not be brought into this one, and stays where it was. Make room on this device and load the page again.";

/** Over every screen of a browser that keeps nothing, or could not keep on with all that was here: what that means, and the way out. */
export function NothingKept() {
  const toast = useToast();
  const isAll = useUnsaved((s) => s.isAll);
  const save = async (): Promise<void> => toast({ words: exportedWords(await exportEverything()) });
  return (
    <View
      role="alert"
      className="flex-row flex-wrap items-center gap-2 border-b-2 border-bracken bg-sheet px-4 py-2"
    >
      <Txt size={14} tone="bracken" weight={600} className="min-w-[220px] flex-1">
        {isAll ? NOTHING_KEPT : UNMOVED}
      </Txt>
      <Button label="Save a file" onPress={() => void save()} />
    </View>
  );
}
