import { useState } from "react";
import { ScrollView, View } from "react-native";
import type { Pickable } from "./matching";
import { Row } from "./Row";
import { TextField } from "./TextField";
import { Txt } from "./Txt";
import { useSearch } from "./use-search";

interface Props {
  readonly label: string;
  readonly items: readonly Pickable[];
  readonly chosen: string;
  readonly onChoose: (key: string) => void;
  /** The list stands open from the first, for what was asked for by a press of its own. */
  readonly opens?: boolean;
}

/** Rows shown before the search has to narrow them. */
const MOST = 60;

/** One of many: the chosen one in view; a press opens the list with a search above it. */
export function Picker({ label, items, chosen, onChoose, opens = false }: Props) {
  const [open, setOpen] = useState(opens);
  const [search, setSearch] = useState("");
  const all = useSearch(items, search);
  const found = all.slice(0, MOST);
  const now = items.find((i) => i.key === chosen);
  // Esc closes the list, and not the dialog that it stands in with all that was typed there.
  const onKeyUp = (event: KeyboardEvent): void => {
    if (event.key !== "Escape") return;
    event.stopPropagation();
    setOpen(false);
  };
  return (
    <View className="w-full">
      <Txt size={14} tone="ink2">
        {label}
      </Txt>
      <Row
        title={now?.title ?? "Choose"}
        detail={now?.detail}
        value={open ? "Close" : "Change"}
        says={`${label}: ${now?.title ?? "nothing yet"}. ${open ? "Close" : "Change"}`}
        onPress={() => setOpen(!open)}
      />
      {open && (
        <View className="gap-2 border-l-4 border-line py-2 pl-3" {...({ onKeyUp } as object)}>
          <View className="flex-row">
            <TextField label={`Search ${label.toLowerCase()}`} value={search} onChange={setSearch} />
          </View>
          <ScrollView className="max-h-[280px]" role="list" aria-label={label}>
            {found.map(({ key, title, detail }) => (
              <View key={key} role="listitem">
                <Row
                  title={title}
                  detail={detail}
                  chosen={key === chosen}
                  onPress={() => {
                    onChoose(key);
                    setOpen(false);
                    setSearch("");
                  }}
                />
              </View>
            ))}
            {found.length === 0 && <Txt>Nothing of that name. Try a shorter word.</Txt>}
            {all.length > MOST && (
              <Txt
                tone="ink2"
                className="py-3"
              >{`${all.length - MOST} more: a word above narrows them.`}</Txt>
            )}
          </ScrollView>
        </View>
      )}
    </View>
  );
}
