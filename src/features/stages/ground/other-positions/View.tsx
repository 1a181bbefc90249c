import { useMemo } from "react";
import { View } from "react-native";
import { pictureFrom, practiceOf, type FoundCandidates } from "@/answers/ground/other-positions";
import type { Candidate } from "@/core/judge";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { breakingWords, metresWords, percentWords, placeWords, scoreWords } from "@/words";
import { editChoice, movePosition } from "@/outing/edits";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { WhatCounts } from "./WhatCounts";
import { usePositionSearch } from "./position-search";

/** Looks over the whole ground for good candidates for the shot in hand, and lists a few that differ. */
export function FindPositions() {
  const shot = useOuting((v) => v.shot);
  const { state, start, stop } = usePositionSearch();
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        {state.kind === "running" ? (
          <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />
        ) : state.kind === "done" ? (
          <Button label="Clear" onPress={stop} kind="plain" />
        ) : (
          <Button label="Find positions" onPress={start} />
        )}
      </View>
      <WhatCounts />
      {state.kind === "failed" && (
        <Txt tone="bracken">This browser could not start the search. Drag the tags and compare instead.</Txt>
      )}
      {state.kind === "idle" && (
        <Txt size={14} tone="ink2">
          {`Tries every place where you may stand with each of your lenses, for the whole of the shot.`}
        </Txt>
      )}
      {state.kind === "done" && state.value.list.length === 0 && (
        <Txt>{`No place serves ${shot.name} all the time: too far, blocked or closed everywhere. Ask for leave, or take a longer lens.`}</Txt>
      )}
      {state.kind === "done" &&
        state.value.list.map((candidate, i) => (
          <FoundCandidate key={i} rank={i + 1} candidate={candidate} candidates={state.value} />
        ))}
    </View>
  );
}

interface FoundProps {
  readonly rank: number;
  readonly candidate: Candidate;
  readonly candidates: FoundCandidates;
}

/** One place of the list: how good, why, with which lens; a press moves the chosen position there. */
function FoundCandidate({ rank, candidate, candidates }: FoundProps) {
  const outing = useOuting((v) => v.outing);
  const choice = useOuting((v) => v.choice);
  const position = useOuting((v) => v.position);
  const told = useToldChange();
  const rig = candidates.input.rigs[candidate.rig]!;
  const situation = practiceOf(candidate);
  const found = useMemo(() => pictureFrom(candidates, candidate), [candidates, candidate]);
  const standThere = (): void => {
    if (!position) return;
    const lensId = rig.lens.id;
    void told(
      (s) =>
        editChoice(choice.shotId, { lensId, focalLengthMm: null })(
          movePosition(position.id, { at: candidate.at, lensHeight: candidate.lensHeight })(s),
        ),
      `${position.name} moved to candidate ${rank}`,
    );
  };
  return (
    <View className="flex-row items-center gap-3 border-t border-line pt-2">
      <Txt size={20} weight={700} className="w-6 text-center">
        {String(rank)}
      </Txt>
      <View className="min-w-0 flex-1">
        <Txt weight={600}>
          {[scoreWords(candidate.score), found.ok ? metresWords(found.sighting.distance) : ""]
            .filter(Boolean)
            .join(" · ")}
        </Txt>
        <Txt size={14} tone="ink2">
          {[
            `${rig.lens.name}, ${candidate.lensHeight < 1 ? "kneeling" : "standing"}`,
            found.ok ? placeWords(found) : "",
            situation && candidate.practice
              ? `where the trade stands: ${situation}; number ${candidate.practice.rank} by score alone`
              : "",
            candidate.breaks
              ? `from about ${wallOf({ outing }, candidate.breaks.at)} ${breakingWords(candidate.breaks.code)}`
              : "",
          ]
            .filter(Boolean)
            .join(" · ")}
        </Txt>
      </View>
      {position && (
        <Button label="Stand here" says={`Move ${position.name} to candidate ${rank}`} onPress={standThere} />
      )}
    </View>
  );
}
