import { useMemo } from "react";
import { View } from "react-native";
import { coversOf, wholeGroundAsked } from "@/answers/ground/brief-places";
import { wayBetween } from "@/answers/plan/way";
import type { Point } from "@/core/ground";
import type { BriefGround, Cover } from "@/core/judge";
import { LIMITS, sameValue, type Outing } from "@/data";
import { newPosition } from "@/outing/begin/new-position";
import { addPosition, editChoice } from "@/outing/edits";
import { toCentimetre } from "@/outing/rounded";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, countWords, metresWords, percentWords } from "@/words";
import { useToldChange } from "../../../outing/use-told-change";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { coverWords } from "./cover-words";
import { useRun } from "../../../outing/use-run";

interface Searched {
  readonly outing: Outing;
  readonly shots: readonly { readonly id: string; readonly priority: number }[];
  /** Metres. */
  readonly lensHeight: number;
  readonly found: BriefGround;
}

/** One, two or three places of the whole ground that serve the brief best, and a press that puts positions there. */
export function BriefGroundSearch() {
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const { state, start: begin, stop } = useRun<Searched>();
  const start = (): void => {
    const { view } = store.getState();
    const { shots, input } = wholeGroundAsked(view);
    void begin("briefGround", input, (found) => ({
      outing: view.outing,
      shots,
      lensHeight: input.lensHeight,
      found,
    }));
  };
  if (state.kind === "running")
    return <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />;
  if (state.kind === "done" && sameValue(state.value.outing.ground, outing.ground))
    return <Answer searched={state.value} />;
  return (
    <View className="gap-2 border-t border-line pt-2">
      <Txt tone="ink2">Every place where you may stand, standing, with what is planned for each shot.</Txt>
      {state.kind === "failed" && (
        <Txt tone="bracken">This browser could not work it out beside the page.</Txt>
      )}
      <View className="flex-row">
        <Button label="Look over the whole ground" onPress={start} />
      </View>
    </View>
  );
}

function Answer({ searched }: { searched: Searched }) {
  const { found, shots } = searched;
  const covers = useMemo(() => coversOf(found.scores, shots), [found, shots]);
  if (covers.length === 0)
    return (
      <Txt>
        No place of this ground serves any shot with what is planned for it: nearer, or a longer lens.
      </Txt>
    );
  return (
    <View role="list" aria-label="Places of the whole ground for the brief">
      {covers.map((cover) => (
        <CoverLine key={cover.places.length} cover={cover} searched={searched} />
      ))}
    </View>
  );
}

function CoverLine({ cover, searched }: { cover: Cover; searched: Searched }) {
  const { found, shots, outing, lensHeight } = searched;
  const spot = useOuting((v) => v.spot);
  const told = useToldChange();
  const where = (at: Point): string => {
    const { metres, bearing } = wayBetween(spot.at, at);
    return `${metresWords(metres)} ${bearingWords(bearing)} of ${spot.name}`;
  };
  const places = cover.places.map((k) => found.places[k]!);
  const room = outing.ground.positions.length + places.length <= LIMITS.positions;
  const take = (): void => {
    const plan = (o: Outing): Outing => {
      let next: Outing = o;
      const ids = places.map((at) => {
        const fresh = { ...newPosition(next, toCentimetre(at)), lensHeight };
        next = addPosition(fresh)(next);
        return fresh.id;
      });
      return cover.serves.reduce((planned, s, i) => {
        const positionId = s && ids[cover.places.indexOf(s.place)];
        return positionId ? editChoice(shots[i]!.id, { positionId })(planned) : planned;
      }, next);
    };
    void told(plan, `${countWords(places.length, "position")} put down, and the brief planned from there`);
  };
  return (
    <View role="listitem" className="flex-row items-center gap-3 border-t border-line py-2">
      <View className="min-w-0 flex-1">
        <Txt weight={600}>{countWords(places.length, "place")}</Txt>
        <Txt size={14} tone="ink2">
          {`${coverWords(cover)} · ${places.map(where).join("; ")}`}
        </Txt>
      </View>
      {room && (
        <Button
          label="Put down"
          says={`Put ${countWords(places.length, "position")} there and plan the brief so`}
          onPress={take}
        />
      )}
    </View>
  );
}
