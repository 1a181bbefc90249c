import { useMemo, useState } from "react";
import { View } from "react-native";
import { figures, shippedSubjects } from "@/answers/library/subjects";
import { EMPTY_LIBRARY, idFromName, ownSubjectSchema, type Library, type StoredSubject } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { figureWords, savingFailure } from "@/words";
import type { FieldSpec } from "../forms/field-spec";
import { RecordForm } from "../forms/RecordForm";
import { useChangeLibrary, useOwnLibrary } from "../store/library";

type OwnSubject = Library["subjects"][number];

const PART_CLASSES = [
  { key: "limb", label: "hand or foot" },
  { key: "tool", label: "tool or ball" },
  { key: "wing", label: "wing" },
];
const KNOWN = ["estimated", "common practice", "from memory", "published", "invented"].map((key) => ({
  key,
  label: key,
}));

const BODY: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name" },
  { kind: "length", key: "height", label: "Height", min: 0.002, max: 40 },
  { kind: "length", key: "depth", label: "Front to back", min: 0.0005, max: 40 },
  { kind: "length", key: "length", label: "Length, nose to tail", min: 0.0005, max: 60, optional: true },
  { kind: "length", key: "span", label: "Wing span", min: 0.0005, max: 60, optional: true },
  { kind: "number", key: "bodySpeed", label: "Body speed", unit: "m/s", min: 0, max: 120 },
  { kind: "number", key: "bob", label: "Bob, up and down", unit: "m/s", min: 0, max: 20 },
  { kind: "switch", key: "round", label: "Round, like a bird in flight or a ball" },
  { kind: "choice", key: "known", label: "How you know it", choices: KNOWN },
  { kind: "text", key: "source", label: "Source", lines: 2 },
];

const partSpecs = (i: number): readonly FieldSpec[] => [
  { kind: "text", key: `parts.${i}.name`, label: `Part ${i + 1}` },
  { kind: "choice", key: `parts.${i}.partClass`, label: "Kind of part", choices: PART_CLASSES },
  { kind: "number", key: `parts.${i}.speed`, label: "Speed", unit: "m/s", min: 0, max: 150 },
  {
    kind: "length",
    key: `parts.${i}.halfWidth`,
    label: "Half width of a tool or ball",
    min: 0.0005,
    max: 5,
    optional: true,
  },
];

const newPart = (taken: readonly { id: string }[]): OwnSubject["parts"][number] => ({
  id: idFromName("part", taken),
  name: "hand",
  partClass: "limb",
  speed: 3,
});

interface Props {
  /** What it begins as: another subject, to be changed. */
  readonly begin: StoredSubject | OwnSubject;
  readonly onKept: (subject: StoredSubject) => void;
  readonly onCancel: () => void;
}

/** A subject of one's own, kept in the library: copied from another one and changed. */
export function OwnSubjectForm({ begin, onKept, onCancel }: Props) {
  const { own = EMPTY_LIBRARY } = useOwnLibrary();
  const library = useChangeLibrary();
  const mine = own.subjects.some((s) => s.id === begin.id);
  const [parts, setParts] = useState(begin.parts);
  const [figure, setFigure] = useState(begin.figure ?? "standing");
  const record = useMemo(
    () => ({ round: false, source: "your own", ...begin, parts, figure }),
    [begin, parts, figure],
  );
  const specs = useMemo(() => [...BODY, ...parts.flatMap((_, i) => partSpecs(i))], [parts]);

  const onSave = async (subject: OwnSubject): Promise<boolean> => {
    const id = mine ? begin.id : idFromName(subject.name, [...shippedSubjects(), ...own.subjects], "subject");
    const kept = { ...subject, id };
    const subjects = mine ? own.subjects.map((s) => (s.id === id ? kept : s)) : [...own.subjects, kept];
    if (!(await library.change({ ...own, subjects }))) return false;
    onKept(kept);
    return true;
  };
  return (
    <RecordForm
      specs={specs}
      record={record}
      schema={ownSubjectSchema}
      save="Save to my library"
      onCancel={onCancel}
      onSave={onSave}
      before={() => (
        <Picker
          label="Drawn as"
          items={figures().map((key) => ({ key, title: figureWords(key) }))}
          chosen={figure}
          onChoose={(key) => setFigure(key as typeof figure)}
        />
      )}
      more={
        <View className="gap-2">
          {library.failure && (
            <Txt tone="bracken" role="alert">
              {savingFailure(library.failure).title}
            </Txt>
          )}
          {parts.length < 12 && (
            <Button label="Add a moving part" onPress={() => setParts([...parts, newPart(parts)])} />
          )}
          {parts.length > 0 && (
            <Button label="Delete the last part" onPress={() => setParts(parts.slice(0, -1))} />
          )}
        </View>
      }
    />
  );
}
