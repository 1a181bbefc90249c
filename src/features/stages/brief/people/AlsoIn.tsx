import { useMemo } from "react";
import { View } from "react-native";
import type { Person } from "@/data";
import { appearances } from "@/outing/people/appearances";
import { putPerson } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { byWords } from "@/words/people";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

/** What somebody is in, as the lists and oneself have it; a press puts them into a further event, or takes that back. */
export function AlsoIn({ person }: { person: Person }) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const own = useMemo(
    () => appearances(outing).filter((a) => a.person.id === person.id),
    [outing, person.id],
  );
  const ids = person.eventIds ?? [];
  const put = (eventIds: readonly string[]): void =>
    void commit(putPerson({ ...person, eventIds: [...eventIds] }));
  const others = (outing.programme ?? []).filter(
    (e) => !own.some((a) => a.event.id === e.id && a.by !== "earlier-round"),
  );
  return (
    <View className="gap-2">
      <Txt weight={700}>In these events</Txt>
      {own.length === 0 && <Txt tone="ink2">No list names them.</Txt>}
      {own.map(({ event, lane, by }) => (
        <View
          key={event.id}
          className="min-h-12 flex-row items-center justify-between gap-2 border-b border-line"
        >
          <Txt className="min-w-0 flex-1">
            {[`${wallOf({ outing }, event.starts)} ${event.name}`, lane && `lane ${lane}`, byWords(by)]
              .filter(Boolean)
              .join(", ")}
          </Txt>
          {by === "hand" && (
            <Button
              label="Take out"
              says={`Take out of ${event.name}`}
              kind="plain"
              onPress={() => put(ids.filter((id) => id !== event.id))}
            />
          )}
        </View>
      ))}
      {others.length > 0 && ids.length < 100 && (
        <Picker
          label="Put into a further event"
          items={others.map((e) => ({ key: e.id, title: e.name, detail: e.at }))}
          chosen=""
          onChoose={(id) => put([...ids, id])}
        />
      )}
    </View>
  );
}
