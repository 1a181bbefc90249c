import { useState } from "react";
import { View } from "react-native";
import { repair, type RecordTypes, type Repaired, type Saved, type Unreadable as Stored } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Message } from "@/ui/controls/Message";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { countWords, faultWords, savingFailure } from "@/words";
import { downloadText } from "../store/file-transfer";

interface Props<N extends keyof RecordTypes> {
  readonly kind: N;
  readonly title: string;
  readonly stored: Stored;
  readonly onKeep: (repaired: RecordTypes[N]) => Promise<Saved<unknown>>;
  readonly onRemove: () => Promise<Saved<unknown>>;
  /** What comes in its place when it is taken away: "Begin with a generic bag". */
  readonly removeLabel?: string;
}

const MOST_FAULTS = 3;

/** A stored record that cannot be read: it stays as it is until it is repaired, carried out, or taken away. */
export function Unreadable<N extends keyof RecordTypes>({
  kind,
  title,
  stored,
  onKeep,
  onRemove,
  removeLabel = "Delete",
}: Props<N>) {
  const [looking, setLooking] = useState<Repaired<RecordTypes[N]> | "no way">();
  const [sure, setSure] = useState(false);
  const toast = useToast();
  const tell = (saved: Saved<unknown>, words: string): void =>
    toast({ words: saved.ok ? words : savingFailure(saved.reason).title });
  const keep = async ({ value }: Repaired<RecordTypes[N]>): Promise<void> => {
    setLooking(undefined);
    tell(await onKeep(value), "Repaired. What stood there stays among the earlier states.");
  };
  const { faults } = stored;
  return (
    <Message
      tone="danger"
      title={title}
      body={`It is stored and safe; this version cannot read it:\n${faults.slice(0, MOST_FAULTS).map(faultWords).join("\n")}`}
    >
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Repair"
          kind="filled"
          onPress={() => setLooking(repair(kind, stored.raw) ?? "no way")}
        />
        <Button
          label="Export what is stored"
          onPress={() => downloadText(`${stored.id}.damaged.json`, stored.raw)}
        />
        {sure ? (
          <Button
            label={`${removeLabel}, I have exported it`}
            kind="danger"
            onPress={() => void onRemove().then((removed) => tell(removed, "Taken away."))}
          />
        ) : (
          <Button label={removeLabel} kind="danger" onPress={() => setSure(true)} />
        )}
      </View>
      <Dialog
        title={looking === "no way" ? "This cannot be repaired here" : "Repair it?"}
        open={looking !== undefined}
        onClose={() => setLooking(undefined)}
      >
        {looking === "no way" && (
          <>
            <Txt>
              Its text is damaged beyond what can be mended without guessing. Export what is stored: it can be
              mended by hand, and opened again as a file.
            </Txt>
            <Button label="Close" onPress={() => setLooking(undefined)} />
          </>
        )}
        {looking && looking !== "no way" && (
          <>
            <Txt>{`${countWords(looking.mends.length, "place")} will be mended; all else stays as it is:`}</Txt>
            {looking.mends.slice(0, 2 * MOST_FAULTS).map((mend, i) => (
              <Txt key={i}>{`– ${faultWords(mend)}`}</Txt>
            ))}
            {looking.mends.length > 2 * MOST_FAULTS && (
              <Txt>{`– and ${looking.mends.length - 2 * MOST_FAULTS} more`}</Txt>
            )}
            <Button label="Keep the repaired one" kind="filled" onPress={() => void keep(looking)} />
            <Button label="Cancel" kind="plain" onPress={() => setLooking(undefined)} />
          </>
        )}
      </Dialog>
    </Message>
  );
}
