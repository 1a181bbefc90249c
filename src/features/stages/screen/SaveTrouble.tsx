import { useEffect, useState } from "react";
import { View } from "react-native";
import type { OutingChange } from "@/core/review";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Txt } from "@/ui/controls/Txt";
import { changeWords, faultWords, savingFailure } from "@/words";
import { downloadOutingFile } from "../../store/outing-file";
import type { Conflict } from "../../outing/outing-store";
import { useOpenOuting, useSaving } from "../../outing/use-outing";

const MOST_FAULTS = 3;

/** Says that a change was not made, or is on the screen alone, and what can be done about it. Nothing while all is kept. */
export function SaveTrouble() {
  const { failure, refused } = useSaving();
  const { store, retry, keepMine, takeTheirs, accept } = useOpenOuting();
  if (refused)
    return (
      <Message
        title="That change was not made"
        body={refused.slice(0, MOST_FAULTS).map(faultWords).join("\n")}
        tone="danger"
      >
        <Button label="OK" onPress={accept} />
      </Message>
    );
  if (!failure) return null;
  const { title, body } = savingFailure(failure);
  const isOvertaken = failure === "overtaken";
  return (
    <Message title={title} body={body} tone="danger">
      {isOvertaken && <BothSides />}
      <View className="flex-row flex-wrap gap-2">
        {isOvertaken || failure === "removed" ? (
          <Button label="Keep mine" kind="filled" onPress={() => void keepMine()} />
        ) : (
          <Button label="Try again" kind="filled" onPress={retry} />
        )}
        {isOvertaken && <Button label="Load the saved version" onPress={() => void takeTheirs()} />}
        <Button
          label="Export mine to a file"
          onPress={() => void downloadOutingFile(store.getState().view)}
        />
      </View>
    </Message>
  );
}

/** What was done here and what elsewhere since the two parted. */
function BothSides() {
  const { conflict } = useOpenOuting();
  const [sides, setSides] = useState<Conflict>();
  useEffect(() => {
    let isOn = true;
    void conflict().then((found) => isOn && setSides(found));
    return () => {
      isOn = false;
    };
  }, [conflict]);
  if (!sides) return null;
  return (
    <View className="gap-1">
      <Side title="Here" changes={sides.mine} />
      <Side title="Elsewhere" changes={sides.theirs} />
    </View>
  );
}

const MOST_CHANGES = 4;

function Side({ title, changes }: { title: string; changes: readonly OutingChange[] }) {
  const told = changes.slice(0, MOST_CHANGES).map(changeWords);
  const more = changes.length - told.length;
  return (
    <Txt>
      <Txt weight={700}>{`${title}: `}</Txt>
      {told.length === 0 ? "nothing that differs" : told.join(", ") + (more > 0 ? `, and ${more} more` : "")}
    </Txt>
  );
}
