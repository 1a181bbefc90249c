import { View } from "react-native";
import { tradePlaces, type TradePlaceFound } from "@/answers/ground/where-the-trade-stands";
import type { Point } from "@/core/ground";
import { addPosition, editChoice } from "@/outing/edits";
import { newPosition } from "@/outing/begin/new-position";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { judgementSentence, metresWords, noPictureSentence, placeWords, scoreWords } from "@/words";
import { WhileRoom } from "../../../forms/WhileRoom";
import { SumText } from "../../reasons/SumText";
import { useToldChange } from "../../../outing/use-told-change";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { practiceMark, onPlan } from "../drawing/on-plan";

/** Where the trade stands for this, with the same score and reasons as any place; a press puts a position there. */
export function TradePlaces() {
  const subject = useOuting((v) => v.subject);
  const { trade, setTrade } = onPlan.useSlice((s) => s);
  const places = useOuting(tradePlaces);
  if (places.length === 0)
    return <Txt tone="ink2">{`No place of practice is known for ${subject.name} on this ground.`}</Txt>;
  return (
    <View className="gap-2">
      <CheckRow title="Show them on the plan" checked={trade} onChange={setTrade} />
      {places.map((laid, i) => (
        <Place key={laid.place.id} laid={laid} mark={practiceMark(i)} />
      ))}
    </View>
  );
}

function Place({ laid, mark }: { laid: TradePlaceFound; mark: string }) {
  const { place, at, lensHeight, input, found, mayStand, fallBack } = laid;
  const ground = useOuting((v) => v.outing.ground);
  const { store, standAt } = useOpenOuting();
  const told = useToldChange();
  const veto = found.ok ? found.judgement.find((j) => j.weight === "veto") : undefined;
  const take = (where: Point): void => {
    const { outing, shot } = store.getState().view;
    const fresh = { ...newPosition(outing, where), lensHeight };
    void told(
      (o) => editChoice(shot.id, { positionId: fresh.id })(addPosition(fresh)(o)),
      `Position ${fresh.name} is put there`,
    );
    standAt(fresh.id);
  };
  return (
    <View className="gap-1 border-t border-line pt-2">
      <View className="flex-row items-start gap-3">
        <Txt size={20} weight={700} className="w-6 text-center">
          {mark}
        </Txt>
        <View className="min-w-0 flex-1">
          <Txt weight={600}>{`${place.discipline}: ${place.situation}`}</Txt>
          <Txt
            size={14}
            tone="ink2"
          >{`${place.why.charAt(0).toUpperCase()}${place.why.slice(1)}. ${place.lensMm} mm, lens at ${metresWords(lensHeight)}.`}</Txt>
          {place.hazard && <Txt size={14} tone="bracken">{`Mind: ${place.hazard}.`}</Txt>}
          {found.ok ? (
            <SumText
              of="score"
              where={{ input, found }}
              title={`Score of ${mark}`}
              words={`${scoreWords(found.score.value)}, ${metresWords(found.sighting.distance)}: ${placeWords(found)}.`}
              size={14}
              tone="ink2"
            />
          ) : (
            <Txt size={14} tone="ink2">
              {noPictureSentence(found)}
            </Txt>
          )}
          {veto && (
            <Txt size={14} tone="bracken">
              {judgementSentence(veto)}
            </Txt>
          )}
        </View>
        {mayStand && (
          <WhileRoom things="positions" count={ground.positions.length}>
            <Button label="Stand here" says={`Put a position at ${mark}`} onPress={() => take(at)} />
          </WhileRoom>
        )}
      </View>
      {fallBack && (
        <View className="flex-row items-center gap-3 pl-9">
          <View className="min-w-0 flex-1">
            <SumText
              of="score"
              where={{ input: fallBack.input, found: fallBack.found }}
              title={`Score without leave for ${mark}`}
              words={`If leave is refused: ${metresWords(fallBack.found.sighting.distance)} from it without asking, ${scoreWords(fallBack.found.score.value)}.`}
              size={14}
            />
          </View>
          <WhileRoom things="positions" count={ground.positions.length}>
            <Button
              label="Fall back"
              says={`Put a position where ${mark} is seen from without leave`}
              kind="plain"
              onPress={() => take(fallBack.at)}
            />
          </WhileRoom>
        </View>
      )}
    </View>
  );
}
