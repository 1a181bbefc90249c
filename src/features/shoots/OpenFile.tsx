import { useRef, useState } from "react";
import { View } from "react-native";
import { useRouter } from "expo-router";
import { readOuting, type Fault, type OnConflict, type Outing, type Shoot } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/controls/toast";
import { faultWords, readingFailure, savingFailure } from "@/words";
import { useBringIn } from "../store/shoots";

interface Refused {
  readonly title: string;
  readonly faults: readonly Fault[];
}

const MOST_FAULTS = 5;

/** Opens an outing's file: refuses with place and cause, asks before anything is replaced. */
export function OpenFile({ shoots }: { shoots: readonly Shoot[] }) {
  const input = useRef<HTMLInputElement>(null);
  const [refused, setRefused] = useState<Refused>();
  const [asked, setAsked] = useState<Outing>();
  const bring = useBringIn();
  const router = useRouter();
  const toast = useToast();

  const take = async (file: Outing, onConflict: OnConflict): Promise<void> => {
    setAsked(undefined);
    const result = await bring.mutateAsync({ file, onConflict });
    if (!result.ok) {
      const { title, body } = savingFailure(result.reason);
      setRefused({ title: `${title}. ${body}`, faults: [] });
      return;
    }
    const kit = result.addedKit > 0 ? ` ${result.addedKit} things were added to your kit.` : "";
    toast({ words: `${result.shoot.name} opened from the file.${kit}` });
    router.push(`/shoot/${result.shoot.id}/ground`);
  };
  const read = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    const outing = readOuting(await chosen.text());
    if (!outing.ok) {
      setRefused({ title: `${chosen.name}: ${readingFailure(outing.reason)}`, faults: outing.faults });
      return;
    }
    if (shoots.some((s) => s.id === outing.value.shoot.id)) setAsked(outing.value);
    else await take(outing.value, "replace");
  };
  return (
    <>
      <Button
        label="Open an outing’s file"
        kind="filled"
        className="h-14"
        onPress={() => input.current?.click()}
      />
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
      <Dialog
        title="You have this outing already"
        open={asked !== undefined}
        onClose={() => setAsked(undefined)}
      >
        <Txt>{`“${asked?.shoot.name}” of ${asked?.shoot.date} is here. Your kit is never overwritten; what the file adds is put beside it.`}</Txt>
        <View className="gap-2">
          <Button label="Keep both" kind="filled" onPress={() => asked && void take(asked, "keep-both")} />
          <Button label="Replace mine" kind="danger" onPress={() => asked && void take(asked, "replace")} />
          <Button label="Cancel" kind="plain" onPress={() => setAsked(undefined)} />
        </View>
      </Dialog>
    </>
  );
}
