import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Txt } from "@/ui/controls/Txt";
import { instantWords } from "@/words";
import { fileMarks, wasEmptied } from "../store/storage";

interface Props {
  readonly onDemo: () => void;
  readonly onOwn: () => void;
  readonly onFirst: () => void;
}

/** The very first visit: look at the demo, or begin with one's own. */
export function Welcome({ onDemo, onOwn, onFirst }: Props) {
  return (
    <View className="gap-4 px-4 py-8">
      <Cleared />
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        Where to stand, what to set
      </Txt>
      <Txt>
        Four questions, a press each, give you the settings for what is in front of you. Or see on made-up
        outings how a ground becomes a field card.
      </Txt>
      <View className="gap-3">
        <Button label="What do I set?" kind="filled" className="h-16" onPress={onFirst} />
        <Button label="Try the demo" className="h-14" onPress={onDemo} />
        <Button label="Plan my own outing" className="h-14" onPress={onOwn} />
      </View>
    </View>
  );
}

/** Says where a browser cleared away what was kept: its marks of files are still there, and nobody deleted anything. */
function Cleared() {
  const { writtenAt, workSince } = fileMarks();
  if (wasEmptied() || (writtenAt === undefined && workSince === undefined)) return null;
  const file =
    writtenAt === undefined
      ? "None of it was written to a file. If another device has it, export it there and open the file here."
      : `The last file with everything was written on ${instantWords(writtenAt)}: look for it among your downloads, and press Open a file below.`;
  return <Message tone="danger" title="The browser has cleared away what was kept here" body={file} />;
}
