import { useQueryClient } from "@tanstack/react-query";
import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { useToast } from "@/ui/layout/toast";
import { bytesWords, instantWords } from "@/words";
import { Txt } from "@/ui/controls/Txt";
import { OpenFile } from "../outings/OpenFile";
import { openBeside, openRepository } from "../store/open-repository";
import { useOutings } from "../store/outings";
import { EMPTIED } from "../store/storage";
import { useStorageUse } from "../store/storage-use";
import { exportedWords, exportEverything } from "./export-everything";

/** All that is kept in this browser: out to a file, in from one, or away. */
export function Belongings() {
  const { data } = useOutings();
  const [asking, setAsking] = useState<"once" | "twice">();
  const toast = useToast();
  const client = useQueryClient();
  const router = useRouter();

  const onWrite = async (): Promise<void> => {
    const exported = await exportEverything();
    await client.invalidateQueries({ queryKey: ["storage"] });
    toast({ words: exportedWords(exported) });
  };
  const onRemove = async (): Promise<void> => {
    // Opened before: what a first look would still write comes before all of it goes.
    const beside = await openBeside();
    await (await openRepository()).removeEverything();
    // What stays is named by nothing any more, and swept.
    await beside.clearBytes().catch(() => undefined);
    await (await import("../store/forgetting")).forgetSmallPictures([]);
    noteEmptied();
    setAsking(undefined);
    client.clear();
    router.replace("/outings");
  };
  return (
    <View className="gap-2" role="region" aria-label="Your data">
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        Your data
      </Txt>
      <Txt tone="ink2">
        Outings, places, practice, kit, library and preferences are stored in this browser only. A file moves
        them to another; it holds places, nests and dens exactly, so it is for you alone.
      </Txt>
      <Stored />
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

/** Everything was deleted: drafts, marks and what the tab held go as well. */
function noteEmptied(): void {
  for (const storage of [localStorage, sessionStorage])
    for (const key of Object.keys(storage)) if (key.startsWith("bp/")) storage.removeItem(key);
  localStorage.setItem(EMPTIED, "1");
}

/** How much room it takes, whether the browser keeps it for good, and when it last went into a file. */
function Stored() {
  const { data } = useStorageUse();
  const { writtenAt, workSince } = data ?? {};
  const used = data?.used === undefined ? undefined : bytesWords(data.used);
  const quota = data?.quota === undefined ? "" : ` of ${bytesWords(data.quota)}`;
  return (
    <View role="list" aria-label="Storage" className="gap-1">
      <Fact name="Room taken" value={used ? `${used}${quota}` : "not told by this browser"} />
      <Fact
        name="Kept when the browser runs short"
        value={data?.persisted ? "yes, promised" : "not promised"}
      />
      <Fact name="Last written to a file" value={writtenAt ? instantWords(writtenAt) : "never"} />
      {workSince !== undefined && <Fact name="In no file since" value={instantWords(workSince)} />}
    </View>
  );
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <View role="listitem" className="flex-row justify-between gap-4 border-b border-line py-2">
      <Txt tone="ink2" className="shrink">
        {name}
      </Txt>
      <Txt weight={600} className="shrink text-right">
        {value}
      </Txt>
    </View>
  );
}
