import { useState } from "react";
import { View } from "react-native";
import type { Frame } from "@/data/schema/frame";
import type { MatchedBurst } from "@/outing/frames/matched";
import { settingsOf } from "@/outing/frames/judged";
import { rangeFrom } from "@/outing/frames/sheet";
import { timedProgramme } from "@/outing/programme/event-times";
import { CheckRow } from "@/ui/controls/CheckRow";
import { FactLine } from "@/ui/controls/FactLine";
import { Picker } from "@/ui/controls/Picker";
import { Stepper } from "@/ui/controls/Stepper";
import { countWords, settingsWords } from "@/words";
import { liftedWords } from "@/words/frames";
import { useOuting } from "../../../outing/use-outing";
import { useFrames } from "../frames/frames-store";
import { framesTold } from "../frames/told";
import { SetClock } from "./SetClock";
import { For, ShirtNumbers } from "./WhoAndFor";

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
        <Stepper
          label="Lifted afterwards"
          value={frame.told?.lift ?? 0}
          words={frame.told?.lift === undefined ? "not told" : liftedWords(frame.told.lift)}
          min={0}
          max={15}
          onChange={(lift) => tell({ lift })}
        />
        <ShirtNumbers burst={burst} />
        <For frame={frame} />
        <SetClock frame={frame} />
      </View>
    </div>
  );
}
