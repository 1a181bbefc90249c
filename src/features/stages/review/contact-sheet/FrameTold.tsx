import { useState } from "react";
import { View } from "react-native";
import { wallTimeOf } from "@/data";
import { clockByPicture, clockByTag } from "@/answers/review/frames/clocks";
import type { Frame } from "@/data/schema/frame";
import type { MatchedBurst } from "@/outing/frames/matched";
import { settingsOf } from "@/outing/frames/judged";
import { rangeFrom } from "@/outing/frames/sheet";
import { byNumber } from "@/outing/captions/fields";
import { deliver } from "@/outing/edits";
import { withDeliverable } from "@/outing/frames/deliver";
import { nameMarked, tagMarked } from "@/outing/people/refused";
import { timedProgramme } from "@/outing/programme/event-times";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { FactLine } from "@/ui/controls/FactLine";
import { Picker } from "@/ui/controls/Picker";
import { TextField } from "@/ui/controls/TextField";
import { countWords, settingsWords } from "@/words";
import { tagWords } from "@/words/tags";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { useTags } from "../../run/who-was-that/tag-store";
import { useFrames } from "../frames/frames-store";
import { framesTold } from "../frames/told";

/** What a frame's file tells and what it belongs to, each to be told otherwise; and its camera's clock set by it. */
export function FrameTold({
  frame,
  burst,
  bursts,
}: {
  frame: Frame;
  burst: MatchedBurst;
  bursts: readonly MatchedBurst[];
}) {
  const outing = useOuting((v) => v.outing);
  const put = useFrames((s) => s.put);
  const programme = timedProgramme(outing);
  const settings = settingsOf(frame);
  const range = rangeFrom(bursts, burst.id);
  const [isRange, setRange] = useState(false);
  const tell = (told: NonNullable<Frame["told"]>): void =>
    void put(framesTold(isRange ? range.flatMap((b) => b.frames) : burst.frames, told));
  return (
    <div style={{ maxHeight: 260, overflowY: "auto" }}>
      <View className="gap-2 px-3 py-1">
        <FactLine
          name={frame.files.map((f) => f.name).join(", ")}
          value={settings ? settingsWords(settings) : ""}
        />
        {frame.focalLengthMm !== undefined && (
          <FactLine name={frame.lens ?? frame.body} value={`${Math.round(frame.focalLengthMm)} mm`} />
        )}
        {frame.rating !== undefined && <FactLine name="Rating in its file" value={String(frame.rating)} />}
        {range.length > 1 && (
          <CheckRow
            title={`And the ${countWords(range.length - 1, "burst")} after it`}
            detail="What is told below is told of all that follow without a break in the event."
            checked={isRange}
            onChange={setRange}
          />
        )}
        {programme.length > 0 && (
          <Picker
            label="Event of this burst"
            items={[{ key: "", title: "None" }, ...programme.map((e) => ({ key: e.id, title: e.name }))]}
            chosen={burst.eventId ?? ""}
            onChoose={(key) => tell({ eventId: key === "" ? null : key })}
          />
        )}
        <Picker
          label="Shot of this burst"
          items={outing.shots.map((s) => ({ key: s.id, title: s.name }))}
          chosen={burst.shotId ?? ""}
          onChoose={(shotId) => tell({ shotId })}
        />
        {outing.ground.positions.length > 0 && (
          <Picker
            label="Taken from"
            items={outing.ground.positions.map((p) => ({ key: p.id, title: p.name }))}
            chosen={burst.positionId ?? ""}
            onChoose={(positionId) => tell({ positionId })}
          />
        )}
        <ShirtNumbers burst={burst} />
        <For frame={frame} />
        <SetClock frame={frame} />
      </View>
    </div>
  );
}

/** Shirt numbers that are seen in a burst: with one's people they are names. */
function ShirtNumbers({ burst }: { burst: MatchedBurst }) {
  const people = useOuting((v) => v.outing.people) ?? [];
  const put = useFrames((s) => s.put);
  const [text, setText] = useState("");
  if (people.length === 0) return null;
  const found = byNumber(people, text);
  const told = burst.frames[0]!.told?.personIds;
  const names = (ids: readonly string[]): string =>
    people
      .filter((p) => ids.includes(p.id))
      .map((p) => nameMarked(p.name, people))
      .join(", ");
  return (
    <View className="flex-row items-end gap-2">
      <View className="min-w-0 flex-1">
        <TextField
          label="Shirt numbers in this burst"
          value={text}
          onChange={setText}
          hint={
            text !== ""
              ? names(found.map((p) => p.id)) || "nobody of your people has these"
              : told
                ? `told: ${names(told)}`
                : undefined
          }
        />
      </View>
      <Button
        label="Name them"
        disabled={found.length === 0}
        onPress={() => {
          void put(framesTold(burst.frames, { personIds: found.map((p) => p.id) }));
          setText("");
        }}
      />
    </View>
  );
}

/** For whom a frame is marked: a delivery ticks itself with its first frame. */
function For({ frame }: { frame: Frame }) {
  const deliverables = useOuting((v) => v.outing.deliverables) ?? [];
  const put = useFrames((s) => s.put);
  const commit = useCommit();
  return deliverables.map((one) => (
    <CheckRow
      key={one.id}
      title={`For ${one.name}`}
      checked={frame.deliverableIds?.includes(one.id) ?? false}
      onChange={(isMarked) => {
        void put([withDeliverable(frame, one.id, isMarked)]).then(
          (isKept) => isKept && isMarked && !one.done && commit(deliver(one.id)),
        );
      }}
    />
  ));
}

/** Milliseconds within which tags are offered for a frame. */
const NEAR_MS = 36 * 3_600_000;
/** Tags that are offered. */
const OFFERED = 12;

/** Sets the clock of a frame's camera by the time that it shows, or by a tag that is of it. */
function SetClock({ frame }: { frame: Frame }) {
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
