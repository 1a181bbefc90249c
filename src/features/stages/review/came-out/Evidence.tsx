import { View } from "react-native";
import type { Lesson } from "@/answers/review/frames/lessons";
import { settingsOf } from "@/outing/frames/judged";
import type { MatchedBurst } from "@/outing/frames/matched";
import { IntervalChart, type IntervalRow } from "@/ui/charts/IntervalChart";
import { Txt } from "@/ui/controls/Txt";
import { shutterWords } from "@/words";
import { Cell } from "../contact-sheet/Cell";

interface Props {
  readonly lesson: Lesson;
  readonly bursts: readonly MatchedBurst[];
}

/** Frames that are shown of what a sentence rests on. */
const SHOWN = 6;
const SIDE = 92;

/** What a sentence rests on: the two shares that it parts, or the frames that it speaks of. */
export function Evidence({ lesson, bursts }: Props) {
  const rows = rowsOf(lesson);
  const frames = bursts.filter((b) => isOf(lesson, b)).flatMap((b) => b.frames);
  return (
    <View className="gap-1">
      {rows.length > 0 && <IntervalChart label="The two shares" rows={rows} />}
      <View className="flex-row flex-wrap">
        {frames.slice(0, SHOWN).map((frame) => (
          <Cell key={frame.id} frame={frame} side={SIDE} onOpen={() => undefined} />
        ))}
      </View>
      {frames.length > SHOWN && <Txt size={14} tone="ink2">{`and ${frames.length - SHOWN} more`}</Txt>}
    </View>
  );
}

function rowsOf(lesson: Lesson): IntervalRow[] {
  if (lesson.code === "faster-shutter")
    return [lesson.better, lesson.worse].map((r) => ({
      ...r,
      key: String(r.click),
      label: shutterWords(r.click),
      note: `${r.kept} of ${r.taken}`,
    }));
  if (lesson.code === "better-place")
    return [lesson.better, lesson.worse].map((r) => ({
      ...r,
      label: r.key,
      note: `${r.kept} of ${r.taken}`,
    }));
  return [];
}

function isOf(lesson: Lesson, { shotId, frames }: MatchedBurst): boolean {
  switch (lesson.code) {
    case "promise-missed":
      return shotId === lesson.shot.id;
    case "faster-shutter":
      return settingsOf(frames[0]!)?.shutter === lesson.worse.click;
    case "smear-longer":
      return frames.some((f) => f.smear);
    default:
      return false;
  }
}
