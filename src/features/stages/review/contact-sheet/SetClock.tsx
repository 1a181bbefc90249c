import { useState } from "react";
import { View } from "react-native";
import { clockByPicture, clockByTag } from "@/answers/review/frames/clocks";
import { wallTimeOf } from "@/data";
import type { Frame } from "@/data/schema/frame";
import { tagMarked } from "@/outing/people/refused";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { TextField } from "@/ui/controls/TextField";
import { tagWords } from "@/words/tags";
import { useOuting } from "../../../outing/use-outing";
import { useTags } from "../../run/who-was-that/tag-store";
import { useFrames } from "../frames/frames-store";

/** Milliseconds within which tags are offered for a frame. */
const NEAR_MS = 36 * 3_600_000;
/** Tags that are offered. */
const OFFERED = 12;

/** Sets the clock of a frame's camera by the time that it shows, or by a tag that is of it. */
export function SetClock({ frame }: { frame: Frame }) {
  const outing = useOuting((v) => v.outing);
  const tags = useTags((s) => s.tags);
  const clocks = useFrames((s) => s.clocks);
  const putClocks = useFrames((s) => s.putClocks);
  const [text, setText] = useState("");
  const seen = seenAt(text, frame.taken, outing.timeZone);
  const others = clocks.filter((c) => c.body !== frame.body);
  const near = tags
    .filter((t) => Math.abs(t.at - frame.taken) < NEAR_MS)
    .toSorted((a, b) => Math.abs(a.at - frame.taken) - Math.abs(b.at - frame.taken))
    .slice(0, OFFERED);
  const byPicture = (): void => {
    if (seen === undefined) return;
    const set = clockByPicture(
      { taken: frame.taken, seen },
      clocks.find((c) => c.body === frame.body),
    );
    void putClocks([...others, { ...set, body: frame.body }]);
    setText("");
  };
  return (
    <View className="gap-1">
      <View className="flex-row items-end gap-2">
        <View className="min-w-0 flex-1">
          <TextField
            label="Time that a clock in it shows"
            value={text}
            onChange={setText}
            error={text !== "" && seen === undefined ? "Type it as 16:31:07." : undefined}
          />
        </View>
        <Button label="Set the camera's clock" disabled={seen === undefined} onPress={byPicture} />
      </View>
      {near.length > 0 && (
        <Picker
          label="Or the tag that is of this frame"
          items={near.map((t) => ({
            key: t.id,
            title: `${wallTimeOf(t.at, outing.timeZone)} ${tagWords(tagMarked(t, outing.people))}`,
          }))}
          chosen=""
          onChoose={(key) => {
            const tag = near.find((t) => t.id === key)!;
            void putClocks([
              ...others,
              { ...clockByTag({ taken: frame.taken, tagged: tag.at }), body: frame.body },
            ]);
          }}
        />
      )}
    </View>
  );
}

/** The instant that a time with seconds means, on the day that is nearest to when the frame was taken. */
function seenAt(text: string, taken: number, timeZone: string): number | undefined {
  const [, h, m, s] = /^\s*(\d{1,2})[:.](\d\d)[:.](\d\d)\s*$/.exec(text) ?? [];
  if (h === undefined || Number(h) > 23 || Number(m) > 59 || Number(s) > 59) return undefined;
  const wall = wallTimeOf(taken, timeZone);
  const own =
    3600 * Number(wall.slice(0, 2)) + 60 * Number(wall.slice(3, 5)) + (Math.floor(taken / 1000) % 60);
  const said = 3600 * Number(h) + 60 * Number(m) + Number(s);
  const apart = ((((said - own + 43_200) % 86_400) + 86_400) % 86_400) - 43_200;
  return Math.floor(taken / 1000) * 1000 + 1000 * apart;
}
