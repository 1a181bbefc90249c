import UndoIcon from "lucide-react-native/icons/undo-2";
import { useStore } from "zustand";
import { IconButton } from "@/ui/controls/Button";
import { useToast } from "@/ui/layout/toast";
import { useTokens } from "@/ui/theme/theme";
import { changesWords } from "@/words";
import { useOpenOuting } from "../../outing/use-outing";

/** Takes back what was done last, by its name; not there while nothing can be taken back. */
export function UndoButton() {
  const { store, undo, redo } = useOpenOuting();
  const last = useStore(store, (s) => s.undo);
  const { ink } = useTokens();
  const toast = useToast();
  if (!last) return null;
  const take = async (): Promise<void> => {
    const undone = await undo();
    if (undone) toast({ words: `Undone: ${changesWords(undone)}`, undo: redo, again: "Redo" });
  };
  return (
    <IconButton label={`Undo: ${changesWords(last)}`} onPress={() => void take()}>
      <UndoIcon size={24} color={ink} />
    </IconButton>
  );
}
