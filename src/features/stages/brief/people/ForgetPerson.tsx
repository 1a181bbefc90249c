import { useState } from "react";
import { useQueryClient } from "@tanstack/react-query";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { savingFailure } from "@/words";
import { forgottenWords } from "@/words/people";
import { openRepository, openStore } from "../../../store/open-repository";

/** Takes somebody out of all that is kept here, asked once and for good. */
export function ForgetPerson({ name, onDone }: { name: string; onDone: () => void }) {
  const [isAsking, setAsking] = useState(false);
  const toast = useToast();
  const client = useQueryClient();
  const forget = async (): Promise<void> => {
    const { forgetPerson } = await import("../../../store/forget-person");
    const forgotten = await forgetPerson(await openRepository(), await openStore(), name);
    setAsking(false);
    onDone();
    await client.invalidateQueries();
    toast({
      words: forgotten.ok
        ? forgottenWords(forgotten.value)
        : `Not forgotten everywhere. ${savingFailure(forgotten.reason).title}: try again.`,
    });
  };
  return (
    <>
      <Button label="Forget everywhere" kind="danger" onPress={() => setAsking(true)} />
      <Dialog title={`Forget ${name}?`} open={isAsking} onClose={() => setAsking(false)}>
        <Txt>
          Everybody of this name is taken out of every outing, every list and note, every tag with what was
          spoken, every earlier state and every deleted outing in this browser.
        </Txt>
        <Txt weight={600}>
          This cannot be undone. Files that were exported, and other devices, are out of reach.
        </Txt>
        <Button label="Forget for good" kind="danger" onPress={() => void forget()} />
        <Button label="Cancel" kind="filled" onPress={() => setAsking(false)} />
      </Dialog>
    </>
  );
}
