import { useState } from "react";
import { View } from "react-native";
import type { ProgrammeEvent } from "@/data";
import { placeName } from "@/outing/programme/event-places";
import { timedProgramme } from "@/outing/programme/event-times";
import { removeEvent, putEvent } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { useToast } from "@/ui/layout/toast";
import { countWords } from "@/words";
import { eventDetail } from "@/words/programme";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { BringIn } from "./BringIn";
import { EventForm } from "./EventForm";
import { EventsToCome } from "./EventsToCome";
import { FromWhere } from "./FromWhere";
import { ProgrammeFiles } from "./ProgrammeFiles";
import { Several } from "./Several";

/** Events that are shown before one asks for all. */
const SHOWN = 10;

type Open = "none" | "new" | "bring-in" | "several" | { readonly eventId: string };

/** What is on, in the order in which it begins: typed, or brought in from a list, a table or a calendar; and written out again. */
export function Programme() {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const toast = useToast();
  const [open, setOpen] = useState<Open>("none");
  const [all, setAll] = useState(false);
  const events = timedProgramme(outing);
  const nameOf = (place: ProgrammeEvent["place"]): string => placeName(outing.ground, place);
  const remove = async (event: ProgrammeEvent): Promise<void> => {
    setOpen("none");
    if (await commit(removeEvent(event.id)))
      toast({ words: `${event.name} deleted`, undo: () => commit(putEvent(event)) });
  };
  const edited = typeof open === "object" ? outing.programme?.find((e) => e.id === open.eventId) : undefined;
  return (
    <View className="gap-3">
      {events.length === 0 && <EventsToCome />}
      <View role="list" aria-label="Programme">
        {(all ? events : events.slice(0, SHOWN)).map((event) => (
          <View key={event.id} role="listitem">
            <Row
              title={`${wallOf({ outing }, event.starts)} ${event.name}`}
              detail={eventDetail({ ...event, where: nameOf(event.place) || "not told where" })}
              value={event.wish === "pinned" ? "pinned" : event.wish === "excluded" ? "left out" : ""}
              onPress={() => setOpen({ eventId: event.id })}
            />
          </View>
        ))}
      </View>
      {events.length > SHOWN && (
        <Button
          label={all ? "Fewer" : `All ${countWords(events.length, "event")}`}
          kind="plain"
          onPress={() => setAll(!all)}
        />
      )}
      <WhileRoom things="events" count={events.length}>
        <View className="flex-row gap-2">
          <Button label="Add an event" className="flex-1" onPress={() => setOpen("new")} />
          <Button label="Bring in a list" className="flex-1" onPress={() => setOpen("bring-in")} />
        </View>
      </WhileRoom>
      {events.length > 1 && <Button label="Change several" kind="plain" onPress={() => setOpen("several")} />}
      {events.length > 0 && <ProgrammeFiles />}
      <Dialog
        title={edited ? edited.name : "An event"}
        open={open === "new" || edited !== undefined}
        onClose={() => setOpen("none")}
      >
        {(open === "new" || edited) && (
          <EventForm
            event={edited}
            onClose={() => setOpen("none")}
            onDelete={edited && (() => void remove(edited))}
          />
        )}
        {edited && <FromWhere eventId={edited.id} />}
      </Dialog>
      <Dialog title="Change several events" open={open === "several"} onClose={() => setOpen("none")}>
        {open === "several" && <Several />}
      </Dialog>
      <Dialog title="Bring in a list" open={open === "bring-in"} onClose={() => setOpen("none")}>
        {open === "bring-in" && <BringIn onClose={() => setOpen("none")} />}
      </Dialog>
    </View>
  );
}
