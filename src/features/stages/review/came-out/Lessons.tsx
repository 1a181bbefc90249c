import { useState } from "react";
import { View } from "react-native";
import type { CameOut } from "@/answers/review/frames/came-out";
import { lessonsOf, type Lesson } from "@/answers/review/frames/lessons";
import { editOuting, lockRails } from "@/outing/edits";
import type { MatchedBurst } from "@/outing/frames/matched";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { shutterWords } from "@/words";
import { lessonWords } from "@/words/frames";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { Evidence } from "./Evidence";

/** At most three sentences for next time, each with what it rests on, each to become a note, a default, or nothing. */
export function Lessons({ out, bursts }: { out: CameOut; bursts: readonly MatchedBurst[] }) {
  const { store } = useOpenOuting();
  const notes = useOuting((v) => v.outing.notes);
  const [gone, setGone] = useState<ReadonlySet<string>>(new Set());
  const lessons = lessonsOf(store.getState().view, out).filter(
    (l) => !gone.has(l.code) && !notes.includes(lessonWords(l)),
  );
  if (lessons.length === 0) return null;
  return (
    <View role="list" aria-label="For next time" className="gap-2">
      {lessons.map((lesson) => (
        <One
          key={lesson.code}
          lesson={lesson}
          bursts={bursts}
          onGone={() => setGone(new Set([...gone, lesson.code]))}
        />
      ))}
    </View>
  );
}

function One({
  lesson,
  bursts,
  onGone,
}: {
  lesson: Lesson;
  bursts: readonly MatchedBurst[];
  onGone: () => void;
}) {
  const told = useToldChange();
  const notes = useOuting((v) => v.outing.notes);
  const locked = useOuting((v) => v.choice.locked);
  const [isOpen, setOpen] = useState(false);
  const words = lessonWords(lesson);
  const note = (): void =>
    void told(editOuting({ notes: [notes, words].filter(Boolean).join("\n") }), "Noted for this place");
  return (
    <View role="listitem" className="gap-1 border-l-4 border-water pl-3">
      <Txt weight={600}>{words}</Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Note of the place" onPress={note} />
        {lesson.code === "faster-shutter" && (
          <Button
            label={`Begin at ${shutterWords(lesson.better.click)}`}
            onPress={() =>
              void told(
                lockRails(lesson.shotId, { ...locked, shutter: lesson.better.click }),
                `Shutter locked at ${shutterWords(lesson.better.click)}`,
              )
            }
          />
        )}
        <Button label="Why" kind="plain" expanded={isOpen} onPress={() => setOpen(!isOpen)} />
        <Button label="Nothing" says={`Nothing of: ${words}`} kind="plain" onPress={onGone} />
      </View>
      {isOpen && <Evidence lesson={lesson} bursts={bursts} />}
    </View>
  );
}
