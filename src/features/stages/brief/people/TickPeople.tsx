import { useState } from "react";
import { View } from "react-native";
import { LIMITS } from "@/data";
import { peopleFrom, type Named } from "@/outing/people/named-in-lists";
import { addPeople } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** Names shown before the search has to narrow them. */
const MOST = 40;

interface Props {
  /** Who can be ticked, and what the list of them is called. */
  readonly named: readonly Named[];
  readonly label: string;
  /** What to do where there is nobody. */
  readonly nobody: string;
  readonly onClose: () => void;
}

/** People ticked off in a list, as one does with a pencil. */
export function TickPeople({ named, label, nobody, onClose }: Props) {
  const people = useOuting((v) => v.outing.people);
  const commit = useCommit();
  const [search, setSearch] = useState("");
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const found = named.filter(({ name, club = "" }) =>
    `${name} ${club}`.toLowerCase().includes(search.trim().toLowerCase()),
  );
  const tick = (name: string, on: boolean): void => {
    const next = new Set(ticked);
    if (on) next.add(name);
    else next.delete(name);
    setTicked(next);
  };
  const chosen = named.filter(({ name }) => ticked.has(name));
  const room = LIMITS.people - (people?.length ?? 0);
  const add = async (): Promise<void> => {
    if (await commit(addPeople(peopleFrom(chosen, people ?? [])))) onClose();
  };
  if (named.length === 0) return <Txt tone="ink2">{nobody}</Txt>;
  return (
    <View className="gap-3">
      <View className="flex-row">
        <TextField label="Search by name or club" value={search} onChange={setSearch} />
      </View>
      <View role="group" aria-label={label}>
        {found.slice(0, MOST).map(({ name, club }) => (
          <CheckRow
            key={name}
            title={name}
            detail={club}
            checked={ticked.has(name)}
            onChange={(on) => tick(name, on)}
          />
        ))}
      </View>
      {found.length > MOST && <Txt tone="ink2">{`And ${found.length - MOST} more: type a name.`}</Txt>}
      {found.length === 0 && <Txt tone="ink2">Nobody of that name. Try a shorter word.</Txt>}
      {chosen.length > room ? (
        <Txt tone="bracken">{`There is room for ${countWords(room, "more person", "more people")}.`}</Txt>
      ) : (
        <Button
          label={
            chosen.length === 0
              ? "Tick whom you want"
              : `Add ${countWords(chosen.length, "person", "people")}`
          }
          kind="filled"
          disabled={chosen.length === 0}
          onPress={() => void add()}
        />
      )}
    </View>
  );
}
