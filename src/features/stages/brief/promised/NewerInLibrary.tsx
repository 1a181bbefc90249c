import { View } from "react-native";
import { EMPTY_LIBRARY } from "@/data";
import { newerFor } from "@/outing/library/carried";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { newerWords } from "@/words/library";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";
import { useOwnLibrary } from "../../../store/library";

/** What this outing keeps as it was and the library has otherwise by now: a press takes the new one. Nothing while both agree. */
export function NewerInLibrary() {
  const library = useOwnLibrary().own ?? EMPTY_LIBRARY;
  const outing = useOuting((v) => v.outing);
  const told = useToldChange();
  const newer = newerFor(outing, library);
  if (newer.length === 0) return null;
  return (
    <View role="list" aria-label="Newer in your library" className="gap-2 pb-3">
      {newer.map(({ section, id, name, take }) => (
        <View key={`${section} ${id}`} role="listitem" className="flex-row items-center gap-3">
          <Txt className="min-w-0 flex-1">{newerWords(section, name)}</Txt>
          <Button
            label="Use the new one"
            says={`Use the new one: ${newerWords(section, name)}`}
            onPress={() => void told(take, "Taken from your library")}
          />
        </View>
      ))}
    </View>
  );
}
