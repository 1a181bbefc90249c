import { useState } from "react";
import { View } from "react-native";
import type { EventKind } from "@/core/catalogue";
import { LIMITS } from "@/data";
import type { ReadList } from "@/outing/lists/drafts";
import { eventsFrom } from "@/outing/lists/events-from";
import { callsTold } from "@/outing/lists/calls";
import { arrangeKinds } from "@/outing/programme/arrange";
import { keyOfPlace, placeOfKey, placesOf } from "@/outing/programme/event-places";
import { addEvents, type Edit } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Picker } from "@/ui/controls/Picker";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { CALLS_FAULT, CALLS_HINT } from "@/words/lists";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { placeChoices } from "./place-choices";

const NOWHERE = "nowhere";

interface Props {
  readonly read: ReadList;
  /** Kinds of events that the ground has no place for yet. */
  readonly kinds: readonly EventKind[];
  readonly onAdded: () => void;
}

/** What is said once for the whole list, and the press that takes it in. */
export function TakeIn({ read: { events, refused }, kinds, onAdded }: Props) {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const preferences = useOuting((v) => v.preferences);
  const told = useToldChange();
  const { ground, programme = [] } = outing;
  const [elsewhere, setElsewhere] = useState(
    ground.spots.length === 1 && kinds.length === 0 ? keyOfPlace(placesOf(ground)[0]!) : NOWHERE,
  );
  const [typed, setTyped] = useState("");
  const [placed, setPlaced] = useState(true);
  const calls = callsTold(typed);
  const fresh = eventsFrom(events, outing);
  const again = events.length - fresh.length;
  const onPlan = placed ? kinds : [];
  const homeless = fresh.filter((e) => e.place === null && e.wish !== "excluded").length;
  const room = LIMITS.events - programme.length;
  const takeIn: Edit = (now) => {
    const arranged = arrangeKinds(onPlan, kit, preferences)(now);
    const where = placeOfKey(arranged.ground, elsewhere);
    return addEvents(eventsFrom(events, arranged, { elsewhere: where, calls }))(arranged);
  };
  const add = async (): Promise<void> => {
    if (await told(takeIn, `${countWords(fresh.length, "event")} added`)) onAdded();
  };
  return (
    <View className="gap-2">
      <View className="flex-row">
        <TextField
          label="Calls, minutes before"
          hint={CALLS_HINT}
          error={calls ? undefined : CALLS_FAULT}
          value={typed}
          onChange={setTyped}
        />
      </View>
      {kinds.length > 0 && (
        <CheckRow
          title={`Put ${countWords(kinds.length, "kind")} of event on the plan`}
          detail={`${kinds.map((k) => k.name).join(", ")}: where each is met here, a shot of it, and where the trade stands`}
          checked={placed}
          onChange={setPlaced}
        />
      )}
      {homeless > 0 && onPlan.length === 0 && (
        <Picker
          label={`Where the ${countWords(homeless, "event")} are that name no place of yours`}
          items={[
            { key: NOWHERE, title: "Not told yet", detail: "the order of the day leaves them out" },
            ...placeChoices(ground).map(({ key, label }) => ({ key, title: label })),
          ]}
          chosen={elsewhere}
          onChoose={setElsewhere}
        />
      )}
      {again > 0 && <Txt tone="ink2">{`${countWords(again, "event")} of it in the programme already.`}</Txt>}
      {fresh.length > room ? (
        <Txt tone="bracken">{`${countWords(fresh.length, "event")} are more than there is room for: ${room} can be added.`}</Txt>
      ) : (
        fresh.length > 0 && (
          <Button
            label={`Add ${countWords(fresh.length, "event")}${refused.length > 0 ? ", without the refused" : ""}`}
            kind="filled"
            disabled={!calls}
            onPress={() => void add()}
          />
        )
      )}
    </View>
  );
}
