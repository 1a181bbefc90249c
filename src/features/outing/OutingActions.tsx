import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import type { OutingChange } from "@/core/review";
import type { Outing, StoredKit, Preferences } from "@/data";
import type { OutingFile } from "@/data/files";
import { Button } from "@/ui/controls/Button";
import { useToast } from "@/ui/layout/toast";
import { savingFailure } from "@/words";
import { leftOutWords } from "@/words/failures";
import type { Leaving as Chosen } from "@/outing/leaving/choice";
import type { Beside } from "@/answers/leaving/what-goes";
import { Late } from "../layout/Late";
import { Leaving } from "../leaving/Leaving";
import { useChangeStored, useDuplicateOuting, useRemoveOuting, useSaveOuting } from "../store/outings";

const loadHandOver = async () => (await import("../handover/HandOver")).HandOver;

interface Props {
  readonly outing: Outing;
  readonly kit: StoredKit | undefined;
  readonly preferences: Preferences;
  /** Called before anything is done, to close what shows the actions. */
  readonly onDone: () => void;
}

/** What can be done with an outing as a whole: written to a file, made again, archived, removed. */
export function OutingActions({ outing, kit, preferences, onDone }: Props) {
  const remove = useRemoveOuting();
  const save = useSaveOuting();
  const changeStored = useChangeStored();
  const duplicate = useDuplicateOuting();
  const router = useRouter();
  const toast = useToast();
  const [besideOf, setBesideOf] = useState<(leaving: Chosen) => Beside>();

  const onExport = async (): Promise<void> => {
    const { besideOf: counted } = await import("../store/outing-file");
    const beside = await counted(outing);
    setBesideOf(() => beside);
  };
  const onWrite = async (leaving: Chosen): Promise<void> => {
    onDone();
    const { downloadOutingFile } = await import("../store/outing-file");
    const file = kit && (await downloadOutingFile({ outing, kit, preferences }, leaving));
    const lacks = leftOutWords(file?.leftOut ?? []);
    toast({
      words: file?.isWhole
        ? `Exported to a file${lacks}. Open it on any device under Outings.`
        : "Exported as it is stored, without its kit: it would not have opened again as a whole.",
    });
  };
  const onDuplicate = async (): Promise<void> => {
    onDone();
    const made = await duplicate(outing);
    if (!made.ok) return toast({ words: savingFailure(made.reason).title });
    router.push(`/outing/${made.value.id}/brief`);
    toast({ words: `${made.value.name} made. Set its date`, follows: true });
  };
  const onPutAway = async (): Promise<void> => {
    onDone();
    const change = JSON.stringify([{ code: "part", part: "archive" } satisfies OutingChange]);
    const saved = await save({ ...outing, archived: !outing.archived }, { change, undoTo: outing.revision });
    if (!saved.ok) return toast({ words: savingFailure(saved.reason).title });
    if (!outing.archived) router.replace("/outings");
    toast({
      words: `${outing.name} ${outing.archived ? "restored" : "archived"}`,
      undo: () => void changeStored(outing.id, (now) => ({ ...now, archived: outing.archived })),
      follows: true,
    });
  };
  const onRemove = async (): Promise<void> => {
    onDone();
    // First away from its stages: they would tell that it is gone.
    router.replace("/outings");
    const removed = await remove(outing);
    if (!removed.ok) return toast({ words: savingFailure(removed.reason).title, follows: true });
    toast({ words: `${outing.name} deleted`, undo: () => void removed.value(), follows: true });
  };
  return (
    <View className="gap-2">
      <Button label="Export to a file" kind="filled" onPress={() => void onExport()} />
      {kit && <OntoPhone file={{ outing, kit, preferences }} />}
      <Button label="Duplicate" onPress={() => void onDuplicate()} />
      <Button label={outing.archived ? "Restore" : "Archive"} onPress={() => void onPutAway()} />
      <Button label="Delete" kind="danger" onPress={() => void onRemove()} />
      {besideOf && (
        <Leaving
          outing={outing}
          kind="outing"
          action="Write the file"
          besideOf={besideOf}
          onLeave={(leaving) => void onWrite(leaving)}
          onClose={() => setBesideOf(undefined)}
        />
      )}
    </View>
  );
}

/** Hands the outing over to a phone: what leaves is chosen first. */
function OntoPhone({ file }: { file: OutingFile }) {
  const [asked, setAsked] = useState<"what" | Chosen>();
  const close = (): void => setAsked(undefined);
  return (
    <>
      <Button label="Onto the phone" onPress={() => setAsked("what")} />
      {asked === "what" && (
        <Leaving
          outing={file.outing}
          kind="outing"
          action="Show the code"
          onLeave={setAsked}
          onClose={close}
        />
      )}
      {asked && asked !== "what" && (
        <Late load={loadHandOver} waiting="One moment">
          {(HandOver) => <HandOver file={file} leaving={asked} onClose={close} />}
        </Late>
      )}
    </>
  );
}
