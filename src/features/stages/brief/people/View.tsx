import { useMemo, useState } from "react";
import { View } from "react-native";
import type { Person } from "@/data";
import { putPerson, removePerson } from "@/outing/edits";
import { appearances, nextOf, type Appearance } from "@/outing/people/appearances";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { byWords, knownByWords, untilWords } from "@/words/people";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { AlsoIn } from "./AlsoIn";
import { FromLists } from "./FromLists";
import { FromOutings } from "./FromOutings";
import { PersonForm } from "./PersonForm";

type Open = "none" | "new" | "from-lists" | "from-outings" | { readonly personId: string };

/** Whom one wants pictures of, found in the lists by name, each with when they are on next. */
export function People() {
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const commit = useCommit();
  const toast = useToast();
  const [open, setOpen] = useState<Open>("none");
  const people = outing.people ?? [];
  const all = useMemo(() => appearances(outing), [outing]);
  const edited = typeof open === "object" ? people.find((p) => p.id === open.personId) : undefined;
  const remove = async (person: Person): Promise<void> => {
    setOpen("none");
    if (await commit(removePerson(person.id)))
      toast({ words: `${person.name} deleted`, undo: () => commit(putPerson(person)) });
  };
  return (
    <View className="gap-3">
      {people.length === 0 && (
        <Txt tone="ink2">
          Whom do you want? Tick them in the start lists; Run then tells when they are on, and names frames by
          them.
        </Txt>
      )}
      <View role="list" aria-label="My people">
        {people.map((person) => {
          const next = nextOf(all, person.id, at);
          const refused = person.consent === "refused";
          return (
            <View key={person.id} role="listitem">
              <Row
                title={person.name}
                detail={[
                  knownByWords(person),
                  next ? nextWords(next, wallOf({ outing }, next.event.starts)) : "in nothing to come",
                ]
                  .filter(Boolean)
                  .join(" · ")}
                value={refused ? "no pictures" : next ? untilWords(next.event.starts, at) : ""}
                valueTone={refused ? "bracken" : "ink2"}
                onPress={() => setOpen({ personId: person.id })}
              />
            </View>
          );
        })}
      </View>
      <WhileRoom things="people" count={people.length}>
        <View className="flex-row gap-2">
          <Button label="Add somebody" className="flex-1" onPress={() => setOpen("new")} />
          <Button label="Find in the lists" className="flex-1" onPress={() => setOpen("from-lists")} />
        </View>
        <Button label="People of other outings" kind="plain" onPress={() => setOpen("from-outings")} />
      </WhileRoom>
      {people.length > 0 && (
        <Txt size={14} tone="ink2">
          Young people’s pictures need the leave of those who answer for them; ask the club or the officials
          first.
        </Txt>
      )}
      <Dialog
        title={edited ? edited.name : "Somebody of mine"}
        open={open === "new" || edited !== undefined}
        onClose={() => setOpen("none")}
      >
        {(open === "new" || edited) && (
          <PersonForm
            person={edited}
            onClose={() => setOpen("none")}
            onDelete={edited && (() => void remove(edited))}
          />
        )}
        {edited && <AlsoIn person={edited} />}
      </Dialog>
      <Dialog title="Find in the lists" open={open === "from-lists"} onClose={() => setOpen("none")}>
        {open === "from-lists" && <FromLists onClose={() => setOpen("none")} />}
      </Dialog>
      <Dialog title="People of other outings" open={open === "from-outings"} onClose={() => setOpen("none")}>
        {open === "from-outings" && <FromOutings onClose={() => setOpen("none")} />}
      </Dialog>
    </View>
  );
}

/** What they are in next: "10:04 50 m free girls, heat 2, lane 4". */
const nextWords = ({ event, lane, by }: Appearance, starts: string): string =>
  [`${starts} ${event.name}`, lane && `lane ${lane}`, byWords(by)].filter(Boolean).join(", ");
