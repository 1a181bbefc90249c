import { useState } from "react";
import { Pressable, View } from "react-native";
import { fileNameOf, type Outing, type Tag } from "@/data";
import { tagsAsTheyLeave } from "@/outing/leaving/as-it-leaves";
import type { Leaving as Chosen } from "@/outing/leaving/choice";
import { tagMarked } from "@/outing/people/refused";
import { rowsOfTags } from "@/outing/tags/tagging";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { countWords } from "@/words";
import { tagWords } from "@/words/tags";
import { useTyped } from "../../../forms/use-typed";
import { Leaving } from "../../../leaving/Leaving";
import { useOuting } from "../../../outing/use-outing";
import { downloadText } from "../../../store/file-transfer";
import { wallOf } from "../../shot/titles";
import { DeletedTags } from "./DeletedTags";
import { useTags } from "./tag-store";

/** Tags shown before one asks for earlier ones, and how many more each time. */
const SHOWN = 4;
const MORE = 50;

/** What was tagged, the last first: heard again, put in words, deleted, carried away as a table. */
export function TagList() {
  const outing = useOuting((v) => v.outing);
  const tags = useTags((s) => s.tags);
  const [shown, setShown] = useState(SHOWN);
  const [isLeaving, setLeaving] = useState(false);
  const write = async (leaving: Chosen, left: Outing): Promise<void> => {
    setLeaving(false);
    const { csvOf } = await import("@/outing/programme/programme-files");
    const rows = rowsOfTags(tagsAsTheyLeave(tags, outing, leaving), left);
    downloadText(fileNameOf(left, "tags.csv"), csvOf(rows), "text/csv");
  };
  const isUnread = useTags((s) => s.isUnread);
  const load = useTags((s) => s.load);
  if (isUnread)
    return (
      <View role="alert" className="gap-2 border-l-4 border-bracken pl-3">
        <Txt tone="bracken">
          The tags of this outing could not be read just now. They are not gone; what you tag is kept beside
          them.
        </Txt>
        <Button label="Read them again" onPress={() => void load()} />
      </View>
    );
  if (tags.length === 0)
    return (
      <View className="gap-1">
        <Txt tone="ink2">No tag yet. Tag while it is fresh: later nobody knows who it was.</Txt>
        <DeletedTags />
      </View>
    );
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
          onPress={() => setLeaving(true)}
        />
      </View>
      {isLeaving && (
        <Leaving
          outing={outing}
          kind="tags"
          action="Write the table"
          besideOf={() => ({ tags: tags.length, sounds: 0, picture: false })}
          onLeave={(leaving, left) => void write(leaving, left)}
          onClose={() => setLeaving(false)}
        />
      )}
      <DeletedTags />
    </View>
  );
}

function Line({ tag }: { tag: Tag }) {
  const outing = useOuting((v) => v.outing);
  const { remove, restore, soundOf } = useTags((s) => s);
  const toast = useToast();
  const [naming, setNaming] = useState(false);
  const event = outing.programme?.find((e) => e.id === tag.eventId)?.name;
  const said = tagWords(tagMarked(tag, outing.people));
  const onRemove = async (): Promise<void> => {
    // What was spoken comes back with it.
    const sound = tag.kind === "voice" ? await soundOf(tag.id) : undefined;
    if (await remove(tag.id)) toast({ words: `Tag ${said} deleted`, undo: () => void restore(tag, sound) });
  };
  if (naming) return <Naming tag={tag} onDone={() => setNaming(false)} />;
  return (
    <View className="min-h-12 flex-row items-center justify-between gap-1 border-b border-line">
      <Pressable
        role="button"
        aria-label={`${said}. Put it in words`}
        onPress={() => setNaming(true)}
        className="min-h-12 min-w-0 flex-1 justify-center active:opacity-70"
      >
        <Txt weight={600}>{`${wallOf({ outing }, tag.at)} ${said}`}</Txt>
        {event && (
          <Txt size={14} tone="ink2" numberOfLines={1}>
            {event}
          </Txt>
        )}
      </Pressable>
      {tag.kind === "voice" && <Play tag={tag} />}
      <Button
        label="Delete"
        says={`Delete the tag ${said}`}
        kind="plain"
        className="px-2"
        onPress={() => void onRemove()}
      />
    </View>
  );
}

/** A tag put in words, or its words put right: a spoken one, above all. */
function Naming({ tag, onDone }: { tag: Tag; onDone: () => void }) {
  const change = useTags((s) => s.change);
  const [words, setWords, forget] = useTyped(`words ${tag.id}`, tag.words);
  const [failed, setFailed] = useState(false);
  const leave = (): void => {
    forget();
    onDone();
  };
  const save = async (): Promise<void> => {
    if (await change({ ...tag, words: words.trim().slice(0, 200) || undefined })) leave();
    else setFailed(true);
  };
  return (
    <View className="flex-row flex-wrap items-end gap-2 border-b border-line py-1">
      <TextField
        label="Who or what"
        value={words}
        onChange={setWords}
        error={failed ? "It could not be kept: make room and try again." : undefined}
      />
      <Button label="Save" onPress={() => void save()} />
      <Button label="Cancel" kind="plain" onPress={leave} />
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
