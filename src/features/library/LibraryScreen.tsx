import { useLocalSearchParams } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { ownReadings } from "@/answers/library/light-scale";
import { EMPTY_LIBRARY, type Library } from "@/data";
import { Stretch } from "@/ui/charts/Stretch";
import { favouriteKey, favouritesFirst, isFavourite } from "@/outing/library/favourites";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import type { Pickable } from "@/ui/controls/matching";
import { Picker } from "@/ui/controls/Picker";
import { Row } from "@/ui/controls/Row";
import { Segmented } from "@/ui/controls/Segmented";
import { TextField } from "@/ui/controls/TextField";
import { useSearch } from "@/ui/controls/use-search";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { elsewhereWords, scaleWords } from "@/words/library";
import { RecordHistory } from "../history/RecordHistory";
import { HomeFrame } from "../layout/HomeFrame";
import { UnreadableRecord } from "../layout/UnreadableRecord";
import { useOwnLibrary } from "../store/library";
import { useOutings } from "../store/outings";
import { usePlaces } from "../store/places";
import { Opened } from "./Opened";
import { OwnForm } from "./OwnForm";
import {
  rowsOf,
  SCALES,
  SECTION_TITLES,
  type LibraryRow,
  type OwnSection,
  type SectionKey,
} from "./sections";

const SECTIONS = Object.keys(SECTION_TITLES) as SectionKey[];
const ALL = "all";
const FAVOURITES = "favourites";

interface Sought extends Pickable {
  readonly section: SectionKey;
  readonly row: LibraryRow;
}

/** Every entry of the library as it is searched. */
const soughtIn = (own: Library): readonly Sought[] =>
  SECTIONS.flatMap((section) =>
    favouritesFirst(rowsOf(section, own), own, (row) => favouriteKey(section, row.id)).map((row) => ({
      key: `${section} ${row.own} ${row.id}`,
      title: row.title,
      detail: `${row.detail} ${row.known} ${row.source}`,
      words: row.words,
      section,
      row,
    })),
  );

/** Whether a row is of what is shown. */
const isShown =
  (show: string, own: Library) =>
  ({ section, row }: Sought): boolean =>
    show === ALL ||
    (show === FAVOURITES ? isFavourite(own, favouriteKey(section, row.id)) : row.group === show);

/** Library: subjects, venues, light, starting settings and places of the trade, each drawn and with its source; copied and changed at will. */
export function LibraryScreen() {
  const { own = EMPTY_LIBRARY, unreadable } = useOwnLibrary();
  const [section, setSection] = useState<SectionKey>("subjects");
  const [show, setShow] = useState(ALL);
  // What was asked for elsewhere is looked for at once.
  const { find = "" } = useLocalSearchParams<{ find?: string }>();
  const [search, setSearch] = useState(find);
  const [opened, setOpened] = useState<LibraryRow>();
  const [copying, setCopying] = useState<LibraryRow>();
  const everything = useMemo(() => soughtIn(own), [own]);
  const found = useSearch(everything, search);
  const choose = (key: SectionKey): void => {
    setSection(key);
    setShow(ALL);
  };
  return (
    <HomeFrame place="library" title="Library">
      <View className="gap-3 px-4">
        {unreadable && <UnreadableRecord name="library" stored={unreadable} />}
        <Segmented
          label="Part of the library"
          segments={SECTIONS.map((key) => ({ key, label: SECTION_TITLES[key] }))}
          chosen={section}
          onChoose={choose}
        />
        <View className="flex-row">
          <TextField label="Search" value={search} onChange={setSearch} />
        </View>
        <Show
          rows={everything.filter((s) => s.section === section)}
          own={own}
          chosen={show}
          onChoose={setShow}
        />
        <ScaleHead section={section} />
        <Found
          section={section}
          found={found.filter(isShown(show, own))}
          own={own}
          onOpen={setOpened}
          onSection={choose}
        />
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
        {copying && section !== "tradePlaces" && (
          <OwnForm
            section={section satisfies OwnSection}
            id={copying.id}
            own={copying.own}
            onDone={() => setCopying(undefined)}
          />
        )}
      </Dialog>
    </HomeFrame>
  );
}

interface ShowProps {
  readonly rows: readonly Sought[];
  readonly own: Library;
  readonly chosen: string;
  readonly onChoose: (show: string) => void;
}

/** All of a section, the favourites, or one of its groups. */
function Show({ rows, own, chosen, onChoose }: ShowProps) {
  const groups = [...new Set(rows.map(({ row }) => row.group))];
  const count = (show: string): string =>
    countWords(rows.filter(isShown(show, own)).length, "entry", "entries");
  return (
    <Picker
      label="Show"
      items={[
        { key: ALL, title: "Everything", detail: count(ALL) },
        { key: FAVOURITES, title: "Favourites", detail: count(FAVOURITES) },
        ...groups.map((key) => ({
          key,
          title: `${key.charAt(0).toUpperCase()}${key.slice(1)}`,
          detail: count(key),
        })),
      ]}
      chosen={chosen}
      onChoose={onChoose}
    />
  );
}

/** What a section's scale says; of the light, one's own readings on it besides. */
function ScaleHead({ section }: { section: SectionKey }) {
  const outings = useOutings().data?.outings;
  const places = usePlaces();
  const scale = SCALES[section];
  const readings = useMemo(
    () => (section === "lightLevels" ? ownReadings(outings ?? [], places) : []),
    [section, outings, places],
  );
  if (!scale) return null;
  const words = scaleWords(section, readings.length);
  return (
    <View className="gap-1">
      <Stretch scale={scale} bands={[]} dots={readings.map((r) => r.ev)} isWritten says={words} />
      <Txt size={14} tone="ink2">
        {words}
      </Txt>
    </View>
  );
}

interface FoundProps {
  readonly section: SectionKey;
  readonly found: readonly Sought[];
  readonly own: Library;
  readonly onOpen: (row: LibraryRow) => void;
  readonly onSection: (section: SectionKey) => void;
}

/** The rows of the section that are found, and where else something is. */
function Found({ section, found, own, onOpen, onSection }: FoundProps) {
  const here = found.filter((s) => s.section === section);
  const scale = SCALES[section];
  return (
    <>
      <View role="list" aria-label={SECTION_TITLES[section]}>
        {here.map(({ key, row }) => (
          <View key={key} role="listitem">
            <Row
              title={row.title}
              detail={row.detail}
              value={valueOf(row, isFavourite(own, favouriteKey(section, row.id)))}
              under={scale && row.bands && <Stretch scale={scale} bands={row.bands} dots={row.dots} />}
              onPress={() => onOpen(row)}
            />
          </View>
        ))}
      </View>
      {here.length === 0 && <Elsewhere found={found} onSection={onSection} />}
    </>
  );
}

const valueOf = (row: LibraryRow, isOne: boolean): string => {
  const known = row.own ? "yours" : row.known;
  return isOne ? `favourite, ${known}` : known;
};

/** Nothing here: where else something is, or that nothing is. */
function Elsewhere({ found, onSection }: Pick<FoundProps, "found" | "onSection">) {
  const others = SECTIONS.filter((key) => found.some((s) => s.section === key));
  if (others.length === 0) return <Txt className="py-4">Nothing of that name. Try a shorter word.</Txt>;
  return (
    <View className="gap-2 py-2">
      <Txt>Nothing of that name here.</Txt>
      <View className="flex-row flex-wrap gap-2">
        {others.map((key) => (
          <Button
            key={key}
            label={elsewhereWords(found.filter((s) => s.section === key).length, SECTION_TITLES[key])}
            onPress={() => onSection(key)}
          />
        ))}
      </View>
    </View>
  );
}
