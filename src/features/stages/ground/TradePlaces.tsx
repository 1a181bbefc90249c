import { useMemo } from "react";
import { View } from "react-native";
import { bearingTo, planDistance, standingAt } from "@/core/ground";
import { assess, bestRig, type Assessment, type NoPicture } from "@/core/judge";
import { angleBetween } from "@/core/units";
import { addPosition, editChoice } from "@/outing/edits";
import { newPosition } from "@/outing/begin/new-position";
import { tradePlacesFor, type LaidPlace } from "@/outing/trade-places";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { judgementSentence, metresWords, noPictureSentence, placeWords, scoreWords } from "@/words";
import { WhileRoom } from "../../forms/WhileRoom";
import { useCommit, useOpenOuting, useOuting } from "../../outing/use-outing";
import { practiceMark, useOnPlan } from "./on-plan";

/** Where the trade stands for this, with the same score and reasons as any place; a press puts a position there. */
export function TradePlaces() {
  const ground = useOuting((v) => v.outing.ground);
  const subject = useOuting((v) => v.subject);
  const spot = useOuting((v) => v.spot);
  const { trade, setTrade } = useOnPlan();
  const places = useMemo(() => tradePlacesFor(ground, subject.id, spot), [ground, subject.id, spot]);
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

/** The shot from a place with the best of the bag. */
function usePicture(laid: LaidPlace): Assessment | NoPicture {
  const hands = useOuting((v) => v.input?.hands);
  const bag = useOuting((v) => v.bag);
  const shot = useOuting((v) => v.shot);
  const subject = useOuting((v) => v.subject);
  const spot = useOuting((v) => v.spot);
  const scene = useOuting((v) => v.scene);
  const order = useOuting((v) => v.preferences.order);
  return useMemo(() => {
    const rig = bestRig({
      kit: bag,
      shot,
      subject,
      away: Math.max(0.05, planDistance(laid.at, spot.at)),
      faceTurn: angleBetween(spot.facing, bearingTo(spot.at, laid.at)),
    });
    const position = { id: "trade", name: "trade", at: laid.at, lensHeight: laid.lensHeight };
    return assess({
      shot,
      subject,
      position,
      rig,
      scene,
      order,
      ...(hands && { hands }),
    });
  }, [hands, bag, shot, subject, spot, scene, order, laid]);
}

function Place({ laid, mark }: { laid: LaidPlace; mark: string }) {
  const { place, at, lensHeight } = laid;
  const found = usePicture(laid);
  const ground = useOuting((v) => v.outing.ground);
  const { store, standAt } = useOpenOuting();
  const commit = useCommit();
  const toast = useToast();
  const veto = found.ok ? found.judgement.find((j) => j.weight === "veto") : undefined;
  const standing = standingAt(ground, at);
  const take = (): void => {
    const { outing, shot } = store.getState().view;
    const fresh = { ...newPosition(outing, at), lensHeight };
    commit((o) => editChoice(shot.id, { positionId: fresh.id })(addPosition(fresh)(o)));
    standAt(fresh.id);
    toast({ words: `Position ${fresh.name} is put there`, undo: () => commit(() => outing) });
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
          <Txt size={14} tone="ink2">
            {!found.ok
              ? noPictureSentence(found)
              : `${scoreWords(found.score.value)}, ${metresWords(found.sighting.distance.value)}: ${placeWords(found)}.`}
          </Txt>
          {veto && (
            <Txt size={14} tone="bracken">
              {judgementSentence(veto)}
            </Txt>
          )}
        </View>
        {standing.rule !== "never" && (
          <WhileRoom things="positions" count={ground.positions.length}>
            <Button label="Stand here" says={`Put a position at ${mark}`} onPress={take} />
          </WhileRoom>
        )}
      </View>
    </View>
  );
}
