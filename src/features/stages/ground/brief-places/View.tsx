import { useMemo } from "react";
import { View } from "react-native";
import { coversOf, ownPositionsAsked, walkThrough } from "@/answers/ground/brief-places";
import type { BriefScores, Cover } from "@/core/judge";
import { sameValue, type Outing } from "@/data";
import { editChoice } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { asGoodWords, minutesWords, percentWords } from "@/words";
import { Yours } from "../../reasons/Yours";
import { paceOf } from "@/outing/pace";
import { useToldChange } from "../../../outing/use-told-change";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { BriefGroundSearch } from "./BriefGroundSearch";
import { coverWords } from "./cover-words";
import { useRun } from "../../../outing/use-run";

interface Answered {
  readonly outing: Outing;
  readonly shots: readonly { readonly id: string; readonly name: string; readonly priority: number }[];
  readonly scores: BriefScores;
}

/** Which position serves which shot best, and which one, two or three serve them all; then any place of the ground. */
export function BriefPlaces() {
  const few = useOuting((v) => v.outing.ground.positions.length < 2);
  return (
    <View className="gap-4">
      {!few && <OwnPositions />}
      <BriefGroundSearch />
    </View>
  );
}

function OwnPositions() {
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const { state, start: begin, stop } = useRun<Answered>();
  const start = (): Promise<void> => {
    const { view } = store.getState();
    const { shots, input } = ownPositionsAsked(view);
    return begin("brief", input, (scores) => ({ outing: view.outing, shots, scores }));
  };
  if (state.kind === "running")
    return <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />;
  // By value: a write hands back the same ground as another object.
  if (state.kind === "done" && sameValue(state.value.outing.ground, outing.ground))
    return <Answer answered={state.value} />;
  return (
    <View className="gap-2">
      <Txt tone="ink2">Every position for every shot, from the start to the end.</Txt>
      {state.kind === "failed" && (
        <Txt tone="bracken">
          This browser could not work it out beside the page. Compare shot by shot instead.
        </Txt>
      )}
      <View className="flex-row">
        <Button label="Weigh the whole brief" onPress={() => void start()} />
      </View>
    </View>
  );
}

function Answer({ answered }: { answered: Answered }) {
  const { shots, scores, outing } = answered;
  const { positions } = outing.ground;
  const covers = useMemo(() => coversOf(scores, shots), [scores, shots]);
  return (
    <View className="gap-3">
      <View role="list" aria-label="Which position serves which shot">
        {shots.map((shot, i) => (
          <View key={shot.id} role="listitem" className="border-b border-line py-2">
            <Txt weight={600}>{shot.name}</Txt>
            <Txt tone="ink2">
              {asGoodWords(positions.map((p, k) => ({ name: p.name, score: scores[k]![i] })))}
            </Txt>
          </View>
        ))}
      </View>
      {covers.map((cover) => (
        <CoverLine key={cover.places.length} cover={cover} answered={answered} />
      ))}
      <Yours of="pace" />
    </View>
  );
}

/** One set of places: how many shots it serves and how well, the walk between, and a press that plans it so. */
function CoverLine({ cover, answered }: { cover: Cover; answered: Answered }) {
  const { shots, outing } = answered;
  const { positions } = outing.ground;
  const pace = useOuting(paceOf);
  const told = useToldChange();
  const names = cover.places.map((k) => positions[k]!.name);
  const walk = useMemo(
    () =>
      walkThrough(
        outing.ground,
        cover.places.map((k) => outing.ground.positions[k]!.at),
      ),
    [outing, cover],
  );
  const take = (): void => {
    void told(
      (o) =>
        cover.serves.reduce(
          (next, s, i) => (s ? editChoice(shots[i]!.id, { positionId: positions[s.place]!.id })(next) : next),
          o,
        ),
      `The brief is planned from ${names.join(", ")}`,
    );
  };
  return (
    <View className="flex-row items-center gap-3 border-t border-line pt-2">
      <View className="min-w-0 flex-1">
        <Txt weight={600}>{names.join(" and ")}</Txt>
        <Txt size={14} tone="ink2">
          {[
            coverWords(cover),
            names.length > 1 && walk !== undefined ? `${minutesWords(walk / pace)} between` : "",
          ]
            .filter(Boolean)
            .join(" · ")}
        </Txt>
      </View>
      <Button label="Plan it so" says={`Plan the brief from ${names.join(" and ")}`} onPress={take} />
    </View>
  );
}
