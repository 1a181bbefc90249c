import { useMemo, useState } from "react";
import { View } from "react-native";
import type { Role } from "@/outing/lists/columns";
import { kindsOf, readPasted } from "@/outing/lists/read-pasted";
import { mended } from "@/outing/lists/mend";
import { Button } from "@/ui/controls/Button";
import { FileButton } from "@/ui/controls/FileButton";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { textOfFile } from "@/data/files/text-of-file";
import { shapeWords } from "@/words/lists";
import { useTyped } from "../../../forms/use-typed";
import { useOuting } from "../../../outing/use-outing";
import { useCalendarReader } from "./use-calendar-reader";
import { LinesRead } from "./LinesRead";
import { rememberedRoles, rememberRoles } from "./remembered-roles";
import { TableColumns } from "./TableColumns";
import { TakeIn } from "./TakeIn";
import { served } from "../../../store/served";

/** Lists that ship, all made up. */
const OURS = [
  { file: "course-day.csv", label: "Course day" },
  { file: "pool-gala.txt", label: "Pool gala" },
  { file: "athletics-afternoon.csv", label: "Athletics" },
];

/** A start list pasted or from a file: how it is taken stands beside its first lines, what cannot be read is mended where it stands. */
export function BringIn({ onClose }: { onClose: () => void }) {
  const outing = useOuting((v) => v.outing);
  const [text, setText, forgetText] = useTyped(`list ${outing.id}`);
  const [roles, setRoles] = useState<readonly Role[]>();
  const calendar = useCalendarReader(text);
  const pasted = useMemo(
    () =>
      readPasted(text, outing, (table) =>
        roles?.length === table.roles.length ? roles : rememberedRoles(table),
      ),
    [text, outing, roles],
  );
  const read = calendar ?? pasted.read;
  const { shape } = pasted;
  const table = !calendar && shape.kind === "table" ? shape : undefined;
  const kinds = useMemo(() => kindsOf(read.events, outing), [read, outing]);
  return (
    <View className="gap-3">
      <Sources onText={setText} />
      <View className="flex-row">
        <TextField
          label="Or paste a list, a line each"
          hint="As it comes: 13:10 100 m heats; a table; heats with their lanes under them"
          value={text}
          onChange={setText}
          lines={text === "" ? 6 : 4}
        />
      </View>
      {text.trim() !== "" && (
        <Txt weight={700} aria-live="polite">
          {shapeWords(table?.roles.length, read.events.length)}
        </Txt>
      )}
      {table && (
        <TableColumns
          table={table}
          onRoles={(said) => {
            if (pasted.recognised.kind === "table") rememberRoles(pasted.recognised, said);
            setRoles(said);
          }}
        />
      )}
      <LinesRead read={read} onMend={(line, now) => setText(mended(text, line, now))} />
      {read.events.length > 0 && (
        <TakeIn
          read={read}
          kinds={kinds}
          onAdded={() => {
            forgetText();
            onClose();
          }}
        />
      )}
    </View>
  );
}

/** A file of one's own, or one of the made-up lists. */
function Sources({ onText }: { onText: (text: string) => void }) {
  const [failed, setFailed] = useState(false);
  const ship = (file: string): void => {
    setFailed(false);
    fetch(served(`/lists/${file}`))
      .then((answer) => (answer.ok ? answer.text() : Promise.reject(new Error())))
      .then(onText, () => setFailed(true));
  };
  return (
    <View className="gap-1">
      <FileButton
        label="Choose a file"
        says="A programme as table, calendar or text"
        accept=".csv,.tsv,.txt,.ics,text/csv,text/plain,text/calendar"
        onFile={(file) => void textOfFile(file).then(onText)}
      />
      <View className="flex-row flex-wrap items-center gap-x-2">
        <Txt size={14} tone="ink2">
          Made-up lists to try:
        </Txt>
        {OURS.map(({ file, label }) => (
          <Button key={file} label={label} kind="plain" onPress={() => ship(file)} />
        ))}
      </View>
      {failed && (
        <Txt tone="bracken" role="alert">
          The list did not come: look at the connection and press it again, or paste one below.
        </Txt>
      )}
    </View>
  );
}
