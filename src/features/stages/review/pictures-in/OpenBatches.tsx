import { useState } from "react";
import { View } from "react-native";
import type { Frame } from "@/data/schema/frame";
import { openBatches, type MatchedBurst, type OpenBatch } from "@/outing/frames/matched";
import { timedProgramme } from "@/outing/programme/event-times";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { batchWords } from "@/words/frames";
import { useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { useFrames } from "../frames/frames-store";
import { framesTold } from "../frames/told";

/** Batches asked at once: the rest follow as these are answered. */
const ASKED = 3;

/** What could not be told of which event it is: asked in batches that follow one another. */
export function OpenBatches({ bursts }: { bursts: readonly MatchedBurst[] }) {
  const batches = openBatches(bursts);
  if (batches.length === 0) return null;
  return (
    <View role="list" aria-label="Open frames" className="gap-2">
      {batches.slice(0, ASKED).map((batch) => (
        <Batch key={batch.bursts[0]!.id} batch={batch} />
      ))}
      {batches.length > ASKED && (
        <Txt size={14} tone="ink2">{`${batches.length - ASKED} more batches follow.`}</Txt>
      )}
    </View>
  );
}

function Batch({ batch }: { batch: OpenBatch }) {
  const outing = useOuting((v) => v.outing);
  const put = useFrames((s) => s.put);
  const [isOther, setOther] = useState(false);
  const programme = timedProgramme(outing);
  const nameOf = (id: string): string => programme.find((e) => e.id === id)?.name ?? id;
  const frames = batch.bursts.flatMap((b) => b.frames);
  const tell = (eventId: string | null): void => void put(framesTold(frames as Frame[], { eventId }));
  const [first, last] = [batch.bursts[0]!, batch.bursts.at(-1)!];
  const words = batchWords(batch.frames, batch.between.map(nameOf));
  return (
    <View role="listitem" className="gap-2 border-b border-line pb-2">
      <Txt>{`Which event: ${words}? ${wallOf({ outing }, first.from)} to ${wallOf({ outing }, last.until)}.`}</Txt>
      <View className="flex-row flex-wrap gap-2">
        {batch.between.map((id) => (
          <Button key={id} label={nameOf(id)} onPress={() => tell(id)} />
        ))}
        <Button label="None of them" kind="plain" onPress={() => tell(null)} />
        {programme.length > batch.between.length && (
          <Button label="Another" kind="plain" expanded={isOther} onPress={() => setOther(!isOther)} />
        )}
      </View>
      {isOther && (
        <Picker
          label="Event of these frames"
          items={programme.map((e) => ({ key: e.id, title: e.name }))}
          chosen=""
          onChoose={tell}
          opens
        />
      )}
    </View>
  );
}
