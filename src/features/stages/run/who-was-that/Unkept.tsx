import { View } from "react-native";
import { fileNameOf } from "@/data";
import { useShallow } from "zustand/react/shallow";
import { rowsOfTags } from "@/outing/tags/tagging";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { unkeptSentence } from "@/words/tags";
import { downloadBlob, downloadText } from "../../../store/file-transfer";
import { useOuting } from "../../../outing/use-outing";
import { useUnkept } from "./unkept-store";

/** What found no room: told until it is kept or carried away. */
export function Unkept() {
  const outing = useOuting((v) => v.outing);
  const unkept = useUnkept(useShallow((s) => s.unkept.filter((u) => u.outingId === outing.id)));
  const retry = useUnkept((s) => s.retry);
  if (unkept.length === 0) return null;
  const alone = unkept.filter((u) => !u.soundOnly).map((u) => u.tag);
  const sounds = unkept.filter((u) => u.sound);
  const full = unkept.some((u) => u.reason === "storage-full");
  const save = async (): Promise<void> => {
    const { csvOf } = await import("@/outing/programme/programme-files");
    if (alone.length > 0)
      downloadText(fileNameOf(outing, "tags-not-kept.csv"), csvOf(rowsOfTags(alone, outing)), "text/csv");
    sounds.forEach(({ tag, sound }) => downloadBlob(fileNameOf(outing, `${tag.id}.webm`), sound!));
  };
  return (
    <View role="alert" className="gap-2 border-l-4 border-bracken pl-3">
      <Txt tone="bracken">{unkeptSentence(alone.length, sounds.length, full)}</Txt>
      <View className="flex-row gap-2">
        <Button label="Save as files" onPress={() => void save()} />
        <Button label="Try again" kind="plain" onPress={() => void retry()} />
      </View>
    </View>
  );
}
