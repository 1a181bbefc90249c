import { useQueryClient } from "@tanstack/react-query";
import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { EMPTY_LIBRARY, readFile, writeEverything } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { useToast } from "@/ui/layout/toast";
import { Txt } from "@/ui/controls/Txt";
import { ownBeginning } from "../store/own-beginning";
import { OpenFile } from "../outings/OpenFile";
import { downloadText } from "../store/file-transfer";
import { openRepository } from "../store/open-repository";
import { useOutings } from "../store/outings";

/** All that is kept in this browser: out to a file, in from one, or away. */
export function Belongings() {
  const { data } = useOutings();
  const [asking, setAsking] = useState<"once" | "twice">();
  const toast = useToast();
  const client = useQueryClient();
  const router = useRouter();

  const onWrite = async (): Promise<void> => {
    const repository = await openRepository();
    const [list, kit, library, preferences] = await Promise.all([
      repository.listOutings(),
      repository.readKit(),
      repository.readLibrary(),
      repository.readPreferences(),
    ]);
    const unreadable = [kit, library].flatMap((r) =>
      !r.ok && r.reason === "unreadable" ? [r.unreadable] : [],
    );
    if (unreadable.length > 0) {
      for (const { id, raw } of unreadable) downloadText(`${id}.damaged.json`, raw);
      return toast({
        words: "Kit or library cannot be read: it is exported as it is stored. Export each outing by itself.",
      });
    }
    const text = writeEverything({
      outings: list.outings,
      kit: kit.ok ? kit.value : ownBeginning(),
      library: library.ok ? library.value : EMPTY_LIBRARY,
      preferences,
    });
    // Read back before it is called written.
    if (!readFile(text).ok)
      return toast({ words: "This cannot be exported whole. Export each outing by itself." });
    downloadText("bright-perch.everything.json", text);
    const lost = list.unreadable.length;
    toast({
      words:
        lost > 0
          ? `Exported, except ${lost} that cannot be read: export those under Outings.`
          : "Everything is in the file.",
    });
  };
  const onRemove = async (): Promise<void> => {
    await (await openRepository()).removeEverything();
    setAsking(undefined);
    client.clear();
    router.replace("/outings");
  };
  return (
    <View className="gap-2" role="region" aria-label="Your data">
      <Txt size={18} weight={700} role="heading" aria-level={2}>
        Your data
      </Txt>
      <Txt tone="ink2">
        Outings, kit, library and preferences are stored in this browser only. A file moves them to another.
      </Txt>
      <Button label="Export everything to a file" kind="filled" onPress={() => void onWrite()} />
      <OpenFile />
      <Button label="Delete everything" kind="danger" onPress={() => setAsking("once")} />
      <Dialog title="Delete everything?" open={asking === "once"} onClose={() => setAsking(undefined)}>
        <Txt>{`${data?.outings.length ?? 0} outings, the kit, your library and your preferences will be deleted. Export them first if you may want them again.`}</Txt>
        <Button label="Continue" kind="danger" onPress={() => setAsking("twice")} />
        <Button label="Cancel" kind="filled" onPress={() => setAsking(undefined)} />
      </Dialog>
      <Dialog title="This cannot be undone" open={asking === "twice"} onClose={() => setAsking(undefined)}>
        <Txt>This cannot be undone, except from a file you exported.</Txt>
        <Button label="Delete everything now" kind="danger" onPress={() => void onRemove()} />
        <Button label="Cancel" kind="filled" onPress={() => setAsking(undefined)} />
      </Dialog>
    </View>
  );
}
