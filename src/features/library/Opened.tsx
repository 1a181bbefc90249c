import { View } from "react-native";
import { EMPTY_LIBRARY, type Library } from "@/data";
import { favouriteKey, isFavourite, withFavourite } from "@/outing/library/favourites";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { knownWords } from "@/words";
import { WhileRoom } from "../forms/WhileRoom";
import { Late } from "../layout/Late";
import { useChangeLibrary, useOwnLibrary } from "../store/library";
import type { LibraryRow, SectionKey } from "./sections";

const loadDrawn = async () => (await import("./drawn/Drawn")).Drawn;

interface Props {
  readonly section: SectionKey;
  readonly row: LibraryRow | undefined;
  readonly onCopy: () => void;
  readonly onClose: () => void;
}

/** An entry drawn, everything that is known of it, and how; kept as a favourite, copied, deleted. */
export function Opened({ section, row, onCopy, onClose }: Props) {
  return (
    <Dialog title={row?.title ?? ""} open={row !== undefined} onClose={onClose}>
      {row && (
        <>
          <Late load={loadDrawn} waiting="One moment">
            {(Drawn) => <Drawn key={`${section} ${row.id}`} section={section} row={row} />}
          </Late>
          {row.facts().map(([name, value]) => (
            <View key={name} className="flex-row justify-between gap-4 border-b border-line py-2">
              <Txt tone="ink2">{name}</Txt>
              <Txt weight={600} className="min-w-0 flex-1 text-right">
                {value}
              </Txt>
            </View>
          ))}
          <Txt tone="ink2">{knownWords(row)}</Txt>
          <FavouriteButton entry={favouriteKey(section, row.id)} />
          {section !== "tradePlaces" && (
            <OwnButtons section={section} row={row} onCopy={onCopy} onClose={onClose} />
          )}
          <Button label="Close" kind="plain" onPress={onClose} />
        </>
      )}
    </Dialog>
  );
}

function FavouriteButton({ entry }: { entry: string }) {
  const { own = EMPTY_LIBRARY } = useOwnLibrary();
  const { change } = useChangeLibrary();
  const isOne = isFavourite(own, entry);
  return (
    <Button
      label={isOne ? "No favourite any more" : "Keep as a favourite"}
      onPress={() => void change(withFavourite(own, entry, !isOne))}
    />
  );
}

interface OwnProps {
  readonly section: Exclude<SectionKey, "tradePlaces">;
  readonly row: LibraryRow;
  readonly onCopy: () => void;
  readonly onClose: () => void;
}

function OwnButtons({ section, row, onCopy, onClose }: OwnProps) {
  const { own } = useOwnLibrary();
  const { change, takeBack } = useChangeLibrary();
  const toast = useToast();
  const onRemove = async (): Promise<void> => {
    if (!own) return;
    const kept: Library = { ...own, [section]: own[section].filter((r: { id: string }) => r.id !== row.id) };
    onClose();
    if (await change(kept)) toast({ words: `${row.title} deleted`, undo: () => takeBack(own, kept) });
  };
  return (
    <>
      <WhileRoom things="own entries" count={row.own ? 0 : (own?.[section].length ?? 0)}>
        <Button label={row.own ? "Edit" : "Copy and edit"} kind="filled" onPress={onCopy} />
      </WhileRoom>
      {row.own && <Button label="Delete" kind="danger" onPress={() => void onRemove()} />}
    </>
  );
}
