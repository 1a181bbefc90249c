import { useRef, useState } from "react";
import { View } from "react-native";
import { useRouter } from "expo-router";
import { readFile, type Fault, type FileContents, type OnConflict, type Outing } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { faultWords, readingFailure, savingFailure } from "@/words";
import { useBringIn } from "../store/bring-in";
import { openRepository } from "../store/open-repository";

interface Refused {
  readonly title: string;
  readonly faults: readonly Fault[];
}

/** A file that holds outings which are here already. */
interface Asked {
  readonly file: FileContents;
  readonly here: readonly Outing[];
}

const MOST_FAULTS = 5;

/** Opens a file of one outing or of everything: refuses with place and cause, asks before anything is replaced. */
export function OpenFile() {
  const input = useRef<HTMLInputElement>(null);
  const [refused, setRefused] = useState<Refused>();
  const [asked, setAsked] = useState<Asked>();
  const bring = useBringIn();
  const router = useRouter();
  const toast = useToast();

  const take = async (file: FileContents, onConflict: OnConflict): Promise<void> => {
    setAsked(undefined);
    const result = await bring.mutateAsync({ file, onConflict });
    if (!result.ok) {
      const { title, body } = savingFailure(result.reason);
      setRefused({ title: `${title}. ${body}`, faults: [] });
      return;
    }
    const { outings: brought, addedKit } = result.value;
    const kit = addedKit > 0 ? ` ${addedKit} things were added to your kit.` : "";
    const [only] = brought;
    const what = brought.length === 1 && only ? only.name : `${brought.length} outings`;
    toast({ words: `${what} opened from the file.${kit}` });
    router.push(brought.length === 1 && only ? `/outing/${only.id}/ground` : "/outings");
  };
  const read = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    const file = readFile(await chosen.text());
    if (!file.ok) {
      setRefused({ title: `${chosen.name}: ${readingFailure(file.reason)}`, faults: file.faults });
      return;
    }
    // Asked of the storage itself: the list on the screen may not have come yet.
    const { outings } = await (await openRepository()).listOutings();
    const here = file.value.files.map((f) => f.outing).filter(({ id }) => outings.some((s) => s.id === id));
    if (here.length > 0) setAsked({ file: file.value, here });
    else await take(file.value, "replace");
  };
  return (
    <>
      <Button label="Open a file" className="h-14" onPress={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Outing file"
        style={{ display: "none" }}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          void read(chosen).finally(() => {
            if (input.current) input.current.value = "";
          });
        }}
      />
      <Dialog
        title="The file was not opened"
        open={refused !== undefined}
        onClose={() => setRefused(undefined)}
      >
        <Txt tone="bracken">{refused?.title}</Txt>
        {refused?.faults.slice(0, MOST_FAULTS).map((fault) => (
          <Txt key={fault.path + fault.message}>{faultWords(fault)}</Txt>
        ))}
        {refused && refused.faults.length > MOST_FAULTS && (
          <Txt tone="ink2">{`and ${refused.faults.length - MOST_FAULTS} more`}</Txt>
        )}
        <Txt>Nothing was changed.</Txt>
        <Button label="Close" onPress={() => setRefused(undefined)} />
      </Dialog>
      <Dialog title="You have this already" open={asked !== undefined} onClose={() => setAsked(undefined)}>
        <Txt>{asked ? alreadyHere(asked.here) : ""}</Txt>
        <View className="gap-2">
          <Button
            label="Keep both"
            kind="filled"
            onPress={() => asked && void take(asked.file, "keep-both")}
          />
          <Button
            label="Replace mine"
            kind="danger"
            onPress={() => asked && void take(asked.file, "replace")}
          />
          <Button label="Cancel" kind="plain" onPress={() => setAsked(undefined)} />
        </View>
      </Dialog>
    </>
  );
}

function alreadyHere(outings: readonly Outing[]): string {
  const listed = outings.map((s) => `“${s.name}” of ${s.date}`).join(", ");
  return `${listed}: here already. Your kit is never overwritten; what the file adds is put beside it.`;
}
