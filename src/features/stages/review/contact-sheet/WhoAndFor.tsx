import { useState } from "react";
import { View } from "react-native";
import type { Frame } from "@/data/schema/frame";
import { byNumber } from "@/outing/captions/fields";
import { deliver } from "@/outing/edits";
import { withDeliverable } from "@/outing/frames/deliver";
import type { MatchedBurst } from "@/outing/frames/matched";
import { nameMarked } from "@/outing/people/refused";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { TextField } from "@/ui/controls/TextField";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { useFrames } from "../frames/frames-store";
import { framesTold } from "../frames/told";

/** Shirt numbers that are seen in a burst: with one's people they are names. */
export function ShirtNumbers({ burst }: { burst: MatchedBurst }) {
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
export function For({ frame }: { frame: Frame }) {
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
