import { useState } from "react";
import { View } from "react-native";
import { marksOf, sheetRows, type Shown } from "@/outing/frames/sheet";
import { Message } from "@/ui/controls/Message";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { NO_FRAMES_WORDS } from "@/words/frames";
import { useFrames } from "../frames/frames-store";
import { useDay } from "../frames/use-day";
import { useLogOfJudged } from "../frames/use-log";
import { DayOfBursts } from "./DayOfBursts";
import { FirstTen } from "./FirstTen";
import { FramesToCome } from "./FramesToCome";
import { OpenFrame } from "./OpenFrame";
import { Sheet } from "./Sheet";

/** Px of a cell that a thumb hits and an eye reads. */
const CELL = 108;

/** All frames of the day in their bursts; a press opens one. */
export function ContactSheet() {
  const { bursts, state } = useDay();
  useLogOfJudged(bursts);
  const frames = useFrames((s) => s.frames);
  const [shown, setShown] = useState<Shown>("all");
  const [openId, setOpenId] = useState<string>();
  const [goTo, setGoTo] = useState<string>();
  const [size, onLayout] = useSize();
  if (frames.length === 0)
    return <Message {...NO_FRAMES_WORDS[state]}>{state === "read" && <FramesToCome least={CELL} />}</Message>;
  const marks = marksOf(frames);
  const columns = Math.max(2, Math.floor((size?.width ?? 3 * CELL) / CELL));
  const rows = sheetRows(bursts, columns, shown);
  return (
    <View className="gap-2" onLayout={onLayout}>
      <DayOfBursts bursts={bursts} onGoTo={setGoTo} />
      <Segmented
        label="Frames shown"
        segments={[
          { key: "all", label: `All ${frames.length}` },
          { key: "unjudged", label: `To judge ${marks.unjudged}` },
          { key: "keep", label: `Keep ${marks.keep}` },
          { key: "perhaps", label: `Perhaps ${marks.perhaps}` },
        ]}
        chosen={shown}
        onChoose={setShown}
      />
      {size && rows.length > 0 && (
        <Sheet
          rows={rows}
          columns={columns}
          cell={Math.floor(size.width / columns)}
          goTo={goTo}
          onOpen={setOpenId}
        />
      )}
      {rows.length === 0 && <Txt tone="ink2">None of them.</Txt>}
      <FirstTen bursts={bursts} />
      {openId !== undefined && (
        <OpenFrame bursts={bursts} id={openId} onGo={setOpenId} onClose={() => setOpenId(undefined)} />
      )}
    </View>
  );
}
