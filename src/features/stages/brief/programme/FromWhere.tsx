import { useMemo } from "react";
import { View } from "react-native";
import { judgedFor } from "@/outing/programme/coverage-input";
import { timedProgramme } from "@/outing/programme/event-times";
import { editEvent } from "@/outing/edits";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { judgementSentence, metresWords, noPictureSentence, scoreWords, settingsWords } from "@/words";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

/** The positions with what each is worth at an event's minute; ticked are those from which it may be taken. */
export function FromWhere({ eventId }: { eventId: string }) {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const preferences = useOuting((v) => v.preferences);
  const commit = useCommit();
  const event = timedProgramme(outing).find((e) => e.id === eventId);
  const judged = useMemo(
    () => (event ? judgedFor({ outing, kit, preferences }, event) : []),
    [outing, kit, preferences, event],
  );
  if (!event) return null;
  if (judged.length === 0)
    return <Txt tone="ink2">Say where it is, and the positions that serve it are judged here.</Txt>;
  const ids = event.positionIds ?? [];
  const tick = (id: string, on: boolean): void => {
    const next = on ? [...ids, id] : ids.filter((one) => one !== id);
    void commit(editEvent(eventId, { positionIds: next.length > 0 ? next : undefined }));
  };
  return (
    <View role="group" aria-label="From where" className="gap-1">
      <Txt weight={700}>{`From where, at ${wallOf({ outing }, (event.starts + event.ends) / 2)}`}</Txt>
      {ids.length === 0 && (
        <Txt size={14} tone="ink2">
          None is ticked: the order may take it from any of them.
        </Txt>
      )}
      {judged.map((judgement) => (
        <CheckRow
          key={judgement.position.id}
          title={judgement.position.name}
          detail={worthWords(judgement)}
          checked={ids.includes(judgement.position.id)}
          onChange={(on) => tick(judgement.position.id, on)}
        />
      ))}
    </View>
  );
}

type Judged = ReturnType<typeof judgedFor>[number];

/** What a position is worth there and how its best picture is taken, or why it cannot be. */
function worthWords({ worth, best }: Judged): string {
  const { found } = best.reduce((a, b) => (b.score > a.score ? b : a));
  if (!found.ok) return noPictureSentence(found);
  const against = found.judgement.find((j) => j.weight === "veto");
  if (against) return judgementSentence(against);
  return [
    scoreWords(worth),
    best.length > 1 ? `${best.filter((b) => b.score > 0).length} of its ${best.length} shots` : "",
    metresWords(found.sighting.distance),
    settingsWords(found.settings.settings),
  ]
    .filter(Boolean)
    .join(" · ");
}
