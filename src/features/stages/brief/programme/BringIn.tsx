import { useState } from "react";
import { View } from "react-native";
import { useShallow } from "zustand/react/shallow";
import {
  COLUMNS,
  daysOf,
  eventsFrom,
  isLineList,
  matchedByHeads,
  readLines,
  readTable,
  type Column,
  type Matching,
  type ReadProgramme,
} from "@/outing/programme/read-programme";
import { keyOfPlace, placeOfKey, placesOf } from "@/outing/programme/event-places";
import { addEvents } from "@/outing/edits";
import { LIMITS } from "@/data";
import { textOfFile } from "@/data/files/text-of-file";
import { Button } from "@/ui/controls/Button";
import { FileButton } from "@/ui/controls/FileButton";
import { Picker } from "@/ui/controls/Picker";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { refusedWords } from "@/words/programme";
import { useTyped } from "../../../forms/use-typed";
import { useToldChange } from "../../../outing/use-told-change";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { readMatching, rememberMatching } from "./matching";
import { placeChoices } from "./place-choices";

const NOWHERE = "nowhere";
/** Most refused lines that are told one by one. */
const TOLD = 8;
const NAMES: Readonly<Record<Column, string>> = {
  day: "Day or date",
  at: "Time",
  name: "What it is",
  minutes: "Minutes",
  where: "Where",
  who: "Who",
  group: "Shows the same as",
  priority: "Priority, 1 to 3",
  calls: "Calls, minutes before",
  setUp: "Set up, minutes",
};

/** Lists that ship, all made up. */
const OURS = [
  { file: "course-day.csv", label: "Course day" },
  { file: "pool-gala.txt", label: "Pool gala" },
  { file: "athletics-afternoon.csv", label: "Athletics" },
];

/** A start list pasted or from a file; what cannot be read is told line by line, and nothing is added before that is seen. */
export function BringIn({ onClose }: { onClose: () => void }) {
  const [text, setText, forgetText] = useTyped(`list ${useOuting((v) => v.outing.id)}`);
  const [rows, setRows] = useState<readonly (readonly string[])[]>();
  const [calendar, setCalendar] = useState<ReadProgramme>();
  const [matching, setMatching] = useState<Matching>({});
  const [failed, setFailed] = useState(false);
  const { store } = useOpenOuting();
  const open = async (held: string): Promise<void> => {
    setFailed(false);
    setRows(undefined);
    setCalendar(undefined);
    if (/^\s*BEGIN:VCALENDAR/.test(held)) {
      const { readCalendar } = await import("@/outing/programme/read-calendar");
      const { window, outing } = store.getState().view;
      return setCalendar(readCalendar(held, { ...window, timeZone: outing.timeZone, days: daysOf(outing) }));
    }
    const { rowsOfCsv } = await import("@/outing/programme/programme-files");
    const table = isLineList(held) ? [] : rowsOfCsv(held);
    if ((table[0]?.length ?? 0) < 2) return setText(held);
    setRows(table);
    setMatching(readMatching(table[0]!) ?? matchedByHeads(table[0]!));
  };
  const days = useOuting(useShallow(({ outing }) => daysOf(outing)));
  const read = rows ? readTable(rows, matching, days) : (calendar ?? readLines(text, days));
  return (
    <View className="gap-3">
      <FileButton
        label="Choose a file"
        says="A programme as table, calendar or text"
        accept=".csv,.tsv,.txt,.ics,text/csv,text/plain,text/calendar"
        onFile={(file) => void textOfFile(file).then(open)}
      />
      <View className="flex-row flex-wrap items-center gap-x-2">
        <Txt size={14} tone="ink2">
          Made-up lists to try:
        </Txt>
        {OURS.map(({ file, label }) => (
          <Button
            key={file}
            label={label}
            kind="plain"
            onPress={() =>
              void fetch(`/lists/${file}`)
                .then((answer) => (answer.ok ? answer.text() : Promise.reject(new Error())))
                .then(open, () => setFailed(true))
            }
          />
        ))}
      </View>
      {failed && (
        <Txt tone="bracken" role="alert">
          The list did not come: look at the connection and press it again, or paste one below.
        </Txt>
      )}
      {!rows && !calendar && (
        <View className="flex-row">
          <TextField
            label="Or paste a list, a line each"
            hint={`10:40 100 m women, heat 2 (4 min) @ Finish${days.count > 1 ? "; Day 2 on a line of its own" : ""}`}
            value={text}
            onChange={setText}
            lines={6}
          />
        </View>
      )}
      {rows && (
        <Columns
          heads={rows[0]!}
          matching={matching}
          onMatch={(next) => {
            setMatching(next);
            rememberMatching(rows[0]!, next);
          }}
        />
      )}
      <Answer
        read={read}
        onAdded={() => {
          forgetText();
          onClose();
        }}
      />
    </View>
  );
}

/** Which column holds what: by the heads first, then as somebody says it; remembered for the next table with these heads. */
function Columns({
  heads,
  matching,
  onMatch,
}: {
  heads: readonly string[];
  matching: Matching;
  onMatch: (matching: Matching) => void;
}) {
  const items = [
    { key: "none", title: "No column" },
    ...heads.map((title, i) => ({ key: String(i), title: title || `Column ${i + 1}` })),
  ];
  return (
    <View role="group" aria-label="Columns of the table" className="gap-2">
      {COLUMNS.map((column) => (
        <Picker
          key={column}
          label={NAMES[column]}
          items={items}
          chosen={matching[column] === undefined ? "none" : String(matching[column])}
          onChoose={(key) => {
            const { [column]: _, ...rest } = matching;
            onMatch(key === "none" ? rest : { ...rest, [column]: Number(key) });
          }}
        />
      ))}
    </View>
  );
}

function Answer({ read, onAdded }: { read: ReadProgramme; onAdded: () => void }) {
  const programme = useOuting((v) => v.outing.programme);
  const ground = useOuting((v) => v.outing.ground);
  const told = useToldChange();
  const { events, refused } = read;
  const places = placesOf(ground);
  const [elsewhere, setElsewhere] = useState(ground.spots.length === 1 ? keyOfPlace(places[0]!) : NOWHERE);
  const fresh = eventsFrom(events, programme ?? [], places);
  const again = events.length - fresh.length;
  const homeless = fresh.filter((e) => e.place === null).length;
  const room = LIMITS.events - (programme?.length ?? 0);
  const add = async (): Promise<void> => {
    const added = eventsFrom(events, programme ?? [], places, placeOfKey(ground, elsewhere));
    if (await told(addEvents(added), `${countWords(added.length, "event")} added`)) onAdded();
  };
  return (
    <View className="gap-2" aria-live="polite">
      {refused.length > 0 && (
        <View role="alert">
          <Txt weight={700} tone="bracken">
            {`${countWords(refused.length, "line")} cannot be read`}
          </Txt>
          {refused.slice(0, TOLD).map((fault) => (
            <Txt key={fault.line} tone="bracken">
              {refusedWords(fault)}
            </Txt>
          ))}
          {refused.length > TOLD && <Txt tone="bracken">{`And ${refused.length - TOLD} more.`}</Txt>}
        </View>
      )}
      {homeless > 0 && (
        <Picker
          label={`Where the ${countWords(homeless, "event")} are that name no place of yours`}
          items={[
            { key: NOWHERE, title: "Not told yet", detail: "the order of the day leaves them out" },
            ...placeChoices(ground).map(({ key, label }) => ({ key, title: label })),
          ]}
          chosen={elsewhere}
          onChoose={setElsewhere}
        />
      )}
      {again > 0 && <Txt tone="ink2">{`${countWords(again, "event")} of it in the programme already.`}</Txt>}
      {fresh.length > room ? (
        <Txt tone="bracken">{`${countWords(fresh.length, "event")} are more than there is room for: ${room} can be added.`}</Txt>
      ) : (
        fresh.length > 0 && (
          <Button
            label={`Add ${countWords(fresh.length, "event")}${refused.length > 0 ? ", without the refused" : ""}`}
            kind="filled"
            onPress={() => void add()}
          />
        )
      )}
    </View>
  );
}
