import { useMemo } from "react";
import { View } from "react-native";
import { assess, type Candidate } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { Button } from "@/ui/controls/Button";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { breakingWords, metresWords, percentWords, placeWords, scoreWords } from "@/words";
import { editChoice, movePosition } from "@/outing/edits";
import { useCommit, useOuting } from "../../outing/use-outing";
import { wallOf } from "../shot/titles";
import { usePlaceSearch, type FoundPlaces } from "./place-search";

/** Looks over the whole ground for good places for the shot in hand, and lists a few that differ. */
export function FindPlaces() {
  const shot = useOuting((v) => v.shot);
  const { state, start, stop } = usePlaceSearch();
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        {state.kind === "running" ? (
          <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />
        ) : state.kind === "found" ? (
          <Button label="Clear" onPress={stop} kind="plain" />
        ) : (
          <Button label="Find places" onPress={start} />
        )}
      </View>
      {state.kind === "failed" && (
        <Txt tone="bracken">This browser could not start the search. Drag the tags and compare instead.</Txt>
      )}
      {state.kind === "idle" && (
        <Txt size={14} tone="ink2">
          {`Tries every place where you may stand with each of your lenses, for the whole of the shot.`}
        </Txt>
      )}
      {state.kind === "found" && state.places.list.length === 0 && (
        <Txt>{`No place serves ${shot.name} all the time: too far, blocked or closed everywhere. Ask for leave, or take a longer lens.`}</Txt>
      )}
      {state.kind === "found" &&
        state.places.list.map((candidate, i) => (
          <FoundPlace key={i} rank={i + 1} candidate={candidate} places={state.places} />
        ))}
    </View>
  );
}

interface FoundProps {
  readonly rank: number;
  readonly candidate: Candidate;
  readonly places: FoundPlaces;
}

/** One place of the list: how good, why, with which lens; a press moves the chosen position there. */
function FoundPlace({ rank, candidate, places }: FoundProps) {
  const outing = useOuting((v) => v.outing);
  const choice = useOuting((v) => v.choice);
  const place = useOuting((v) => v.position);
  const commit = useCommit();
  const toast = useToast();
  const { input } = places;
  const rig = input.rigs[candidate.rig]!;
  const found = useMemo(
    () =>
      assess({
        ...input,
        rig,
        position: { id: "here", name: "here", at: candidate.at, lensHeight: candidate.lensHeight },
        scene: sceneAt(input.ground, input.light, places.at),
      }),
    [input, rig, candidate, places.at],
  );
  const standThere = (): void => {
    if (!place) return;
    const lensId = rig.lens.id;
    commit((s) =>
      editChoice(choice.shotId, { lensId, focalLengthMm: null })(
        movePosition(place.id, { at: candidate.at, lensHeight: candidate.lensHeight })(s),
      ),
    );
    toast({
      words: `${place.name} moved to place ${rank}`,
      undo: () =>
        commit((s) =>
          editChoice(choice.shotId, { lensId: choice.lensId, focalLengthMm: choice.focalLengthMm })(
            movePosition(place.id, { at: place.at, lensHeight: place.lensHeight })(s),
          ),
        ),
    });
  };
  return (
    <View className="flex-row items-center gap-3 border-t border-line pt-2">
      <Txt size={20} weight={700} className="w-6 text-center">
        {String(rank)}
      </Txt>
      <View className="min-w-0 flex-1">
        <Txt weight={600}>
          {[scoreWords(candidate.score), found.ok ? metresWords(found.sighting.distance.value) : ""]
            .filter(Boolean)
            .join(" · ")}
        </Txt>
        <Txt size={14} tone="ink2">
          {[
            `${rig.lens.name}, ${candidate.lensHeight < 1 ? "kneeling" : "standing"}`,
            found.ok ? placeWords(found) : "",
            candidate.breaks
              ? `from about ${wallOf({ outing }, candidate.breaks.at)} ${breakingWords(candidate.breaks.code)}`
              : "",
          ]
            .filter(Boolean)
            .join(" · ")}
        </Txt>
      </View>
      {place && (
        <Button label="Stand here" says={`Move ${place.name} to place ${rank}`} onPress={standThere} />
      )}
    </View>
  );
}
