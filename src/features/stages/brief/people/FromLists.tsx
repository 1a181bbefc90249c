import { useMemo } from "react";
import { namedInLists } from "@/outing/people/named-in-lists";
import { useOuting } from "../../../outing/use-outing";
import { TickPeople } from "./TickPeople";

/** One's people among those whom the start lists name. */
export function FromLists({ onClose }: { onClose: () => void }) {
  const programme = useOuting((v) => v.outing.programme);
  const people = useOuting((v) => v.outing.people);
  const named = useMemo(() => namedInLists({ programme, people }), [programme, people]);
  return (
    <TickPeople
      named={named}
      label="Named in the lists"
      nobody="No list names anybody who is not yours already. Bring in a start list with names under Programme."
      onClose={onClose}
    />
  );
}
