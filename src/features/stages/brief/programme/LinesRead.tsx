import { useState } from "react";
import { View } from "react-native";
import type { EventDraft, ReadList, RefusedLine } from "@/outing/lists/drafts";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { doubtWords, faultWords } from "@/words/lists";

/** Lines of each sort that are told one by one. */
const TOLD = 8;
const FIRST = 4;

interface Props {
  readonly read: ReadList;
  /** Writes a line of the list anew. */
  readonly onMend: (line: number, text: string) => void;
}

/** What became of the lines: the first events as they were read, what was guessed, what was refused and can be mended, what is no event. */
export function LinesRead({ read: { events, refused, passed }, onMend }: Props) {
  const [all, setAll] = useState(false);
  const guessed = events.filter((e) => e.doubts !== undefined);
  return (
    <View className="gap-2">
      {events.slice(0, FIRST).map((event, i) => (
        <Txt key={i} size={14} numberOfLines={1}>
          {draftLine(event)}
        </Txt>
      ))}
      {events.length > FIRST && <Txt size={14}>{`and ${events.length - FIRST} more`}</Txt>}
      {guessed.length > 0 && (
        <View role="group" aria-label="Guessed">
          <Txt weight={700}>{`${countWords(guessed.length, "event")} guessed: look at the times`}</Txt>
          {guessed.slice(0, TOLD).map((event, i) => (
            <Txt key={i} size={14}>{`${draftLine(event)}: ${event.doubts!.map(doubtWords).join("; ")}`}</Txt>
          ))}
          {guessed.length > TOLD && <Txt size={14}>{`And ${guessed.length - TOLD} more.`}</Txt>}
        </View>
      )}
      {refused.length > 0 && (
        <View role="alert" className="gap-2">
          <Txt weight={700} tone="bracken">
            {`${countWords(refused.length, "line")} cannot be read`}
          </Txt>
          {refused.slice(0, TOLD).map((line) => (
            <Refused key={`${line.line} ${line.text}`} line={line} onMend={onMend} />
          ))}
          {refused.length > TOLD && <Txt tone="bracken">{`And ${refused.length - TOLD} more.`}</Txt>}
        </View>
      )}
      {passed.length > 0 && (
        <Button
          label={`${countWords(passed.length, "line")} passed over${all ? ":" : ""}`}
          kind="plain"
          onPress={() => setAll(!all)}
        />
      )}
      {all &&
        passed.map(({ line, text }) => (
          <Txt key={line} size={14} tone="ink2" numberOfLines={1}>
            {`${line}: ${text}`}
          </Txt>
        ))}
    </View>
  );
}

const draftLine = ({ day, at, name, where, minutes, who }: EventDraft): string =>
  [
    `${day === undefined ? "" : `Day ${day}, `}${at} ${name}`,
    minutes === undefined ? "" : `${minutes} min`,
    where ?? "",
    who === undefined ? "" : countWords(who.split(/[;\n]/).length, "entry", "entries"),
  ]
    .filter(Boolean)
    .join(" · ");

/** A line that was refused: why, and the line itself to be written anew. */
function Refused({ line: { line, text, fault }, onMend }: { line: RefusedLine; onMend: Props["onMend"] }) {
  const [now, setNow] = useState(text);
  return (
    <View>
      <Txt tone="bracken">{`Line ${line}, “${text}”: ${faultWords(fault)}.`}</Txt>
      {fault !== "no-columns" && (
        <View className="flex-row items-end gap-2">
          <TextField label={`Line ${line}`} value={now} onChange={setNow} />
          <Button label="Read it so" onPress={() => onMend(line, now)} />
        </View>
      )}
    </View>
  );
}
