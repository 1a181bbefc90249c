import { useMemo, useState } from "react";
import { View } from "react-native";
import { EMPTY_LIBRARY } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { Segmented } from "@/ui/controls/Segmented";
import { TextField } from "@/ui/controls/TextField";
import { useSearch } from "@/ui/controls/use-search";
import { useToast } from "@/ui/layout/toast";
import { Txt } from "@/ui/controls/Txt";
import { knownWords } from "@/words";
import { WhileRoom } from "../forms/WhileRoom";
import { RecordHistory } from "../history/RecordHistory";
import { HomeFrame } from "../layout/HomeFrame";
import { UnreadableRecord } from "../layout/UnreadableRecord";
import { useChangeLibrary, useOwnLibrary } from "../store/library";
import { OwnForm } from "./OwnForm";
import { rowsOf, SECTION_TITLES, type LibraryRow, type SectionKey } from "./sections";

const SECTIONS = Object.keys(SECTION_TITLES) as SectionKey[];

/** Library: subjects, venues, light levels and starting settings, each with its source; copied and changed at will. */
export function LibraryScreen() {
  const { own, unreadable } = useOwnLibrary();
  const [section, setSection] = useState<SectionKey>("subjects");
  const [search, setSearch] = useState("");
  const [opened, setOpened] = useState<LibraryRow>();
  const [copying, setCopying] = useState<LibraryRow>();
  const rows = useMemo(() => rowsOf(section, own ?? EMPTY_LIBRARY), [section, own]);
  const sought = useMemo(
    () =>
      rows.map((row) => ({
        ...row,
        key: `${row.own} ${row.id}`,
        detail: `${row.detail} ${row.known} ${row.source}`,
        shown: row,
      })),
    [rows],
  );
  const found = useSearch(sought, search);
  return (
    <HomeFrame place="library" title="Library">
      <View className="gap-3 px-4">
        {unreadable && <UnreadableRecord name="library" stored={unreadable} />}
        <Segmented
          label="Part of the library"
          segments={SECTIONS.map((key) => ({ key, label: SECTION_TITLES[key] }))}
          chosen={section}
          onChoose={setSection}
        />
        <View className="flex-row">
          <TextField label="Search" value={search} onChange={setSearch} />
        </View>
        <View role="list" aria-label={SECTION_TITLES[section]}>
          {found.map(({ shown }) => (
            <View key={`${shown.own} ${shown.id}`} role="listitem">
              <Row
                title={shown.title}
                detail={shown.detail}
                value={shown.own ? "yours" : shown.known}
                onPress={() => setOpened(shown)}
              />
            </View>
          ))}
          {found.length === 0 && <Txt className="py-4">Nothing of that name. Try a shorter word.</Txt>}
        </View>
        <RecordHistory name="library" />
      </View>
      <Opened
        section={section}
        row={opened}
        onCopy={() => {
          setCopying(opened);
          setOpened(undefined);
        }}
        onClose={() => setOpened(undefined)}
      />
      <Dialog
        title={copying?.own ? "Edit" : "Copy and edit"}
        open={copying !== undefined}
        onClose={() => setCopying(undefined)}
      >
        {copying && (
          <OwnForm section={section} id={copying.id} own={copying.own} onDone={() => setCopying(undefined)} />
        )}
      </Dialog>
    </HomeFrame>
  );
}

interface OpenedProps {
  readonly section: SectionKey;
  readonly row: LibraryRow | undefined;
  readonly onCopy: () => void;
  readonly onClose: () => void;
}

/** Everything that is known of a row, and how. */
function Opened({ section, row, onCopy, onClose }: OpenedProps) {
  const { own } = useOwnLibrary();
  const { change, takeBack } = useChangeLibrary();
  const toast = useToast();
  const onRemove = async (): Promise<void> => {
    if (!own || !row) return;
    const kept = { ...own, [section]: own[section].filter((r: { id: string }) => r.id !== row.id) };
    onClose();
    if (await change(kept)) toast({ words: `${row.title} deleted`, undo: () => takeBack(own, kept) });
  };
  return (
    <Dialog title={row?.title ?? ""} open={row !== undefined} onClose={onClose}>
      {row && (
        <>
          {row.facts().map(([name, value]) => (
            <View key={name} className="flex-row justify-between gap-4 border-b border-line py-2">
              <Txt tone="ink2">{name}</Txt>
              <Txt weight={600} className="min-w-0 flex-1 text-right">
                {value}
              </Txt>
            </View>
          ))}
          <Txt tone="ink2">{knownWords(row)}</Txt>
          <WhileRoom things="own entries" count={row.own ? 0 : (own?.[section].length ?? 0)}>
            <Button label={row.own ? "Edit" : "Copy and edit"} kind="filled" onPress={onCopy} />
          </WhileRoom>
          {row.own && <Button label="Delete" kind="danger" onPress={() => void onRemove()} />}
          <Button label="Close" kind="plain" onPress={onClose} />
        </>
      )}
    </Dialog>
  );
}
