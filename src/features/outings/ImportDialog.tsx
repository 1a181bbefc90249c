import { useRouter } from "expo-router";
import { useEffect, useRef, useState } from "react";
import { View } from "react-native";
import { type Fault } from "@/data";
import type { FileContents, ImportChoices, ImportRow } from "@/data/files";
import { changesBetween } from "@/outing/changes";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import {
  changesWords,
  countWords,
  dateWords,
  faultWords,
  instantWords,
  readingFailure,
  savingFailure,
} from "@/words";
import { readFileElsewhere } from "@/workers/read-file";
import { preview, useImport, type Previewed } from "../store/import";

type Stage =
  | { readonly at: "reading"; readonly done: number; readonly of: number }
  | { readonly at: "refused"; readonly title: string; readonly faults: readonly Fault[] }
  | { readonly at: "preview"; readonly file: FileContents; readonly found: Previewed }
  | { readonly at: "writing"; readonly outings: number };

interface Props {
  readonly file: File;
  readonly onClose: () => void;
}

/** A file of ours on its way in: read, shown with what it would do, written as a whole or not at all. */
export function ImportDialog({ file, onClose }: Props) {
  const [stage, setStage] = useState<Stage>({ at: "reading", done: 0, of: 0 });
  const goesOn = useRef(true);
  useEffect(() => {
    goesOn.current = true;
    void read(file, () => goesOn.current, setStage);
    return () => {
      goesOn.current = false;
    };
  }, [file]);
  const bring = useImport();
  const router = useRouter();
  const toast = useToast();

  const take = async (
    contents: FileContents,
    { addedKit }: Previewed,
    choices: ImportChoices,
  ): Promise<void> => {
    setStage({ at: "writing", outings: contents.outings.length });
    const result = await bring(contents, choices);
    if (!result.ok) {
      const { title } = savingFailure(result.reason);
      return setStage({ at: "refused", title, faults: result.faults ?? [] });
    }
    onClose();
    const { outings, undo } = result.value;
    const [only] = outings;
    const isOne = outings.length === 1 && only !== undefined;
    const kit = addedKit > 0 ? ` ${countWords(addedKit, "thing")} added to your kit.` : "";
    router.push(isOne ? `/outing/${only.id}/ground` : "/outings");
    toast({
      words: `${isOne ? only.name : countWords(outings.length, "outing")} opened from the file.${kit}`,
      follows: true,
      undo: () => {
        router.replace("/outings");
        void undo().then((undone) =>
          toast({
            words: undone.ok ? "The import was undone." : savingFailure(undone.reason).title,
            follows: true,
          }),
        );
      },
    });
  };
  if (stage.at === "preview")
    return (
      <Preview
        {...stage}
        name={file.name}
        onTake={(c) => void take(stage.file, stage.found, c)}
        onClose={onClose}
      />
    );
  if (stage.at === "refused") return <Refused {...stage} onClose={onClose} />;
  return (
    <Dialog title="Opening the file" open onClose={onClose}>
      <Txt role="status">{progressWords(stage)}</Txt>
      {stage.at === "reading" && <Button label="Cancel" kind="plain" onPress={onClose} />}
    </Dialog>
  );
}

function progressWords(stage: Extract<Stage, { at: "reading" | "writing" }>): string {
  if (stage.at === "writing") return `Writing ${countWords(stage.outings, "outing")}, all of it or nothing`;
  return stage.of > 1 ? `Reading ${stage.done} of ${stage.of} outings` : "Reading";
}

async function read(file: File, goesOn: () => boolean, setStage: (stage: Stage) => void): Promise<void> {
  const onProgress = async (done: number, of: number): Promise<boolean> => {
    setStage({ at: "reading", done, of });
    // On the page itself the screen is drawn in between, and a press on Cancel heard.
    await new Promise((after) => setTimeout(after, 0));
    return goesOn();
  };
  const found = await readFileElsewhere(file, onProgress);
  if (!goesOn()) return;
  if (found.ok) {
    const shown = await preview(found.value);
    if (goesOn()) setStage({ at: "preview", file: withAge(found.value, file), found: shown });
  } else if (found.reason !== "stopped")
    setStage({ at: "refused", title: `${file.name}: ${readingFailure(found.reason)}`, faults: found.faults });
}

/** Files of older versions do not say when they were written; the disk does. */
const withAge = (contents: FileContents, file: File): FileContents => ({
  ...contents,
  writtenAt: contents.writtenAt ?? new Date(file.lastModified).toISOString(),
});

const MOST_FAULTS = 5;

interface RefusedProps {
  readonly title: string;
  readonly faults: readonly Fault[];
  readonly onClose: () => void;
}

function Refused({ title, faults, onClose }: RefusedProps) {
  return (
    <Dialog title="The file was not opened" open onClose={onClose}>
      <Txt tone="bracken">{title}</Txt>
      {faults.slice(0, MOST_FAULTS).map((fault) => (
        <Txt key={fault.path + fault.message}>{faultWords(fault)}</Txt>
      ))}
      {faults.length > MOST_FAULTS && <Txt tone="ink2">{`and ${faults.length - MOST_FAULTS} more`}</Txt>}
      <Txt>Nothing was changed.</Txt>
      <Button label="Close" onPress={onClose} />
    </Dialog>
  );
}

const DIFFERING = [
  { key: "keep-both", label: "Keep both" },
  { key: "replace", label: "Replace mine" },
  { key: "leave-mine", label: "Leave mine" },
] as const;
const YES_NO = [
  { key: "no", label: "Keep mine" },
  { key: "yes", label: "Take the file’s" },
] as const;

interface PreviewProps {
  readonly name: string;
  readonly file: FileContents;
  readonly found: Previewed;
  readonly onTake: (choices: ImportChoices) => void;
  readonly onClose: () => void;
}

/** What is new, what differs and how old each side is, before anything is written. */
function Preview({ name, file, found, onTake, onClose }: PreviewProps) {
  const { rows, addedKit, addedLibrary, addedTags, preferencesDiffer } = found;
  const [choices, setChoices] = useState<ImportChoices>({
    differing: "keep-both",
    preferences: preferencesDiffer && rows.every((row) => row.standing === "new"),
  });
  const count = (standing: ImportRow["standing"]): number =>
    rows.filter((row) => row.standing === standing).length;
  const differing = count("differs");
  const arriving = count("new") + (choices.differing === "leave-mine" ? 0 : differing);
  const isNothing = arriving + addedKit + addedLibrary + addedTags === 0 && !choices.preferences;
  return (
    <Dialog title="Open this file?" open onClose={onClose}>
      <Txt tone="ink2">{`${name}, written ${instantWords(Date.parse(file.writtenAt!))}`}</Txt>
      <Txt weight={700}>
        {`${countWords(rows.length, "outing")}: ${count("new")} new, ${differing} that ${differing === 1 ? "differs" : "differ"} from yours, ${count("same")} the same.`}
      </Txt>
      <Rows rows={rows} savedAt={found.savedAt} />
      {differing > 0 && (
        <Segmented
          label="What differs"
          segments={DIFFERING}
          chosen={choices.differing}
          onChoose={(key) => setChoices({ ...choices, differing: key })}
        />
      )}
      {preferencesDiffer && (
        <View className="gap-1">
          <Txt size={14} tone="ink2">
            Its preferences differ from yours
          </Txt>
          <Segmented
            label="Preferences"
            segments={YES_NO}
            chosen={choices.preferences ? "yes" : "no"}
            onChoose={(key) => setChoices({ ...choices, preferences: key === "yes" })}
          />
        </View>
      )}
      <Txt>{besideWords(found)}</Txt>
      <View className="gap-2">
        <Button
          label={isNothing ? "Nothing to bring in" : `Bring in ${arrivingWords(arriving)}`}
          kind="filled"
          disabled={isNothing}
          onPress={() => onTake(choices)}
        />
        <Button label="Cancel" kind="plain" onPress={onClose} />
      </View>
    </Dialog>
  );
}

const arrivingWords = (outings: number): string =>
  outings > 0 ? countWords(outings, "outing") : "what is new";

function besideWords({ addedKit: kit, addedLibrary: library, addedTags: tags }: Previewed): string {
  const added = [
    ...(tags > 0 ? [`${countWords(tags, "tag")} will be added to outings that are here`] : []),
    ...(kit > 0 ? [`${countWords(kit, "thing")} will be added to your kit`] : []),
    ...(library > 0 ? [`${library} to your library`] : []),
  ];
  return `${added.length > 0 ? `${added.join(", ")}. ` : ""}Your own kit and library are never overwritten, and all of it can be undone.`;
}

const MOST_ROWS = 12;
const WORST_FIRST = { differs: 0, new: 1, same: 2 } as const;

function Rows({ rows, savedAt }: Pick<Previewed, "rows" | "savedAt">) {
  const shown = rows.toSorted((a, b) => WORST_FIRST[a.standing] - WORST_FIRST[b.standing]);
  return (
    <View role="list" aria-label="Outings of the file">
      {shown.slice(0, MOST_ROWS).map((row, i) => (
        <View key={i} role="listitem" className="border-b border-line py-2">
          <Txt weight={600}>{`${row.outing.name}, ${dateWords(row.outing.date)}`}</Txt>
          <Txt size={14} tone={row.standing === "differs" ? "bracken" : "ink2"}>
            {standingWords(row, row.own && savedAt.get(row.own.id))}
          </Txt>
        </View>
      ))}
      {rows.length > MOST_ROWS && <Txt tone="ink2">{`and ${rows.length - MOST_ROWS} more`}</Txt>}
    </View>
  );
}

function standingWords({ standing, own, outing }: ImportRow, savedAt: number | undefined): string {
  if (standing === "new") return "New";
  if (standing === "same" || !own) return "Here already, the same";
  const age = savedAt === undefined ? "" : ` Yours was last changed ${instantWords(savedAt)}.`;
  return `Differs from yours: ${changesWords(changesBetween(own, outing))}.${age}`;
}
