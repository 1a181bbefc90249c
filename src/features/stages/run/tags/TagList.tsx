import { useState } from "react";
import { View } from "react-native";
import type { Tag } from "@/data";
import { rowsOfTags } from "@/outing/tags/tagging";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { tagWords } from "@/words/tags";
import { useOuting } from "../../../outing/use-outing";
import { downloadText } from "../../../store/file-transfer";
import { wallOf } from "../../shot/titles";
import { useTags } from "./tag-store";

/** Tags shown before one asks for earlier ones, and how many more each time. */
const SHOWN = 4;
const MORE = 50;

/** What was tagged, the last first: heard again, put in words, deleted, carried away as a table. */
export function TagList() {
  const outing = useOuting((v) => v.outing);
  const tags = useTags((s) => s.tags);
  const [shown, setShown] = useState(SHOWN);
  const write = async (): Promise<void> => {
    const { csvOf } = await import("@/outing/programme/programme-files");
    downloadText(`${outing.id}.tags.csv`, csvOf(rowsOfTags(tags, outing)), "text/csv");
  };
  if (tags.length === 0)
    return <Txt tone="ink2">No tag yet. Tag while it is fresh: later nobody knows who it was.</Txt>;
  return (
    <View className="gap-1">
      <View role="list" aria-label="Tags, the last first">
        {tags
          .slice(-shown)
          .toReversed()
          .map((tag) => (
            <View key={tag.id} role="listitem">
              <Line tag={tag} />
            </View>
          ))}
      </View>
      <View className="flex-row flex-wrap">
        {tags.length > shown && (
          <Button label="Earlier tags" kind="plain" onPress={() => setShown(shown + MORE)} />
        )}
        <Button
          label={`${countWords(tags.length, "tag")} as a table`}
          kind="plain"
          onPress={() => void write()}
        />
      </View>
    </View>
  );
}

function Line({ tag }: { tag: Tag }) {
  const outing = useOuting((v) => v.outing);
  const remove = useTags((s) => s.remove);
  const event = outing.programme?.find((e) => e.id === tag.eventId)?.name;
  return (
    <View className="min-h-12 flex-row items-center justify-between gap-2 border-b border-line">
      <View className="min-w-0 flex-1">
        <Txt weight={600}>{`${wallOf({ outing }, tag.at)} ${tagWords(tag)}`}</Txt>
        {event && (
          <Txt size={14} tone="ink2" numberOfLines={1}>
            {event}
          </Txt>
        )}
      </View>
      {tag.kind === "voice" && <Play tag={tag} />}
      <Button
        label="Delete"
        says={`Delete the tag ${tagWords(tag)}`}
        kind="plain"
        className="px-2"
        onPress={() => void remove(tag.id)}
      />
    </View>
  );
}

/** Plays what was spoken. */
function Play({ tag }: { tag: Tag }) {
  const soundOf = useTags((s) => s.soundOf);
  const [gone, setGone] = useState(false);
  const play = async (): Promise<void> => {
    const sound = await soundOf(tag.id);
    if (!sound) return setGone(true);
    const url = URL.createObjectURL(sound);
    const audio = new Audio(url);
    audio.onended = () => URL.revokeObjectURL(url);
    await audio.play().catch(() => setGone(true));
  };
  if (gone) return <Txt tone="bracken">no sound</Txt>;
  return (
    <Button
      label="Play"
      says={`Play ${tagWords(tag)}`}
      kind="plain"
      className="px-2"
      onPress={() => void play()}
    />
  );
}
