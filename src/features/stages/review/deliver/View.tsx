import { View } from "react-native";
import type { Outing } from "@/data";
import { deliver } from "@/outing/edits";
import { framesIn, longEdgeOf, markedFor, withDeliverable, type FrameOf } from "@/outing/frames/deliver";
import type { MatchedBurst } from "@/outing/frames/matched";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { useFrames } from "../frames/frames-store";
import { useDay } from "../frames/use-day";
import { useGoing } from "../frames/use-going";
import { WentOutLine } from "../frames/WentOutLine";

type Deliverable = NonNullable<Outing["deliverables"]>[number];

const NONE: readonly Deliverable[] = [];

/** What was promised to whom, the frames for it, and what goes out: captions beside the pictures, copies, a list. */
export function Deliver() {
  const { bursts } = useDay();
  const deliverables = useOuting((v) => v.outing.deliverables) ?? NONE;
  const { state, sidecars, list, isAtHand, canWrite } = useGoing();
  const kept = framesIn(bursts).filter(({ frame }) => frame.mark === "keep");
  const marked = framesIn(bursts).filter(({ frame }) => (frame.deliverableIds?.length ?? 0) > 0);
  const whomOf = (frame: FrameOf["frame"]): string[] =>
    deliverables.filter((d) => frame.deliverableIds?.includes(d.id)).map((d) => d.to || d.name);
  if (bursts.length === 0)
    return <Txt tone="ink2">Read pictures in first: what is kept of them goes out from here.</Txt>;
  const isBusy = state.kind === "going";
  return (
    <View className="gap-3">
      <View role="list" aria-label="Deliveries">
        {deliverables.map((one) => (
          <One key={one.id} one={one} bursts={bursts} kept={kept} />
        ))}
      </View>
      {deliverables.length === 0 && (
        <Txt tone="ink2">
          Nothing was promised to anybody: deliveries are told in Brief, under arrangements.
        </Txt>
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={canWrite ? "Write captions beside the pictures" : "Captions as sidecars in a zip"}
          disabled={kept.length === 0 || isBusy}
          onPress={() => void sidecars(kept)}
        />
        <Button
          label="List by customer"
          kind="plain"
          disabled={marked.length === 0}
          onPress={() => void list(marked, whomOf)}
        />
      </View>
      <Txt size={14} tone="ink2">
        {`For ${countWords(kept.length, "kept frame")}. What other programs wrote into a sidecar stays in it.${
          isAtHand ? "" : " Choose the pictures' folder again to see sidecars that are there."
        }`}
      </Txt>
      <WentOutLine state={state} />
    </View>
  );
}

function One({
  one,
  bursts,
  kept,
}: {
  one: Deliverable;
  bursts: readonly MatchedBurst[];
  kept: readonly FrameOf[];
}) {
  const put = useFrames((s) => s.put);
  const commit = useCommit();
  const fallback = useOuting((v) => v.shot.deliveredLongEdgePx);
  const { state, copies, isAtHand } = useGoing();
  const marked = markedFor(bursts, one.id);
  const wanted = one.eventIds
    ? kept.filter(({ burst }) => burst.eventId !== undefined && one.eventIds!.includes(burst.eventId))
    : kept;
  const markAll = async (): Promise<void> => {
    const isKept = await put(wanted.map(({ frame }) => withDeliverable(frame, one.id, true)));
    if (isKept && !one.done) await commit(deliver(one.id));
  };
  return (
    <View role="listitem" className="gap-1 border-b border-line pb-2">
      <Txt weight={600}>{`${one.name}${one.to ? `, ${one.to}` : ""}${one.done ? ": ticked" : ""}`}</Txt>
      <Txt size={14} tone="ink2">
        {[one.by && `by ${one.by}`, one.form, `${countWords(marked.length, "frame")} marked for it`]
          .filter(Boolean)
          .join(" · ")}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={`Mark the ${wanted.length} kept${one.eventIds ? " of its events" : ""}`}
          says={`Mark the ${wanted.length} kept frames for ${one.name}`}
          disabled={wanted.length === 0}
          onPress={() => void markAll()}
        />
        <Button
          label="Copies"
          says={`Copies of the ${marked.length} frames for ${one.name}`}
          kind="filled"
          disabled={marked.length === 0 || !isAtHand || state.kind === "going"}
          onPress={() =>
            void copies(marked, {
              longEdgePx: longEdgeOf(one.form, fallback),
              whom: one.to || one.name,
              ending: `for-${one.id}`,
            })
          }
        />
      </View>
      <WentOutLine state={state} />
    </View>
  );
}
